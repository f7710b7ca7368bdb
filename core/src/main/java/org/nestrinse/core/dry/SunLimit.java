package org.nestrinse.core.dry;

/** How much strong sun covers and elastic get: people who wash well disagree about it. */
public enum SunLimit {
  /** Three hours of strong sun at most, and shade above 35 °C. */
  LIMITED,
  /** All day, whatever the heat. */
  FULL,
  /** Always in the shade. */
  NEVER
}
