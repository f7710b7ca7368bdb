package org.nestrinse.app.wear;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/wear")
class WearController {
  private final WearService wear;

  WearController(WearService wear) {
    this.wear = wear;
  }

  @GetMapping
  @CachedAnswer
  List<WearService.PieceBatch> all() {
    return wear.all();
  }

  @PutMapping("/{id}")
  WearService.PieceBatch look(@PathVariable long id, @RequestBody WearService.Inspection look) {
    return wear.look(id, look);
  }

  @PostMapping("/{id}/retire")
  List<WearService.PieceBatch> retire(
      @PathVariable long id, @RequestBody WearService.Retire retire) {
    return wear.retire(id, retire);
  }
}
