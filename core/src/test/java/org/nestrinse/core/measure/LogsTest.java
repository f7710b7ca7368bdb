package org.nestrinse.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Examples;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.OutOfRange;

/** Logs read for what they show. */
class LogsTest {
  /** The bath of the worked example, 60 asked and 52 reached, then cold rinses. */
  private static List<Reading> logOf(double setC, double holdMinutes) {
    BathTemperature course =
        BathTemperature.held(
            new BathTemperature.Bath(Examples.LOAD_A, 15, 12, 20, setC, 90, 2000, 6), holdMinutes);
    List<Reading> log = new ArrayList<>();
    course.profile().stream()
        .filter(p -> p.minute() == Math.rint(p.minute()))
        .forEach(p -> log.add(new Reading(p.minute(), p.temperatureC())));
    for (int minute = 91; minute < 120; minute++) {
      log.add(new Reading(minute, 16));
    }
    return log;
  }

  @Test
  void findsPeakHoldAndHeatingRateOfAKnownBath() {
    TemperatureLog log = TemperatureLog.of(logOf(52, 30));
    assertThat(log.peakC()).isCloseTo(52, within(0.05));
    // 30 min held and the 2 K before and after it.
    assertThat(log.holdMinutes()).isBetween(30.0, 48.0);
    assertThat(log.heatingKMin()).isBetween(1.2, 1.7);
    assertThat(log.startC()).isCloseTo(13.67, within(0.05));
    assertThat(log.phases())
        .extracting(Phase::sort)
        .containsExactly(
            Phase.Type.FILLING, Phase.Type.HEATING, Phase.Type.HOLDING, Phase.Type.COOLING);
  }

  @Test
  void aWildValueIsNoPeak() {
    List<Reading> log = logOf(52, 30);
    log.set(5, new Reading(5, 98));
    assertThat(TemperatureLog.of(log).peakC()).isCloseTo(52, within(0.05));
  }

  @Test
  void saysWhatTheProgrammePromisedAndKeepsWhatWasSeen() {
    TemperatureLog log = TemperatureLog.of(logOf(52, 30));
    assertThat(log.beside(Pieces.COTTONS, 60))
        .anyMatch(
            f ->
                f.what().saying() == MeasureSaying.HIGHEST
                    && f.promised().equals(Said.from(Quantity.celsius(60)))
                    && !f.agrees());
    assertThat(TemperatureLog.of(logOf(60, 60)).beside(Pieces.COTTONS, 60))
        .anyMatch(f -> f.what().saying() == MeasureSaying.HIGHEST && f.agrees());
    Programme.Measured kept = log.onto(Pieces.COTTONS, 60);
    Programme seen = Pieces.COTTONS.with(kept);
    assertThat(seen.reachesC(60)).isCloseTo(52, within(0.05));
    PowerTrace trace = PowerTrace.of(trace(1800));
    Programme.Measured both = trace.onto(seen, 60);
    assertThat(both.peakC()).isEqualTo(kept.peakC());
    assertThat(both.heaterW()).isEqualTo(1900);
    assertThat(trace.onto(seen, 40).peakC()).isNull();
  }

  /** Fills 5 min, heats 30, keeps up with short pulses for 40, turns for 30, spins for 8. */
  private static List<Reading> trace(double heater) {
    List<Reading> trace = new ArrayList<>();
    for (int i = 0; i < 113; i++) {
      double w = i < 5 ? 20 : 100;
      if (i >= 5 && i < 35) {
        w = heater + 100;
      } else if (i >= 35 && i < 75 && i % 8 == 0) {
        w = heater + 100;
      } else if (i >= 105) {
        w = 420;
      }
      trace.add(new Reading(i, w));
    }
    return trace;
  }

  @Test
  void readsAPlug() {
    PowerTrace trace = PowerTrace.of(trace(1900));
    assertThat(trace.heaterW()).isEqualTo(2000);
    assertThat(trace.heatingMinutes()).isEqualTo(29);
    assertThat(trace.holdMinutes()).isEqualTo(38);
    assertThat(trace.phases())
        .extracting(Phase::sort)
        .containsExactly(
            Phase.Type.FILLING,
            Phase.Type.HEATING,
            Phase.Type.HOLDING,
            Phase.Type.WASHING,
            Phase.Type.SPINNING);
    assertThat(trace.kwh()).isCloseTo(1.4, within(0.15));
    assertThat(trace.beside(Pieces.COTTONS, 2000))
        .anyMatch(f -> f.what().saying() == MeasureSaying.HEATER && f.agrees());
    assertThat(trace.beside(Pieces.COTTONS, 1200))
        .anyMatch(f -> f.what().saying() == MeasureSaying.HEATER && !f.agrees());
  }

  @Test
  void aColdRunHasNoHeater() {
    PowerTrace trace = PowerTrace.of(trace(100));
    assertThat(trace.heaterW()).isNull();
    assertThat(trace.beside(Pieces.COTTONS, 2000))
        .anyMatch(f -> f.seen().saying() == MeasureSaying.NEVER_ON && !f.agrees());
  }

  @Test
  void whatIsNoRunIsRefused() {
    assertThatThrownBy(() -> TemperatureLog.of(List.of(new Reading(0, 20))))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("least=10");
    List<Reading> log = logOf(60, 60);
    log.set(7, new Reading(6, 20));
    assertThatThrownBy(() -> TemperatureLog.of(log)).hasMessageContaining("a-later-time");
    List<Reading> boiling = logOf(60, 60);
    boiling.set(7, new Reading(7, 140));
    assertThatThrownBy(() -> TemperatureLog.of(boiling)).hasMessageContaining("100");
    List<Reading> brief = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      brief.add(new Reading(i / 10.0, 20));
    }
    assertThatThrownBy(() -> TemperatureLog.of(brief)).hasMessageContaining("one-run");
  }
}
