package org.nestrinse.app.dry;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/drying")
class DryController {
  private final DryService dry;

  DryController(DryService dry) {
    this.dry = dry;
  }

  /** Where a group should hang. */
  record Move(@Nullable Long placeId) {}

  @GetMapping
  DryViews.Drying drying() {
    return dry.drying();
  }

  @PatchMapping("/{id}")
  DryViews.Drying move(@PathVariable long id, @RequestBody Move move) {
    if (move.placeId == null) {
      throw new OutOfRange("placeId", "missing", "the number of one of the household's places");
    }
    dry.move(id, move.placeId);
    return dry.drying();
  }

  /** Into which dryer a group goes. */
  record Into(@Nullable Long dryerId) {}

  @PostMapping("/{id}/tumble")
  DryViews.Drying tumble(@PathVariable long id, @RequestBody Into into) {
    if (into.dryerId == null) {
      throw new OutOfRange("dryerId", "missing", "the number of one of the household's dryers");
    }
    dry.tumble(id, into.dryerId);
    return dry.drying();
  }

  @PostMapping("/{id}/dry")
  DryViews.Drying dry(@PathVariable long id) {
    dry.dry(id);
    return dry.drying();
  }

  @DeleteMapping("/{id}/dry")
  DryViews.Drying notDry(@PathVariable long id) {
    dry.notDry(id);
    return dry.drying();
  }
}
