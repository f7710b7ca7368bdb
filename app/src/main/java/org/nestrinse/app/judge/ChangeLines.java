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
    return new JudgeViews.ExperimentLine(
        "dose-" + m.number(),
        null,
        m.to() > m.from() ? Change.DOSE_UP : Change.DOSE_DOWN,
        dose(m.to(), m.from()),
        null,
        List.of(),
        m.at(),
        words.at(m.at()),
        words.at(m.at()),
        Experiment.State.KEPT,
        m.reason() == TrimService.Moved.SET_BACK
            ? DiagnosisSaying.SET_BACK.said()
            : DiagnosisSaying.TAKEN_BACK.said(),
        false);
  }

  private static Said dose(double to, double from) {
    return Said.of(JudgeSaying.DOSE)
        .with("now", new Quantity(to, Unit.TIMES, 1))
        .with("before", new Quantity(from, Unit.TIMES, 1));
  }

  static JudgeViews.ExperimentLine view(ExperimentEntity e, TimeWords words, boolean latest) {
    return new JudgeViews.ExperimentLine(
        "change-" + e.id,
        e.id,
        e.changeMade,
        e.changeMade.trimDirection() == 0 ? e.changeMade.said() : dose(e.trimAfter, e.trimBefore),
        e.cause.said(),
        e.findings().stream().sorted().map(ChangeLines::sign).toList(),
        e.startedAt,
        words.at(e.startedAt),
        e.endedAt == null ? null : words.at(e.endedAt),
        e.state,
        e.says,
        latest && e.open());
  }

  private static Said sign(String finding) {
    int dot = finding.indexOf('.');
    return Sign.valueOf(finding.substring(0, dot)).value(finding.substring(dot + 1)).words();
  }
}
