package org.nestrinse.core.reset;

import java.util.Set;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Saying;

/** What goes into the vessel, by its plain name. */
public enum ResetSalt implements Saying {
  WASHING_SODA,
  BORAX,
  CLOTH_DETERGENT,
  WHITE_VINEGAR,
  SODIUM_CITRATE,
  CHLORINE_BLEACH;

  private static final Set<String> CITRATE_NAMES = Set.of("sodium", "citrate");

  /** Returns whether a product of the household serves as it. */
  public boolean servedBy(Product product) {
    return switch (product.purpose()) {
      case DETERGENT -> this == CLOTH_DETERGENT;
      case SODA -> this == WASHING_SODA;
      case ACID -> this == WHITE_VINEGAR;
      case CHLORINE_BLEACH -> this == CHLORINE_BLEACH;
      default -> named(product.name());
    };
  }

  /** What has no purpose of its own in Kit is known by its name. */
  private boolean named(String name) {
    return switch (this) {
      case BORAX -> name.contains("borax");
      case SODIUM_CITRATE -> CITRATE_NAMES.stream().anyMatch(name::contains);
      default -> false;
    };
  }
}
