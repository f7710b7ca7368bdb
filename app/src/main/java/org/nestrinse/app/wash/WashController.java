package org.nestrinse.app.wash;

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
@RequestMapping("/api")
class WashController {
  private final PlanService plans;
  private final RoundService rounds;

  WashController(PlanService plans, RoundService rounds) {
    this.plans = plans;
    this.rounds = rounds;
  }

  @GetMapping("/loads/{id}/plans")
  WashViews.Comparison compare(@PathVariable long id) {
    return plans.compare(id);
  }

  @GetMapping("/loads/{id}/plan")
  WashViews.Plan plan(
      @PathVariable long id,
      @RequestParam String school,
      @RequestParam(required = false) @Nullable Integer temperatureC) {
    return plans.plan(id, school, temperatureC);
  }

  @PostMapping("/rounds")
  @ResponseStatus(HttpStatus.CREATED)
  WashViews.Round start(@RequestBody RoundService.Start start) {
    return rounds.start(start);
  }

  @GetMapping("/rounds/running")
  WashViews.Running running() {
    return new WashViews.Running(rounds.running());
  }

  @GetMapping("/rounds/{id}")
  WashViews.Round one(@PathVariable long id) {
    return rounds.one(id);
  }

  @PostMapping("/rounds/{id}/steps/{number}")
  WashViews.Round tick(@PathVariable long id, @PathVariable int number) {
    return rounds.tick(id, number);
  }

  @DeleteMapping("/rounds/{id}/steps/last")
  WashViews.Round untick(@PathVariable long id) {
    return rounds.untick(id);
  }
}
