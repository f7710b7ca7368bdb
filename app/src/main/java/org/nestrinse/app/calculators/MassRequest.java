package org.nestrinse.app.calculators;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;

/** What lies in the drum of one material, and what several calculators read from a request. */
record MassRequest(@Nullable Material material, @Nullable Double massKg) {
  static TextileLoad load(@Nullable List<@Nullable MassRequest> masses) {
    return load("load", masses);
  }

  static TextileLoad load(String field, @Nullable List<@Nullable MassRequest> masses) {
    List<MassRequest> given = RequestChecks.list(field, masses);
    List<TextileLoad.MaterialMass> made = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      String at = field + "[" + i + "].";
      made.add(
          new TextileLoad.MaterialMass(
              RequestChecks.choice(at + "material", given.get(i).material, Material.class),
              RequestChecks.number(at + "massKg", given.get(i).massKg, Limits.MASS_KG)));
    }
    return new TextileLoad(made);
  }

  static double radius(@Nullable Double drumRadiusM) {
    return RequestChecks.numberOr(
        "drumRadiusM", drumRadiusM, Limits.DRUM_RADIUS_M, SpinRetention.USUAL_RADIUS_M);
  }
}
