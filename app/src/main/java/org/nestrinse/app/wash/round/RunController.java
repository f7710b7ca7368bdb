package org.nestrinse.app.wash.round;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A wash from its start to its end. */
@RestController
@RequestMapping("/api/v1/rounds")
class RunController {
  private final RunService runs;
  private final AnswerService answers;
  private final StartService starts;
  private final RoundService rounds;

  RunController(RunService runs, AnswerService answers, StartService starts, RoundService rounds) {
    this.runs = runs;
    this.answers = answers;
    this.starts = starts;
    this.rounds = rounds;
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  RoundViews.Round start(@RequestBody StartService.Sent start) {
    return starts.start(start);
  }

  @GetMapping("/running")
  RoundViews.Running running() {
    return new RoundViews.Running(rounds.running(), rounds.practised());
  }

  @GetMapping("/{id}")
  RoundViews.Round one(@PathVariable long id) {
    return rounds.one(id);
  }

  @PostMapping("/{id}/steps/{number}")
  RoundViews.Round tick(
      @PathVariable long id,
      @PathVariable int number,
      @RequestBody(required = false) RunService.@Nullable Tick tick) {
    return runs.tick(id, number, tick == null ? RunService.Tick.AS_PLANNED : tick);
  }

  @PostMapping("/{id}/ran")
  RoundViews.Round ran(@PathVariable long id, @RequestBody RunService.Ran ran) {
    return runs.ran(id, ran);
  }

  @DeleteMapping("/{id}/steps/last")
  RoundViews.Round untick(@PathVariable long id) {
    return runs.untick(id);
  }

  @PostMapping("/{id}/answers")
  RoundViews.Round answer(@PathVariable long id, @RequestBody AnswerService.Sent answered) {
    return answers.answer(id, answered);
  }

  @DeleteMapping("/{id}/answers/last")
  RoundViews.Round unanswer(@PathVariable long id) {
    return answers.unanswer(id);
  }

  @PostMapping("/{id}/skip")
  RoundViews.Round skip(@PathVariable long id, @RequestBody RunService.Because because) {
    return runs.skip(id, because);
  }

  @PostMapping("/{id}/hold")
  RoundViews.Round hold(@PathVariable long id, @RequestBody RunService.Because because) {
    return runs.hold(id, because);
  }

  @PostMapping("/{id}/resume")
  RoundViews.Round resume(@PathVariable long id, @RequestBody RunService.Because because) {
    return runs.resume(id, because);
  }

  @PostMapping("/{id}/more")
  RoundViews.Round more(@PathVariable long id, @RequestBody RunService.More more) {
    return runs.more(id, more);
  }

  @PostMapping("/{id}/handover")
  RoundViews.Round handOver(@PathVariable long id, @RequestBody RunService.Because to) {
    return runs.handOver(id, to);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stop(@PathVariable long id) {
    runs.stop(id);
  }

  @DeleteMapping("/practice")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stopPractice() {
    runs.stopPractice();
  }
}
