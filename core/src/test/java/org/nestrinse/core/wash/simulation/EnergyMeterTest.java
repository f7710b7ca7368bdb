package org.nestrinse.core.wash.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.wash.step.WashJob;

class EnergyMeterTest {
  private final WashJob job = job(List.of(soiled(HAND_TOWEL, 8, Soil.DIRT)), List.of(), null);

  @Test
  void whatIsDrawnInPartsIsDrawnInAll() {
    EnergyMeter whole = new EnergyMeter(job);
    whole.draws(1.2, 0, 60);
    EnergyMeter parts = new EnergyMeter(job);
    parts.draws(0.6, 0, 30);
    parts.draws(0.6, 30, 30);
    assertThat(parts.kwh()).isCloseTo(whole.kwh(), within(1e-9));
    assertThat(parts.cost()).isCloseTo(whole.cost(), within(1e-9));
  }

  @Test
  void aMomentIsPaidAtItsOwnPrice() {
    EnergyMeter meter = new EnergyMeter(job);
    meter.draws(1, 0, 30);
    assertThat(meter.cost()).isCloseTo(job.tariff().cost(1, job.start(), 30), within(1e-9));
  }
}
