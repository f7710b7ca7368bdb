package org.nestrinse.app.kit.kind;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.app.speech.Speech;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The kinds of textiles, and the plain ones to choose from. */
@RestController
@RequestMapping("/api/v1")
class KindController {
  private final KindService kinds;
  private final KindCatalogue catalogue;
  private final Speech speech;

  KindController(KindService kinds, KindCatalogue catalogue, Speech speech) {
    this.kinds = kinds;
    this.speech = speech;
    this.catalogue = catalogue;
  }

  @GetMapping("/kinds")
  @CachedAnswer
  List<KindView> kinds() {
    return kinds.all();
  }

  @PostMapping("/kinds")
  @ResponseStatus(HttpStatus.CREATED)
  KindView addKind(@RequestBody KindService.Change change) {
    return kinds.add(change);
  }

  @PutMapping("/kinds/{id}")
  KindView changeKind(@PathVariable long id, @RequestBody KindService.Change change) {
    return kinds.change(id, change);
  }

  @PostMapping("/kinds/{id}/weigh")
  KindView weigh(@PathVariable long id, @RequestBody KindService.Weighing weighing) {
    return kinds.weigh(id, weighing);
  }

  @DeleteMapping("/kinds/{id}/bulk")
  KindView forgetBulk(@PathVariable long id) {
    return kinds.forgetBulk(id);
  }

  @GetMapping("/catalogue")
  List<KindCatalogue.Preset> catalogue() {
    return catalogue.presets(speech.language());
  }
}
