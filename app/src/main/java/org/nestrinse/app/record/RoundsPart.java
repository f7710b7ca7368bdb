package org.nestrinse.app.record;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.nestrinse.app.dry.DryService;
import org.nestrinse.app.gather.pail.LotService;
import org.nestrinse.app.wash.plan.SchoolService;
import org.nestrinse.app.wash.round.RoundFile;
import org.nestrinse.app.wash.round.RoundFiles;
import org.nestrinse.core.said.Said;
import org.springframework.stereotype.Component;

/** Rounds in files. */
@Component
class RoundsPart implements ArchivePart {
  private static final List<String> COLUMNS =
      List.of(
          "uid",
          "started_at",
          "finished_at",
          "shelved_at",
          "school",
          "contents",
          "pieces",
          "mass_kg",
          "fill",
          "programme",
          "temperature_c",
          "peak_c",
          "hold_minutes",
          "doses",
          "detergent_g",
          "dose_share",
          "trim",
          "coats",
          "rinses",
          "spin_rpm",
          "hygiene_total_log",
          "hygiene_kill_log",
          "soil_left",
          "not_run",
          "goal",
          "goal_met",
          "residue_mg_kg",
          "residue_target_mg_kg",
          "litres",
          "kwh",
          "cost",
          "minutes",
          "attended_minutes",
          "hardness_mmol_l",
          "note",
          "carer",
          "items",
          "steps",
          "events",
          "taken",
          "plan_version",
          "plan",
          "going");

  private final RoundFiles rounds;
  private final SchoolService schools;
  private final DryService dry;
  private final LotService lots;
  private final ObservationRepository observations;
  private final RoundEntryWriter writer;
  private final RoundEntryReader reader;

  RoundsPart(
      RoundFiles rounds,
      SchoolService schools,
      DryService dry,
      LotService lots,
      ObservationRepository observations,
      RoundEntryWriter writer,
      RoundEntryReader reader) {
    this.rounds = rounds;
    this.schools = schools;
    this.dry = dry;
    this.lots = lots;
    this.observations = observations;
    this.writer = writer;
    this.reader = reader;
  }

  @Override
  public String name() {
    return "rounds";
  }

  @Override
  public int order() {
    return 1;
  }

  @Override
  public String mark() {
    return "programme";
  }

  @Override
  public List<String> columns() {
    return COLUMNS;
  }

  @Override
  public Set<String> large() {
    return Set.of("plan_version", "plan", "going");
  }

  @Override
  public void write(Consumer<Map<String, Object>> to) {
    Map<String, Said> names = schools.names();
    rounds.each(f -> to.accept(writer.entry(f, names)));
  }

  @Override
  public Set<String> known() {
    return Set.copyOf(rounds.uids().values());
  }

  @Override
  public Prepared prepare(ArchiveEntry e, Set<String> roundUids) {
    RoundFile file = reader.file(e);
    return new Prepared(file.uid(), () -> rounds.keep(file));
  }

  @Override
  public void wipe() {
    for (long id : rounds.shelved()) {
      observations.deleteByRoundId(id);
      dry.forget(id);
      lots.forgetRound(id);
      rounds.delete(id);
    }
  }
}
