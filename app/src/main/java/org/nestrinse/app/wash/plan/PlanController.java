package org.nestrinse.app.wash.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.plan.WallCard;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1")
class PlanController {
  private final PlanService plans;
  private final SchoolService schools;
  private final CardPage cards;
  private final Speech speech;

  PlanController(PlanService plans, SchoolService schools, CardPage cards, Speech speech) {
    this.plans = plans;
    this.schools = schools;
    this.cards = cards;
    this.speech = speech;
  }

  @GetMapping("/loads/{id}/plans")
  @CachedAnswer
  PlanViews.Comparison compare(
      @PathVariable long id,
      @RequestParam(required = false) @Nullable Long machineId,
      @RequestParam(required = false) @Nullable HygieneGoal goal) {
    return plans.compare(id, machineId, goal);
  }

  @GetMapping("/loads/{id}/plan")
  @CachedAnswer
  PlanViews.Plan plan(
      @PathVariable long id,
      @RequestParam String school,
      @RequestParam(required = false) @Nullable Integer temperatureC,
      @RequestParam(required = false) @Nullable Long machineId,
      @RequestParam(required = false) @Nullable HygieneGoal goal) {
    return plans.plan(id, PlanService.Request.of(school, temperatureC, machineId, goal));
  }

  @PostMapping("/loads/{id}/plan")
  PlanViews.Plan planAsked(@PathVariable long id, @RequestBody PlanService.Request request) {
    return plans.plan(id, request);
  }

  @PostMapping("/loads/{id}/options")
  PlanViews.Options options(@PathVariable long id, @RequestBody PlanService.Request request) {
    return plans.options(id, request);
  }

  @PostMapping("/loads/{id}/card")
  WallCard card(@PathVariable long id, @RequestBody PlanService.Request request) {
    speech.asTheHouse();
    return plans.card(id, request);
  }

  @PostMapping(value = "/loads/{id}/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] cardPage(
      @PathVariable long id,
      @RequestParam CardPage.Size size,
      @RequestBody PlanService.Request request) {
    return cards.pdf(plans.card(id, request), size);
  }

  @GetMapping("/schools")
  @CachedAnswer
  List<SchoolService.View> schools() {
    return schools.all();
  }

  /**
   * What is sent to keep a school under a name of its own.
   *
   * @param name its name
   * @param plan how it is bent
   */
  record OwnSchool(@Nullable String name, PlanService.@Nullable Request plan) {}

  @PostMapping("/schools")
  @ResponseStatus(HttpStatus.CREATED)
  SchoolService.View keepSchool(@RequestBody OwnSchool own) {
    if (own.plan == null) {
      throw new OutOfRange("plan", Allowed.MISSING, RoundSaying.A_BENT_PLAN);
    }
    return plans.keepSchool(own.name, own.plan);
  }

  @PutMapping("/schools/{id}")
  SchoolService.View changeSchool(
      @PathVariable String id, @RequestBody SchoolService.Change change) {
    return schools.change(id, change);
  }

  @DeleteMapping("/schools/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putSchoolAway(@PathVariable String id) {
    schools.putAway(id);
  }

  @PostMapping("/schools/{id}/restore")
  SchoolService.View takeSchoolOut(@PathVariable String id) {
    return schools.takeOut(id);
  }
}
