package org.nestrinse.app.wash.round;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How long the products last. */
@RestController
@RequestMapping("/api/v1/products/left")
class DoseLogController {
  private final DoseLog doses;

  DoseLogController(DoseLog doses) {
    this.doses = doses;
  }

  @GetMapping
  @CachedAnswer
  List<DoseLog.Lasts> lasts() {
    return doses.lasts();
  }
}
