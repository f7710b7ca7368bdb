package org.nestrinse.app.sort;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.nestrinse.app.kit.household.HouseAnswers;
import org.nestrinse.app.sort.SortViews.Rule;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.sort.HouseRules;
import org.nestrinse.core.sort.Joining;
import org.nestrinse.core.sort.TravelRules;
import org.nestrinse.core.wash.school.Disagreement;
import org.springframework.stereotype.Component;

/** Where the household goes its own way with the soft rules of sorting. */
@Component
class AsideRules {
  private final AsideRuleRepository rules;

  /** What the household answers where people disagree can set a rule aside as well. */
  private static final Map<String, Answer> ANSWERED =
      Map.of(
          "clothes", new Answer(Disagreement.BABY_CLOTHES, "40"),
          "wrapping", new Answer(Disagreement.BULK, "any"));

  private final HouseAnswers answers;
  private final Speech speech;

  AsideRules(AsideRuleRepository rules, HouseAnswers answers, Speech speech) {
    this.rules = rules;
    this.answers = answers;
    this.speech = speech;
  }

  private record Answer(Disagreement question, String id) {}

  /** Returns which rules do not hold here. */
  HouseRules now() {
    Map<String, String> reasons =
        rules.findAll().stream().collect(Collectors.toMap(r -> r.rule, r -> r.reason));
    ANSWERED.forEach(
        (rule, answer) -> {
          if (answer.id.equals(answers.answers().get(answer.question))) {
            Said words = answer.question.position(answer.id).words();
            reasons.putIfAbsent(rule, speech.words(words));
          }
        });
    return new HouseRules(reasons, answers.clothes(), answers.anythingFills());
  }

  /** Sets the rule of a verdict aside for good; a hard rule stands. */
  void always(Joining.Verdict verdict, String reason) {
    if (HouseRules.maySetAside(verdict)) {
      AsideRuleEntity rule = new AsideRuleEntity();
      rule.rule = verdict.rule();
      rule.reason = reason;
      rules.saveAndFlush(rule);
    }
  }

  /** Lets a rule hold again. */
  void askAgain(String rule) {
    rules.findById(rule).ifPresent(rules::delete);
    rules.flush();
    Answer answer = ANSWERED.get(rule);
    if (answer != null && answer.id.equals(answers.answers().get(answer.question))) {
      String first = answer.question.positions().get(0).id();
      answers.answer(answer.question, new HouseAnswers.AnswerChange(first));
    }
  }

  /** Returns every rule about what travels with what, as it holds here. */
  List<Rule> shown() {
    HouseRules here = now();
    return TravelRules.ALL.stream()
        .map(
            rule ->
                new Rule(
                    rule.name(),
                    rule.title(),
                    rule.strength(),
                    rule.reason(),
                    here.reasons().get(rule.name())))
        .toList();
  }
}
