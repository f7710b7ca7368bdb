package org.nestrinse.app.gather.normal;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import org.hibernate.annotations.DynamicUpdate;
import org.nestrinse.core.gather.Spell;

/** Days that differ for someone. */
@Entity
@DynamicUpdate
@Table(name = "spell")
class SpellEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  Long personId;

  @Enumerated(EnumType.STRING)
  Spell.Cause sort;

  LocalDate fromDay;
  LocalDate toDay;

  Spell toSpell() {
    return new Spell(personId, sort, fromDay, toDay);
  }
}
