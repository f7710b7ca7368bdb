package org.nestrinse.core.household;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.shelf.WashHistory;
import org.nestrinse.core.shelf.WeekQuestion;

/**
 * The washes of a household until now.
 *
 * @param history when they were, how many pieces and how hot
 * @param last what the latest took, or null when there was none
 * @param shape the steps of the latest that has a plan, or null when there was none
 */
public record PastWashes(
    WashHistory history,
    RoundFigures.@Nullable Spent last,
    WeekQuestion.Shape.@Nullable Last shape) {}
