package org.nestrinse.core.dry.plan;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.dry.Spot;

/** The parts in which batches are planned. */
final class BatchParts {
  /** No part of a batch takes more than this share of a place's room. */
  private static final double LARGEST_PART = 0.5;

  private static final int LEAST_PIECES = 2;

  private BatchParts() {}

  /** Returns the parts in which batches are planned: none takes more than half of a place. */
  static List<DryingBatch> of(DryingQuestion question) {
    List<DryingBatch> parts = new ArrayList<>();
    for (DryingBatch batch : question.batches()) {
      double share =
          question.spots().stream()
              .map(Spot::place)
              .mapToDouble(p -> p.share(batch.kind()))
              .filter(s -> s > 0)
              .min()
              .orElse(0);
      double capacity =
          question.dryers().stream()
              .mapToDouble(d -> d.dryer().capacityKg())
              .min()
              .orElse(Double.MAX_VALUE);
      int most = share > 0 ? (int) (LARGEST_PART / share) : batch.count();
      most = Math.min(most, (int) (capacity / batch.kind().massKg()));
      most = Math.max(LEAST_PIECES, most);
      int number = (int) Math.ceil(batch.count() / (double) most);
      for (int i = 0; i < number; i++) {
        int upTo = batch.count() * (i + 1) / number;
        parts.add(batch.of(upTo - batch.count() * i / number));
      }
    }
    return parts;
  }
}
