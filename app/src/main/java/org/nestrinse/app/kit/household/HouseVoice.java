package org.nestrinse.app.kit.household;

import java.time.DayOfWeek;
import org.nestrinse.text.HardnessScale;
import org.nestrinse.text.Measures;

/**
 * The language, measures, clock and money of the household. A device may have a language, measures
 * and a clock of its own; files, the calendar and the wall card follow these.
 *
 * @param language such as {@code en} or {@code de}
 * @param measures in which figures are shown
 * @param hardness the scale for the hardness of water
 * @param twelveHours whether the clock ends at twelve
 * @param currency three letters by ISO 4217
 * @param weekStart the day with which a week begins
 * @param dialInWords whether the machine's dial says cold, warm and hot
 */
public record HouseVoice(
    String language,
    Measures measures,
    HardnessScale hardness,
    boolean twelveHours,
    String currency,
    DayOfWeek weekStart,
    boolean dialInWords) {}
