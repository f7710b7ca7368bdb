package org.nestrinse.app.shelf;

import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/shelf")
class ShelfController {
  private final ShelfService shelf;

  ShelfController(ShelfService shelf) {
    this.shelf = shelf;
  }

  @GetMapping
  @CachedAnswer
  ShelfViews.Shelf shelf() {
    return shelf.shelf();
  }

  @PutMapping("/wishes/{recipe}")
  ShelfViews.Shelf wish(@PathVariable String recipe, @RequestBody ShelfService.Wish wish) {
    shelf.wish(recipe, wish);
    return shelf.shelf();
  }
}
