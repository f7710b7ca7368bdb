package org.nestrinse.app.kit.person;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumSet;
import java.util.Set;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.household.DailyUse;

/**
 * Someone whose textiles are washed.
 *
 * @param id number
 * @param version counts its changes
 * @param name what they are called
 * @param about a few words
 * @param sensitiveSkin whether enzymes and scent are kept away
 * @param ill whether they are ill now
 * @param newborn whether they are under three months
 * @param dayBundles day bundles used on a normal day
 * @param nightBundles night bundles used in a normal night
 * @param bedPads bed pads used on a normal day
 * @param sanitaryPads sanitary pads used on a normal day
 * @param nursingPads pairs of nursing pads used on a normal day
 * @param rise how the rise of their shells is set, in the household's words
 * @param snaps how the waist is closed
 */
@RecordBuilder
public record Person(
    long id,
    long version,
    String name,
    String about,
    boolean sensitiveSkin,
    boolean ill,
    boolean newborn,
    int dayBundles,
    int nightBundles,
    int bedPads,
    int sanitaryPads,
    int nursingPads,
    String rise,
    String snaps) {

  /** Returns what a normal day of theirs uses. */
  public DailyUse use() {
    return new DailyUse(dayBundles, nightBundles, bedPads, sanitaryPads, nursingPads);
  }

  /** Returns what their textiles need. */
  public Set<SkinNeed> needs() {
    Set<SkinNeed> needs = EnumSet.noneOf(SkinNeed.class);
    if (sensitiveSkin) {
      needs.add(SkinNeed.SENSITIVE);
    }
    if (ill) {
      needs.add(SkinNeed.ILL);
    }
    if (newborn) {
      needs.add(SkinNeed.NEWBORN);
    }
    return needs;
  }
}
