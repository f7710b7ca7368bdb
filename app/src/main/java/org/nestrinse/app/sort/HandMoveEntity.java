package org.nestrinse.app.sort;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.CommaList;
import org.nestrinse.core.sort.HandMove;

/** What a person moved between proposed loads that are not accepted yet. */
@Entity
@Table(name = "hand_move")
class HandMoveEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Convert(converter = CommaList.Ids.class)
  @Column(name = "entry_ids")
  List<Long> entries;

  @Convert(converter = CommaList.Ids.class)
  @Column(name = "beside_ids")
  List<Long> beside;

  boolean keptBack;
  @Nullable String reason;

  static HandMoveEntity of(HandMove move) {
    HandMoveEntity e = new HandMoveEntity();
    e.entries = move.ids();
    e.beside = move.beside();
    e.keptBack = move.keptBack();
    e.reason = move.reason();
    return e;
  }

  HandMove toMove() {
    return new HandMove(entries, beside, keptBack, reason);
  }
}
