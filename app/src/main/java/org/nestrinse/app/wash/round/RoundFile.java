package org.nestrinse.app.wash.round;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.said.Said;

/**
 * A past round with everything that is kept of it, as it goes into a file and comes out of one.
 *
 * @param uid the same everywhere
 * @param round its figures and contents
 * @param finishedAt when it left the machine
 * @param shelvedAt when it was back on the shelf
 * @param summary what was in it
 * @param note what a person wrote
 * @param carer who was at it
 * @param steps what was done
 * @param events what happened
 * @param doses what really went in
 * @param plan the plan as JSON, or null when only figures are known
 * @param going the plan as it went otherwise, as JSON, or null
 */
@RecordBuilder
public record RoundFile(
    String uid,
    PastRound round,
    @Nullable Instant finishedAt,
    @Nullable Instant shelvedAt,
    Said summary,
    String note,
    @Nullable String carer,
    List<FileStep> steps,
    List<FileEvent> events,
    List<FileDose> doses,
    @Nullable String plan,
    @Nullable String going) {
  public RoundFile {
    steps = List.copyOf(steps);
    events = List.copyOf(events);
    doses = List.copyOf(doses);
  }

  /** A step that was done. */
  public record FileStep(
      int number, Said title, int minutes, @Nullable Instant doneAt, @Nullable Said addedBecause) {}

  /** A dose that went in, by the name of its product. */
  public record FileDose(int step, String product, double grams, Instant at) {}

  /** Something that happened. */
  public record FileEvent(
      Instant at,
      int step,
      RoundViews.EventKind kind,
      @Nullable String code,
      Said words,
      @Nullable String carer) {}
}
