package org.nestrinse.app.sort;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.changes.CachedAnswer;
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
@RequestMapping("/api/v1")
class SortController {
  private final SortService sort;
  private final LoadReader loads;
  private final ProposalService proposals;

  SortController(SortService sort, LoadReader loads, ProposalService proposals) {
    this.sort = sort;
    this.loads = loads;
    this.proposals = proposals;
  }

  @GetMapping("/sorting")
  @CachedAnswer
  SortViews.Sorting sorting() {
    return proposals.sorting();
  }

  @PostMapping("/sorting/moves")
  SortViews.Sorting move(@RequestBody ProposalService.MoveSent move) {
    return proposals.move(move);
  }

  @DeleteMapping("/sorting/moves/last")
  SortViews.Sorting moveBack() {
    return proposals.moveBack();
  }

  @DeleteMapping("/sorting/moves")
  SortViews.Sorting asProposed() {
    return proposals.asProposed();
  }

  @DeleteMapping("/sorting/rules/{name}/aside")
  SortViews.Sorting askAgain(@PathVariable String name) {
    return proposals.askAgain(name);
  }

  @PostMapping("/sorting/accept")
  SortViews.Sorting accept(@RequestBody ProposalService.Accepting accepting) {
    return proposals.accept(accepting);
  }

  @GetMapping("/sorting/pair")
  @CachedAnswer
  SortViews.Pair pair(@RequestParam long one, @RequestParam long other) {
    return proposals.pair(one, other);
  }

  @GetMapping("/loads")
  @CachedAnswer
  List<SortViews.Load> open() {
    return loads.open();
  }

  @PostMapping("/loads")
  @ResponseStatus(HttpStatus.CREATED)
  SortViews.Load make(@RequestBody ProposalService.NewLoad load) {
    return proposals.make(load);
  }

  @PostMapping("/loads/now")
  @ResponseStatus(HttpStatus.CREATED)
  ProposalService.WashedNow washNow(@RequestBody ProposalService.NewLoad load) {
    return proposals.washNow(load);
  }

  @PostMapping("/loads/{id}/items")
  SortViews.Load join(@PathVariable long id, @RequestBody SortService.Joined joining) {
    return sort.join(id, joining);
  }

  @PostMapping("/loads/{id}/bulkers")
  SortViews.Load bulkers(@PathVariable long id, @RequestBody SortService.Bulk bulk) {
    return sort.addBulkers(id, bulk);
  }

  @PostMapping("/loads/{id}/look")
  SortViews.Load look(@PathVariable long id, @RequestBody SortService.DrumSeen look) {
    return sort.look(id, look);
  }

  @DeleteMapping("/loads/{id}/items/{itemId}")
  SortViews.Load giveBack(
      @PathVariable long id,
      @PathVariable long itemId,
      @RequestParam(required = false) @Nullable Integer count) {
    return sort.giveBack(id, itemId, count);
  }

  @DeleteMapping("/loads/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable long id) {
    sort.takeBack(id);
  }
}
