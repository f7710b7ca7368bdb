package org.nestrinse.app.kit.household;

import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.core.wash.school.Disagreement;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The facts of the household. */
@RestController
@RequestMapping("/api/v1")
class HouseholdController {
  private final HouseholdService household;
  private final VoiceService voices;
  private final HouseAnswers answers;

  HouseholdController(HouseholdService household, VoiceService voices, HouseAnswers answers) {
    this.answers = answers;
    this.household = household;
    this.voices = voices;
  }

  @GetMapping("/household")
  @CachedAnswer
  Household household() {
    return household.current();
  }

  @PutMapping("/household")
  Household changeHousehold(@RequestBody HouseholdService.Change change) {
    return household.change(change);
  }

  @PutMapping("/household/first-device")
  Household firstDevice(@RequestBody VoiceService.FirstDevice first) {
    return voices.firstDevice(first);
  }

  @GetMapping("/household/voice")
  @CachedAnswer
  HouseVoice voice() {
    return voices.current();
  }

  @PutMapping("/household/voice")
  HouseVoice changeVoice(@RequestBody VoiceService.VoiceChange change) {
    return voices.change(change);
  }

  @PutMapping("/household/answers/{question}")
  Household answer(
      @PathVariable Disagreement question, @RequestBody HouseAnswers.AnswerChange change) {
    return answers.answer(question, change);
  }
}
