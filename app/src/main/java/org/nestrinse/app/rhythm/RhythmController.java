package org.nestrinse.app.rhythm;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class RhythmController {
  private final RhythmService rhythms;
  private final CoverService cover;

  RhythmController(RhythmService rhythms, CoverService cover) {
    this.rhythms = rhythms;
    this.cover = cover;
  }

  @GetMapping("/cover")
  CoverService.Covered cover() {
    return cover.covered();
  }

  @GetMapping("/rhythms")
  RhythmService.Rhythms rhythms() {
    return rhythms.rhythms();
  }
}
