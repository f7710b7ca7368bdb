package org.nestrinse.core.bath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Examples;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;

/** The closed forms against slow and plain integration, on random inputs of a fixed seed. */
class NumericalLawsTest {
  private static final Random RANDOM = new Random(2026);

  private static double between(double low, double high) {
    return low + RANDOM.nextDouble() * (high - low);
  }

  @RepeatedTest(20)
  void heatingAgreesWithSmallSteps() {
    TextileLoad load = TextileLoad.of(Material.COTTON, between(0.5, 7));
    double water = between(8, 30);
    double inlet = between(5, 25);
    double room = between(10, 28);
    double set = between(35, 90);
    double minutes = between(20, 200);
    BathTemperature bath =
        BathTemperature.of(
            new BathTemperature.Bath(load, water, inlet, room, set, minutes, 2000, 6));

    double capacity = water * 4186 + load.massKg() * 1350 + 12000;
    double t = (water * 4186 * inlet + (load.massKg() * 1350 + 12000) * room) / capacity;
    double joules = 0;
    double step = 0.25;
    for (double s = 0; s < minutes * 60; s += step) {
      double loss = 6 * (t - room);
      double power = t < set ? 2000 : Math.max(0, loss);
      t = Math.min(set, t + (power - loss) * step / capacity);
      joules += power * step;
    }
    assertThat(bath.endC()).isCloseTo(t, within(0.05));
    assertThat(bath.heaterKwh()).isCloseTo(joules / 3.6e6, within(0.005));
  }

  @RepeatedTest(20)
  void heatLogAgreesWithSmallSteps() {
    List<TemperaturePoint> profile = new ArrayList<>();
    double minute = 0;
    for (int i = 0; i < 6; i++) {
      profile.add(new TemperaturePoint(minute, between(15, 75)));
      minute += between(1, 30);
    }
    double sum = 0;
    double step = 0.001;
    for (int i = 1; i < profile.size(); i++) {
      TemperaturePoint a = profile.get(i - 1);
      TemperaturePoint b = profile.get(i);
      double length = b.minute() - a.minute();
      for (double m = step / 2; m < length; m += step) {
        double t = a.temperatureC() + (b.temperatureC() - a.temperatureC()) * m / length;
        sum += step / (10 * Math.pow(10, (60 - t) / 10));
      }
    }
    assertThat(HygieneEstimate.heatLog(profile)).isCloseTo(sum, within(0.002 + sum * 0.002));
  }

  @RepeatedTest(20)
  void wetClothBalancesItsHeat() {
    AirDrying.Air air =
        new AirDrying.Air(between(-5, 35), between(20, 100), between(0.1, 8), between(0, 900));
    double cloth = air.clothTemperatureC();
    double convection = 4 + 3 * air.windMs();
    double transfer = convection / (1207 * 0.90);
    double gained = (convection + 4.7) * (air.temperatureC() - cloth) + 0.25 * air.irradianceWm2();
    double spent =
        2.45e6
            * transfer
            * (density(cloth, 100) - density(air.temperatureC(), air.relativeHumidity()));
    assertThat(gained).isCloseTo(spent, within(1e-6));
  }

  private static double density(double celsius, double humidity) {
    double pressure = 610.94 * Math.exp(17.625 * celsius / (celsius + 243.04));
    return pressure / (461.5 * (celsius + 273.15)) * humidity / 100;
  }

  @RepeatedTest(20)
  void aSeriesOfRinsesIsTheFormulaRaisedToItsNumber() {
    double dose = between(5, 150);
    double main = between(8, 25);
    double rinse = between(8, 25);
    int rinses = RANDOM.nextInt(9);
    double interim = between(400, 900);
    RinseOutcome outcome =
        RinseOutcome.of(
            RinseOutcomeSeriesBuilder.builder()
                .load(Examples.LOAD_A)
                .doseG(dose)
                .mainL(main)
                .rinseL(rinse)
                .rinses(rinses)
                .interimRpm(interim)
                .finalRpm(1200)
                .drumRadiusM(0.235)
                .targetMgKg(100)
                .build());
    double sorbed = Examples.LOAD_A.sorbedL();
    double held = SpinRetention.of(Examples.LOAD_A, interim, 0.235).retainedL() + sorbed;
    double last = SpinRetention.of(Examples.LOAD_A, 1200, 0.235).retainedL() + sorbed;
    double c = dose / (main + sorbed) * Math.pow(held / (held + 0.9 * rinse), rinses);
    assertThat(outcome.residueMgKg())
        .isCloseTo(
            1000 * c * last / Examples.LOAD_A.massKg(),
            Examples.halfPercent(outcome.residueMgKg()));
    assertThat(outcome.concentrationsGL()).hasSize(rinses + 1);
  }

  @Test
  void bathsAddInEverythingThatKills() {
    HygienePhase warm = phase(50);
    HygienePhase warmer = phase(55);
    HygieneEstimate both = HygieneEstimate.of(List.of(warm, warmer), 1.5);
    HygieneEstimate one = HygieneEstimate.of(warm, 0);
    HygieneEstimate other = HygieneEstimate.of(warmer, 0);
    assertThat(both.heatLog()).isCloseTo(one.heatLog() + other.heatLog(), within(1e-12));
    assertThat(both.liftedLog()).isEqualTo(1.5);
    assertThat(both.a0()).isEqualTo(one.a0() + other.a0());
  }

  private static HygienePhase phase(double celsius) {
    List<TemperaturePoint> profile =
        List.of(new TemperaturePoint(0, celsius), new TemperaturePoint(20, celsius));
    return new HygienePhase(Examples.LOAD_A, 15, 60, profile, 0, false, 0, null);
  }
}
