package org.nestrinse.core.bath;

import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;

/**
 * How full a drum is. Dry pieces take their loose volume, pre-washed ones the smaller volume they
 * settle to.
 *
 * @param massKg dry mass of everything [kg]
 * @param dry share of the drum that the load fills dry, without bulkers
 * @param preWashed share of the drum that the load fills once wet, without bulkers
 * @param main share in the main wash: the load wet, bulkers dry
 * @see "docs/models.md, section 2"
 */
public record Fill(double massKg, double dry, double preWashed, double main) {
  /**
   * Returns the fill of a drum.
   *
   * @param load what is washed first
   * @param bulkers what joins dry for the main wash; may be empty
   * @param drumL drum volume [L], 1 to 300
   */
  public static Fill of(TextileLoad load, TextileLoad bulkers, double drumL) {
    Limits.DRUM_L.check("drumL", drumL);
    double dryL = load.weighted(Material::looseBulkLKg);
    double wetL = wetL(load);
    double bulkersL = bulkers.weighted(Material::looseBulkLKg);
    return new Fill(
        load.massKg() + bulkers.massKg(), dryL / drumL, wetL / drumL, (wetL + bulkersL) / drumL);
  }

  /** Returns the volume that the load takes once wet [L]. */
  public static double wetL(TextileLoad load) {
    return load.weighted(m -> m.looseBulkLKg() * m.wetPack());
  }
}
