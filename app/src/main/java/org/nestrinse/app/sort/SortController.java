package org.nestrinse.app.sort;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/loads")
class SortController {
  private final SortService sort;

  SortController(SortService sort) {
    this.sort = sort;
  }

  @GetMapping("/open")
  SortViews.Sorting open() {
    return sort.sorting();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  SortViews.Load make(@RequestBody SortService.NewLoad load) {
    return sort.make(load);
  }

  @PostMapping("/{id}/items")
  SortViews.Load join(@PathVariable long id, @RequestBody SortService.Joining joining) {
    return sort.join(id, joining);
  }

  @PostMapping("/{id}/bulkers")
  SortViews.Load bulkers(@PathVariable long id, @RequestBody SortService.Bulk bulk) {
    return sort.addBulkers(id, bulk);
  }

  @DeleteMapping("/{id}/items/{itemId}")
  SortViews.Load giveBack(
      @PathVariable long id,
      @PathVariable long itemId,
      @RequestParam(required = false) @Nullable Integer count) {
    return sort.giveBack(id, itemId, count);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable long id) {
    sort.takeBack(id);
  }
}
