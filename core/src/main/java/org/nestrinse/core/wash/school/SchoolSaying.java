package org.nestrinse.core.wash.school;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Methods: their names, what they hold to be true, and how they dry */
public enum SchoolSaying implements Saying {
  HOT_AND_FULL,
  HOT_AND_FULL_BELIEF,
  COOL_AND_SUN,
  COOL_AND_SUN_BELIEF,
  SIXTY_WITH_SANITISER,
  SIXTY_WITH_SANITISER_BELIEF,
  ALTERNATE_DAYS,
  ALTERNATE_DAYS_BELIEF,
  DAILY_CONCENTRATE,
  DAILY_CONCENTRATE_BELIEF,
  BUCKET_AND_PLUNGE,
  BUCKET_AND_PLUNGE_BELIEF,
  GENTLE_SKIN,
  GENTLE_SKIN_BELIEF,
  COOL_THEN_WARM,
  COOL_THEN_WARM_BELIEF,
  SOFT_FIBRE,
  SOFT_FIBRE_BELIEF,
  HYGIENE_STEAM,
  HYGIENE_STEAM_BELIEF,
  HOT_AND_FULL_DRYING,
  COOL_AND_SUN_DRYING,
  SIXTY_WITH_SANITISER_DRYING,
  ALTERNATE_DAYS_DRYING,
  DAILY_CONCENTRATE_DRYING,
  BUCKET_AND_PLUNGE_DRYING,
  GENTLE_SKIN_DRYING,
  COOL_THEN_WARM_DRYING,
  SOFT_FIBRE_DRYING,
  HYGIENE_STEAM_DRYING;

  private final Set<String> valueNames;

  SchoolSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
