package org.nestrinse.core.wash.caution;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.safety.Caution.Strength;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.sort.TravelRules;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.machine.ProgrammeChoice;
import org.nestrinse.core.wash.school.Disagreement;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.HeatLimit;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** What a person should know before and during a routine, each at its step. */
public final class Cautions {
  private static final double HOT_C = 55;
  private static final double HOT_FOR_HANDS_C = 45;
  private static final double ENZYMES_FAIL_C = 65;

  /** Ordinary spread of a machine above its setting [K]. */
  private static final double SPREAD_K = 3;

  private static final double SAME_K = 0.2;

  /** Warn that heat sets protein once this share of the soil would set. */
  private static final double SETS_TOLD = 0.01;

  private final WashJob job;
  private final List<Step> steps;
  private final Outcome outcome;
  private final List<Caution> found = new ArrayList<>();

  private Cautions(WashJob job, List<Step> steps, Outcome outcome) {
    this.job = job;
    this.steps = steps;
    this.outcome = outcome;
  }

  public static List<Caution> of(
      WashJob job, List<Step> steps, Outcome outcome, boolean noDetergent) {
    Cautions cautions = new Cautions(job, steps, outcome);
    cautions.limits();
    cautions.sharing();
    cautions.protein();
    cautions.loadForbids();
    cautions.found.addAll(ChemistryCheck.of(job, steps, outcome));
    cautions.asChosen();
    cautions.hands();
    cautions.loading();
    StillMarkedCaution.of(job, steps).ifPresent(cautions.found::add);
    cautions.products();
    cautions.fill();
    cautions.heat();
    cautions.unloading();
    if (noDetergent) {
      cautions.add(
          Strength.CHECK,
          "no-detergent",
          WashPhrase.NO_DETERGENT_TITLE.said(),
          WashPhrase.NO_DETERGENT.said(),
          cautions.mainStep());
    }
    return List.copyOf(cautions.found);
  }

  /**
   * Every bath against the limits of every piece in it, by the peak that it is computed or was
   * measured to reach, and every spin.
   */
  private void limits() {
    for (Step step : steps) {
      if (step.run() == null) {
        continue;
      }
      Kind weak = WashJob.weakestInHeat(step.wholeLoad() ? job.all() : job.first());
      int limit = weak.limits().hottestWashC();
      double peak = peakOf(step);
      if (peak > limit + SPREAD_K) {
        int chosen = step.run().temperatureC();
        add(new WashCaution.TooHot(weak, peak, chosen, nearestC(limit)), step.number());
      } else if (peak > limit + SAME_K) {
        add(new WashCaution.LittleTooHot(weak, peak), step.number());
      }
      Kind slow = job.weakestInSpin();
      if (step.run().spinRpm() > slow.limits().fastestSpinRpm()) {
        add(new WashCaution.TooFast(slow, step.run().spinRpm()), step.number());
      }
    }
  }

  private double peakOf(Step step) {
    return outcome.baths().stream()
        .filter(b -> b.step() == step.number())
        .mapToDouble(Bath::peakC)
        .max()
        .orElse(0);
  }

  /** Returns the warmest main wash of this machine that stays within a limit, or null. */
  private @Nullable Integer nearestC(int limitC) {
    return ProgrammeChoice.temperatures(job).stream()
        .filter(t -> t <= limitC)
        .reduce((one, other) -> other)
        .orElse(null);
  }

  /** Pieces that may share a run only when it is hot. */
  private void sharing() {
    int shared = job.sharedEverywhereC();
    Integer nearest =
        ProgrammeChoice.temperatures(job).stream()
            .filter(t -> t >= shared && t <= HeatLimit.of(job, job.all()))
            .findFirst()
            .orElse(null);
    boolean newborn = TravelRules.newbornMixed(job.all());
    for (Step step : steps) {
      boolean main = step.wholeLoad() && step.run() != null && step.run().temperatureC() > 0;
      if (main && step.run().temperatureC() < shared) {
        int planned = step.run().temperatureC();
        boolean usual = planned >= job.sharedC();
        add(new WashCaution.NotTogether(planned, shared, newborn, usual, nearest), step.number());
      }
    }
  }

  /** Warns of protein that would set, with its share. */
  private void protein() {
    for (Cleaning c : outcome.soils()) {
      if (c.set() > SETS_TOLD) {
        boolean coldFirst =
            steps.stream().anyMatch(s -> s.run() != null && !s.run().washes() && !s.wholeLoad());
        add(new WashCaution.ProteinSets(c.soil(), c.set(), coldFirst), mainStep());
        return;
      }
    }
  }

  /** What is forbidden to these textiles, once, where they are loaded. */
  private void loadForbids() {
    boolean absorbs = job.all().stream().anyMatch(p -> p.kind().absorbent());
    boolean microfibre = job.gripsLint();
    if (absorbs || microfibre) {
      add(new WashCaution.LoadForbids(absorbs, microfibre), 1);
    }
    job.all().stream()
        .filter(p -> p.soil() == Soil.OIL)
        .findFirst()
        .ifPresent(p -> add(new WashCaution.Oily(p.kind()), 1));
  }

  private boolean goesIn(Predicate<Product> which) {
    return steps.stream().flatMap(s -> s.doses().stream()).anyMatch(d -> which.test(d.product()));
  }

  /** What a person chose where people disagree, as far as it asks for care. */
  private void asChosen() {
    boolean sensitive = job.needs(SkinNeed.SENSITIVE) || job.needs(SkinNeed.NEWBORN);
    if (sensitive && goesIn(Product::enzymes)) {
      add(
          Strength.CHECK,
          "enzymes-skin",
          WashPhrase.ENZYMES_SKIN_TITLE.said(),
          WashPhrase.ENZYMES_SKIN.said(),
          mainStep());
    }
    if (sensitive && goesIn(Product::scented)) {
      add(
          Strength.CHECK,
          "scent-skin",
          WashPhrase.SCENT_SKIN_TITLE.said(),
          WashPhrase.SCENT_SKIN.said(),
          mainStep());
    }
    boolean clothes = job.all().stream().anyMatch(p -> p.kind().role() == Role.CLOTHES);
    boolean others = job.first().stream().anyMatch(p -> p.kind().role() != Role.CLOTHES);
    if (clothes && others && job.wishes().chose(Disagreement.BABY_CLOTHES, "alone")) {
      add(
          Strength.CHECK,
          "clothes-alone",
          WashPhrase.CLOTHES_ALONE_TITLE.said(),
          WashPhrase.CLOTHES_ALONE.said(),
          1);
    }
    HygieneGoal asked = job.wishes().goal();
    if (asked != null && asked.ordinal() < job.calledFor().ordinal()) {
      add(
          Strength.CHECK,
          "goal-lowered",
          Said.of(WashPhrase.GOAL_LOWERED_TITLE).with("goal", asked),
          Said.of(WashPhrase.GOAL_LOWERED).with("goal", job.calledFor()),
          1);
    }
  }

  /** Hands in hot water, and water within a child's reach. */
  private void hands() {
    for (Step step : steps) {
      if (step.action() != Step.Action.BY_HAND || step.run() == null) {
        continue;
      }
      if (step.run().temperatureC() > HOT_FOR_HANDS_C) {
        add(
            Strength.CHECK,
            "hot-hands",
            WashPhrase.HOT_HANDS_TITLE.said(),
            Said.of(WashPhrase.HOT_HANDS)
                .with("celsius", Quantity.celsius(step.run().temperatureC())),
            step.number());
      }
    }
    steps.stream()
        .filter(s -> s.action() == Step.Action.BY_HAND)
        .findFirst()
        .ifPresent(
            s ->
                add(
                    Strength.CHECK,
                    "bucket-child",
                    WashPhrase.BUCKET_TITLE.said(),
                    WashPhrase.BUCKET.said(),
                    s.number()));
  }

  private void loading() {
    if (job.first().stream().anyMatch(p -> p.soil().hasSolids() && !p.solidsOff())) {
      add(Strength.CHECK, "solids", WashPhrase.SOLIDS_TITLE.said(), WashPhrase.SOLIDS.said(), 1);
    }
    if (job.needs(SkinNeed.ILL)) {
      add(Strength.CHECK, "illness", WashPhrase.ILLNESS_TITLE.said(), WashPhrase.ILLNESS.said(), 1);
    } else if (job.first().stream().anyMatch(p -> p.soil() == Soil.BLOOD)) {
      add(Strength.NOTE, "blood", WashPhrase.BLOOD_TITLE.said(), WashPhrase.BLOOD.said(), 1);
    }
    job.first().stream()
        .filter(p -> p.soil() == Soil.WET || p.soil() == Soil.STOOL)
        .filter(
            p -> p.since().plusSeconds(3600L * HoldingClock.LONGEST_WET_HOURS).isBefore(job.now()))
        .findFirst()
        .ifPresent(
            p ->
                add(
                    Strength.CHECK,
                    "held-too-long",
                    WashPhrase.HELD_TITLE.said(),
                    Said.of(WashPhrase.HELD).with("kind", p.kind().plural()),
                    1));
  }

  private void products() {
    Optional<Step> firstDose = steps.stream().filter(s -> !s.doses().isEmpty()).findFirst();
    firstDose.ifPresent(
        step -> {
          add(
              Strength.NOTE,
              "products-up-high",
              WashPhrase.UP_HIGH_TITLE.said(),
              WashPhrase.UP_HIGH.said(),
              step.number());
          if (step.doses().stream().anyMatch(d -> d.product().form() == Product.Form.POWDER)) {
            add(
                Strength.NOTE,
                "powder",
                WashPhrase.POWDER_TITLE.said(),
                WashPhrase.POWDER_CARE.said(),
                step.number());
          }
        });
    boolean enzymesWasted =
        steps.stream()
            .filter(s -> s.doses().stream().anyMatch(d -> d.product().enzymes()))
            .flatMap(
                s ->
                    outcome.baths().stream()
                        .filter(b -> b.step() == s.number() && b.type() == Bath.Type.WASH))
            .anyMatch(b -> b.profile().stream().allMatch(p -> p.temperatureC() > ENZYMES_FAIL_C));
    if (enzymesWasted) {
      add(
          Strength.NOTE,
          "enzymes-heat",
          WashPhrase.ENZYMES_HEAT_TITLE.said(),
          WashPhrase.ENZYMES_HEAT.said(),
          mainStep());
    }
  }

  private void fill() {
    Fill fill = job.fill();
    if (fill.main() < job.machine().window().least()) {
      add(
          Strength.NOTE,
          "under-full",
          Said.of(WashPhrase.UNDER_FULL_TITLE).with("share", Quantity.share(fill.main())),
          (job.gripsLint() ? WashPhrase.UNDER_FULL_ALONE : WashPhrase.UNDER_FULL).said(),
          mainStep());
    }
    if (fill.main() > job.machine().window().most()) {
      add(
          Strength.CHECK,
          "over-full",
          Said.of(WashPhrase.OVER_FULL_TITLE).with("share", Quantity.share(fill.main())),
          WashPhrase.OVER_FULL.said(),
          mainStep());
    }
  }

  private void heat() {
    for (Step step : steps) {
      if (step.run() != null && step.run().temperatureC() > HOT_C) {
        add(
            Strength.NOTE,
            "scald",
            WashPhrase.SCALD_TITLE.said(),
            WashPhrase.SCALD.said(),
            step.number());
      }
    }
  }

  private void unloading() {
    List<String> hang =
        job.all().stream()
            .map(SoiledPieces::kind)
            .filter(k -> k.limits().dryer() == DryerHeat.NONE)
            .map(Kind::plural)
            .distinct()
            .toList();
    if (!hang.isEmpty()) {
      add(
          Strength.NOTE,
          "hang",
          WashPhrase.HANG_TITLE.said(),
          Said.sentences(List.of(Said.of(WashPhrase.HANG).with("kinds", Said.row(hang)), sun())),
          steps.size());
    }
  }

  private Said sun() {
    if (job.wishes().chose(Disagreement.SUN, "never")) {
      return WashPhrase.SUN_NEVER.said();
    }
    boolean full = job.wishes().chose(Disagreement.SUN, "full");
    return (full ? WashPhrase.SUN_FULL : WashPhrase.SUN_LIMITED).said();
  }

  private int mainStep() {
    return steps.stream()
        .filter(s -> s.wholeLoad() && s.run() != null)
        .mapToInt(Step::number)
        .findFirst()
        .orElse(1);
  }

  private void add(WashCaution caution, int step) {
    found.add(caution.at(step));
  }

  private void add(Strength strength, String key, Said title, Said sentence, int step) {
    found.add(new Caution(strength, key, title, sentence, step));
  }
}
