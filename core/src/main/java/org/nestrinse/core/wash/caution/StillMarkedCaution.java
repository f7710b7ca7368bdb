package org.nestrinse.core.wash.caution;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.Disagreement;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** A note about marks that earlier washes left, and what helps this time. */
final class StillMarkedCaution {
  private StillMarkedCaution() {}

  /** Returns the note, at the step of loading; nothing when no kind in the load is marked. */
  static Optional<Caution> of(WashJob job, List<Step> steps) {
    List<Kind> kinds =
        job.all().stream()
            .map(SoiledPieces::kind)
            .filter(k -> job.marked().contains(k.name()))
            .distinct()
            .toList();
    if (kinds.isEmpty()) {
      return Optional.empty();
    }
    List<Said> helps = new ArrayList<>(List.of(brushed(job)));
    if (whitened(steps)) {
      helps.add(WashPhrase.MARKED_WHITENED.said());
    } else if (!job.hasWool()) {
      helps.add(WashPhrase.MARKED_WHITEN.said());
    }
    boolean sun = !job.wishes().chose(Disagreement.SUN, "never");
    if (sun && kinds.stream().noneMatch(Kind::sunShy)) {
      helps.add(WashPhrase.MARKED_SUN.said());
    }
    Said title =
        Said.of(WashPhrase.STILL_MARKED_TITLE)
            .with("kinds", Said.row(kinds.stream().map(Kind::plural).toList()));
    return Optional.of(
        new Caution(Caution.Strength.NOTE, "still-marked", title, Said.sentences(helps), 1));
  }

  private static Said brushed(WashJob job) {
    return job.products().stream()
        .filter(p -> p.purpose() == Product.Purpose.STAIN_REMOVER)
        .findFirst()
        .map(p -> Said.of(WashPhrase.MARKED_REMOVER).with("product", p.name()))
        .orElse(Said.of(WashPhrase.MARKED_BRUSH))
        .with("minutes", Quantity.of(Step.TREAT_MINUTES, Unit.MINUTE));
  }

  private static boolean whitened(List<Step> steps) {
    return steps.stream()
        .flatMap(s -> s.doses().stream())
        .anyMatch(d -> d.product().purpose() == Product.Purpose.OXYGEN_WHITENER);
  }
}
