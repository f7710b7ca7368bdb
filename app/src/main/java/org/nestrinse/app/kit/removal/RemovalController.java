package org.nestrinse.app.kit.removal;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Removing what the household no longer has, and bringing it back. */
@RestController
@RequestMapping("/api/v1")
class RemovalController {
  private final RemovalService removals;

  RemovalController(RemovalService removals) {
    this.removals = removals;
  }

  @GetMapping("/removed")
  @CachedAnswer
  List<RemovalService.Removed> removed() {
    return removals.removed();
  }

  @DeleteMapping("/{things:" + Things.ALL + "}/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable Things things, @PathVariable long id) {
    removals.remove(things.thing(), id);
  }

  @PostMapping("/{things:" + Things.ALL + "}/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable Things things, @PathVariable long id) {
    removals.bringBack(things.thing(), id);
  }
}
