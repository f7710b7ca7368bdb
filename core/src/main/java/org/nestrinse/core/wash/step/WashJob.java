package org.nestrinse.core.wash.step;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.bath.ResidueTarget;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.MachineBuilder;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.kit.Water;
import org.nestrinse.core.sort.DrumFill;
import org.nestrinse.core.sort.HouseRules;
import org.nestrinse.core.sort.TravelRules;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.school.Wishes;

/**
 * A load with everything that a routine for it depends on.
 *
 * @param first the first wash set; at least one group
 * @param bulkers small pieces that join for the main wash
 * @param machine the household's machine
 * @param water the tap water
 * @param roomC temperature of the room [°C]
 * @param products what is on the shelf
 * @param tariff prices
 * @param houseGoal what the household wants at least
 * @param trim learned correction of the dose, 0.6 to 1.4
 * @param now the moment of planning
 * @param start the time of day at which it would start
 * @param askedC temperature of the main wash that the person asks for [°C], or null to leave it to
 *     the school
 * @param wishes what else the person wants of this load
 * @param marked names of the kinds of which something stayed marked at an earlier wash
 * @param rules where the house goes its own way in sorting
 */
@RecordBuilder
public record WashJob(
    List<SoiledPieces> first,
    List<SoiledPieces> bulkers,
    Machine machine,
    Water water,
    double roomC,
    List<Product> products,
    Tariff tariff,
    HygieneGoal houseGoal,
    double trim,
    Instant now,
    LocalTime start,
    @Nullable Integer askedC,
    Wishes wishes,
    Set<String> marked,
    HouseRules rules) {
  public WashJob {
    if (first.isEmpty()) {
      throw new OutOfRange("first", Allowed.EMPTY, Allowed.AT_LEAST_ONE);
    }
    Limits.TRIM.check("trim", trim);
    if (askedC != null) {
      Limits.WATER_C.check("temperatureC", askedC.doubleValue());
    }
    first = List.copyOf(first);
    bulkers = List.copyOf(bulkers);
    products = List.copyOf(products);
    marked = Set.copyOf(marked);
  }

  /** Makes a job without wishes beyond the temperature. */
  public WashJob(
      List<SoiledPieces> first,
      List<SoiledPieces> bulkers,
      Machine machine,
      Water water,
      double roomC,
      List<Product> products,
      Tariff tariff,
      HygieneGoal houseGoal,
      double trim,
      Instant now,
      LocalTime start,
      @Nullable Integer askedC) {
    this(
        first,
        bulkers,
        machine,
        water,
        roomC,
        products,
        tariff,
        houseGoal,
        trim,
        now,
        start,
        askedC,
        Wishes.NONE,
        Set.of(),
        HouseRules.ALL_HOLD);
  }

  /** Returns the same job with the temperature left to the school. */
  public WashJob unasked() {
    return asking(null, wishes);
  }

  /** Returns the same job with another temperature asked for, and other wishes. */
  public WashJob asking(@Nullable Integer otherC, Wishes otherWishes) {
    return WashJobBuilder.builder(this).askedC(otherC).wishes(otherWishes).build();
  }

  /** Returns the same job with another learned correction of the dose. */
  public WashJob withTrim(double other) {
    return WashJobBuilder.builder(this).trim(other).build();
  }

  /**
   * Returns the job as it lies in what it is washed in: by hand without covers, in as many fillings
   * as it needs; in a machine as it is.
   */
  public WashJob asWashed() {
    if (!machine.type().byHand()) {
      return this;
    }
    Machine all =
        MachineBuilder.builder()
            .name(machine.name())
            .type(machine.type())
            .drumL(Math.min(machine.drumL() * fillings(), Limits.DRUM_L.max()))
            .capacityKg(machine.capacityKg())
            .drumRadiusM(machine.drumRadiusM())
            .heaterW(0)
            .programmes(List.of())
            .hotFillC(
                machine.hotFillC() == null
                    ? Double.valueOf(Water.USUAL_HOT_TAP_C)
                    : machine.hotFillC())
            .levelsL(List.of())
            .whitenerDrawer(false)
            .pauses(true)
            .build();
    return within(all, all());
  }

  /** Returns how many bucketfuls what is plunged makes, as it lies wet; at least one. */
  public int fillings() {
    double full = within(machine, all()).fill().main();
    return (int) Math.max(1, Math.ceil(full / machine.window().most()));
  }

  /** Returns the same job in another vessel, with these pieces as its first set and no bulkers. */
  WashJob within(Machine vessel, List<SoiledPieces> pieces) {
    return WashJobBuilder.builder(this).first(pieces).bulkers(List.of()).machine(vessel).build();
  }

  /** Returns everything in the main wash. */
  public List<SoiledPieces> all() {
    return Stream.concat(first.stream(), bulkers.stream()).toList();
  }

  /** Returns the first set as masses. */
  public TextileLoad firstLoad() {
    return SoiledPieces.together(first);
  }

  /** Returns everything as masses. */
  public TextileLoad wholeLoad() {
    return SoiledPieces.together(all());
  }

  /** Returns how full the drum is. */
  public Fill fill() {
    return DrumFill.of(first, bulkers, machine.drumL());
  }

  /** Returns the main wash only from which on these pieces may share a run [°C]; 0 for any. */
  public int sharedC() {
    return TravelRules.sharedC(all(), rules);
  }

  /** Returns the same where every rule holds, whatever the house itself does [°C]. */
  public int sharedEverywhereC() {
    return TravelRules.sharedC(all(), HouseRules.ALL_HOLD);
  }

  /** Returns the piece with the lowest heat limit among these. */
  public static Kind weakestInHeat(List<SoiledPieces> pieces) {
    return weakest(pieces, k -> k.limits().hottestWashC());
  }

  /** Returns the piece with the lowest spin limit. */
  public Kind weakestInSpin() {
    return weakest(all(), k -> k.limits().fastestSpinRpm());
  }

  private static Kind weakest(List<SoiledPieces> pieces, ToIntFunction<Kind> limit) {
    return pieces.stream()
        .map(SoiledPieces::kind)
        .min(Comparator.comparingInt(limit))
        .orElseThrow();
  }

  /** Returns the hygiene goal: as asked for, else what soil, people and household call for. */
  public HygieneGoal goal() {
    return wishes.goal() == null ? calledFor() : wishes.goal();
  }

  /**
   * Returns the most demanding goal of soil, people and household; what carries no germs worth it
   * asks for none, whatever the household wants of the rest.
   */
  public HygieneGoal calledFor() {
    HygieneGoal pieces =
        all().stream().map(SoiledPieces::goal).reduce(HygieneGoal.NONE, HygieneGoal::orHigher);
    return pieces == HygieneGoal.NONE ? pieces : pieces.orHigher(houseGoal);
  }

  /** Returns whether there is wool or silk in it, which only a wool programme may move. */
  public boolean hasWool() {
    return all().stream().anyMatch(p -> p.kind().animalFibre());
  }

  /** Returns whether there is microfibre in it: anything that settles on it spoils its grip. */
  public boolean gripsLint() {
    return all().stream().anyMatch(p -> p.kind().gripsLint());
  }

  /** Returns whether most of the load is microfibre cloths, which powder scratches. */
  public boolean mostlyMicrofibreCloths() {
    double cloths =
        all().stream()
            .filter(p -> p.kind().gripsLint())
            .mapToDouble(p -> p.kind().massKg() * p.count())
            .sum();
    return cloths > wholeLoad().massKg() / 2;
  }

  /** Returns whether heat would set some soil. */
  public boolean hasProtein() {
    return first.stream().anyMatch(p -> p.soil().protein());
  }

  /** Returns whether the heavy row of a label applies. */
  public boolean heavySoil() {
    return first.stream().anyMatch(p -> p.soil().heavy());
  }

  /** Returns whether someone with this need uses any of the pieces. */
  public boolean needs(SkinNeed need) {
    return all().stream().anyMatch(p -> p.needs().contains(need));
  }

  /** Returns the residue target of the most demanding piece. */
  public ResidueTarget residueTarget() {
    if (needs(SkinNeed.SENSITIVE) || needs(SkinNeed.NEWBORN)) {
      return ResidueTarget.GENTLE;
    }
    return all().stream().anyMatch(p -> p.kind().absorbent())
        ? ResidueTarget.ABSORBENT
        : ResidueTarget.ORDINARY;
  }
}
