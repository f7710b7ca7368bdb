package org.nestrinse.app.wash;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.MachineService;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.sort.LoadPieces;
import org.nestrinse.app.sort.SortService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.WashViews.Figures;
import org.nestrinse.app.wash.WashViews.Plan;
import org.nestrinse.app.wash.WashViews.PlanStep;
import org.nestrinse.app.wash.WashViews.Round;
import org.nestrinse.app.wash.WashViews.RoundStep;
import org.nestrinse.app.wash.WashViews.Summary;
import org.nestrinse.app.wash.WashViews.SummaryPage;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.wash.School;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Rounds: started, ticked off step by step, finished, and kept with their computed numbers. */
@Service
public class RoundService {
  private static final int LONGEST_NOTE = 2000;
  private static final int LONGEST_SUMMARY = 200;
  private static final int LONGEST_DOSES = 400;
  private static final int LARGEST_PAGE = 100;
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE, "");

  private final RoundRepository rounds;
  private final PlanService plans;
  private final SortService sort;
  private final HouseholdService households;
  private final MachineService machines;
  private final ApplicationEventPublisher events;
  private final JsonMapper json;
  private final HouseClock clock;

  RoundService(
      RoundRepository rounds,
      PlanService plans,
      SortService sort,
      HouseholdService households,
      MachineService machines,
      ApplicationEventPublisher events,
      JsonMapper json,
      HouseClock clock) {
    this.rounds = rounds;
    this.plans = plans;
    this.sort = sort;
    this.households = households;
    this.machines = machines;
    this.events = events;
    this.json = json;
    this.clock = clock;
  }

  /**
   * What is sent to start a round; {@code checksRead} holds the keys of the checks that the person
   * has read.
   */
  public record Start(
      @Nullable Long loadId,
      @Nullable String school,
      @Nullable Integer temperatureC,
      @Nullable List<@Nullable String> checksRead) {}

  /** What is sent to write a note. */
  public record NoteChange(@Nullable Integer version, @Nullable String note) {}

  /** Starts a round; throws {@link NotNow} when one runs, a stop stands or a check is unread. */
  @Transactional
  public Round start(Start start) {
    if (start.loadId == null) {
      throw new OutOfRange("loadId", "missing", "the number of the open load");
    }
    if (start.school == null) {
      throw new OutOfRange("school", "missing", "one of " + School.ids());
    }
    if (rounds.findFirstByStateOrderByStartedAtDesc(RoundState.RUNNING).isPresent()) {
      throw new NotNow("The machine is busy with another round. Finish that first.");
    }
    Plan plan = plans.plan(start.loadId, start.school, start.temperatureC);
    refuseStops(plan);
    refuseUnreadChecks(plan, start.checksRead);
    String summary = sort.title(start.loadId);
    LoadPieces pieces = sort.start(start.loadId);
    return view(rounds.saveAndFlush(entity(plan, pieces, summary)));
  }

  /** Returns the running round, or null. */
  @Transactional(readOnly = true)
  public @Nullable Round running() {
    return rounds
        .findFirstByStateOrderByStartedAtDesc(RoundState.RUNNING)
        .map(this::view)
        .orElse(null);
  }

  /** Returns one round. */
  @Transactional(readOnly = true)
  public Round one(long id) {
    return view(entity(id));
  }

  /** Ticks the next step off; with the last one the round leaves the machine and hangs. */
  @Transactional
  public Round tick(long id, int number) {
    RoundEntity e = running(id);
    RoundEntity.StepRow next =
        e.steps.stream().filter(s -> s.doneAt == null).findFirst().orElseThrow();
    if (next.number != number) {
      throw new NotNow("Step " + next.number + ", " + next.title + ", comes first.");
    }
    next.doneAt = clock.instant();
    if (e.steps.stream().allMatch(s -> s.doneAt != null)) {
      e.state = RoundState.HANGING;
      e.finishedAt = clock.instant();
      rounds.saveAndFlush(e);
      events.publishEvent(
          new RoundWashed(
              e.id,
              sort.pieces(e.loadId),
              e.spinRpm,
              machines.machine().drumRadiusM(),
              clock.instant()));
      return view(entity(id));
    }
    return view(rounds.saveAndFlush(e));
  }

  /** Takes the last tick back while the round still runs. */
  @Transactional
  public Round untick(long id) {
    RoundEntity e = running(id);
    RoundEntity.StepRow last =
        e.steps.stream()
            .filter(s -> s.doneAt != null)
            .reduce((a, b) -> b)
            .orElseThrow(() -> new NotNow("No step is ticked off yet."));
    last.doneAt = null;
    return view(rounds.saveAndFlush(e));
  }

  /** Writes a note; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public Summary note(long id, NoteChange change) {
    RoundEntity e = entity(id);
    String note = change.note == null ? "" : change.note.strip();
    if (note.length() > LONGEST_NOTE) {
      throw new OutOfRange(
          "note", note.length() + " characters", "up to " + LONGEST_NOTE + " characters");
    }
    if (e.version != Given.whole("version", change.version, VERSION)) {
      throw new Stale("the note", summary(e, households.timeWords()));
    }
    e.note = note;
    return summary(rounds.saveAndFlush(e), households.timeWords());
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
    int number = new Range(0, 100000, "").check("page", page);
    int length = new Range(1, LARGEST_PAGE, "rounds").check("size", size);
    Page<RoundEntity> found = rounds.findAllByOrderByStartedAtDesc(PageRequest.of(number, length));
    TimeWords words = households.timeWords();
    return new SummaryPage(
        found.stream().map(e -> summary(e, words)).toList(),
        number,
        found.getTotalPages(),
        found.getTotalElements());
  }

  /** Returns all rounds, oldest first, for export. */
  @Transactional(readOnly = true)
  public List<Summary> all() {
    TimeWords words = households.timeWords();
    return rounds.findAllByOrderByStartedAt().stream().map(e -> summary(e, words)).toList();
  }

  private static void refuseStops(Plan plan) {
    plan.cautions().stream()
        .filter(c -> c.strength() == Caution.Strength.STOP)
        .findFirst()
        .ifPresent(
            c -> {
              throw new NotNow("Stop. " + c.title() + ": " + c.sentence());
            });
  }

  private static void refuseUnreadChecks(Plan plan, @Nullable List<@Nullable String> read) {
    Set<String> known =
        read == null ? Set.of() : read.stream().filter(k -> k != null).collect(Collectors.toSet());
    List<String> unread = new ArrayList<>();
    for (Caution c : plan.cautions()) {
      if (c.strength() == Caution.Strength.CHECK && !known.contains(c.key())) {
        unread.add(c.title());
      }
    }
    if (!unread.isEmpty()) {
      throw new NotNow("Please read and confirm first: " + String.join("; ", unread) + ".");
    }
  }

  private RoundEntity entity(Plan plan, LoadPieces pieces, String summary) {
    Figures f = plan.figures();
    RoundEntity e = new RoundEntity();
    e.loadId = pieces.id();
    e.state = RoundState.RUNNING;
    e.school = plan.school();
    e.startedAt = clock.instant();
    e.note = "";
    e.summary = shortened(summary, LONGEST_SUMMARY);
    e.pieces = pieces.count();
    e.massKg = f.massKg();
    e.fill = f.fill();
    e.programme = f.programme();
    e.temperatureC = f.temperatureC();
    e.peakC = f.peakC();
    e.holdMinutes = f.holdMinutes();
    e.doses = shortened(doses(plan), LONGEST_DOSES);
    e.rinses = f.rinses();
    e.spinRpm = f.spinRpm();
    e.totalLog = f.totalLog();
    e.killLog = f.killLog();
    e.goal = f.goal();
    e.goalMet = f.goalMet();
    e.residueMgKg = f.residueMgKg();
    e.residueTargetMgKg = f.residueTargetMgKg();
    e.litres = f.litres();
    e.kwh = f.kwh();
    e.cost = f.cost();
    e.minutes = f.minutes();
    e.attendedMinutes = f.attendedMinutes();
    e.hardnessMmolL = households.current().hardnessMmolL();
    e.planned = json.writeValueAsString(plan);
    for (PlanStep step : plan.steps()) {
      RoundEntity.StepRow row = new RoundEntity.StepRow();
      row.number = step.number();
      row.title = step.title();
      row.minutes = step.minutes();
      e.steps.add(row);
    }
    return e;
  }

  private static String doses(Plan plan) {
    return plan.steps().stream()
        .flatMap(
            s ->
                s.doses().stream()
                    .map(
                        d ->
                            s.title().toLowerCase(Locale.ROOT)
                                + " "
                                + d.measure()
                                + " "
                                + d.product()))
        .collect(Collectors.joining("; "));
  }

  private static String shortened(String text, int longest) {
    return text.length() <= longest ? text : text.substring(0, longest - 1) + "…";
  }

  private RoundEntity entity(long id) {
    return rounds.findById(id).orElseThrow(() -> new NotFound("round", id));
  }

  private RoundEntity running(long id) {
    RoundEntity e = entity(id);
    if (e.state != RoundState.RUNNING) {
      throw new NotNow("This round is no longer in the machine.");
    }
    return e;
  }

  private Round view(RoundEntity e) {
    RoundEntity.StepRow next =
        e.steps.stream().filter(s -> s.doneAt == null).findFirst().orElse(null);
    Instant since =
        e.steps.stream()
            .map(s -> s.doneAt)
            .filter(t -> t != null)
            .reduce((a, b) -> b)
            .orElse(e.startedAt);
    boolean current = next != null && e.state == RoundState.RUNNING;
    return new Round(
        e.id,
        e.version,
        e.state,
        e.summary,
        e.startedAt,
        households.timeWords().at(e.startedAt),
        e.finishedAt,
        e.note,
        json.readValue(e.planned, Plan.class),
        e.steps.stream().map(s -> new RoundStep(s.number, s.title, s.doneAt)).toList(),
        current ? next.number : null,
        current ? since : null,
        current ? since.plus(Duration.ofMinutes(next.minutes)) : null,
        sort.setAside(e.loadId));
  }

  private static Summary summary(RoundEntity e, TimeWords words) {
    return new Summary(
        e.id,
        e.version,
        e.state,
        School.of(e.school).name(),
        e.summary,
        e.startedAt,
        words.at(e.startedAt),
        e.finishedAt,
        e.shelvedAt,
        e.pieces,
        e.massKg,
        e.fill,
        e.programme,
        e.temperatureC,
        e.peakC,
        e.holdMinutes,
        e.doses,
        e.rinses,
        e.spinRpm,
        e.totalLog,
        e.killLog,
        e.goal,
        e.goalMet,
        e.residueMgKg,
        e.residueTargetMgKg,
        e.litres,
        e.kwh,
        e.cost,
        e.minutes,
        e.attendedMinutes,
        e.hardnessMmolL,
        e.note);
  }
}
