package org.nestrinse.app.record;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.store.StoredRecords;
import org.nestrinse.app.store.Unreadable;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.plan.SchoolService;
import org.nestrinse.app.wash.round.RoundFile;
import org.nestrinse.app.wash.round.RoundFileBuilder;
import org.nestrinse.app.wash.round.RoundViews;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Reads a round from an entry of a file, held to the same checks as what is typed in. */
@Component
class RoundEntryReader {
  private static final int NAME = 80;
  private static final int SCHOOL = 40;
  private static final int SUMMARY = 200;
  private static final int DOSES = 400;
  private static final int NOTE = 2000;
  private static final int PLAN = 4_000_000;
  private static final Range PIECES = new Range(0, 2000, Unit.PIECE);
  private static final Range MASS_KG = new Range(0, 100, Unit.KILOGRAM);
  private static final Range FILL = new Range(0, 3);
  private static final Range MINUTES = new Range(0, 100_000, Unit.MINUTE);
  private static final Range RINSES = new Range(0, 40, Unit.RINSE);
  private static final Range LOG = new Range(0, 60, Unit.LOG);
  private static final Range RESIDUE = new Range(0, 1_000_000, Unit.MG_PER_KG);
  private static final Range LITRES = new Range(0, 5000, Unit.LITRE);
  private static final Range KWH = new Range(0, 200, Unit.KILOWATT_HOUR);
  private static final Range COST = new Range(0, 10_000);
  private static final Range HOURS = new Range(0, 100_000, Unit.HOUR);
  private static final double LOG_SLACK = 0.5;
  private static final Range VERSIONS = new Range(1, 1000);
  private static final Range STEP = new Range(0, 1000);
  private static final Range SHARE = new Range(0, 20);
  private static final Range GRAMS = new Range(0, 10_000, Unit.GRAM);
  private static final Range HARDNESS = Limits.HARDNESS_MMOL_L;

  private final SchoolService schools;
  private final StoredRecords records;
  private final Speech speech;

  RoundEntryReader(SchoolService schools, StoredRecords records, Speech speech) {
    this.schools = schools;
    this.records = records;
    this.speech = speech;
  }

  /** Returns the round of an entry; what is wrong is noted in the entry. */
  RoundFile file(ArchiveEntry e) {
    String uid = e.uid("uid");
    PastRound round =
        new PastRound(
            0,
            e.time("started_at"),
            school(e.text("school", NAME)),
            orEmpty(e.optionalText("programme", NAME)),
            e.list("items").stream().map(RoundEntryReader::item).toList(),
            figures(e),
            List.of());
    RoundFile file =
        RoundFileBuilder.builder()
            .uid(uid)
            .round(round)
            .finishedAt(e.optionalTime("finished_at"))
            .shelvedAt(e.optionalTime("shelved_at"))
            .summary(Said.oldNote(e.text("contents", SUMMARY)))
            .note(orEmpty(e.optionalText("note", NOTE)))
            .carer(e.optionalText("carer", NAME))
            .steps(steps(e))
            .events(events(e))
            .doses(
                e.list("taken").stream()
                    .map(
                        d ->
                            new RoundFile.FileDose(
                                d.whole("step", STEP),
                                d.text("product", NAME),
                                d.number("grams", GRAMS),
                                d.time("at")))
                    .toList())
            .plan(plan(e, "plan"))
            .going(plan(e, "going"))
            .build();
    fits(e, file);
    return file;
  }

  private static RoundFigures figures(ArchiveEntry e) {
    return new RoundFigures(
        e.whole("pieces", PIECES),
        e.number("mass_kg", MASS_KG),
        new RoundFigures.Dose(
            e.number("detergent_g", GRAMS),
            e.optionalNumber("dose_share", SHARE),
            e.number("trim", Limits.TRIM),
            e.yes("coats"),
            Said.oldNote(orEmpty(e.optionalText("doses", DOSES)))),
        new RoundFigures.Bath(
            e.whole("temperature_c", Limits.WATER_C),
            e.number("peak_c", Limits.WATER_C),
            e.number("hold_minutes", MINUTES),
            e.whole("rinses", RINSES),
            e.whole("spin_rpm", Limits.RPM),
            e.number("fill", FILL),
            e.number("hardness_mmol_l", HARDNESS)),
        new RoundFigures.Estimate(
            e.number("residue_mg_kg", RESIDUE),
            e.number("residue_target_mg_kg", RESIDUE),
            e.number("hygiene_total_log", LOG),
            e.number("hygiene_kill_log", LOG),
            e.choice("goal", HygieneGoal.class),
            e.yes("goal_met"),
            e.optionalNumber("soil_left", SHARE),
            e.optionalYes("not_run")),
        new RoundFigures.Spent(
            e.number("litres", LITRES),
            e.number("kwh", KWH),
            e.number("cost", COST),
            e.number("minutes", MINUTES),
            e.number("attended_minutes", MINUTES)));
  }

  /** Checks what one field says against another. */
  private static void fits(ArchiveEntry e, RoundFile f) {
    PastRound r = f.round();
    if (f.finishedAt() != null && f.finishedAt().isBefore(r.startedAt())) {
      e.wrong("finished_at", f.finishedAt().toString(), ArchiveSaying.NOT_BEFORE_START);
    }
    Instant out = f.finishedAt() == null ? r.startedAt() : f.finishedAt();
    if (f.shelvedAt() != null && f.shelvedAt().isBefore(out)) {
      e.wrong("shelved_at", f.shelvedAt().toString(), ArchiveSaying.NOT_BEFORE_OUT);
    }
    int sum = r.contents().stream().mapToInt(PastRound.Content::pieces).sum();
    if (!r.contents().isEmpty() && sum != r.figures().pieces()) {
      e.wrong(
          "pieces",
          String.valueOf(r.figures().pieces()),
          Said.of(ArchiveSaying.SUM_OF_ITEMS).with("pieces", sum));
    }
    HygieneGoal goal = RoundEntryWriter.goal(r);
    double total = r.estimate().totalLog();
    boolean far = goal.totalLog() - total > LOG_SLACK;
    boolean past =
        total - goal.totalLog() > LOG_SLACK && r.estimate().killLog() - goal.killLog() > LOG_SLACK;
    // A reset has no germs to count.
    if (r.school().equals(PastRound.RESET)) {
      return;
    }
    if ((r.estimate().goalMet() && far)
        || (!r.estimate().goalMet() && past && goal != HygieneGoal.ILLNESS)) {
      e.wrong("goal_met", String.valueOf(r.estimate().goalMet()), ArchiveSaying.AS_THE_GOAL);
    }
  }

  /** A plan has to be one that can be shown. */
  private @Nullable String plan(ArchiveEntry e, String column) {
    JsonNode record = e.tree(column);
    if (record == null) {
      return null;
    }
    Double version = e.optionalNumber("plan_version", VERSIONS);
    try {
      String kept =
          records.fromFile(
              RecordType.ROUND_PLAN,
              record,
              version == null ? 1 : version.intValue(),
              PlanViews.Plan.class,
              plan -> plan.steps() != null && plan.figures() != null);
      if (kept.length() > PLAN) {
        e.wrong(
            column,
            RequestChecks.characters(kept.length()),
            Said.of(Allowed.UP_TO).with("most", PLAN));
      }
      return kept;
    } catch (Unreadable wrong) {
      e.wrong(column, ArchiveSaying.NOT_A_PLAN, ArchiveSaying.A_PLAN);
      return null;
    }
  }

  private static PastRound.Content item(ArchiveEntry i) {
    return new PastRound.Content(
        i.text("kind", NAME),
        i.optionalText("person", NAME),
        i.whole("pieces", PIECES),
        i.number("mass_kg", MASS_KG),
        i.number("held_hours", HOURS),
        i.yes("bulker"));
  }

  private static List<RoundFile.FileStep> steps(ArchiveEntry e) {
    List<RoundFile.FileStep> all = new ArrayList<>();
    for (ArchiveEntry s : e.list("steps")) {
      int number = s.whole("number", STEP);
      if (all.stream().anyMatch(o -> o.number() == number)) {
        s.wrong("number", String.valueOf(number), ArchiveSaying.EACH_NUMBER_ONCE);
      }
      all.add(
          new RoundFile.FileStep(
              number,
              Said.oldNote(s.text("title", NAME)),
              s.whole("minutes", MINUTES),
              s.optionalTime("done_at"),
              note(s.optionalText("added_because", SUMMARY))));
    }
    return all;
  }

  private static List<RoundFile.FileEvent> events(ArchiveEntry e) {
    List<RoundFile.FileEvent> all = new ArrayList<>();
    for (ArchiveEntry x : e.list("events")) {
      Instant at = x.time("at");
      all.add(
          new RoundFile.FileEvent(
              at,
              x.whole("step", STEP),
              x.choice("kind", RoundViews.EventKind.class),
              x.optionalText("code", SCHOOL),
              Said.oldNote(x.text("words", DOSES)),
              x.optionalText("carer", NAME)));
    }
    return all;
  }

  private String school(String name) {
    return schools.names().entrySet().stream()
        .filter(s -> speech.isCalled(s.getValue(), name))
        .map(Map.Entry::getKey)
        .findFirst()
        .orElse(name.length() > SCHOOL ? name.substring(0, SCHOOL) : name);
  }

  private static @Nullable Said note(@Nullable String text) {
    return text == null ? null : Said.oldNote(text);
  }

  private static String orEmpty(@Nullable String text) {
    return text == null ? "" : text;
  }
}
