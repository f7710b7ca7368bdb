package org.nestrinse.app.gather.pail;

import java.util.List;
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

/** New pieces on their way into use. */
@RestController
@RequestMapping("/api/v1/prep")
class LotController {
  private final LotService lots;

  LotController(LotService lots) {
    this.lots = lots;
  }

  @GetMapping
  @CachedAnswer
  List<LotService.Lot> prep() {
    return lots.onTheirWay();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  LotService.Lot addNew(@RequestBody LotService.NewPieces pieces) {
    return lots.add(pieces);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeNew(@PathVariable long id) {
    lots.remove(id);
  }

  @PostMapping("/{id}/soak")
  LotService.Lot startSoak(@PathVariable long id) {
    return lots.startSoak(id);
  }

  @DeleteMapping("/{id}/soak")
  LotService.Lot endSoak(@PathVariable long id) {
    return lots.endSoak(id);
  }
}
