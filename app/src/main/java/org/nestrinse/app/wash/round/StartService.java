package org.nestrinse.app.wash.round;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseAnswers;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.sort.LoadPieces;
import org.nestrinse.app.sort.LoadReader;
import org.nestrinse.app.sort.SortService;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.store.StoredRecords;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.app.wash.plan.PlanPicture;
import org.nestrinse.app.wash.plan.PlanService;
import org.nestrinse.app.wash.plan.PlanViews.Plan;
import org.nestrinse.app.wash.plan.PlanViews.PlanStep;
import org.nestrinse.app.wash.round.RoundViews.Round;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.school.Disagreement;
import org.nestrinse.core.wash.school.OwnSettings;
import org.nestrinse.core.wash.school.Wishes;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Starting a round, or practising it. */
@Service
public class StartService {
  private static final double MINUTES_PER_HOUR = 60;

  /** Key of the check that clothes and nappies share a cooler wash. */
  private static final String TOGETHER = "not-together";

  private final RoundRepository rounds;
  private final PlanService plans;
  private final PlanPicture picture;
  private final SortService sort;
  private final LoadReader loads;
  private final HouseholdService households;
  private final HouseAnswers answers;
  private final RoundPicture look;
  private final ApplicationEventPublisher events;
  private final StoredRecords records;
  private final Clock clock;

  StartService(
      RoundRepository rounds,
      PlanService plans,
      PlanPicture picture,
      SortService sort,
      LoadReader loads,
      HouseholdService households,
      HouseAnswers answers,
      RoundPicture look,
      ApplicationEventPublisher events,
      StoredRecords records,
      Clock clock) {
    this.rounds = rounds;
    this.plans = plans;
    this.picture = picture;
    this.sort = sort;
    this.loads = loads;
    this.households = households;
    this.answers = answers;
    this.look = look;
    this.events = events;
    this.records = records;
    this.clock = clock;
  }

  /**
   * What is sent to start a round, or to practise it.
   *
   * @param loadId the load
   * @param school short name of the school
   * @param temperatureC what the person asks for [°C], or null
   * @param checksRead keys of the checks that the person has read
   * @param machineId the machine or vessel, or null for the first
   * @param goal the hygiene goal, or null for what is called for
   * @param positions chosen positions on questions of dispute
   * @param besides products put in besides
   * @param boosts what is done more for the goal
   * @param practise whether it is only practice and nothing is kept
   * @param carer who is at it, or null
   */
  @RecordBuilder
  public record Sent(
      @Nullable Long loadId,
      @Nullable String school,
      @Nullable Integer temperatureC,
      @Nullable List<@Nullable String> checksRead,
      @Nullable Long machineId,
      @Nullable HygieneGoal goal,
      @Nullable Map<Disagreement, @Nullable String> positions,
      @Nullable List<PlanService.@Nullable BesidesSent> besides,
      @Nullable Set<Wishes.Boost> boosts,
      @Nullable OwnSettings settings,
      @Nullable Boolean practise,
      @Nullable String carer) {
    /** Makes the start of a school as it is. */
    public static Sent of(long loadId, String school, List<String> checksRead) {
      return StartServiceSentBuilder.builder()
          .loadId(loadId)
          .school(school)
          .temperatureC(null)
          .checksRead(List.copyOf(checksRead))
          .machineId(null)
          .goal(null)
          .positions(null)
          .besides(null)
          .boosts(null)
          .settings(null)
          .practise(null)
          .carer(null)
          .build();
    }

    PlanService.Request request() {
      return new PlanService.Request(
          school, temperatureC, machineId, goal, positions, besides, boosts, settings);
    }
  }

  /**
   * Starts a round; throws {@link StateConflict} when one runs, a stop stands or a check is unread.
   */
  @Transactional
  public Round start(Sent start) {
    if (start.loadId == null) {
      throw new OutOfRange("loadId", Allowed.MISSING, RoundSaying.A_LOAD);
    }
    if (start.school == null) {
      throw new OutOfRange("school", Allowed.MISSING, RoundSaying.A_METHOD);
    }
    boolean practise = Boolean.TRUE.equals(start.practise);
    if (rounds.findFirstByStateOrderByStartedAtDesc(RoundState.RUNNING).isPresent()) {
      throw new StateConflict(RoundSaying.BUSY);
    }
    if (!practise) {
      // Lock the load before reading it, so that nobody changes it between planning and starting.
      sort.hold(start.loadId);
    }
    PlanService.Planned planned = plans.planned(start.loadId, start.request());
    Plan plan = picture.view(planned.job().asWashed(), planned.routine());
    refuseStops(plan);
    refuseUnreadChecks(plan, start.checksRead);
    remember(plan, practise);
    rounds.deleteAll(rounds.findByState(RoundState.PRACTISE));
    Said summary = loads.title(start.loadId);
    LoadPieces pieces = practise ? loads.pieces(start.loadId) : sort.start(start.loadId);
    RoundEntity e = entity(plan, pieces, summary);
    e.state = practise ? RoundState.PRACTISE : RoundState.RUNNING;
    e.machineId = start.machineId;
    e.text(
        RoundEntity.Text.WISHES,
        RecordType.ROUND_WISHES,
        records.write(RecordType.ROUND_WISHES, start.request()));
    e.text(
        RoundEntity.Text.STEPS,
        RecordType.ROUND_STEPS,
        records.write(RecordType.ROUND_STEPS, planned.routine().steps()));
    e.carer = RequestChecks.name("carer", start.carer);
    GoingRounds.happened(
        e, 1, RoundViews.EventKind.STARTED, null, RoundSaying.STARTED.said(), clock.instant());
    RoundEntity saved;
    try {
      saved = rounds.saveAndFlush(e);
    } catch (DataIntegrityViolationException another) {
      throw new StateConflict(RoundSaying.BUSY);
    }
    events.publishEvent(new RoundChanged(saved.id));
    return look.view(saved);
  }

  private static void refuseStops(Plan plan) {
    plan.cautions().stream()
        .filter(c -> c.strength() == Caution.Strength.STOP)
        .findFirst()
        .ifPresent(
            c -> {
              throw new StateConflict(
                  Said.of(RoundSaying.STOP)
                      .with("title", c.title())
                      .with("sentence", c.sentence()));
            });
  }

  /** Who has confirmed once that clothes join nappies below 60 °C is not asked again. */
  private void remember(Plan plan, boolean practise) {
    boolean confirmed =
        plan.cautions().stream()
            .anyMatch(c -> c.strength() == Caution.Strength.CHECK && c.key().equals(TOGETHER));
    if (confirmed && !practise) {
      answers.clothesAt40();
    }
  }

  private static void refuseUnreadChecks(Plan plan, @Nullable List<@Nullable String> read) {
    Set<String> known =
        read == null ? Set.of() : read.stream().filter(k -> k != null).collect(Collectors.toSet());
    List<Said> unread = new ArrayList<>();
    for (Caution c : plan.cautions()) {
      if (c.strength() == Caution.Strength.CHECK && !known.contains(c.key())) {
        unread.add(c.title());
      }
    }
    if (!unread.isEmpty()) {
      throw new StateConflict(Said.of(RoundSaying.READ_FIRST).with("titles", Said.row(unread)));
    }
  }

  private RoundEntity entity(Plan plan, LoadPieces pieces, Said summary) {
    RoundEntity e = new RoundEntity();
    e.loadId = pieces.id();
    e.state = RoundState.RUNNING;
    e.school = plan.school();
    e.startedAt = clock.instant();
    e.note = "";
    e.summary = summary;
    e.programme = plan.figures().programme();
    e.figures = RoundService.figures(plan, pieces.count(), households.current().hardnessMmolL());
    e.text(
        RoundEntity.Text.PLANNED,
        RecordType.ROUND_PLAN,
        records.write(RecordType.ROUND_PLAN, plan));
    loads.held(pieces.id()).forEach(h -> e.contents.add(content(h, e.startedAt)));
    for (PlanStep step : plan.steps()) {
      RoundEntity.StepRow row = new RoundEntity.StepRow();
      row.number = step.number();
      row.title = step.title();
      row.minutes = step.minutes();
      e.steps.add(row);
    }
    return e;
  }

  private static RoundEntity.ContentRow content(LoadReader.Held h, Instant start) {
    RoundEntity.ContentRow row = new RoundEntity.ContentRow();
    row.kindId = h.pieces().kind().id();
    row.kind = h.pieces().kind().name();
    row.personId = h.personId();
    row.person = h.person();
    row.pieces = h.pieces().count();
    row.massKg = h.pieces().load().massKg();
    long minutes = Duration.between(h.pieces().since(), start).toMinutes();
    row.heldHours = Math.max(0, minutes / MINUTES_PER_HOUR);
    row.bulker = h.bulker();
    return row;
  }
}
