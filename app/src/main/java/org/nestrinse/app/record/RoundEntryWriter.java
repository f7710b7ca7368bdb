package org.nestrinse.app.record;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.Known;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.store.StoredRecords;
import org.nestrinse.app.store.Unreadable;
import org.nestrinse.app.wash.round.RoundFile;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.said.Said;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Writes a round as an entry of a file. */
@Component
class RoundEntryWriter {
  private final StoredRecords records;

  RoundEntryWriter(StoredRecords records) {
    this.records = records;
  }

  /**
   * Returns the entry of a round.
   *
   * @param names of methods, by their short name
   */
  Map<String, Object> entry(RoundFile f, Map<String, Said> names) {
    PastRound r = f.round();
    Map<String, Object> e = new LinkedHashMap<>();
    e.put("uid", f.uid());
    e.put("started_at", r.startedAt());
    e.put("finished_at", f.finishedAt());
    e.put("shelved_at", f.shelvedAt());
    e.put("school", names.getOrDefault(r.school(), Said.from(r.school())));
    e.put("contents", f.summary());
    e.put("pieces", r.figures().pieces());
    e.put("mass_kg", r.figures().massKg());
    e.put("fill", r.bath().fill());
    e.put("programme", r.programme());
    e.put("temperature_c", r.bath().temperatureC());
    e.put("peak_c", r.bath().peakC());
    e.put("hold_minutes", r.bath().holdMinutes());
    e.put("doses", r.dose().words());
    e.put("detergent_g", r.dose().detergentG());
    e.put("dose_share", r.dose().share());
    e.put("trim", r.dose().trim());
    e.put("coats", r.dose().coats());
    e.put("rinses", r.bath().rinses());
    e.put("spin_rpm", r.bath().spinRpm());
    e.put("hygiene_total_log", r.estimate().totalLog());
    e.put("hygiene_kill_log", r.estimate().killLog());
    e.put("soil_left", r.estimate().soilLeft());
    e.put("not_run", r.estimate().notRun() ? Boolean.TRUE : null);
    e.put("goal", goal(r).name());
    e.put("goal_met", r.estimate().goalMet());
    e.put("residue_mg_kg", r.estimate().residueMgKg());
    e.put("residue_target_mg_kg", r.estimate().residueTargetMgKg());
    e.put("litres", r.spent().litres());
    e.put("kwh", r.spent().kwh());
    e.put("cost", r.spent().money());
    e.put("minutes", r.spent().minutes());
    e.put("attended_minutes", r.spent().attendedMinutes());
    e.put("hardness_mmol_l", r.bath().hardnessMmolL());
    e.put("note", f.note());
    e.put("carer", f.carer());
    e.put("items", r.contents().stream().map(RoundEntryWriter::item).toList());
    e.put("steps", f.steps().stream().map(RoundEntryWriter::step).toList());
    e.put("events", f.events().stream().map(RoundEntryWriter::event).toList());
    e.put("taken", f.doses().stream().map(RoundEntryWriter::taken).toList());
    e.put("plan_version", RecordType.ROUND_PLAN.version());
    e.put("plan", f.plan() == null ? null : plan(f.plan()));
    e.put("going", f.going() == null ? null : plan(f.going()));
    return e;
  }

  private static Map<String, Object> item(PastRound.Content c) {
    Map<String, Object> m = new LinkedHashMap<>();
    m.put("kind", c.kind());
    m.put("person", c.person());
    m.put("pieces", c.pieces());
    m.put("mass_kg", c.massKg());
    m.put("held_hours", c.heldHours());
    m.put("bulker", c.bulker());
    return m;
  }

  private static Map<String, Object> step(RoundFile.FileStep s) {
    Map<String, Object> m = new LinkedHashMap<>();
    m.put("number", s.number());
    m.put("title", s.title());
    m.put("minutes", s.minutes());
    m.put("done_at", s.doneAt());
    m.put("added_because", s.addedBecause());
    return m;
  }

  private static Map<String, Object> event(RoundFile.FileEvent x) {
    Map<String, Object> m = new LinkedHashMap<>();
    m.put("at", x.at());
    m.put("step", x.step());
    m.put("kind", x.kind().name());
    m.put("code", x.code());
    m.put("words", x.words());
    m.put("carer", x.carer());
    return m;
  }

  private static Map<String, Object> taken(RoundFile.FileDose d) {
    Map<String, Object> m = new LinkedHashMap<>();
    m.put("step", d.step());
    m.put("product", d.product());
    m.put("grams", d.grams());
    m.put("at", d.at());
    return m;
  }

  /** Returns the goal of a round; an ordinary one when this release does not know it. */
  static HygieneGoal goal(PastRound r) {
    return Known.or(r.estimate().goal(), HygieneGoal.LIGHT);
  }

  /** What cannot be read here is left out of files. */
  private @Nullable JsonNode plan(String kept) {
    try {
      return records.record(RecordType.ROUND_PLAN, kept);
    } catch (Unreadable e) {
      return null;
    }
  }
}
