package org.nestrinse.core.wash.machine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.WashJob;

/** What becomes of a wish on this machine with this load: told in words, or why it cannot be. */
public final class MachineBends {
  private final WashJob job;
  private final School school;

  public MachineBends(WashJob job, School school) {
    this.job = job;
    this.school = school;
  }

  /** Returns why no sequence of the machine does what is wanted. */
  public CannotPlan cannot(Imitation.Want want) {
    Kind weakest = WashJob.weakestInHeat(job.all());
    int limit = weakest.limits().hottestWashC();
    if (want.use() == Programme.Use.STEAM) {
      return job.machine().programmes().stream()
          .filter(p -> p.use() == Programme.Use.STEAM)
          .findFirst()
          .map(
              p ->
                  new CannotPlan(
                      Said.of(WashPhrase.STEAM_TOO_HOT)
                          .with("programme", p.name())
                          .with("celsius", Quantity.celsius(p.temperaturesC().get(0)))
                          .with("kind", weakest.plural())
                          .with("most", Quantity.celsius(limit))))
          .orElse(new CannotPlan(WashPhrase.NO_STEAM.said()));
    }
    if (want.exactly()) {
      return new CannotPlan(
          Said.of(job.hasWool() ? WashPhrase.WOOL_CANNOT_BE_SET : WashPhrase.CANNOT_BE_SET)
              .with("celsius", Quantity.celsius(want.celsius())));
    }
    return new CannotPlan(
        Said.of(job.hasWool() ? WashPhrase.NO_WOOL_SO_COOL : WashPhrase.NONE_SO_COOL)
            .with("celsius", Quantity.celsius(limit))
            .with("kind", weakest.plural()));
  }

  /** Returns what differs between the wish and the nearest that the machine can do. */
  public List<Said> of(Imitation.Want want, Imitation.Match match) {
    MachineRun main =
        match.runs().stream()
            .filter(MachineRun::washes)
            .max(Comparator.comparingInt(MachineRun::temperatureC))
            .orElseThrow();
    List<Said> bends = new ArrayList<>();
    if (!want.exactly()) {
      bends.addAll(asked(want, main.temperatureC()));
    }
    bends.addAll(heat(main));
    if (match.runs().stream().filter(MachineRun::washes).count() > 1) {
      bends.add(
          Said.of(WashPhrase.WASHES_TWICE)
              .with("time", Quantity.of(school.main().minutes(), Unit.DURATION)));
    }
    return bends;
  }

  private List<Said> asked(Imitation.Want want, int planned) {
    int asked = school.main().celsius();
    List<Said> bends = new ArrayList<>();
    if (planned > asked && want.celsius() > asked) {
      bends.add(
          askedPlanned(
              asked,
              planned,
              Said.of(WashPhrase.ONLY_FROM).with("celsius", Quantity.celsius(want.celsius()))));
    }
    if (planned > want.celsius()) {
      bends.add(askedPlanned(want.celsius(), planned, WashPhrase.NOTHING_COOLER.said()));
    }
    if (planned < asked) {
      bends.add(askedPlanned(asked, planned, tooCoolBecause(want)));
    }
    return bends;
  }

  private List<Said> heat(MachineRun main) {
    int planned = main.temperatureC();
    double reaches = main.programme().reachesC(planned);
    if (job.machine().heaterW() > 0) {
      return reaches < planned
          ? List.of(
              Said.of(WashPhrase.REACHES_ONLY)
                  .with("programme", main.programme().name())
                  .with("celsius", Quantity.celsius(planned))
                  .with("reaches", new Quantity(reaches, Unit.CELSIUS, 0)))
          : List.of();
    }
    if (planned <= 0) {
      return List.of();
    }
    return List.of(
        job.machine().hotFillC() == null
            ? WashPhrase.COLD_FILL.said()
            : Said.of(WashPhrase.NO_HEATER)
                .with(
                    "celsius",
                    new Quantity(Math.min(planned, job.machine().hotFillC()), Unit.CELSIUS, 0)));
  }

  private static Said askedPlanned(int asked, int planned, Said reason) {
    return Said.of(WashPhrase.ASKED_PLANNED)
        .with("asked", Quantity.celsius(asked))
        .with("planned", Quantity.celsius(planned))
        .with("reason", reason);
  }

  private Said tooCoolBecause(Imitation.Want want) {
    int asked = school.main().celsius();
    if (want.hottestC() >= asked) {
      return WashPhrase.NOTHING_NEARER.said();
    }
    Kind weakest = WashJob.weakestInHeat(job.all());
    return weakest.limits().hottestWashC() <= want.hottestC()
        ? Said.of(WashPhrase.TOLERATES)
            .with("kind", weakest.plural())
            .with("celsius", Quantity.celsius(want.hottestC()))
        : WashPhrase.MICROFIBRE_40.said();
  }
}
