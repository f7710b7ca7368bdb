package org.nestrinse.app.gather.wipes;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.WipesKit;

/** A box of wet wipes. */
@Entity
@DynamicUpdate
@Table(name = "wipes_box")
class WipesBoxEntity {
  @Id int number;
  @Version long version;
  @Nullable Long kindId;
  int pieces;

  @Enumerated(EnumType.STRING)
  WipesKit.Addition addition = WipesKit.Addition.PLAIN;

  @Nullable Instant filledAt;
}
