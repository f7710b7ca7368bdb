package org.nestrinse.app.reset;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.Household;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.kit.product.ProductService;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.record.ObservationService;
import org.nestrinse.app.record.RecordService;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Water;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.reset.ResetCost;
import org.nestrinse.core.reset.ResetDrum;
import org.nestrinse.core.reset.ResetFitness;
import org.nestrinse.core.reset.ResetHistory;
import org.nestrinse.core.reset.ResetPlan;
import org.nestrinse.core.reset.ResetPlanQuestionBuilder;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.reset.ResetStep;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Plans a reset from what is stored about the household. */
@Component
public class ResetPlanner {
  private static final int LONGEST_VESSEL = 80;

  private final KindService kinds;
  private final MachineService machines;
  private final ProductService products;
  private final HouseholdService households;
  private final ObservationService observations;
  private final RecordService record;
  private final StockService stock;
  private final Clock clock;

  ResetPlanner(
      KindService kinds,
      MachineService machines,
      ProductService products,
      HouseholdService households,
      ObservationService observations,
      RecordService record,
      StockService stock,
      Clock clock) {
    this.kinds = kinds;
    this.machines = machines;
    this.products = products;
    this.households = households;
    this.observations = observations;
    this.record = record;
    this.stock = stock;
    this.clock = clock;
  }

  /** Pieces of a kind, as they are sent. */
  public record Pieces(@Nullable Long kindId, @Nullable Integer count) {}

  /**
   * What is sent to plan a reset.
   *
   * @param recipe the recipe
   * @param vessel what the vessel is called, or null
   * @param vesselL its volume [L]
   * @param pieces what goes in
   * @param burnerW power of the burner [W], or null for an ordinary one
   * @param hotTap whether hot water is filled in; the cold tap when it is left out
   * @param chlorinePercent strength of the bleach by its label [%], or null
   */
  public record Request(
      @Nullable ResetRecipe recipe,
      @Nullable String vessel,
      @Nullable Double vesselL,
      @Nullable List<@Nullable Pieces> pieces,
      @Nullable Double burnerW,
      @Nullable Boolean hotTap,
      @Nullable Double chlorinePercent) {
    String vesselName() {
      return vessel == null || vessel.isBlank()
          ? ""
          : RequestChecks.text("vessel", vessel, LONGEST_VESSEL);
    }
  }

  /** Why a recipe cannot be chosen here; nothing when it can. */
  Said notNow(ResetRecipe recipe) {
    if (recipe == ResetRecipe.SIMMER_POT_BORAX && !households.current().boraxLawful()) {
      return ResetRefusal.BORAX_OFF.said();
    }
    boolean bleach =
        products.products().stream().anyMatch(p -> p.purpose() == Product.Purpose.CHLORINE_BLEACH);
    return recipe == ResetRecipe.CHLORINE_SOAK && !bleach
        ? ResetRefusal.NO_BLEACH.said()
        : Said.NOTHING;
  }

  /** Returns the pieces of a request by kind. */
  Map<Kind, Integer> pieces(Request request) {
    Map<Kind, Integer> all = new LinkedHashMap<>();
    for (Pieces p : RequestChecks.list("pieces", request.pieces)) {
      if (p.kindId == null) {
        throw new OutOfRange("pieces.kindId", Allowed.MISSING, ResetRefusal.A_KIND);
      }
      Kind kind = kinds.one(p.kindId);
      int count =
          all.merge(kind, RequestChecks.whole("pieces.count", p.count, Limits.COUNT), Integer::sum);
      int clean = stock.all().get(kind.id()).clean();
      if (count > clean) {
        throw new OutOfRange(
            "pieces.count",
            count,
            clean == 0
                ? Said.of(ResetRefusal.NONE_CLEAN).with("kind", kind.plural())
                : Said.of(ResetRefusal.SO_MANY_CLEAN)
                    .with("clean", clean)
                    .with("kind", kind.plural()));
      }
    }
    return all;
  }

  /** Returns whether each kind may go through the recipe. */
  List<ResetFitness> fits(ResetRecipe recipe, Map<Kind, Integer> pieces) {
    Map<String, String> cloth = observations.last(Sign.FAST);
    return pieces.keySet().stream()
        .map(k -> ResetFitness.of(k, recipe, fastness(cloth.get(k.name()))))
        .toList();
  }

  private static ResetFitness.Fastness fastness(@Nullable String seen) {
    if (seen == null) {
      return ResetFitness.Fastness.NOT_TRIED;
    }
    return Sign.FAST.good(seen) ? ResetFitness.Fastness.FAST : ResetFitness.Fastness.BLEEDS;
  }

  /**
   * Returns the plan of a request whose kinds all may.
   *
   * @param factor what earlier counts of rinses have taught
   */
  @Transactional(readOnly = true)
  public ResetPlan plan(Request request, double factor) {
    Map<Kind, Integer> pieces = pieces(request);
    Household household = households.current();
    Instant now = clock.instant();
    List<PastRound> rounds = record.rounds(now.minus(ResetHistory.LOOKED_BACK), now, null);
    double residue =
        PastRound.lastResidueMgKg(rounds, pieces.keySet().stream().map(Kind::name).toList());
    boolean suds =
        observations.seen(now.minus(ResetHistory.LOOKED_BACK), now, null).stream()
            .anyMatch(ResetPlanner::suds);
    return ResetPlan.of(
        ResetPlanQuestionBuilder.builder()
            .recipe(RequestChecks.choice("recipe", request.recipe, ResetRecipe.class))
            .vesselL(RequestChecks.number("vesselL", request.vesselL, ResetPlan.VESSEL_L))
            .pieces(pieces)
            .hardnessMmolL(household.hardnessMmolL())
            .burnerW(
                RequestChecks.numberOr(
                    "burnerW", request.burnerW, ResetPlan.BURNER_W, ResetPlan.USUAL_BURNER_W))
            .tapC(Boolean.TRUE.equals(request.hotTap) ? Water.USUAL_HOT_TAP_C : household.inletC())
            .roomC(household.roomC())
            .drum(drum(pieces))
            .residueMgKg(residue)
            .sudsSeen(suds)
            .factor(factor)
            .chlorinePercent(
                RequestChecks.optional(
                    "chlorinePercent", request.chlorinePercent, Dilution.PERCENT))
            .build());
  }

  private static boolean suds(Seen s) {
    return !s.inReset() && s.suds();
  }

  /** The household's machine, at the spin that every piece can take. */
  ResetDrum drum(Map<Kind, Integer> pieces) {
    return ResetDrum.of(machines.machine(), pieces.keySet());
  }

  /** Returns what a reset costs with the household's products and tariff. */
  double cost(double litres, double kwh, List<ResetStep> steps, Instant start, double minutes) {
    Household household = households.current();
    LocalTime clockTime = start.atZone(household.zoneId()).toLocalTime();
    return ResetCost.of(
        litres, kwh, steps, clockTime, minutes, household.tariff(), products.products());
  }

  /** Returns a plan as it is shown. */
  ResetViews.ResetPlanLine view(ResetPlan plan, Request request) {
    Household household = households.current();
    Instant now = clock.instant();
    double cost = cost(plan.litres(), plan.kwh(), plan.steps(), now, plan.minutes());
    double level =
        plan.recipe() == ResetRecipe.RINSE_OUT || request.vesselL() == null
            ? ResetRecipe.FILLED
            : plan.waterL() / request.vesselL();
    return ResetViewsResetPlanLineBuilder.builder()
        .words(plan.recipe().said())
        .waterL(plan.waterL())
        .level(level)
        .batches(plan.batches().stream().map(b -> b.said()).toList())
        .amounts(plan.perBatch())
        .steps(plan.steps())
        .cautions(plan.cautions())
        .rinses(plan.rinseOut().rinses())
        .minutes(plan.minutes())
        .durationWords(Said.duration(plan.minutes()))
        .readyWords(households.timeWords().at(now.plus(Duration.ofMinutes(plan.minutes()))))
        .attendedWords(Said.duration(plan.attendedMinutes()))
        .litres(plan.litres())
        .kwh(plan.kwh())
        .cost(cost)
        .why(plan.why())
        .build();
  }

  /** Returns what would come of a request: who may, and the plan when all may. */
  @Transactional(readOnly = true)
  public ResetViews.ResetPlanned look(Request request, double factor) {
    ResetRecipe recipe = RequestChecks.choice("recipe", request.recipe, ResetRecipe.class);
    Said notNow = notNow(recipe);
    if (!notNow.nothing()) {
      throw new OutOfRange("recipe", recipe, notNow);
    }
    List<ResetFitness> fits = fits(recipe, pieces(request));
    List<ResetViews.ResetFitLine> lines = new ArrayList<>();
    for (ResetFitness f : fits) {
      lines.add(
          new ResetViews.ResetFitLine(
              f.kind().id(),
              f.kind().name(),
              f.allowed(),
              f.test(),
              f.reason(),
              f.insteadWords(),
              f.instead()));
    }
    boolean all = fits.stream().allMatch(ResetFitness::allowed);
    return new ResetViews.ResetPlanned(lines, all ? view(plan(request, factor), request) : null);
  }
}
