package org.nestrinse.core.wash.simulation;

import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;

/**
 * How a programme's own label corrects the model: at the load of the label, water and heater energy
 * are what it says; other loads keep the two factors.
 *
 * @param water all baths, times this
 * @param heater the heater's energy, times this; the peak is not changed
 * @see "docs/models.md, section 2"
 */
record LabelFactors(double water, double heater) {
  private static final LabelFactors NONE = new LabelFactors(1, 1);

  /**
   * Returns the factors; 1 and 1 for a programme without a label's figures.
   *
   * @param inletC the cold tap [°C]
   * @param roomC the room [°C]
   */
  static LabelFactors of(Machine machine, Programme p, double inletC, double roomC) {
    Programme.Label label = p.label();
    if (label == null) {
      return NONE;
    }
    TextileLoad load = TextileLoad.of(Material.COTTON, label.loadKg());
    double mainL = Liquor.main(machine, p, load);
    double rinseL = Liquor.rinse(machine, p, load);
    double water = label.litres() / (mainL + p.rinses() * rinseL);
    double setC = p.reachesC(label.temperatureC());
    double heaterKwh =
        BathTemperature.of(
                new BathTemperature.Bath(
                    load,
                    mainL * water,
                    inletC,
                    roomC,
                    setC,
                    p.washMinutes(),
                    machine.heaterW(),
                    BathTemperature.USUAL_LOSS_W_K))
            .heaterKwh();
    double others = EnergyMeter.runningKwh(p.minutes(p.rinses()), p.rinses());
    double heater = heaterKwh <= 0 ? 1 : Math.max(0, label.kwh() - others) / heaterKwh;
    return new LabelFactors(water, heater);
  }
}
