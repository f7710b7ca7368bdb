package org.nestrinse.app.kit.removal;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.app.kit.Thing;
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
@RequestMapping("/api/kit")
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

  @DeleteMapping("/{thing}/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable Thing thing, @PathVariable long id) {
    removals.remove(thing, id);
  }

  @PostMapping("/{thing}/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringBack(@PathVariable Thing thing, @PathVariable long id) {
    removals.bringBack(thing, id);
  }
}
