package org.nestrinse.app.gather;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class GatherController {
  private final GatherService gather;

  GatherController(GatherService gather) {
    this.gather = gather;
  }

  @GetMapping("/pails")
  GatherViews.Gathering pails() {
    return gather.gathering();
  }

  @PostMapping("/pails")
  @ResponseStatus(HttpStatus.CREATED)
  GatherViews.Gathering addPail(@RequestBody GatherService.NewPail pail) {
    gather.addPail(pail);
    return gather.gathering();
  }

  @PostMapping("/pails/{id}/entries")
  @ResponseStatus(HttpStatus.CREATED)
  GatherViews.Entry add(@PathVariable long id, @RequestBody GatherService.Coming coming) {
    return gather.add(id, coming);
  }

  @PatchMapping("/entries/{id}")
  GatherViews.Entry correct(
      @PathVariable long id, @RequestBody GatherService.Correction correction) {
    return gather.correct(id, correction);
  }

  @DeleteMapping("/entries/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    gather.remove(id);
  }

  @PostMapping("/entries/{id}/restore")
  GatherViews.Entry restore(@PathVariable long id) {
    return gather.restore(id);
  }
}
