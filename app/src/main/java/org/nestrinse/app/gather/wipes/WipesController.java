package org.nestrinse.app.gather.wipes;

import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The two boxes of wipes. */
@RestController
@RequestMapping("/api/v1/wipes")
class WipesController {
  private final WipesService wipes;

  WipesController(WipesService wipes) {
    this.wipes = wipes;
  }

  @GetMapping
  @CachedAnswer
  WipesService.Kit wipes() {
    return wipes.kit();
  }

  @PostMapping("/{number}/fill")
  WipesService.Kit fill(@PathVariable int number, @RequestBody WipesService.Filling filling) {
    return wipes.fill(number, filling);
  }
}
