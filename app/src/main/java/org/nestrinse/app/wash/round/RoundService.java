package org.nestrinse.app.wash.round;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.BeingRemoved;
import org.nestrinse.app.kit.Thing;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.sort.LoadReader;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.store.StoredRecords;
import org.nestrinse.app.store.Unreadable;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.app.wash.plan.PlanService;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.plan.PlanViews.Figures;
import org.nestrinse.app.wash.plan.PlanViews.Plan;
import org.nestrinse.app.wash.plan.SchoolService;
import org.nestrinse.app.wash.round.RoundViews.Round;
import org.nestrinse.app.wash.round.RoundViews.Summary;
import org.nestrinse.app.wash.round.RoundViews.SummaryPage;
import org.nestrinse.core.bath.BathWords;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.school.Standing;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Rounds, kept with their computed numbers. {@link StartService} starts them, {@link RunService} is
 * what is done in between.
 */
@Service
public class RoundService {
  private static final int LONGEST_NOTE = 2000;
  private static final int LARGEST_PAGE = 100;
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final RoundRepository rounds;
  private final PlanService plans;
  private final LoadReader loads;
  private final HouseholdService households;
  private final SchoolService schools;
  private final RoundPicture look;
  private final StoredRecords records;
  private final Clock clock;

  RoundService(
      RoundRepository rounds,
      PlanService plans,
      LoadReader loads,
      HouseholdService households,
      SchoolService schools,
      RoundPicture look,
      StoredRecords records,
      Clock clock) {
    this.rounds = rounds;
    this.plans = plans;
    this.loads = loads;
    this.households = households;
    this.schools = schools;
    this.look = look;
    this.records = records;
    this.clock = clock;
  }

  /** What is sent to write a note. */
  public record NoteChange(@Nullable Integer version, @Nullable String note) {}

  /** Returns the running round, or null. */
  @Transactional(readOnly = true)
  public @Nullable Round running() {
    return rounds
        .findFirstByStateOrderByStartedAtDesc(RoundState.RUNNING)
        .map(look::view)
        .orElse(null);
  }

  /** Returns how many pieces of each kind are in the machine, by its number. */
  @Transactional(readOnly = true)
  public Map<Long, Integer> washingByKind() {
    return loads.byKind(rounds.loads(RoundState.RUNNING));
  }

  /** Returns the round that is practised, or null. */
  @Transactional(readOnly = true)
  public @Nullable Round practised() {
    return rounds
        .findFirstByStateOrderByStartedAtDesc(RoundState.PRACTISE)
        .map(look::view)
        .orElse(null);
  }

  /** Returns one round. */
  @Transactional(readOnly = true)
  public Round one(long id) {
    return look.view(entity(id));
  }

  /** Writes a note; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public Summary note(long id, NoteChange change) {
    RoundEntity e = entity(id);
    String note = change.note == null ? "" : change.note.strip();
    if (note.length() > LONGEST_NOTE) {
      throw new OutOfRange(
          "note",
          RequestChecks.characters(note.length()),
          Said.of(Allowed.UP_TO).with("most", RequestChecks.characters(LONGEST_NOTE)));
    }
    if (e.version != RequestChecks.whole("version", change.version, VERSION)) {
      throw new Stale(What.NOTE, summary(e, households.timeWords(), schools.names()));
    }
    e.note = note;
    return summary(rounds.saveAndFlush(e), households.timeWords(), schools.names());
  }

  /**
   * Holds a round until the transaction ends, so that of two carers who take its last pieces down
   * one sees that they are the last.
   */
  @Transactional
  public void hold(long id) {
    rounds.held(id).orElseThrow(() -> new NotFound(What.ROUND, id));
  }

  @EventListener
  @Transactional
  void needed(BeingRemoved removed) {
    if (removed.thing() == Thing.MACHINE
        && rounds.findFirstByStateOrderByStartedAtDesc(RoundState.RUNNING).isPresent()) {
      throw new StateConflict(RoundSaying.RUNNING);
    }
  }

  /** Marks a round as back on the shelf. */
  @Transactional
  public void shelve(long id) {
    RoundEntity e = entity(id);
    e.state = RoundState.SHELVED;
    e.shelvedAt = clock.instant();
  }

  /** Marks a round as hanging again, when a piece turned out to be damp. */
  @Transactional
  public void unshelve(long id) {
    RoundEntity e = entity(id);
    e.state = RoundState.HANGING;
    e.shelvedAt = null;
  }

  /** Returns a page of the record, newest first. */
  @Transactional(readOnly = true)
  public SummaryPage page(int page, int size) {
    int number = new Range(0, 100000).check("page", page);
    int length = new Range(1, LARGEST_PAGE, Unit.ROUND).check("size", size);
    Page<RoundEntity> found =
        rounds.findByStateNotInOrderByStartedAtDesc(
            RoundState.NO_WASH, PageRequest.of(number, length));
    TimeWords words = households.timeWords();
    Map<String, Said> names = schools.names();
    return new SummaryPage(
        found.stream().map(e -> summary(e, words, names)).toList(),
        number,
        found.getTotalPages(),
        found.getTotalElements());
  }

  /** Returns the latest washes, newest first; resets and practice are none. */
  @Transactional(readOnly = true)
  public List<Summary> latestWashes(int most) {
    TimeWords words = households.timeWords();
    Map<String, Said> names = schools.names();
    return rounds
        .findByStateInAndSchoolNotOrderByStartedAtDesc(
            RoundState.TRUE, PastRound.RESET, Limit.of(most))
        .stream()
        .map(e -> summary(e, words, names))
        .toList();
  }

  /** Returns one round as a line. */
  @Transactional(readOnly = true)
  public Summary summary(long id) {
    return summary(entity(id), households.timeWords(), schools.names());
  }

  /**
   * Plans a round of the record anew, as the household is and with a change; null when it cannot be
   * planned any more.
   *
   * @param trim the learned correction of the dose then
   * @param standing what is done otherwise in every routine then
   */
  @Transactional(readOnly = true)
  public PlanViews.@Nullable Effect effect(long id, double trim, Set<Standing> standing) {
    RoundEntity e = entity(id);
    String wishes = e.text(RoundEntity.Text.WISHES);
    if (e.loadId == null || wishes == null) {
      return null;
    }
    try {
      return plans.effect(
          e.loadId,
          e.school,
          records.read(RecordType.ROUND_WISHES, wishes, PlanService.Request.class),
          trim,
          standing);
    } catch (CannotPlan | NotFound | OutOfRange | Unreadable gone) {
      return null;
    }
  }

  /**
   * Writes what a changed plan does and costs into its round; pieces, water and whether it ran stay
   * as they were.
   */
  static void figures(RoundEntity e, Plan plan) {
    RoundFigures before = e.figures;
    RoundFigures now = figures(plan, before.pieces(), before.bath().hardnessMmolL());
    e.figures = now.with(now.estimate().with(before.estimate().notRun()));
    e.programme = plan.figures().programme();
  }

  /** Returns what a plan does and costs, as it is kept. */
  static RoundFigures figures(Plan plan, int pieces, double hardnessMmolL) {
    Figures f = plan.figures();
    return new RoundFigures(
        pieces,
        f.massKg(),
        new RoundFigures.Dose(
            f.detergentG() == null ? 0 : f.detergentG(),
            f.doseShare(),
            f.trim() == null ? 1 : f.trim(),
            Boolean.TRUE.equals(f.coats()),
            doses(plan)),
        new RoundFigures.Bath(
            f.temperatureC(),
            f.peakC(),
            f.holdMinutes(),
            f.rinses(),
            f.spinRpm(),
            f.fill(),
            hardnessMmolL),
        new RoundFigures.Estimate(
            f.residueMgKg(),
            f.residueTargetMgKg(),
            f.totalLog(),
            f.killLog(),
            f.goal(),
            f.goalMet(),
            f.soilLeft(),
            false),
        new RoundFigures.Spent(f.litres(), f.kwh(), f.cost(), f.minutes(), f.attendedMinutes()));
  }

  private static Said doses(Plan plan) {
    return Said.row(
        plan.steps().stream()
            .flatMap(
                s ->
                    s.doses().stream()
                        .map(
                            d ->
                                Said.of(RoundSaying.DOSE)
                                    .with("step", s.title())
                                    .with("measure", d.measure())
                                    .with("product", d.product())))
            .toList());
  }

  private RoundEntity entity(long id) {
    return rounds.findById(id).orElseThrow(() -> new NotFound(What.ROUND, id));
  }

  /** Returns the name of its programme, or of its recipe when it was a reset. */
  private static Said programme(RoundEntity e) {
    return Arrays.stream(ResetRecipe.values())
        .filter(recipe -> e.school.equals(PastRound.RESET) && recipe.name().equals(e.programme))
        .findFirst()
        .map(ResetRecipe::said)
        .orElse(Said.from(e.programme));
  }

  private static Summary summary(RoundEntity e, TimeWords words, Map<String, Said> names) {
    RoundFigures.Estimate estimate = e.figures.estimate();
    Double soilLeft = estimate.soilLeft();
    return RoundViewsSummaryBuilder.builder()
        .id(e.id)
        .version(e.version)
        .state(e.state)
        .school(SchoolService.name(names, e.school))
        .summary(e.summary)
        .startedAt(e.startedAt)
        .startedWords(words.at(e.startedAt))
        .finishedAt(e.finishedAt)
        .shelvedAt(e.shelvedAt)
        .programme(programme(e))
        .figures(e.figures.with(estimate.atMost(HygieneEstimate.MOST_CLAIMED)))
        .soilWords(soilLeft == null ? null : BathWords.about(soilLeft))
        .note(e.note)
        .hasPlan(e.hasPlan)
        .build();
  }
}
