package org.nestrinse.app.wash.plan;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseAnswers;
import org.nestrinse.app.kit.household.Household;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.kit.product.ProductService;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.sort.LoadPieces;
import org.nestrinse.app.sort.LoadReader;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.app.wash.plan.PlanViews.CannotWash;
import org.nestrinse.app.wash.plan.PlanViews.Comparison;
import org.nestrinse.app.wash.plan.PlanViews.Dominated;
import org.nestrinse.app.wash.plan.PlanViews.Plan;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.machine.ProgrammeChoice;
import org.nestrinse.core.wash.plan.Dominance;
import org.nestrinse.core.wash.plan.Effects;
import org.nestrinse.core.wash.plan.OfferedMethod;
import org.nestrinse.core.wash.plan.ProductFit;
import org.nestrinse.core.wash.plan.Remedies;
import org.nestrinse.core.wash.plan.Routine;
import org.nestrinse.core.wash.plan.WallCard;
import org.nestrinse.core.wash.plan.WashPlanner;
import org.nestrinse.core.wash.school.Disagreement;
import org.nestrinse.core.wash.school.OwnSettings;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.school.Standing;
import org.nestrinse.core.wash.school.Wishes;
import org.nestrinse.core.wash.step.WashJob;
import org.nestrinse.core.wash.step.WashJobBuilder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans a load by the schools, from what is stored about the household. */
@Service
public class PlanService {
  private static final int LONGEST_SCHOOL = 40;

  private final PlanPicture picture;
  private final LoadReader loads;
  private final HouseholdService households;
  private final MachineService machines;
  private final ProductService products;
  private final Clock clock;
  private final SchoolService schools;
  private final PastMethods past;
  private final MarkedKinds marked;
  private final HouseAnswers answers;

  PlanService(
      PlanPicture picture,
      LoadReader loads,
      HouseholdService households,
      MachineService machines,
      ProductService products,
      Clock clock,
      SchoolService schools,
      PastMethods past,
      MarkedKinds marked,
      HouseAnswers answers) {
    this.answers = answers;
    this.picture = picture;
    this.loads = loads;
    this.households = households;
    this.machines = machines;
    this.products = products;
    this.clock = clock;
    this.schools = schools;
    this.past = past;
    this.marked = marked;
  }

  /** A product put in besides, as it is sent. */
  public record BesidesSent(
      @Nullable Long productId, Wishes.@Nullable Where where, @Nullable Double ml) {}

  /**
   * What is sent to plan a load.
   *
   * @param school short name of the school
   * @param temperatureC what the person asks for [°C], or null
   * @param machineId the machine or vessel, or null for the first
   * @param goal the hygiene goal, or null for what soil and people call for
   * @param positions chosen positions on questions of dispute
   * @param besides products put in besides
   * @param boosts what is done more for the goal
   * @param settings what the person sets instead of leaving it to the school
   */
  public record Request(
      @Nullable String school,
      @Nullable Integer temperatureC,
      @Nullable Long machineId,
      @Nullable HygieneGoal goal,
      @Nullable Map<Disagreement, @Nullable String> positions,
      @Nullable List<@Nullable BesidesSent> besides,
      @Nullable Set<Wishes.Boost> boosts,
      @Nullable OwnSettings settings) {
    /** Makes a request for a school as it is. */
    public static Request of(String school, @Nullable Integer temperatureC) {
      return of(school, temperatureC, null, null);
    }

    static Request of(
        String school,
        @Nullable Integer temperatureC,
        @Nullable Long machineId,
        @Nullable HygieneGoal goal) {
      return new Request(school, temperatureC, machineId, goal, null, null, null, null);
    }

    public Wishes wishes() {
      Map<Disagreement, String> chosen = new EnumMap<>(Disagreement.class);
      if (positions != null) {
        positions.forEach(
            (question, at) -> {
              if (at != null) {
                chosen.put(question, at);
              }
            });
      }
      Wishes wishes =
          new Wishes(
              goal,
              chosen,
              besides == null || besides.isEmpty()
                  ? List.of()
                  : RequestChecks.list("besides", besides).stream().map(Request::besides).toList(),
              boosts == null ? Set.of() : boosts);
      return settings == null ? wishes : wishes.with(settings);
    }

    private static Wishes.Besides besides(BesidesSent b) {
      if (b.productId == null) {
        throw new OutOfRange("besides.productId", Allowed.MISSING, RoundSaying.A_PRODUCT);
      }
      return new Wishes.Besides(
          b.productId,
          RequestChecks.choice("besides.where", b.where, Wishes.Where.class),
          RequestChecks.number("besides.ml", b.ml, Wishes.BESIDES_ML));
    }
  }

  /** Returns every school on this load, for looking at side by side. */
  @Transactional(readOnly = true)
  public Comparison compare(long loadId, @Nullable Long machineId, @Nullable HygieneGoal goal) {
    LoadPieces pieces = loads.pieces(loadId);
    Wishes wishes = new Wishes(goal, Map.of(), List.of(), Set.of());
    WashJob job = job(pieces, null, wishes, machineId);
    List<Routine> routines = new ArrayList<>();
    List<Plan> plans = new ArrayList<>();
    List<CannotWash> cannot = new ArrayList<>();
    for (SchoolService.View offered : schools.all()) {
      School school = offered.school();
      try {
        WashJob fitting = byHandIfWanted(pieces, job, school, machineId);
        Routine routine = WashPlanner.plan(fitting, school);
        routines.add(routine);
        plans.add(picture.view(fitting.asWashed(), routine));
      } catch (CannotPlan e) {
        cannot.add(new CannotWash(school.id(), school.name(), e.said()));
      }
    }
    List<Dominated> dominated =
        routines.stream()
            .flatMap(
                r ->
                    Dominance.by(r, routines)
                        .map(o -> new Dominated(r.school().id(), o.school().name()))
                        .stream())
            .toList();
    int bulkers = pieces.bulkers().stream().mapToInt(SoiledPieces::count).sum();
    OfferedMethod offered = offered(pieces, job, plans);
    List<Integer> temperatures = ProgrammeChoice.temperatures(job);
    return PlanViewsComparisonBuilder.builder()
        .loadId(loadId)
        .title(loads.title(loadId))
        .pieces(pieces.count())
        .bulkers(bulkers)
        .temperaturesC(temperatures)
        .temperatureWords(
            temperatures.stream().map(c -> Said.from(Quantity.of(c, Unit.DIAL))).toList())
        .calledFor(job.calledFor())
        .plans(
            plans.stream()
                .map(p -> p.school().equals(offered.school()) ? p : p.withoutReasons())
                .toList())
        .cannot(cannot)
        .dominated(dominated)
        .offered(offered.school())
        .offeredWords(offered.said())
        .build();
  }

  /** The method that this load opens on; one that cannot wash it here is not offered. */
  private OfferedMethod offered(LoadPieces pieces, WashJob job, List<Plan> plans) {
    List<Long> kinds = pieces.first().stream().map(p -> p.kind().id()).distinct().toList();
    String usual = past.usual(kinds);
    return OfferedMethod.of(
        job, usual, households.current().usualMethod(), plans.stream().map(Plan::school).toList());
  }

  /** A school that washes by hand takes the household's bucket, unless a machine was chosen. */
  private WashJob byHandIfWanted(
      LoadPieces pieces, WashJob job, School school, @Nullable Long machineId) {
    boolean wants = school.main().by() == School.By.HAND && machineId == null;
    return wants
        ? machines.byHand().map(v -> job(pieces, job.askedC(), job.wishes(), v.id())).orElse(job)
        : job;
  }

  /** What a plan is made of. */
  public record Planned(WashJob job, Routine routine) {}

  /** Returns one school on this load, as it is asked for. */
  @Transactional(readOnly = true)
  public Plan plan(long loadId, Request request) {
    Planned planned = planned(loadId, request);
    return picture.view(planned.job.asWashed(), planned.routine);
  }

  public Planned planned(long loadId, Request request) {
    LoadPieces pieces = loads.pieces(loadId);
    School school = schools.of(RequestChecks.text("school", request.school, LONGEST_SCHOOL));
    WashJob asked = job(pieces, request.temperatureC, request.wishes(), request.machineId);
    WashJob job = byHandIfWanted(pieces, asked, school, request.machineId);
    return new Planned(job, WashPlanner.plan(job, school));
  }

  /** Plans a load as the household is, and with another trim and other standing changes. */
  public PlanViews.Effect effect(
      long loadId, String schoolId, Request request, double trim, Set<Standing> standing) {
    LoadPieces pieces = loads.pieces(loadId);
    School school = schools.of(schoolId);
    WashJob is = job(pieces, request.temperatureC, request.wishes(), request.machineId);
    WashJob then = is.withTrim(trim).asking(is.askedC(), is.wishes().standing(standing));
    return new PlanViews.Effect(
        picture.figures(is.asWashed(), WashPlanner.plan(is, school)),
        picture.figures(then.asWashed(), WashPlanner.plan(then, school)));
  }

  /** Returns what else could be chosen for this load, with what it would change. */
  @Transactional(readOnly = true)
  public PlanViews.Options options(long loadId, Request request) {
    Planned p = planned(loadId, request);
    School school = p.routine.school();
    Map<String, PlanViews.Question> questions = new LinkedHashMap<>();
    for (Effects.Effect e : Effects.of(p.job, school, p.routine)) {
      PlanViews.Question q =
          questions.computeIfAbsent(
              e.question().name(),
              key ->
                  new PlanViews.Question(
                      key,
                      e.question().question(),
                      e.question().standing(),
                      e.question().bendsRoutine(),
                      e.question().ofHousehold(),
                      new ArrayList<>()));
      q.positions()
          .add(
              new PlanViews.PositionEffect(
                  e.position().id(), e.position().words(), e.chosen(), e.words(), e.changes()));
    }
    List<PlanViews.RemedyView> remedies =
        Remedies.of(p.job, school, p.routine).stream()
            .map(
                r ->
                    new PlanViews.RemedyView(
                        r.words(),
                        r.celsius(),
                        r.boosts(),
                        r.routine().outcome().hygiene().totalLog(),
                        r.routine().outcome().cost() - p.routine.outcome().cost(),
                        r.routine().outcome().minutes() - p.routine.outcome().minutes()))
            .toList();
    List<PlanViews.Fit> fits =
        ProductFit.of(p.job, p.routine).stream()
            .map(
                f ->
                    new PlanViews.Fit(
                        f.product().id(), f.product().name(), f.used(), f.suits(), f.reasons()))
            .toList();
    return new PlanViews.Options(List.copyOf(questions.values()), remedies, fits);
  }

  /** Keeps a school as this request bends it, under a name of its own. */
  @Transactional
  public SchoolService.View keepSchool(String name, Request request) {
    School base = schools.of(RequestChecks.text("school", request.school, LONGEST_SCHOOL));
    School bent = request.wishes().bend(base);
    if (request.temperatureC != null) {
      bent =
          bent.with(new School.Main(request.temperatureC, bent.main().minutes(), bent.main().by()));
    }
    return schools.keep(name, bent, base.id());
  }

  /** Returns the routine on one page, for the other carer. */
  @Transactional(readOnly = true)
  public WallCard card(long loadId, Request request) {
    Planned p = planned(loadId, request);
    return WallCard.of(p.job, p.routine, loads.title(loadId));
  }

  /** Returns a load with everything that its routine depends on, as of now. */
  public WashJob job(
      LoadPieces pieces, @Nullable Integer askedC, Wishes wishes, @Nullable Long machineId) {
    Household household = households.current();
    Instant now = clock.instant();
    return WashJobBuilder.builder()
        .first(pieces.first())
        .bulkers(pieces.bulkers())
        .machine(machines.one(machineId).machine())
        .water(household.water())
        .roomC(household.roomC())
        .products(products.products())
        .tariff(household.tariff())
        .houseGoal(household.goal())
        .trim(household.trim())
        .now(now)
        .start(now.atZone(household.zoneId()).toLocalTime())
        .askedC(askedC)
        .wishes(wishes.standing(households.standing()).household(answers.answers()))
        .marked(marked.names())
        .rules(loads.houseRules())
        .build();
  }
}
