package org.nestrinse.core.reset;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.BathWater;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.safety.Meetings;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;

/**
 * A recipe in a vessel for these pieces: batches, what goes in, every step with its time, the
 * closing wash that several batches share, and what to take care of.
 *
 * @param recipe the recipe
 * @param waterL water in the vessel for each batch [L]
 * @param batches what goes in at once, in order
 * @param perBatch what each filling gets
 * @param heatingMinutes until the water boils [min], 0 when it need not
 * @param steps what to do
 * @param cautions what to take care of
 * @param rinseOut the rinses that it should take at the end
 * @param litres water in all, rinses included [L]
 * @param kwh electricity or gas of the burner in all [kWh]
 * @see "docs/models.md, section 11"
 */
@RecordBuilder
public record ResetPlan(
    ResetRecipe recipe,
    double waterL,
    List<ResetBatch> batches,
    List<ResetRecipe.Amount> perBatch,
    double heatingMinutes,
    List<ResetStep> steps,
    List<Caution> cautions,
    RinseOut rinseOut,
    double litres,
    double kwh) {
  /** Volume of a pot, bucket or tub [L]. */
  public static final Range VESSEL_L = new Range(1, 300, Unit.LITRE);

  /** Power of a burner [W]. */
  public static final Range BURNER_W = new Range(300, 6000, Unit.WATT);

  /** An ordinary burner [W]. */
  public static final double USUAL_BURNER_W = 1800;

  private static final double SECONDS_PER_MINUTE = 60;
  private static final double J_PER_KWH = 3.6e6;
  private static final int FILL_MINUTES = 5;
  private static final int OUT_MINUTES = 8;
  private static final int CLOSING_MINUTES = 45;
  private static final double MINUTES_PER_PIECE = 0.25;

  /** A closing wash fills the drum so far at most. */
  private static final double CLOSING_FILL = 0.75;

  public ResetPlan {
    batches = List.copyOf(batches);
    perBatch = List.copyOf(perBatch);
    steps = List.copyOf(steps);
    cautions = List.copyOf(cautions);
  }

  /**
   * What is planned.
   *
   * @param recipe the recipe
   * @param vesselL volume of the vessel [L], {@link #VESSEL_L}
   * @param pieces kinds with their number; each of them tolerates the recipe
   * @param hardnessMmolL hardness of the water [mmol/L]
   * @param burnerW power of the burner [W], {@link #BURNER_W}
   * @param tapC the water that is filled in [°C]
   * @param roomC the kitchen [°C]
   * @param drum the machine of the closing wash
   * @param residueMgKg the estimate of the last round [mg/kg]
   * @param sudsSeen whether suds were seen
   * @param factor what earlier counts of rinses have taught, 1 for nothing
   * @param chlorinePercent strength of the household's chlorine bleach [%], or null when it has
   *     none
   */
  @RecordBuilder
  public record Question(
      ResetRecipe recipe,
      double vesselL,
      Map<Kind, Integer> pieces,
      double hardnessMmolL,
      double burnerW,
      double tapC,
      double roomC,
      ResetDrum drum,
      double residueMgKg,
      boolean sudsSeen,
      double factor,
      @Nullable Double chlorinePercent) {
    public Question {
      VESSEL_L.check("vesselL", vesselL);
      Limits.HARDNESS_MMOL_L.check("hardnessMmolL", hardnessMmolL);
      BURNER_W.check("burnerW", burnerW);
      Limits.WATER_C.check("tapC", tapC);
      if (pieces.isEmpty()) {
        throw new OutOfRange("pieces", Allowed.EMPTY, Allowed.AT_LEAST_ONE);
      }
      pieces.forEach((kind, count) -> Limits.COUNT.check("pieces", count.intValue()));
    }

    TextileLoad load() {
      return new ResetBatch(pieces).load();
    }
  }

  /** Returns the water of a filling: two thirds of the vessel [L]. */
  public static double waterL(double vesselL) {
    return VESSEL_L.check("vesselL", vesselL) * ResetRecipe.FILLED;
  }

  /** Returns how many batches this mass of textile needs. */
  public static int batches(double massKg, double vesselL) {
    return (int) Math.ceil(massKg / (waterL(vesselL) * ResetRecipe.ROOM_KG_L) - 1e-9);
  }

  /**
   * Returns what a filling gets, as the recipe has it.
   *
   * @param chlorinePercent strength of the bleach [%], or null when there is none
   * @throws OutOfRange when a chlorine soak has no bleach
   */
  public static List<ResetRecipe.Amount> perBatch(
      ResetRecipe recipe, double waterL, double hardnessMmolL, @Nullable Double chlorinePercent) {
    return goesIn(recipe, waterL, hardnessMmolL, chlorinePercent, ResetRecipe.Salt::amount);
  }

  private static List<ResetRecipe.Amount> goesIn(
      ResetRecipe recipe,
      double waterL,
      double hardnessMmolL,
      @Nullable Double chlorinePercent,
      BiFunction<ResetRecipe.Salt, Double, ResetRecipe.Amount> as) {
    Limits.HARDNESS_MMOL_L.check("hardnessMmolL", hardnessMmolL);
    if (recipe == ResetRecipe.CHLORINE_SOAK) {
      if (chlorinePercent == null) {
        throw new OutOfRange("recipe", recipe, PotSaying.NEEDS_CHLORINE_IN_KIT);
      }
      double ml = Dilution.of(chlorinePercent, ResetRecipe.CHLORINE_MG_L, waterL).productMl();
      return List.of(as.apply(ResetRecipe.Salt.chlorine(), ml));
    }
    return recipe.salts().stream().map(s -> as.apply(s, s.in(waterL, hardnessMmolL))).toList();
  }

  /** Returns what to know about a recipe, a sentence each. */
  public static List<Said> notes(ResetRecipe recipe) {
    List<Said> all = new ArrayList<>();
    all.add(
        Said.of(PotSaying.FOR_WHAT)
            .with("takesOut", recipe.takesOut())
            .with("temper", recipe.temper().said())
            .with("time", Quantity.of(recipe.minutes(), Unit.DURATION)));
    all.add(PotSaying.START_CLEAN.said());
    ResetCautions.of(recipe)
        .forEach(
            c ->
                all.add(
                    Said.of(PotSaying.CARE)
                        .with("title", c.title())
                        .with("sentence", c.sentence())));
    return all;
  }

  /** Returns the plan; throws {@link OutOfRange} when a piece, or the burner, is not up to it. */
  public static ResetPlan of(Question q) {
    RinseOut rinseOut =
        RinseOut.of(
            new RinseOut.Question(
                q.load(), q.residueMgKg, q.sudsSeen, q.drum.rpm(), q.drum.radiusM(), q.factor));
    return q.recipe == ResetRecipe.RINSE_OUT ? inTheDrum(q, rinseOut) : inTheVessel(q, rinseOut);
  }

  private static ResetPlan inTheDrum(Question q, RinseOut rinseOut) {
    List<ResetStep> steps = new ArrayList<>();
    ResetBatch all = new ResetBatch(q.pieces);
    double rinseL = BathWater.rinseL(all.load());
    for (int n = 1; n <= rinseOut.rinses(); n++) {
      steps.add(
          ResetStep.of(
              ResetStep.Action.RINSE,
              Said.of(PotSaying.RINSE_OF).with("number", n).with("of", rinseOut.rinses()),
              Said.of(PotSaying.RINSE_HOT)
                  .with("pieces", all.said())
                  .with("machine", q.drum.name()),
              q.recipe.minutes(),
              false));
    }
    steps.add(hang());
    return ResetPlanBuilder.builder()
        .recipe(q.recipe)
        .waterL(rinseL)
        .batches(List.of(all))
        .perBatch(List.of())
        .heatingMinutes(0)
        .steps(ResetStep.numbered(steps))
        .cautions(ResetCautions.of(q.recipe))
        .rinseOut(rinseOut)
        .litres(rinseL * rinseOut.rinses())
        .kwh(0)
        .build();
  }

  private static ResetPlan inTheVessel(Question q, RinseOut rinseOut) {
    double water = waterL(q.vesselL);
    List<ResetBatch> batches = ResetBatch.divide(q.pieces, water * ResetRecipe.ROOM_KG_L);
    List<ResetRecipe.Amount> goesIn =
        goesIn(q.recipe, water, q.hardnessMmolL, q.chlorinePercent, ResetRecipe.Salt::measured);
    List<ResetStep> steps = new ArrayList<>();
    double heating = 0;
    double kwh = 0;
    for (int i = 0; i < batches.size(); i++) {
      ResetBatch batch = batches.get(i);
      steps.add(fill(q, water, goesIn, batches.size(), i + 1));
      if (q.recipe.boils()) {
        double minutes = PotHeating.minutes(q, batch.massKg(), water);
        heating = Math.max(heating, minutes);
        kwh += q.burnerW * (minutes + q.recipe.minutes()) * SECONDS_PER_MINUTE / J_PER_KWH;
        steps.add(
            ResetStep.of(
                ResetStep.Action.HEAT,
                Said.of(PotSaying.TO_THE_BOIL),
                Said.of(PotSaying.NOBODY_LEAVES),
                minutes,
                true));
      }
      steps.add(
          ResetStep.of(
              ResetStep.Action.PUT_IN,
              of(PotSaying.BATCH_IN, PotSaying.BATCH_OF_IN, batches.size(), i + 1),
              Said.of(q.recipe.boils() ? PotSaying.IN_WITH_TONGS : PotSaying.IN_PRESSED)
                  .with("pieces", batch.said()),
              1 + batch.count() * MINUTES_PER_PIECE,
              true));
      steps.add(work(q.recipe));
      steps.add(
          ResetStep.of(
              ResetStep.Action.LOOK,
              Said.of(PotSaying.LOOK_AT_WATER),
              (q.recipe.boils() ? PotSaying.LIFT_OUT : PotSaying.WRING_OUT).said(),
              OUT_MINUTES,
              true));
    }
    if (q.recipe == ResetRecipe.CHLORINE_SOAK) {
      steps.addAll(chlorineRinses());
    }
    int runs = closingRuns(q, steps, rinseOut);
    steps.add(hang());
    double rinseL = BathWater.rinseL(q.load());
    return ResetPlanBuilder.builder()
        .recipe(q.recipe)
        .waterL(water)
        .batches(batches)
        .perBatch(goesIn)
        .heatingMinutes(heating)
        .steps(ResetStep.numbered(steps))
        .cautions(ResetCautions.of(q.recipe))
        .rinseOut(rinseOut)
        .litres(water * batches.size() + rinseL * Math.max(runs, rinseOut.rinses()))
        .kwh(kwh)
        .build();
  }

  private static List<ResetStep> chlorineRinses() {
    List<ResetStep> rinses = new ArrayList<>();
    for (int n = 1; n <= Meetings.RINSES_AFTER_CHLORINE; n++) {
      rinses.add(
          ResetStep.of(
              ResetStep.Action.RINSE,
              Said.of(PotSaying.RINSE_OF)
                  .with("number", n)
                  .with("of", Meetings.RINSES_AFTER_CHLORINE),
              Said.of(PotSaying.PLENTY_OF_COLD),
              OUT_MINUTES,
              true));
    }
    return rinses;
  }

  private static ResetStep fill(
      Question q, double water, List<ResetRecipe.Amount> goesIn, int batches, int batch) {
    return ResetStep.of(
            ResetStep.Action.FILL,
            of(PotSaying.FILL, PotSaying.FILL_OF, batches, batch),
            Said.of(PotSaying.FILL_WATER)
                .with("water", new Quantity(water, Unit.LITRE, 1))
                .with("temper", q.recipe.temper().said()),
            FILL_MINUTES,
            true)
        .with(goesIn);
  }

  private static ResetStep work(ResetRecipe recipe) {
    PotSaying detail =
        recipe.boils()
            ? PotSaying.KEEP_BOILING
            : recipe.stirEveryMinutes() > 0 ? PotSaying.TURN_OVER : PotSaying.LEAVE_OVERNIGHT;
    return ResetStep.of(
            ResetStep.Action.WORK,
            (recipe.boils() ? PotSaying.AT_THE_BOIL : PotSaying.SOAK).said(),
            detail.said(),
            recipe.minutes(),
            recipe.boils())
        .stirred(recipe.stirEveryMinutes());
  }

  /** All batches share a closing wash as long as the drum has room. */
  private static int closingRuns(Question q, List<ResetStep> steps, RinseOut rinseOut) {
    double litres =
        q.pieces.entrySet().stream().mapToDouble(e -> e.getKey().wetL() * e.getValue()).sum();
    int runs = (int) Math.ceil(litres / (q.drum.litres() * CLOSING_FILL) - 1e-9);
    for (int run = 1; run <= runs; run++) {
      steps.add(
          ResetStep.of(
              ResetStep.Action.CLOSING_WASH,
              of(PotSaying.CLOSING_WASH, PotSaying.CLOSING_WASH_OF, runs, run),
              Said.of(runs == 1 ? PotSaying.CLOSING_ALL : PotSaying.CLOSING_SOME)
                  .with("machine", q.drum.name())
                  .with("rinses", rinseOut.rinses()),
              CLOSING_MINUTES,
              false));
    }
    return runs;
  }

  private static Said of(PotSaying single, PotSaying several, int count, int number) {
    return count == 1 ? single.said() : Said.of(several).with("number", number).with("of", count);
  }

  private static ResetStep hang() {
    return ResetStep.of(
        ResetStep.Action.HANG,
        Said.of(PotSaying.HANG_THEM),
        Said.of(PotSaying.DROP_AFTER),
        10,
        true);
  }

  /** Returns how long all of it takes [min]. */
  public int minutes() {
    return steps.stream().mapToInt(ResetStep::minutes).sum();
  }

  /** Returns how long a person is busy with it [min]. */
  public int attendedMinutes() {
    return steps.stream().filter(ResetStep::attended).mapToInt(ResetStep::minutes).sum();
  }

  /** Returns the reason of the time and the amounts. */
  public Why why() {
    Why.Builder why =
        Why.of(
                Said.of(ResetSaying.TITLE).with("time", duration(minutes())).with("recipe", recipe),
                Said.of(ResetSaying.VESSEL).with("takesOut", recipe.takesOut()))
            .line(ResetSaying.FILLING, new Quantity(waterL, Unit.LITRE, 1))
            .line(ResetSaying.ROOM, Quantity.of(ResetRecipe.ROOM_G_L, Unit.GRAM_PER_L))
            .line(ResetSaying.BATCHES, batches.size());
    for (ResetRecipe.Amount a : perBatch) {
      why.line(
          Said.of(ResetSaying.EACH).with("product", a.product()),
          Said.of(ResetSaying.SPOONS)
              .with("spoons", a.spoons())
              .with(
                  "amount",
                  Quantity.of(a.amount(), a.unit().equals("g") ? Unit.GRAM : Unit.MILLILITRE)));
    }
    if (heatingMinutes > 0) {
      why.line(ResetSaying.UNTIL_BOILING, duration(heatingMinutes));
    }
    why.line(ResetSaying.STAYS_IN, duration(recipe.minutes()))
        .line(ResetSaying.RINSES, rinseOut.rinses())
        .line(ResetSaying.YOUR_TIME, duration(attendedMinutes()))
        .total(ResetSaying.IN_ALL, duration(minutes()));
    return why.by(Model.RESET);
  }

  private static Quantity duration(double minutes) {
    return Quantity.of(minutes, Unit.DURATION);
  }
}
