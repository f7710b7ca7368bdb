package org.nestrinse.core.wash.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.wash.step.MachineRun;

/** How hard a run is on the fibres. */
class WearTest {

  private static MachineRun run(Agitation agitation, int minutes, int rinses, int rpm) {
    return new MachineRun(
        new Programme(
            "p",
            Programme.Use.WASH,
            List.of(40),
            0,
            null,
            minutes,
            agitation,
            rinses,
            0,
            600,
            1600),
        40,
        0,
        rpm);
  }

  @Test
  void anOrdinaryHourAtFortyIsOne() {
    assertThat(Wear.of(run(Agitation.NORMAL, 60, 0, 800), 40, false)).isCloseTo(1, within(1e-9));
    assertThat(Wear.of(run(Agitation.NORMAL, 60, 0, 800), 65, false)).isCloseTo(2, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "NORMAL, 60, 2, 800, 40, INTENSIVE, 60, 2, 800, 40",
    "GENTLE, 60, 2, 800, 40, NORMAL, 60, 2, 800, 40",
    "NORMAL, 60, 2, 800, 40, NORMAL, 120, 2, 800, 40",
    "NORMAL, 60, 2, 800, 40, NORMAL, 60, 3, 800, 40",
    "NORMAL, 60, 2, 800, 40, NORMAL, 60, 2, 1400, 40",
    "NORMAL, 60, 2, 800, 40, NORMAL, 60, 2, 800, 60"
  })
  void rougherLongerHotterAndFasterWearMore(
      Agitation a1, int m1, int r1, int s1, int c1, Agitation a2, int m2, int r2, int s2, int c2) {
    double less = Wear.of(run(a1, m1, r1, s1), c1, false);
    double more = Wear.of(run(a2, m2, r2, s2), c2, false);
    assertThat(more).isGreaterThan(less);
    assertThat(Wear.of(run(a1, m1, r1, s1), c1, true)).isGreaterThan(less);
  }
}
