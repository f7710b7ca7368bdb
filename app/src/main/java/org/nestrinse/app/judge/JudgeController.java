package org.nestrinse.app.judge;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.changes.CachedAnswer;
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
@RequestMapping("/api/v1/judge")
class JudgeController {
  private final JudgeService judge;
  private final ExperimentService experiments;

  JudgeController(JudgeService judge, ExperimentService experiments) {
    this.judge = judge;
    this.experiments = experiments;
  }

  @GetMapping
  @CachedAnswer
  JudgeViews.Judged judge(
      @RequestParam(required = false) @Nullable String kind,
      @RequestParam(required = false) @Nullable Instant at) {
    return judge.judge(kind, at);
  }

  @GetMapping("/changes")
  @CachedAnswer
  List<JudgeViews.ExperimentLine> changes(@RequestParam(defaultValue = "70") int days) {
    return experiments.ofLast(days);
  }

  @PostMapping("/changes")
  @ResponseStatus(HttpStatus.CREATED)
  JudgeViews.Judged begin(@RequestBody ExperimentService.Begin begin) {
    experiments.begin(begin);
    return judge.judge(begin.kind(), null);
  }

  @PostMapping("/changes/{id}/decision")
  JudgeViews.Judged decide(
      @PathVariable long id, @RequestBody ExperimentService.Decision decision) {
    return judge.judge(experiments.decide(id, decision), null);
  }

  @DeleteMapping("/trim")
  JudgeViews.Judged resetTrim() {
    experiments.resetTrim();
    return judge.judge(null, null);
  }
}
