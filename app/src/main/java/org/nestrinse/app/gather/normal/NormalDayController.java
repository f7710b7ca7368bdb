package org.nestrinse.app.gather.normal;

import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Normal days, and days that differ. */
@RestController
@RequestMapping("/api/v1/normal-days")
class NormalDayController {
  private final NormalDayService normal;

  NormalDayController(NormalDayService normal) {
    this.normal = normal;
  }

  @GetMapping
  @CachedAnswer
  NormalDayService.NormalDays normalDays() {
    return normal.normalDays();
  }

  @PostMapping("/habits")
  @ResponseStatus(HttpStatus.CREATED)
  NormalDayService.NormalDays addHabit(@RequestBody NormalDayService.HabitChange change) {
    return normal.addHabit(change);
  }

  @PatchMapping("/habits/{id}")
  NormalDayService.NormalDays changeHabit(
      @PathVariable long id, @RequestBody NormalDayService.HabitChange change) {
    return normal.changeHabit(id, change);
  }

  @DeleteMapping("/habits/{id}")
  NormalDayService.NormalDays removeHabit(@PathVariable long id) {
    return normal.removeHabit(id);
  }

  @PostMapping("/spells")
  @ResponseStatus(HttpStatus.CREATED)
  NormalDayService.NormalDays addSpell(@RequestBody NormalDayService.SpellChange change) {
    return normal.addSpell(change);
  }

  @DeleteMapping("/spells/{id}")
  NormalDayService.NormalDays removeSpell(@PathVariable long id) {
    return normal.removeSpell(id);
  }
}
