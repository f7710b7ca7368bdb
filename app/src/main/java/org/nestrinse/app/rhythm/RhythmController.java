package org.nestrinse.app.rhythm;

import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1")
class RhythmController {
  private final RhythmService rhythms;
  private final CoverService cover;

  RhythmController(RhythmService rhythms, CoverService cover) {
    this.rhythms = rhythms;
    this.cover = cover;
  }

  @GetMapping("/cover")
  @CachedAnswer
  CoverService.Covered cover() {
    return cover.covered();
  }

  @GetMapping("/rhythms")
  @CachedAnswer
  RhythmService.RhythmsShown rhythms() {
    return rhythms.rhythms();
  }
}
