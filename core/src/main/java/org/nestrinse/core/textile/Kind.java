package org.nestrinse.core.textile;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * A kind of textile that the household owns.
 *
 * @param id the household's number for it
 * @param name the household's name, such as "bamboo trifold"
 * @param role what it is for once clean
 * @param bin what it touches in use
 * @param parts what it is made of; at least one
 * @param areaM2 one face of one piece as hung [m²]
 * @param small whether it is no larger than a hand towel and can fill up a drum
 * @param label what its own care label says, which wins over the usual limits; null when it says
 *     nothing
 * @param colour whether its dye may bleed while it is new
 * @param bulkFactor what the household saw: its volume over the computed one, {@link #BULK_FACTOR};
 *     1 when nobody looked
 * @param plural the name of several, such as "bamboo trifolds"
 */
@RecordBuilder
public record Kind(
    long id,
    String name,
    Role role,
    Bin bin,
    List<Part> parts,
    double areaM2,
    boolean small,
    @Nullable CareLimits label,
    Colour colour,
    double bulkFactor,
    String plural) {

  /** Bounds of what a look into the drum may make of a kind's bulk. */
  public static final Range BULK_FACTOR = new Range(0.7, 1.4);

  /** Room for a peg and a gap beside each piece [m]. */
  private static final double PEG_M = 0.05;

  /** From this areal mass on a piece dries late in its middle [kg/m²]. */
  private static final double THICK_KG_M2 = 0.5;

  /** From this share on, microfibre decides how a piece behaves among lint. */
  private static final double MOSTLY = 0.5;

  public Kind {
    if (parts.isEmpty()) {
      throw new OutOfRange("parts", Allowed.EMPTY, TextileSaying.AT_LEAST_ONE_PART);
    }
    Limits.AREA_M2.check("areaM2", areaM2);
    BULK_FACTOR.check("bulkFactor", bulkFactor);
    parts = List.copyOf(parts);
  }

  /** Makes a pale kind whose bulk is as computed, with a regular plural. */
  public Kind(
      long id,
      String name,
      Role role,
      Bin bin,
      List<Part> parts,
      double areaM2,
      boolean small,
      @Nullable CareLimits label) {
    this(id, name, role, bin, parts, areaM2, small, label, Colour.PALE, 1, name + "s");
  }

  /** Returns a number of them by name: "3 bamboo trifolds". */
  public Said counted(int count) {
    return Said.pieces(count, name, plural);
  }

  /** Returns the dry mass of one piece [kg]. */
  public double massKg() {
    return parts.stream().mapToDouble(Part::massKg).sum();
  }

  /**
   * Returns the care limits of the piece: its own label when it has one, else the strictest part.
   */
  public CareLimits limits() {
    if (label != null) {
      return label;
    }
    return usualLimits();
  }

  /** Returns the same kind with what a label says of it; null and blank say nothing. */
  public Kind labelled(@Nullable CareLabel said) {
    boolean nothing = said == null || said.blank();
    return KindBuilder.builder(this).label(nothing ? null : said.over(usualLimits())).build();
  }

  /** Returns what its materials usually take: the strictest of them decides. */
  public CareLimits usualLimits() {
    return parts.stream()
        .map(this::usualLimits)
        .reduce(CareLimits.NO_LIMITS, CareLimits::strictest);
  }

  /** Returns what a part usually takes in this use. */
  CareLimits usualLimits(Part part) {
    return role.nappyPart() ? part.usualLimitsInNappy() : part.usualLimits();
  }

  /** Returns {@code count} pieces as masses by material. */
  public TextileLoad load(int count) {
    return new TextileLoad(
        parts.stream()
            .map(p -> new TextileLoad.MaterialMass(p.material(), p.massKg() * count))
            .toList());
  }

  /** Returns the length of line that one piece takes, hung as a square with its peg [m]. */
  public double widthM() {
    return Math.sqrt(areaM2) + PEG_M;
  }

  /** Returns whether its middle dries late. */
  public boolean thick() {
    return massKg() / areaM2 >= THICK_KG_M2;
  }

  /** Returns whether strong sun and heat wear it out: waterproof or elastic in any part. */
  public boolean sunShy() {
    return has(Material.LAMINATE) || elastic();
  }

  /** Returns whether it may hold oil or solvent, which must never go into a dryer. */
  public boolean oily() {
    return bin == Bin.WORKSHOP;
  }

  /** Returns the warmest dryer it may go into, {@link DryerHeat#NONE} for what may hold oil. */
  public DryerHeat tumble() {
    return oily() ? DryerHeat.NONE : limits().dryer();
  }

  /** Returns the volume that one piece takes lying dry in a drum [L]. */
  public double dryL() {
    return load(1).weighted(Material::looseBulkLKg) * bulkFactor;
  }

  /** Returns the volume that one piece settles to once washed [L]. */
  public double wetL() {
    return load(1).weighted(m -> m.looseBulkLKg() * m.wetPack()) * bulkFactor;
  }

  /** Returns whether any part is of wool or silk. */
  public boolean animalFibre() {
    return parts.stream().anyMatch(p -> p.material().animalFibre());
  }

  /** Returns whether chlorine leaves it whole. */
  public boolean bearsChlorine() {
    return !animalFibre()
        && !has(Material.LAMINATE)
        && !has(Material.MICROFIBRE)
        && !has(Material.NYLON)
        && !elastic();
  }

  /** Returns whether any part is elastic. */
  public boolean elastic() {
    return parts.stream().anyMatch(Part::elastic);
  }

  /** Returns whether any part is of this material. */
  public boolean has(Material material) {
    return parts.stream().anyMatch(p -> p.material() == material);
  }

  /**
   * Returns whether it holds on to lint: mostly microfibre, and not a nappy's insert, which is an
   * absorbent part like any other.
   */
  public boolean gripsLint() {
    return !role.nappyPart() && load(1).share(Material.MICROFIBRE) > MOSTLY;
  }

  /** Returns whether it touches skin in use, so that nothing but water may stay in it. */
  public boolean touchesSkin() {
    return bin == Bin.BODY
        || role == Role.CLOTHES
        || role == Role.BEDDING
        || role == Role.TOWEL
        || role == Role.WIPE;
  }

  /** Returns whether it sheds lint. */
  public boolean givesLint() {
    return parts.stream().anyMatch(p -> p.material().givesLint());
  }

  /** Returns whether it must absorb to do its work, so that coatings and residue matter most. */
  public boolean absorbent() {
    return switch (role) {
      case INSERT,
          BOOSTER,
          NIGHT_FITTED,
          ALL_IN_ONE,
          FLAT,
          BED_PAD,
          SANITARY_PAD,
          NURSING_PAD,
          TOWEL,
          CLOTH,
          WIPE ->
          true;
      case SHELL, COVER, LINER, WET_BAG, CLOTHES, BEDDING -> false;
    };
  }
}
