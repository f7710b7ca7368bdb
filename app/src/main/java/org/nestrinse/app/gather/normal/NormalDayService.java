package org.nestrinse.app.gather.normal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherRefusal;
import org.nestrinse.app.gather.GatherSaying;
import org.nestrinse.app.gather.SoilSent;
import org.nestrinse.app.kit.BeingRemoved;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.core.gather.DayPart;
import org.nestrinse.core.gather.NormalDay;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.Spell;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Normal days, the spells in which they differ, and the pieces that are assumed from them. */
@Service
public class NormalDayService {
  private static final int LONGEST_SPELL_DAYS = 90;
  private static final int FARTHEST_SPELL_DAYS = 366;

  private final HabitRepository habits;
  private final SpellRepository spells;
  private final PailNames pails;
  private final PersonService people;
  private final KindService kinds;
  private final HouseholdService households;
  private final Clock clock;

  NormalDayService(
      HabitRepository habits,
      SpellRepository spells,
      PailNames pails,
      PersonService people,
      KindService kinds,
      HouseholdService households,
      Clock clock) {
    this.habits = habits;
    this.spells = spells;
    this.pails = pails;
    this.people = people;
    this.kinds = kinds;
    this.households = households;
    this.clock = clock;
  }

  /** A line of a normal day as it is sent. */
  public record HabitChange(
      @Nullable Long personId,
      @Nullable Long kindId,
      @Nullable Long pailId,
      @Nullable Soil soil,
      @Nullable DayPart part,
      @Nullable Integer count) {}

  /** Days that differ, as they are sent. */
  public record SpellChange(
      @Nullable Long personId,
      Spell.@Nullable Cause sort,
      @Nullable LocalDate from,
      @Nullable LocalDate to) {}

  /**
   * A line of a normal day.
   *
   * @param id number
   * @param personId whose
   * @param person their name
   * @param kindId the kind
   * @param kind its name
   * @param pailId where it goes
   * @param pail its name
   * @param soil what soils it
   * @param soilWords in words
   * @param part when
   * @param count how many
   */
  @RecordBuilder
  public record HabitView(
      long id,
      long personId,
      String person,
      long kindId,
      String kind,
      long pailId,
      String pail,
      Soil soil,
      Said soilWords,
      DayPart part,
      int count) {}

  /**
   * Days that differ for someone.
   *
   * @param id number
   * @param personId who
   * @param person their name
   * @param sort how
   * @param words in words: "Bo is ill: 1.5 times the usual"
   * @param from first day
   * @param to last day
   * @param on whether today is one of them
   */
  public record SpellView(
      long id,
      long personId,
      String person,
      Spell.Cause sort,
      Said words,
      LocalDate from,
      LocalDate to,
      boolean on) {}

  /**
   * Normal days and what differs.
   *
   * @param habits the lines, by person and part of the day
   * @param spells what differs now or later
   */
  public record NormalDays(List<HabitView> habits, List<SpellView> spells) {}

  /** Returns normal days and what differs now or later. */
  @Transactional(readOnly = true)
  public NormalDays normalDays() {
    Map<Long, Kind> kindById = kinds.byId();
    Map<Long, String> person = names();
    Map<Long, String> pail = pails.all();
    List<HabitView> lines =
        habits.lines().stream()
            .map(
                h ->
                    NormalDayServiceHabitViewBuilder.builder()
                        .id(h.id)
                        .personId(h.personId)
                        .person(person.get(h.personId))
                        .kindId(h.kindId)
                        .kind(kindById.get(h.kindId).name())
                        .pailId(h.pailId)
                        .pail(pail.get(h.pailId))
                        .soil(h.soil)
                        .soilWords(h.soil.said())
                        .part(h.part)
                        .count(h.pieces)
                        .build())
            .sorted(
                Comparator.comparingLong(HabitView::personId)
                    .thenComparing(HabitView::part)
                    .thenComparing(HabitView::kind))
            .toList();
    LocalDate today = today();
    List<SpellView> differing =
        spells.readable().stream()
            .filter(s -> !s.toDay.isBefore(today))
            .sorted(Comparator.comparing((SpellEntity s) -> s.fromDay).thenComparing(s -> s.id))
            .map(s -> view(s, person.get(s.personId), today))
            .toList();
    return new NormalDays(lines, differing);
  }

  private static SpellView view(SpellEntity s, String person, LocalDate today) {
    Said words =
        switch (s.sort) {
          case AWAY -> Said.of(GatherSaying.AWAY).with("person", person);
          case VISITOR -> Said.of(GatherSaying.VISITOR).with("person", person);
          case ILLNESS -> Said.of(GatherSaying.ILL).with("person", person);
        };
    return new SpellView(
        s.id, s.personId, person, s.sort, words, s.fromDay, s.toDay, s.toSpell().covers(today));
  }

  /** Adds a line to someone's normal day. */
  @Transactional
  public NormalDays addHabit(HabitChange change) {
    HabitEntity e = new HabitEntity();
    e.personId = person(change.personId);
    if (change.kindId == null) {
      throw new OutOfRange("kindId", Allowed.MISSING, GatherRefusal.A_KIND);
    }
    Kind kind = kinds.one(change.kindId);
    e.kindId = kind.id();
    if (change.pailId == null || !pails.inUse(change.pailId)) {
      throw new OutOfRange(
          "pailId", change.pailId == null ? Allowed.MISSING : change.pailId, GatherRefusal.A_PAIL);
    }
    e.pailId = change.pailId;
    e.soil = SoilSent.of(kind, change.soil);
    e.part = RequestChecks.choice("part", change.part, DayPart.class);
    e.pieces = RequestChecks.whole("count", change.count, NormalDay.COUNT);
    e.sinceAt = clock.instant();
    habits.save(e);
    return normalDays();
  }

  /** Changes how many a line brings. */
  @Transactional
  public NormalDays changeHabit(long id, HabitChange change) {
    habit(id).pieces = RequestChecks.whole("count", change.count, NormalDay.COUNT);
    return normalDays();
  }

  /** Takes a line out of a normal day; what it has brought stays. */
  @Transactional
  public NormalDays removeHabit(long id) {
    habit(id).removedAt = clock.instant();
    return normalDays();
  }

  /** Switches days on that differ for someone. */
  @Transactional
  public NormalDays addSpell(SpellChange change) {
    SpellEntity e = new SpellEntity();
    e.personId = person(change.personId);
    e.sort = RequestChecks.choice("sort", change.sort, Spell.Cause.class);
    LocalDate today = today();
    e.fromDay = change.from == null ? today : change.from;
    e.toDay = change.to == null ? e.fromDay : change.to;
    e.toSpell();
    if (e.toDay.isBefore(today.minusDays(NormalDay.LONGEST_BACK_DAYS))
        || e.fromDay.isAfter(today.plusDays(FARTHEST_SPELL_DAYS))
        || e.toDay.isAfter(e.fromDay.plusDays(LONGEST_SPELL_DAYS))) {
      throw new OutOfRange(
          "to", e.toDay, Said.of(GatherRefusal.SPELL_RANGE).with("days", LONGEST_SPELL_DAYS));
    }
    spells.save(e);
    return normalDays();
  }

  /** Switches days off that differ. */
  @Transactional
  public NormalDays removeSpell(long id) {
    if (!spells.existsById(id)) {
      throw new NotFound(What.SPELL, id);
    }
    spells.deleteById(id);
    return normalDays();
  }

  /** What no longer exists brings nothing. */
  @EventListener
  @Transactional
  void removed(BeingRemoved removed) {
    habits.lines().stream()
        .filter(
            h ->
                switch (removed.thing()) {
                  case PERSON -> h.personId == removed.id();
                  case KIND -> h.kindId == removed.id();
                  default -> false;
                })
        .forEach(h -> h.removedAt = clock.instant());
  }

  private long person(@Nullable Long id) {
    if (id == null) {
      throw new OutOfRange("personId", Allowed.MISSING, GatherRefusal.A_PERSON);
    }
    if (people.all().stream().noneMatch(p -> p.id() == id)) {
      throw new NotFound(What.PERSON, id);
    }
    return id;
  }

  private HabitEntity habit(long id) {
    HabitEntity e = habits.findById(id).orElseThrow(() -> new NotFound(What.HABIT, id));
    if (e.removedAt != null) {
      throw new StateConflict(GatherRefusal.NOT_IN_NORMAL_DAY);
    }
    return e;
  }

  private Map<Long, String> names() {
    return people.names().byId();
  }

  private LocalDate today() {
    return clock.instant().atZone(households.current().zoneId()).toLocalDate();
  }

  /** Returns everything that differs for someone, past days too. */
  @Transactional(readOnly = true)
  public List<Spell> spells() {
    return spells.readable().stream().map(SpellEntity::toSpell).toList();
  }

  /** Returns the habits by the pail into which their pieces go. */
  @Transactional(readOnly = true)
  public Map<Long, List<NormalDay.Habit>> byPail() {
    return habits.lines().stream()
        .collect(
            Collectors.groupingBy(
                h -> h.pailId, Collectors.mapping(HabitEntity::toHabit, Collectors.toList())));
  }

  /** Returns all habits. */
  @Transactional(readOnly = true)
  public List<NormalDay.Habit> all() {
    return habits.lines().stream().map(HabitEntity::toHabit).toList();
  }

  /**
   * A habit with the pail that it fills.
   *
   * @param habit what it brings
   * @param pailId into which pail
   * @param since nothing is assumed for times before
   */
  public record Line(NormalDay.Habit habit, long pailId, Instant since) {}

  /** Returns the habits of today with their pails. */
  @Transactional(readOnly = true)
  public List<Line> lines() {
    return habits.lines().stream().map(h -> new Line(h.toHabit(), h.pailId, h.sinceAt)).toList();
  }

  /** Returns every habit that there ever was, by its number. */
  @Transactional(readOnly = true)
  public Map<Long, NormalDay.Habit> everKnown() {
    return habits.findAll().stream()
        .filter(h -> h.soil != null && h.part != null)
        .collect(Collectors.toMap(h -> h.id, HabitEntity::toHabit));
  }
}
