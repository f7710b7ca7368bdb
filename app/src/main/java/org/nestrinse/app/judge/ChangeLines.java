package org.nestrinse.app.judge;

import java.util.List;
import org.nestrinse.app.kit.household.TrimService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.DiagnosisSaying;
import org.nestrinse.core.judge.Experiment;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/** The changes that were made, as they are shown. */
final class ChangeLines {
  private ChangeLines() {}

  static JudgeViews.ExperimentLine view(TrimService.DoseMove m, TimeWords words) {
    return JudgeViewsExperimentLineBuilder.builder()
        .key("dose-" + m.number())
        .id(null)
        .change(m.to() > m.from() ? Change.DOSE_UP : Change.DOSE_DOWN)
        .words(dose(m.to(), m.from()))
        .causeWords(null)
        .complaint(List.of())
        .startedAt(m.at())
        .startedWords(words.at(m.at()))
        .endedWords(words.at(m.at()))
        .state(Experiment.State.KEPT)
        .says(
            m.reason() == TrimService.Moved.SET_BACK
                ? DiagnosisSaying.SET_BACK.said()
                : DiagnosisSaying.TAKEN_BACK.said())
        .open(false)
        .build();
  }

  private static Said dose(double to, double from) {
    return Said.of(JudgeSaying.DOSE)
        .with("now", new Quantity(to, Unit.TIMES, 1))
        .with("before", new Quantity(from, Unit.TIMES, 1));
  }

  static JudgeViews.ExperimentLine view(ExperimentEntity e, TimeWords words, boolean latest) {
    return JudgeViewsExperimentLineBuilder.builder()
        .key("change-" + e.id)
        .id(e.id)
        .change(e.changeMade)
        .words(
            e.changeMade.trimDirection() == 0
                ? e.changeMade.said()
                : dose(e.trimAfter, e.trimBefore))
        .causeWords(e.cause.said())
        .complaint(e.findings().stream().sorted().map(ChangeLines::sign).toList())
        .startedAt(e.startedAt)
        .startedWords(words.at(e.startedAt))
        .endedWords(e.endedAt == null ? null : words.at(e.endedAt))
        .state(e.state)
        .says(e.says)
        .open(latest && e.open())
        .build();
  }

  private static Said sign(String finding) {
    int dot = finding.indexOf('.');
    return Sign.valueOf(finding.substring(0, dot)).value(finding.substring(dot + 1)).words();
  }
}
