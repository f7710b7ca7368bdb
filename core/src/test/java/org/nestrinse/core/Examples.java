package org.nestrinse.core;

import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.assertj.core.data.Offset;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.textile.TextileLoad.MaterialMass;

/** The load of the worked examples in docs/models.md, and how near a result has to come. */
public final class Examples {
  /** Cotton 2.0, bamboo 0.8 and laminate 0.6 kg. */
  public static final TextileLoad LOAD_A =
      new TextileLoad(
          List.of(
              new MaterialMass(Material.COTTON, 2.0),
              new MaterialMass(Material.BAMBOO_VISCOSE, 0.8),
              new MaterialMass(Material.LAMINATE, 0.6)));

  private Examples() {}

  /** Returns an offset of half a percent of the expected value. */
  public static Offset<Double> halfPercent(double expected) {
    return within(Math.abs(expected) * 0.005);
  }

  /** Returns an offset of so many percent of the expected value. */
  public static Offset<Double> percent(double expected, double percent) {
    return within(Math.abs(expected) * percent / 100);
  }
}
