package org.nestrinse.core.textile;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;

/**
 * A load as masses by material, which is all that the water models need to know.
 *
 * @param masses at least one mass unless the load is {@link #EMPTY}
 */
public record TextileLoad(List<MaterialMass> masses) {
  /** A load of nothing, for instance no bulkers. */
  public static final TextileLoad EMPTY = new TextileLoad(List.of());

  /**
   * A mass of one material.
   *
   * @param material the material
   * @param massKg dry mass [kg], 0.001 to 50
   */
  public record MaterialMass(Material material, double massKg) {
    public MaterialMass {
      Limits.MASS_KG.check("massKg", massKg);
    }
  }

  public TextileLoad {
    masses = List.copyOf(masses);
    double total = masses.stream().mapToDouble(MaterialMass::massKg).sum();
    if (total > Limits.MASS_KG.max()) {
      throw new OutOfRange(
          "load",
          Said.of(TextileSaying.IN_ALL).with("mass", new Quantity(total, Unit.KILOGRAM, 1)),
          Said.of(TextileSaying.IN_ALL).with("mass", Limits.MASS_KG.allowed()));
    }
  }

  /** Returns the load of one material. */
  public static TextileLoad of(Material material, double massKg) {
    return new TextileLoad(List.of(new MaterialMass(material, massKg)));
  }

  /** Returns both loads together. */
  public TextileLoad plus(TextileLoad other) {
    List<MaterialMass> both = new ArrayList<>(masses);
    both.addAll(other.masses);
    return new TextileLoad(both);
  }

  /** Returns whether there is nothing in it. */
  public boolean isEmpty() {
    return masses.isEmpty();
  }

  /** Returns the dry mass M [kg]. */
  public double massKg() {
    return masses.stream().mapToDouble(MaterialMass::massKg).sum();
  }

  /** Returns Σ mᵢ·factorᵢ. */
  public double weighted(ToDoubleFunction<Material> factor) {
    return masses.stream().mapToDouble(m -> m.massKg() * factor.applyAsDouble(m.material())).sum();
  }

  /** Returns the share of the mass that is of this material, 0 to 1. */
  public double share(Material material) {
    double ofIt = weighted(m -> m == material ? 1 : 0);
    return isEmpty() ? 0 : ofIt / massKg();
  }

  /** Returns the litres K that are held on the fibre while rinsing [L]. */
  public double sorbedL() {
    return weighted(Material::sorptionLKg);
  }
}
