package org.nestrinse.app.prep;

import org.nestrinse.app.dry.GroupDried;
import org.nestrinse.app.gather.pail.LotService;
import org.nestrinse.app.sort.LoadReader;
import org.nestrinse.app.wash.round.RoundWashed;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Counts washes for new pieces as their rounds leave the machine, and sends them on when dry. */
@Component
class PrepCredits {
  private final LotService lots;
  private final LoadReader loads;

  PrepCredits(LotService lots, LoadReader loads) {
    this.lots = lots;
    this.loads = loads;
  }

  @EventListener
  void washed(RoundWashed washed) {
    loads
        .lots(washed.pieces().id())
        .forEach((lot, pieces) -> lots.credit(lot, pieces, washed.roundId()));
  }

  @EventListener
  void dried(GroupDried group) {
    if (group.dry()) {
      lots.dried(group.roundId(), group.kindId());
    } else {
      lots.notDried(group.roundId(), group.kindId());
    }
  }
}
