package org.nestrinse.app.reset;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.record.ArchiveEntry;
import org.nestrinse.app.record.ArchivePart;
import org.nestrinse.app.record.ArchiveSaying;
import org.nestrinse.app.wash.round.RoundFiles;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.reset.PotSaying;
import org.nestrinse.core.reset.ResetPlan;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.reset.RinseOut;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Resets in files. */
@Component
class ResetsPart implements ArchivePart {
  private static final int UID = 36;
  private static final int NAME = 80;
  private static final int CARER = 60;
  private static final int WATER = 20;
  private static final Range RINSES = new Range(0, RinseOut.RINSES.max(), Unit.RINSE);
  private static final Range FACTOR = new Range(0.01, 100);

  private final ResetRepository resets;
  private final RoundFiles rounds;
  private final KindService kinds;

  ResetsPart(ResetRepository resets, RoundFiles rounds, KindService kinds) {
    this.resets = resets;
    this.rounds = rounds;
    this.kinds = kinds;
  }

  @Override
  public String name() {
    return "resets";
  }

  @Override
  public int order() {
    return 4;
  }

  @Override
  public String mark() {
    return "recipe";
  }

  @Override
  public List<String> columns() {
    return List.of(
        "uid",
        "recipe",
        "vessel",
        "vessel_l",
        "started_at",
        "finished_at",
        "carer",
        "predicted_rinses",
        "counted_rinses",
        "factor",
        "round_uid",
        "pieces",
        "water");
  }

  @Override
  @Transactional(readOnly = true)
  public void write(Consumer<Map<String, Object>> to) {
    Map<Long, String> uids = rounds.uids();
    List<ResetEntity> past = new ArrayList<>(resets.readable(ResetEntity.State.FINISHED));
    java.util.Collections.reverse(past);
    for (ResetEntity e : past) {
      Map<String, Object> m = new LinkedHashMap<>();
      m.put("uid", e.uid);
      m.put("recipe", e.recipe.name());
      m.put("vessel", e.vessel);
      m.put("vessel_l", e.vesselL);
      m.put("started_at", e.startedAt);
      m.put("finished_at", e.finishedAt);
      m.put("carer", e.carer);
      m.put("predicted_rinses", e.predictedRinses);
      m.put("counted_rinses", e.countedRinses);
      m.put("factor", e.factor);
      m.put("round_uid", e.roundId == null ? null : uids.get(e.roundId));
      m.put("pieces", e.pieces.stream().map(ResetsPart::piece).toList());
      m.put("water", e.steps.stream().map(s -> s.water).filter(Objects::nonNull).toList());
      to.accept(m);
    }
  }

  @Override
  public Set<String> known() {
    return resets.uids();
  }

  private static Map<String, Object> piece(ResetEntity.PieceRow p) {
    Map<String, Object> m = new LinkedHashMap<>();
    m.put("kind", p.kind);
    m.put("pieces", p.pieces);
    return m;
  }

  @Override
  public Prepared prepare(ArchiveEntry in, Set<String> roundUids) {
    ResetEntity e = new ResetEntity();
    e.uid = in.uid("uid");
    e.state = ResetEntity.State.FINISHED;
    e.recipe = in.choice("recipe", ResetRecipe.class);
    e.vessel = in.text("vessel", NAME);
    e.vesselL = in.number("vessel_l", ResetPlan.VESSEL_L);
    e.startedAt = in.time("started_at");
    e.finishedAt = in.optionalTime("finished_at");
    e.carer = in.optionalText("carer", CARER);
    e.predictedRinses = in.whole("predicted_rinses", RINSES);
    Double counted = in.optionalNumber("counted_rinses", RINSES);
    e.countedRinses = counted == null ? null : Integer.valueOf(counted.intValue());
    e.factor = in.number("factor", FACTOR);
    for (ArchiveEntry p : in.list("pieces")) {
      ResetEntity.PieceRow row = new ResetEntity.PieceRow();
      row.kind = p.text("kind", NAME);
      row.kindId = kinds.names().idOf(row.kind);
      row.pieces = p.whole("pieces", Limits.COUNT);
      e.pieces.add(row);
    }
    for (String water : in.texts("water", WATER)) {
      in.checked(() -> Sign.JAR.value(water));
      ResetEntity.StepRow row = new ResetEntity.StepRow();
      row.number = e.steps.size() + 1;
      row.title = PotSaying.LOOK_AT_WATER.said();
      row.doneAt = e.startedAt;
      row.water = water;
      e.steps.add(row);
    }
    String round = in.optionalText("round_uid", UID);
    if (round != null && !roundUids.contains(round)) {
      in.wrong("round_uid", round, ArchiveSaying.A_ROUND);
    }
    return new Prepared(
        e.uid,
        () -> {
          e.roundId = round == null ? null : rounds.find(round).orElse(null);
          resets.save(e);
        });
  }

  @Override
  public void wipe() {
    resets.findAll().stream()
        .filter(e -> e.state != ResetEntity.State.RUNNING)
        .forEach(resets::delete);
    resets.flush();
  }
}
