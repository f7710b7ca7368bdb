package org.nestrinse.core.reset;

import java.util.Collection;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.textile.Kind;

/**
 * The machine in which the closing wash runs.
 *
 * @param name as shown
 * @param litres volume of the drum [L]
 * @param radiusM its radius [m]
 * @param rpm spin that every piece tolerates [rpm]
 */
public record ResetDrum(String name, double litres, double radiusM, double rpm) {
  /** Returns the drum of a machine at the fastest spin that it has and every kind can take. */
  public static ResetDrum of(Machine machine, Collection<Kind> kinds) {
    int fastest = machine.programmes().stream().mapToInt(Programme::fastestSpinRpm).max().orElse(0);
    int bears = kinds.stream().mapToInt(k -> k.limits().fastestSpinRpm()).min().orElse(fastest);
    return new ResetDrum(
        machine.name(), machine.drumL(), machine.drumRadiusM(), Math.min(fastest, bears));
  }
}
