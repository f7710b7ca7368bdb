package org.nestrinse.app.sort;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import org.hibernate.annotations.DynamicUpdate;
import org.nestrinse.app.store.CommaList;
import org.nestrinse.app.store.SaidLines;
import org.nestrinse.core.said.Said;

@Entity
@DynamicUpdate
@Table(name = "wash_load")
class LoadEntity {
  /** Being put together, started, or taken back. */
  enum State {
    OPEN,
    STARTED,
    TAKEN_BACK
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;

  @Enumerated(EnumType.STRING)
  State state;

  Instant madeAt;

  @Convert(converter = CommaList.Ids.class)
  @Column(name = "pail_ids")
  List<Long> pails;

  /** Soft rules that were set aside, one a line, with the reason given. */
  @Convert(converter = SaidLines.class)
  List<Said> setAside = List.of();
}
