package org.nestrinse.core.wash.school;

import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Saying;

/** What a household does otherwise in every routine, because it is tried or has helped. */
public enum Standing implements Saying {
  MORE_RINSE,
  HOTTER,
  POWDER;

  private static final int HOT_C = 60;

  /** Returns the school with this change; the care limits of the pieces still decide afterwards. */
  School bend(School school) {
    School.Chemistry c = school.chemistry();
    return switch (this) {
      // The planner rinses once more than it would otherwise.
      case MORE_RINSE -> school;
      case HOTTER ->
          school.with(
              new School.Main(
                  Math.max(HOT_C, school.main().celsius()),
                  school.main().minutes(),
                  school.main().by()));
      case POWDER ->
          school.with(
              new School.Chemistry(
                  c.strength(),
                  c.whitenerScoops(),
                  c.enzymes(),
                  c.form() == null ? Product.Form.POWDER : c.form(),
                  c.sanitiser(),
                  c.vinegar()));
    };
  }
}
