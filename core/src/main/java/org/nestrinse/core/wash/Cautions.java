package org.nestrinse.core.wash;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import org.nestrinse.core.sort.TravelRules;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.Numbers;

/** What a person should know before and during a routine, each at its step. */
final class Cautions {
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

  static List<Caution> of(WashJob job, List<Step> steps, Outcome outcome, boolean noDetergent) {
    Cautions cautions = new Cautions(job, steps, outcome);
    cautions.limits();
    cautions.sharing();
    cautions.protein();
    cautions.loadForbids();
    cautions.found.addAll(ChemistryCheck.of(job, steps, outcome));
    cautions.asChosen();
    cautions.hands();
    cautions.loading();
    cautions.products();
    cautions.fill();
    cautions.heat();
    cautions.unloading();
    if (noDetergent) {
      cautions.add(
          Strength.CHECK,
          "no-detergent",
          "No detergent suits this load",
          "Nothing on the shelf fits these pieces and people; the plan washes with water alone.",
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
    return WashPlanner.temperatures(job).stream()
        .filter(t -> t <= limitC)
        .reduce((one, other) -> other)
        .orElse(null);
  }

  /** Pieces that may share a run only when it is hot. */
  private void sharing() {
    int shared = job.sharedC();
    Integer nearest =
        WashPlanner.temperatures(job).stream()
            .filter(t -> t >= shared && t <= WashPlanner.limitOf(job, job.all()))
            .findFirst()
            .orElse(null);
    boolean newborn = TravelRules.newbornMixed(job.all());
    for (Step step : steps) {
      boolean main = step.wholeLoad() && step.run() != null && step.run().temperatureC() > 0;
      if (main && step.run().temperatureC() < shared) {
        int planned = step.run().temperatureC();
        add(new WashCaution.NotTogether(planned, shared, newborn, nearest), step.number());
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

  /** What a person chose where people disagree, as far as it asks for care. */
  private void asChosen() {
    boolean sensitive = job.needs(SkinNeed.SENSITIVE) || job.needs(SkinNeed.NEWBORN);
    boolean enzymes =
        steps.stream().flatMap(s -> s.doses().stream()).anyMatch(d -> d.product().enzymes());
    if (sensitive && enzymes) {
      add(
          Strength.CHECK,
          "enzymes-skin",
          "Enzymes for sensitive skin",
          "You asked for enzymes, and someone's skin is sensitive. Rinse well and watch; redness that lasts is a"
              + " clinician's matter.",
          mainStep());
    }
    boolean clothes = job.all().stream().anyMatch(p -> p.kind().role() == Role.CLOTHES);
    boolean others = job.first().stream().anyMatch(p -> p.kind().role() != Role.CLOTHES);
    if (clothes && others && job.wishes().chose(Disagreement.BABY_CLOTHES, "alone")) {
      add(
          Strength.CHECK,
          "clothes-alone",
          "Clothes are with other things",
          "You wash baby clothes always alone, and here they are not. Sort can part them.",
          1);
    }
    HygieneGoal asked = job.wishes().goal();
    if (asked != null && asked.ordinal() < job.calledFor().ordinal()) {
      add(
          Strength.CHECK,
          "goal-lowered",
          "Goal lowered to " + asked.words(),
          "Soil and people here call for %s. Your choice stays visible in the record."
              .formatted(job.calledFor().words()),
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
            "Hot for hands",
            "%d is planned. Cold water first, then hot; gloves; the child out of reach."
                .formatted(step.run().temperatureC()),
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
                    "Water in a bucket",
                    "Never leave it within a child's reach, not for a minute. Empty it before you turn away.",
                    s.number()));
  }

  private void loading() {
    if (job.first().stream().anyMatch(p -> p.soil().hasSolids() && !p.solidsOff())) {
      add(
          Strength.CHECK,
          "solids",
          "Solids off first",
          "Some pieces still carry solids. They go into the toilet, not the drain: shake, or rinse under cold water.",
          1);
    }
    if (job.needs(SkinNeed.ILL)) {
      add(
          Strength.CHECK,
          "illness",
          "Gloves, and no shaking",
          "Someone is ill: wear gloves, do not shake the pieces, wash your hands after. Follow local health advice.",
          1);
    } else if (job.first().stream().anyMatch(p -> p.soil() == Soil.BLOOD)) {
      add(
          Strength.NOTE,
          "blood",
          "Blood",
          "Gloves when it is someone else's. Cold water first.",
          1);
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
                    "Waited more than three days",
                    p.kind().name()
                        + " is past three days: ammonia may have formed. Air the room, rinse twice.",
                    1));
  }

  private void products() {
    Optional<Step> firstDose = steps.stream().filter(s -> !s.doses().isEmpty()).findFirst();
    firstDose.ifPresent(
        step -> {
          add(
              Strength.NOTE,
              "products-up-high",
              "Products closed and up high",
              "Close the pack and put it back out of a child's reach before you start the machine.",
              step.number());
          if (step.doses().stream().anyMatch(d -> d.product().form() == Product.Form.POWDER)) {
            add(
                Strength.NOTE,
                "powder",
                "Powder irritates",
                "Do not breathe it in. Wash it off skin; gloves for oxygen whitener.",
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
          "Enzymes do nothing here",
          "Above 65 for the whole time they are destroyed.",
          mainStep());
    }
  }

  private void fill() {
    Fill fill = job.fill();
    if (fill.main() < job.machine().window().least()) {
      add(
          Strength.CHECK,
          "under-full",
          "The drum is only " + Numbers.percent(fill.main()) + " full",
          "Few pieces in a big drum do not rub each other clean. Add small pieces, or let it wait if the clock allows.",
          mainStep());
    }
    if (fill.main() > job.machine().window().most()) {
      add(
          Strength.CHECK,
          "over-full",
          "The drum is " + Numbers.percent(fill.main()) + " full",
          "Nothing turns over in there. Take pieces out.",
          mainStep());
    }
  }

  private void heat() {
    for (Step step : steps) {
      if (step.run() != null && step.run().temperatureC() > HOT_C) {
        add(
            Strength.NOTE,
            "scald",
            "Water that scalds",
            "Above 55 it scalds in seconds, a child's skin faster. Keep children from the door and the drain hose.",
            step.number());
      }
    }
  }

  private void unloading() {
    List<String> hang =
        job.all().stream()
            .map(SoiledPieces::kind)
            .filter(k -> k.limits().dryer() == DryerHeat.NONE)
            .map(Kind::name)
            .distinct()
            .toList();
    if (!hang.isEmpty()) {
      add(
          Strength.NOTE,
          "hang",
          "Hang, never tumble",
          String.join(", ", hang) + ": waterproof or elastic, so no dryer. " + sun(),
          steps.size());
    }
  }

  private String sun() {
    if (job.wishes().chose(Disagreement.SUN, "never")) {
      return "Always in the shade, as you chose.";
    }
    return job.wishes().chose(Disagreement.SUN, "full")
        ? "All day in the sun, as you chose; above 35 °C it shortens the life of rubber."
        : "At most 3 h of strong sun, and shade above 35 °C.";
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

  private void add(Strength strength, String key, String title, String sentence, int step) {
    found.add(new Caution(strength, key, title, sentence, step));
  }
}
