package org.nestrinse.core.household;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.nestrinse.core.gather.PailStyle;
import org.nestrinse.core.gather.PailUse;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;

/** Which kinds come into a pail next: a house rule for what is offered first. */
public final class LikelyKinds {
  private LikelyKinds() {}

  /**
   * Returns the kinds of a household, the likeliest first: what is in the pail already, then its
   * like, then what is used most. What is not owned is left out.
   *
   * @param all what the household has
   * @param inPail how many of each kind lie in the pail, by number
   * @param style the sort of pail
   */
  public static List<Kind> of(List<StockedKind> all, Map<Long, Integer> inPail, PailStyle style) {
    Set<Bin> alike =
        all.stream()
            .map(StockedKind::kind)
            .filter(k -> inPail.containsKey(k.id()))
            .map(Kind::bin)
            .collect(Collectors.toSet());
    Set<Bin> bins = alike.isEmpty() ? usual(style) : alike;
    return all.stream()
        .filter(k -> k.stock().owned() > 0)
        .sorted(
            Comparator.comparing((StockedKind k) -> -inPail.getOrDefault(k.kind().id(), 0))
                .thenComparing(k -> !bins.contains(k.kind().bin()))
                .thenComparing(k -> -k.stock().waiting() - k.stock().drying())
                .thenComparing(k -> k.kind().name()))
        .map(StockedKind::kind)
        .toList();
  }

  private static Set<Bin> usual(PailStyle style) {
    return PailUse.of(style).stream().flatMap(u -> u.bins().stream()).collect(Collectors.toSet());
  }
}
