package org.nestrinse.core.wash;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.Numbers;

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
   */
  public record Effect(
      Disagreement question, Disagreement.Position position, boolean chosen, String words) {}

  /** Returns the effects of every position of every question, planned one by one. */
  public static List<Effect> of(WashJob job, School school, Routine now) {
    Effects effects = new Effects(job, school, now);
    List<Effect> all = new ArrayList<>();
    for (Disagreement question : Disagreement.values()) {
      for (Disagreement.Position position : question.positions()) {
        boolean chosen = job.wishes().chose(question, position.id());
        String words =
            question.bendsRoutine()
                ? effects.onRoutine(question, position)
                : effects.elsewhere(question, position);
        all.add(new Effect(question, position, chosen, words));
      }
    }
    return all;
  }

  private String onRoutine(Disagreement question, Disagreement.Position position) {
    try {
      WashJob asked =
          job.asking(
              question == Disagreement.MAIN_HEAT ? null : job.askedC(),
              job.wishes().with(question, position.id()));
      Routine other = WashPlanner.plan(asked, school);
      String stop = other.stop().map(c -> "Stop: " + c.title() + ". ").orElse("");
      return stop + difference(now.outcome(), other.outcome());
    } catch (CannotPlan e) {
      return String.valueOf(e.getMessage());
    }
  }

  private static String difference(Outcome before, Outcome after) {
    List<String> parts = new ArrayList<>();
    figure(parts, 100 * soil(before), 100 * soil(after), 1, "soil left", "%");
    germs(parts, before.hygiene(), after.hygiene());
    figure(parts, before.residueMgKg(), after.residueMgKg(), 0, "leftover", "mg/kg");
    figure(parts, before.litres(), after.litres(), 0, "", "L");
    figure(parts, before.kwh(), after.kwh(), 1, "", "kWh");
    figure(parts, before.cost(), after.cost(), 2, "cost", "");
    figure(parts, before.minutes(), after.minutes(), 0, "", "min");
    figure(parts, before.wear(), after.wear(), 1, "wear", "");
    return parts.isEmpty() ? "Changes nothing on this load." : String.join(", ", parts);
  }

  private static double soil(Outcome o) {
    return o.worstSoil().map(Cleaning::soilLeft).orElse(0.0);
  }

  private static void germs(List<String> parts, HygieneEstimate before, HygieneEstimate after) {
    if (Math.abs(before.totalLog() - after.totalLog()) >= 0.1) {
      parts.add(WashWords.germs(before, after));
    }
  }

  private static void figure(
      List<String> parts, double before, double after, int digits, String name, String unit) {
    double least = Math.max(Math.pow(10, -digits) / 2, SAME * Math.abs(before));
    if (Math.abs(after - before) < least) {
      return;
    }
    String sign = after > before ? "+" : "−";
    String amount = sign + Numbers.fixed(Math.abs(after - before), digits);
    parts.add((name + " " + amount + " " + unit).strip());
  }

  private String elsewhere(Disagreement question, Disagreement.Position position) {
    return switch (question) {
      case SUN -> sun(position);
      case RHYTHM -> rhythm(position);
      case BABY_CLOTHES -> clothes(position);
      case NEW_PIECES -> newPieces(position);
      case PAIL -> pail(position);
      default -> throw new IllegalStateException(question.name());
    };
  }

  private String sun(Disagreement.Position position) {
    int hang =
        job.all().stream()
            .filter(p -> p.kind().limits().dryer() == DryerHeat.NONE)
            .mapToInt(SoiledPieces::count)
            .sum();
    if (hang == 0) {
      return "Changes nothing: no covers and no elastic in this load.";
    }
    String where =
        switch (position.id()) {
          case "full" -> "on the line all day, whatever the heat";
          case "never" -> "in the shade";
          default -> "on the line for 3 h at most, in the shade above 35 °C";
        };
    return Numbers.count(hang, "piece") + " with laminate or elastic hang " + where + ".";
  }

  private String rhythm(Disagreement.Position position) {
    Instant oldest =
        job.first().stream().map(SoiledPieces::since).min(Instant::compareTo).orElse(job.now());
    int days = Integer.parseInt(position.id());
    long hours = Duration.between(job.now(), oldest).toHours() + (long) days * HOURS_PER_DAY;
    return hours >= 0
        ? "This load could wait another " + hours + " h."
        : "This load was due " + -hours + " h ago.";
  }

  private String clothes(Disagreement.Position position) {
    int clothes =
        job.all().stream()
            .filter(p -> p.kind().role() == Role.CLOTHES)
            .mapToInt(SoiledPieces::count)
            .sum();
    boolean others = job.first().stream().anyMatch(p -> p.kind().role() != Role.CLOTHES);
    if (clothes == 0 || !others) {
      return "Changes nothing: this load does not mix them.";
    }
    return position.id().equals("alone")
        ? Numbers.count(clothes, "piece") + " of clothing would have to come out."
        : "They share it from " + Math.max(job.sharedC(), 60) + " on.";
  }

  private String newPieces(Disagreement.Position position) {
    int fresh = job.all().stream().filter(SoiledPieces::newDye).mapToInt(SoiledPieces::count).sum();
    if (fresh == 0) {
      return "Changes nothing: no new pieces in this load.";
    }
    return Numbers.count(fresh, "new piece")
        + (position.id().equals("soak")
            ? " would soak a day first; this wash is the third of three."
            : " count this as one of their washes.");
  }

  private String pail(Disagreement.Position position) {
    long hours =
        job.first().stream()
            .map(p -> Duration.between(p.since(), job.now()).toHours())
            .max(Long::compare)
            .orElse(0L);
    return position.id().equals("lid")
        ? "Shut for " + hours + " h, these would have had no air: more smell, more ammonia."
        : "These had air for " + hours + " h.";
  }
}
