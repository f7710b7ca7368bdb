package org.nestrinse.core.wash.caution;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Stops, checks and notes of a wash */
public enum CautionSaying implements Saying {
  TOO_HOT_TITLE("kind"),
  LITTLE_TOO_HOT_TITLE("kind"),
  TOO_FAST_TITLE("kind"),
  NOT_TOGETHER_TITLE("celsius"),
  PROTEIN_TITLE("soil"),
  COATS_TITLE("product", "what"),
  STAYS_TITLE("product"),
  TOO_MUCH_TITLE("product"),
  CHLORINE_LAST_TITLE,
  CHLORINE_RINSES_TITLE,
  CHLORINE_DYE_TITLE("kind"),
  CHLORINE_NEWBORN_TITLE,
  CHLORINE_CARE_TITLE,
  OILY_TITLE("kind"),
  LOAD_FORBIDS_TITLE,
  LITTLE_TOO_HOT("celsius", "limit"),
  TOO_FAST("kind", "limit", "planned"),
  PROTEIN("share"),
  LONGER_COLD,
  COLD_FIRST,
  COATS_ABSORBENT,
  COATS_MICROFIBRE,
  COATS_NEWBORN,
  LEAVES("amount"),
  STAYS("amount"),
  CONFIRM_IT,
  RINSE_AFTER,
  TOO_MUCH("amount", "most"),
  CHLORINE_LAST("product"),
  CHLORINE_RINSES("rinses", "share"),
  CHLORINE_NEW,
  CHLORINE_DYE,
  CHLORINE_NEWBORN,
  CHLORINE_BY_HAND,
  CHLORINE_POURED,
  OIL,
  NO_BALLS,
  NO_SHEETS,
  REACHES("celsius", "set"),
  IS_PLANNED("celsius"),
  TOO_HOT("reaches", "kind", "limit"),
  NONE_FITS,
  FITS("nearest"),
  TELL_KIT,
  NEWBORN_ALONE("celsius"),
  GERMS_MOVE("celsius"),
  TAKE_OUT,
  PLAN_OR_TAKE_OUT("nearest"),
  SOME_FAMILIES,
  YOUR_WAY;

  private final Set<String> valueNames;

  CautionSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
