package org.nestrinse.app.judge;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/judge")
class JudgeController {
  private final JudgeService judge;

  JudgeController(JudgeService judge) {
    this.judge = judge;
  }

  @GetMapping
  JudgeViews.Judged judge(
      @RequestParam(required = false) @Nullable String kind,
      @RequestParam(required = false) @Nullable Instant at) {
    return judge.judge(kind, at);
  }

  @GetMapping("/changes")
  List<JudgeViews.ExperimentLine> changes() {
    return judge.all();
  }

  @PostMapping("/changes")
  @ResponseStatus(HttpStatus.CREATED)
  JudgeViews.Judged begin(@RequestBody JudgeService.Begin begin) {
    return judge.begin(begin);
  }

  @PostMapping("/changes/{id}/decision")
  JudgeViews.Judged decide(@PathVariable long id, @RequestBody JudgeService.Decision decision) {
    return judge.decide(id, decision);
  }

  @DeleteMapping("/trim")
  JudgeViews.Judged resetTrim() {
    return judge.resetTrim();
  }
}
