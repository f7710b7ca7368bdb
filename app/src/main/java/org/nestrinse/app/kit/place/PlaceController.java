package org.nestrinse.app.kit.place;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where things hang. */
@RestController
@RequestMapping("/api/v1")
class PlaceController {
  private final PlaceService places;

  PlaceController(PlaceService places) {
    this.places = places;
  }

  @GetMapping("/places")
  @CachedAnswer
  List<PlaceService.Numbered> places() {
    return places.all();
  }

  @PostMapping("/places")
  @ResponseStatus(HttpStatus.CREATED)
  PlaceService.Numbered addPlace(@RequestBody PlaceService.Change change) {
    return places.add(change);
  }

  @PutMapping("/places/{id}")
  PlaceService.Numbered changePlace(
      @PathVariable long id, @RequestBody PlaceService.Change change) {
    return places.change(id, change);
  }
}
