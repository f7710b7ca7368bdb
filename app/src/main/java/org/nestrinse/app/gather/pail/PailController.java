package org.nestrinse.app.gather.pail;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.Solids;
import org.nestrinse.core.said.Said;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The pails and what waits in them. */
@RestController
@RequestMapping("/api/v1")
class PailController {
  private final GatherService gather;
  private final PailService pails;
  private final TypedEntries typed;
  private final AssumedPieces assumed;

  PailController(
      GatherService gather, PailService pails, TypedEntries typed, AssumedPieces assumed) {
    this.gather = gather;
    this.pails = pails;
    this.typed = typed;
    this.assumed = assumed;
  }

  @GetMapping("/pails")
  @CachedAnswer
  GatherViews.Gathering pails() {
    return gather.gathering();
  }

  @PostMapping("/pails")
  @ResponseStatus(HttpStatus.CREATED)
  GatherViews.Gathering addPail(@RequestBody PailService.Setup pail) {
    pails.addPail(pail);
    return gather.gathering();
  }

  @PutMapping("/pails/{id}")
  GatherViews.Gathering changePail(@PathVariable long id, @RequestBody PailService.Change change) {
    pails.changePail(id, change);
    return gather.gathering();
  }

  @DeleteMapping("/pails/{id}")
  GatherViews.Gathering removePail(@PathVariable long id) {
    pails.removePail(id);
    return gather.gathering();
  }

  @PostMapping("/pails/{id}/restore")
  GatherViews.Gathering bringPailBack(@PathVariable long id) {
    pails.bringPailBack(id);
    return gather.gathering();
  }

  @GetMapping("/pails/removed")
  @CachedAnswer
  List<PailService.Removed> removedPails() {
    return pails.removedPails();
  }

  @GetMapping("/pails/{id}/cleaning")
  @CachedAnswer
  GatherViews.Cleaning cleaning(@PathVariable long id) {
    return pails.cleaning(id);
  }

  @PostMapping("/pails/{id}/empty")
  GatherViews.Gathering empty(@PathVariable long id, @RequestBody PailService.Emptying emptying) {
    assumed.catchUp();
    pails.empty(id, emptying);
    return gather.gathering();
  }

  @DeleteMapping("/pails/{id}/empty")
  GatherViews.Gathering notEmpty(@PathVariable long id) {
    pails.notEmpty(id);
    return gather.gathering();
  }

  @GetMapping("/pails/{id}/advice")
  @CachedAnswer
  List<Said> advice(
      @PathVariable long id,
      @RequestParam long kindId,
      @RequestParam Soil soil,
      @RequestParam Solids solids) {
    return gather.advice(id, kindId, soil, solids);
  }

  @PostMapping("/pails/{id}/entries")
  @ResponseStatus(HttpStatus.CREATED)
  GatherViews.Entry add(@PathVariable long id, @RequestBody GatherService.Coming coming) {
    assumed.catchUp();
    return gather.add(id, coming);
  }

  @GetMapping("/pails/{id}/typed")
  @CachedAnswer
  GatherViews.Typed understood(
      @PathVariable long id, @RequestParam String text, @RequestParam Soil soil) {
    return typed.understood(id, text, soil);
  }

  @PostMapping("/pails/{id}/typed")
  @ResponseStatus(HttpStatus.CREATED)
  List<GatherViews.Entry> addTyped(@PathVariable long id, @RequestBody TypedEntries.Words words) {
    assumed.catchUp();
    return typed.add(id, words);
  }

  @PatchMapping("/entries/{id}")
  GatherViews.Entry correct(
      @PathVariable long id, @RequestBody GatherService.Correction correction) {
    return gather.correct(id, correction);
  }

  @DeleteMapping("/entries/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    gather.remove(id);
  }

  @PostMapping("/entries/{id}/restore")
  GatherViews.Entry restore(@PathVariable long id) {
    return gather.restore(id);
  }
}
