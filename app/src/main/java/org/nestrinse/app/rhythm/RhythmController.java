package org.nestrinse.app.rhythm;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/rhythms")
class RhythmController {
  private final RhythmService rhythms;

  RhythmController(RhythmService rhythms) {
    this.rhythms = rhythms;
  }

  @GetMapping
  RhythmService.Rhythms rhythms() {
    return rhythms.rhythms();
  }
}
