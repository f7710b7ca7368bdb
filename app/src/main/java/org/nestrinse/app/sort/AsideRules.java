package org.nestrinse.app.sort;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.nestrinse.app.sort.SortViews.Rule;
import org.nestrinse.core.sort.HouseRules;
import org.nestrinse.core.sort.Joining;
import org.nestrinse.core.sort.TravelRules;
import org.springframework.stereotype.Component;

/** The soft rules that the household has set aside for good. */
@Component
class AsideRules {
  private final AsideRuleRepository rules;

  AsideRules(AsideRuleRepository rules) {
    this.rules = rules;
  }

  /** Returns which rules do not hold here. */
  HouseRules now() {
    Map<String, String> reasons =
        rules.findAll().stream().collect(Collectors.toMap(r -> r.rule, r -> r.reason));
    return new HouseRules(reasons);
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
