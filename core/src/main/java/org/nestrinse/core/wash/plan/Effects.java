package org.nestrinse.core.wash.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.sort.TravelRules;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.Disagreement;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.WashJob;

/** What each position on a question of dispute would change on this load, before it is chosen. */
public final class Effects {
  private static final double SAME = 0.005;
  private static final int HOURS_PER_DAY = 24;

  private final WashJob job;
  private final School school;
  private final Routine now;

  private Effects(WashJob job, School school, Routine now) {
    this.job = job;
    this.school = school;
    this.now = now;
  }

  /**
   * What one position would change.
   *
   * @param question the question
   * @param position the position
   * @param chosen whether it stands now
   * @param words the change in figures, or in words where it is decided elsewhere
   * @param changes whether it would change something of this load
   */
  public record Effect(
      Disagreement question,
      Disagreement.Position position,
      boolean chosen,
      Said words,
      boolean changes) {}

  /** Returns the effects of every position of every question, planned one by one. */
  public static List<Effect> of(WashJob job, School school, Routine now) {
    Effects effects = new Effects(job, school, now);
    List<Effect> all = new ArrayList<>();
    for (Disagreement question : Disagreement.values()) {
      for (Disagreement.Position position : question.positions()) {
        boolean chosen = job.wishes().chose(question, position.id());
        Said words =
            question.bendsRoutine()
                ? effects.onRoutine(question, position)
                : effects.elsewhere(question, position);
        boolean changes = question.bendsRoutine() && !chosen && !nothing(words);
        all.add(new Effect(question, position, chosen, words, changes));
      }
    }
    return all;
  }

  private static boolean nothing(Said words) {
    Said none = WashPhrase.EFFECT_NONE.said();
    return words.equals(none)
        || words.values().get("values") instanceof List<?> parts
            && parts.stream().allMatch(p -> p.equals(none) || p.equals(Said.NOTHING));
  }

  private Said onRoutine(Disagreement question, Disagreement.Position position) {
    try {
      WashJob asked =
          job.asking(
              question == Disagreement.MAIN_HEAT ? null : job.askedC(),
              job.wishes().with(question, position.id()));
      Routine other = WashPlanner.plan(asked, school);
      Said stop =
          other
              .stop()
              .map(c -> Said.of(WashPhrase.EFFECT_STOP).with("title", c.title()))
              .orElse(Said.NOTHING);
      return Said.sentences(List.of(stop, difference(now.outcome(), other.outcome())));
    } catch (CannotPlan e) {
      return e.said();
    }
  }

  private static Said difference(Outcome before, Outcome after) {
    List<Said> parts = new ArrayList<>();
    figure(parts, 100 * soil(before), 100 * soil(after), 1, WashPhrase.SOIL_LEFT, Unit.PERCENT);
    germs(parts, before.hygiene(), after.hygiene());
    figure(
        parts, before.residueMgKg(), after.residueMgKg(), 0, WashPhrase.LEFTOVER, Unit.MG_PER_KG);
    figure(parts, before.litres(), after.litres(), 0, null, Unit.LITRE);
    figure(parts, before.kwh(), after.kwh(), 1, null, Unit.KILOWATT_HOUR);
    figure(parts, before.cost(), after.cost(), 2, WashPhrase.COST, Unit.MONEY);
    figure(parts, before.minutes(), after.minutes(), 0, null, Unit.MINUTE);
    figure(parts, before.wear(), after.wear(), 1, WashPhrase.WEAR, Unit.NONE);
    return parts.isEmpty() ? WashPhrase.EFFECT_NONE.said() : Said.row(parts);
  }

  private static double soil(Outcome o) {
    return o.worstSoil().map(Cleaning::soilLeft).orElse(0.0);
  }

  private static void germs(List<Said> parts, HygieneEstimate before, HygieneEstimate after) {
    if (Math.abs(before.totalLog() - after.totalLog()) >= 0.1) {
      parts.add(WashWords.germs(before, after));
    }
  }

  private static void figure(
      List<Said> parts,
      double before,
      double after,
      int digits,
      @Nullable WashPhrase of,
      Unit unit) {
    double least = Math.max(Math.pow(10, -digits) / 2, SAME * Math.abs(before));
    if (Math.abs(after - before) < least) {
      return;
    }
    Said change =
        Said.of(after > before ? WashPhrase.MORE : WashPhrase.LESS)
            .with("amount", new Quantity(Math.abs(after - before), unit, digits));
    parts.add(of == null ? change : Said.of(of).with("change", change));
  }

  private Said elsewhere(Disagreement question, Disagreement.Position position) {
    return switch (question) {
      case SUN -> sun(position);
      case RHYTHM -> rhythm(position);
      case BABY_CLOTHES -> clothes(position);
      case BULK -> bulk(position);
      case NEW_PIECES -> newPieces(position);
      case PAIL -> pail(position);
      default -> throw new IllegalStateException(question.name());
    };
  }

  private Said sun(Disagreement.Position position) {
    int hang =
        job.all().stream()
            .filter(p -> p.kind().limits().dryer() == DryerHeat.NONE)
            .mapToInt(SoiledPieces::count)
            .sum();
    if (hang == 0) {
      return WashPhrase.SUN_NOTHING.said();
    }
    WashPhrase where =
        switch (position.id()) {
          case "full" -> WashPhrase.SUN_HANG_FULL;
          case "never" -> WashPhrase.SUN_HANG_NEVER;
          default -> WashPhrase.SUN_HANG_LIMITED;
        };
    return Said.of(where).with("pieces", hang);
  }

  private Said rhythm(Disagreement.Position position) {
    Instant oldest =
        job.first().stream().map(SoiledPieces::since).min(Instant::compareTo).orElse(job.now());
    int days = Integer.parseInt(position.id());
    long hours = Duration.between(job.now(), oldest).toHours() + (long) days * HOURS_PER_DAY;
    return hours >= 0
        ? Said.of(WashPhrase.COULD_WAIT).with("time", Quantity.of(hours, Unit.HOUR))
        : Said.of(WashPhrase.WAS_DUE).with("time", Quantity.of(-hours, Unit.HOUR));
  }

  private Said clothes(Disagreement.Position position) {
    int clothes =
        job.all().stream()
            .filter(p -> p.kind().role() == Role.CLOTHES)
            .mapToInt(SoiledPieces::count)
            .sum();
    boolean others = job.first().stream().anyMatch(p -> p.kind().role() != Role.CLOTHES);
    if (clothes == 0 || !others) {
      return WashPhrase.NOT_MIXED.said();
    }
    return switch (position.id()) {
      case "alone" -> Said.of(WashPhrase.CLOTHES_OUT).with("pieces", clothes);
      case "40" ->
          Said.of(WashPhrase.SHARE_FROM)
              .with("celsius", Quantity.celsius(TravelRules.COOLEST_MAIN_C));
      default ->
          Said.of(WashPhrase.SHARE_FROM)
              .with("celsius", Quantity.celsius(TravelRules.SANITISING_MAIN_C));
    };
  }

  private Said bulk(Disagreement.Position position) {
    return (position.id().equals("any") ? WashPhrase.BULK_ANY : WashPhrase.BULK_SMALL).said();
  }

  private Said newPieces(Disagreement.Position position) {
    int fresh = job.all().stream().filter(SoiledPieces::newDye).mapToInt(SoiledPieces::count).sum();
    if (fresh == 0) {
      return WashPhrase.NO_NEW.said();
    }
    WashPhrase phrase = position.id().equals("soak") ? WashPhrase.NEW_SOAK : WashPhrase.NEW_COUNT;
    return Said.of(phrase).with("pieces", fresh);
  }

  private Said pail(Disagreement.Position position) {
    long hours =
        job.first().stream()
            .map(p -> Duration.between(p.since(), job.now()).toHours())
            .max(Long::compare)
            .orElse(0L);
    WashPhrase phrase = position.id().equals("lid") ? WashPhrase.PAIL_SHUT : WashPhrase.PAIL_OPEN;
    return Said.of(phrase).with("time", Quantity.of(hours, Unit.HOUR));
  }
}
