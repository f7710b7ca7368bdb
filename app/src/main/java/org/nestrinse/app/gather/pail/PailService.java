package org.nestrinse.app.gather.pail;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherRefusal;
import org.nestrinse.app.gather.GatherSaying;
import org.nestrinse.app.gather.normal.NormalDayService;
import org.nestrinse.app.gather.pail.GatherViews.Pail;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.gather.PailCleaning;
import org.nestrinse.core.gather.PailStyle;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pails: set up, changed, emptied and cleaned. */
@Service
public class PailService {
  private static final int LONGEST_NAME = 80;
  private static final Range CAPACITY_L = new Range(1, 300, Unit.LITRE);
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final PailRepository pails;
  private final EntryRepository entries;
  private final GatherReader reader;
  private final HouseholdService household;
  private final PersonService people;
  private final NormalDayService normal;
  private final Clock clock;

  PailService(
      PailRepository pails,
      EntryRepository entries,
      GatherReader reader,
      HouseholdService household,
      PersonService people,
      NormalDayService normal,
      Clock clock) {
    this.pails = pails;
    this.entries = entries;
    this.reader = reader;
    this.household = household;
    this.people = people;
    this.normal = normal;
    this.clock = clock;
  }

  /** What is sent to set up a pail. */
  public record Setup(
      @Nullable String name,
      @Nullable PailStyle style,
      @Nullable Double capacityL,
      @Nullable Long personId,
      @Nullable Boolean airy) {}

  /** What is sent to change a pail. */
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      @Nullable Double capacityL,
      @Nullable Long personId,
      @Nullable Boolean airy) {}

  /** What is sent to mark a pail as emptied. */
  public record Emptying(@Nullable Integer version) {}

  /** Sets up a pail and returns its number. */
  @Transactional
  public long addPail(Setup pail) {
    PailEntity e = new PailEntity();
    e.name = RequestChecks.text("name", pail.name, LONGEST_NAME);
    refuseTwins(e, e.name);
    e.style = RequestChecks.choice("style", pail.style, PailStyle.class);
    e.capacityL = RequestChecks.number("capacityL", pail.capacityL, CAPACITY_L);
    if (pail.personId != null && people.all().stream().noneMatch(p -> p.id() == pail.personId)) {
      throw new NotFound(What.PERSON, pail.personId);
    }
    e.personId = pail.personId;
    e.airy = pail.airy == null ? e.style.usuallyAiry() : pail.airy;
    e.liner = e.style.twoLiners() ? "A" : null;
    e.position = (int) pails.count();
    return pails.save(e).id;
  }

  /** Changes a pail; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public void changePail(long pailId, Change change) {
    PailEntity e = pail(pailId);
    String name = RequestChecks.text("name", change.name, LONGEST_NAME);
    double capacityL = RequestChecks.number("capacityL", change.capacityL, CAPACITY_L);
    boolean airy = RequestChecks.yesNo("airy", change.airy);
    checkVersion(e, change.version);
    refuseTwins(e, name);
    if (change.personId != null
        && people.all().stream().noneMatch(p -> p.id() == change.personId)) {
      throw new NotFound(What.PERSON, change.personId);
    }
    e.name = name;
    e.capacityL = capacityL;
    e.airy = airy;
    e.personId = change.personId;
    pails.saveAndFlush(e);
  }

  private void refuseTwins(PailEntity e, String name) {
    boolean twin =
        pails.findByRemovedAtIsNull(Sort.by("id")).stream()
            .anyMatch(o -> o != e && o.name.equalsIgnoreCase(name));
    if (twin) {
      throw new StateConflict(Said.of(GatherRefusal.NAME_TAKEN).with("name", name));
    }
  }

  /**
   * Removes an empty pail; throws {@link StateConflict} while something waits in it or a normal day
   * brings something into it.
   */
  @Transactional
  public void removePail(long pailId) {
    PailEntity e = pail(pailId);
    if (entries.waiting().stream().anyMatch(x -> x.pailId == pailId)) {
      throw new StateConflict(Said.of(GatherRefusal.STILL_WAITING).with("pail", e.name));
    }
    if (normal.byPail().containsKey(pailId)) {
      throw new StateConflict(Said.of(GatherRefusal.NORMAL_DAY_BRINGS).with("pail", e.name));
    }
    e.removedAt = clock.instant();
    pails.saveAndFlush(e);
  }

  /** Brings a removed pail back. */
  @Transactional
  public void bringPailBack(long pailId) {
    PailEntity e = pail(pailId);
    refuseTwins(e, e.name);
    e.removedAt = null;
    pails.saveAndFlush(e);
  }

  /** A pail that was removed. */
  public record Removed(long id, String name) {}

  /** Returns the pails that were removed. */
  @Transactional(readOnly = true)
  public List<Removed> removedPails() {
    return pails.findAll(Sort.by("id")).stream()
        .filter(p -> p.removedAt != null)
        .map(p -> new Removed(p.id, p.name))
        .toList();
  }

  /**
   * Marks a pail as emptied and cleaned, and puts the other liner in. What stays in it waits on.
   * Throws {@link Stale} when another carer changed the pail meanwhile, {@link StateConflict} when
   * it was emptied already and nothing came in since.
   */
  @Transactional
  public void empty(long pailId, Emptying emptying) {
    PailEntity e = pail(pailId);
    Instant emptied = e.emptiedAt;
    boolean nothingSince =
        emptied != null
            && entries.findByPailIdAndRemovedAtIsNull(pailId).stream()
                .noneMatch(x -> x.cameIn.isAfter(emptied));
    if (nothingSince) {
      throw new StateConflict(
          Said.of(GatherRefusal.EMPTIED_ALREADY)
              .with("pail", e.name)
              .with("when", household.timeWords().at(emptied)));
    }
    checkVersion(e, emptying.version);
    e.emptiedBefore = emptied;
    e.emptiedAt = clock.instant();
    e.swapLiner();
    pails.saveAndFlush(e);
  }

  /** Takes the last emptying of a pail back. */
  @Transactional
  public void notEmpty(long pailId) {
    PailEntity e = pail(pailId);
    if (e.emptiedAt != null) {
      e.emptiedAt = e.emptiedBefore;
      e.emptiedBefore = null;
      e.swapLiner();
      pails.saveAndFlush(e);
    }
  }

  /** Returns what emptying a pail takes, step by step. */
  @Transactional(readOnly = true)
  public GatherViews.Cleaning cleaning(long pailId) {
    PailEntity e = pail(pailId);
    PailCleaning.Cleaner cleaner = household.current().cleaner();
    String other = e.otherLiner();
    PailCleaning cleaning = PailCleaning.of(e.style(), cleaner, other);
    return new GatherViews.Cleaning(
        cleaning.steps(), cleaner == null ? null : mixWhy(cleaner, cleaning.mix()));
  }

  private static @Nullable Why mixWhy(PailCleaning.Cleaner cleaner, @Nullable Dilution mix) {
    return mix == null
        ? null
        : Why.of(new Quantity(mix.productMl(), Unit.MILLILITRE, 1), GatherSaying.DILUTION)
            .line(cleaner.name(), new Quantity(cleaner.percent() / 100, Unit.SHARE, 2))
            .line(GatherSaying.WANTED, Quantity.of(cleaner.targetMgL(), Unit.MG_PER_L))
            .line(GatherSaying.WATER, new Quantity(mix.waterL(), Unit.LITRE, 1))
            .total(
                Said.of(GatherSaying.FORMULA)
                    .with("wanted", Quantity.of(cleaner.targetMgL(), Unit.NONE))
                    .with("water", new Quantity(mix.waterL(), Unit.NONE, 1))
                    .with("percent", new Quantity(cleaner.percent(), Unit.NONE, 2)),
                new Quantity(mix.productMl(), Unit.MILLILITRE, 1))
            .by(Model.DILUTION, WhySource.COUNTED);
  }

  private PailEntity pail(long pailId) {
    return pails.findById(pailId).orElseThrow(() -> new NotFound(What.PAIL, pailId));
  }

  private void checkVersion(PailEntity e, @Nullable Integer version) {
    if (e.version != RequestChecks.whole("version", version, VERSION)) {
      Pail now =
          reader.gathering().pails().stream().filter(p -> p.id() == e.id).findFirst().orElseThrow();
      throw new Stale(e.name, now);
    }
  }
}
