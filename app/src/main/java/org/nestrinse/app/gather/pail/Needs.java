package org.nestrinse.app.gather.pail;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.person.Person;
import org.nestrinse.core.gather.DayPart;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Spell;

/** What the pieces of each person need, on the days when they are ill too. */
public final class Needs {
  private final Map<Long, Person> people;
  private final List<Spell> spells;
  private final ZoneId zone;
  private final boolean plainWash;

  Needs(Map<Long, Person> people, List<Spell> spells, ZoneId zone, boolean plainWash) {
    this.people = people;
    this.spells = spells;
    this.zone = zone;
    this.plainWash = plainWash;
  }

  /** Returns what the pieces of a person need that came in at a moment; nothing for nobody. */
  public Set<SkinNeed> of(@Nullable Long personId, Instant cameIn) {
    Person person = personId == null ? null : people.get(personId);
    if (person == null) {
      return Set.of();
    }
    Set<SkinNeed> needs = new HashSet<>(person.needs());
    if (plainWash && needs.contains(SkinNeed.SENSITIVE)) {
      needs.add(SkinNeed.PLAIN_WASH);
    }
    LocalDate day = DayPart.dayOf(cameIn.atZone(zone));
    if (Spell.ill(person.id(), day, spells)) {
      needs.add(SkinNeed.ILL);
    }
    return needs;
  }

  /** Returns the name of a person, or null for nobody. */
  @Nullable String name(@Nullable Long personId) {
    Person person = personId == null ? null : people.get(personId);
    return person == null ? null : person.name();
  }
}
