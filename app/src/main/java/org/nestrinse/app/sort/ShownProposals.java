package org.nestrinse.app.sort;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.nestrinse.app.gather.pail.Waiting;
import org.nestrinse.app.house.House;
import org.nestrinse.core.sort.Rearrangement;
import org.springframework.stereotype.Component;

/**
 * The proposals that were shown last, by their stamp. Who accepts one gets what they saw, whatever
 * came into the pails meanwhile.
 */
@Component
class ShownProposals {
  private static final int KEPT = 60;

  /** A proposal, and what waited when it was made. */
  record Shown(Map<Long, Waiting> byId, Rearrangement proposal) {}

  private final Map<String, Shown> latest =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Shown> eldest) {
          return size() > KEPT;
        }
      };

  synchronized void keep(String stamp, Shown shown) {
    latest.remove(key(stamp));
    latest.put(key(stamp), shown);
  }

  synchronized Optional<Shown> of(String stamp) {
    return Optional.ofNullable(latest.get(key(stamp)));
  }

  private static String key(String stamp) {
    return House.current() + " " + stamp;
  }
}
