package org.nestrinse.core.textile;

import org.nestrinse.core.units.Limits;

/**
 * What a kind is made of, by material.
 *
 * @param name shell, insert, booster, liner, cover, body …
 * @param material its material
 * @param massKg dry mass of this part of one piece [kg]
 * @param elastic whether it has elastic, which sets stricter limits
 */
public record Part(String name, Material material, double massKg, boolean elastic) {
  public Part {
    Limits.PIECE_MASS_KG.check("massKg", massKg);
  }

  /** Returns the usual care limits of this part. */
  public CareLimits usualLimits() {
    return CareLimits.usual(material, elastic);
  }

  /** Returns the usual care limits of this part in a nappy, where microfibre takes more heat. */
  CareLimits usualLimitsInNappy() {
    return material == Material.MICROFIBRE ? CareLimits.microfibreInsert(elastic) : usualLimits();
  }
}
