package org.nestrinse.app.sort;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A soft rule of sorting that the household has set aside for good. */
@Entity
@Table(name = "aside_rule")
class AsideRuleEntity {
  /** Its short name. */
  @Id String rule;

  String reason;
}
