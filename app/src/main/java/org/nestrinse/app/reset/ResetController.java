package org.nestrinse.app.reset;

import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/resets")
class ResetController {
  private final ResetService resets;
  private final ResetNeeds needs;

  ResetController(ResetService resets, ResetNeeds needs) {
    this.resets = resets;
    this.needs = needs;
  }

  @GetMapping
  @CachedAnswer
  ResetViews.ResetOverview look() {
    return needs.look();
  }

  @PostMapping("/plan")
  ResetViews.ResetPlanned plan(@RequestBody ResetPlanner.Request request) {
    return needs.plan(request);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ResetViews.ResetRunning begin(@RequestBody ResetService.Begin begin) {
    return resets.begin(begin);
  }

  @GetMapping("/running")
  ResetViews.ResetNow running() {
    return new ResetViews.ResetNow(resets.running());
  }

  @PostMapping("/{id}/steps/{number}")
  ResetViews.ResetRunning tick(
      @PathVariable long id, @PathVariable int number, @RequestBody ResetService.Tick tick) {
    return resets.tick(id, number, tick);
  }

  @DeleteMapping("/{id}/steps/last")
  ResetViews.ResetRunning untick(@PathVariable long id) {
    return resets.untick(id);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stop(@PathVariable long id) {
    resets.stop(id);
  }
}
