package org.nestrinse.app.record;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.wash.round.RoundFiles;
import org.nestrinse.core.judge.Sign;
import org.springframework.stereotype.Component;

/** What was seen, in files. */
@Component
class ObservationsPart implements ArchivePart {
  private static final int UID = 36;
  private static final int NAME = 80;
  private static final int CARER = 60;
  private static final int NOTE = 400;
  private static final int VALUE = 20;

  private final ObservationRepository observations;
  private final RoundFiles rounds;
  private final KindService kinds;

  ObservationsPart(ObservationRepository observations, RoundFiles rounds, KindService kinds) {
    this.observations = observations;
    this.rounds = rounds;
    this.kinds = kinds;
  }

  @Override
  public String name() {
    return "observations";
  }

  @Override
  public int order() {
    return 2;
  }

  @Override
  public String mark() {
    return "sign";
  }

  @Override
  public List<String> columns() {
    return List.of(
        "uid",
        "seen_at",
        "place",
        "round_uid",
        "kind",
        "sign",
        "value",
        "seconds",
        "carer",
        "note");
  }

  @Override
  public void write(Consumer<Map<String, Object>> to) {
    Map<Long, String> uids = rounds.uids();
    Pages.each(
        page -> observations.findByHiddenFalseOrderBySeenAtAscIdAsc(page), o -> write(o, uids, to));
  }

  private static void write(
      ObservationEntity o, Map<Long, String> uids, Consumer<Map<String, Object>> to) {
    if (o.readable()) {
      to.accept(entry(o, o.roundId == null ? null : uids.get(o.roundId)));
    }
  }

  @Override
  public Set<String> known() {
    return observations.uids();
  }

  private static Map<String, Object> entry(ObservationEntity o, @Nullable String round) {
    Map<String, Object> m = new LinkedHashMap<>();
    m.put("uid", o.uid);
    m.put("seen_at", o.seenAt);
    m.put("place", o.place.name());
    m.put("round_uid", round);
    m.put("kind", o.kind);
    m.put("sign", o.sign.name());
    m.put("value", o.reading);
    m.put("seconds", o.seconds);
    m.put("carer", o.carer);
    m.put("note", o.note);
    return m;
  }

  @Override
  public Prepared prepare(ArchiveEntry e, Set<String> roundUids) {
    ObservationEntity o = new ObservationEntity();
    o.uid = e.uid("uid");
    o.seenAt = e.time("seen_at");
    o.place = e.choice("place", Sign.Where.class);
    o.kind = e.optionalText("kind", NAME);
    o.kindId = kinds.names().idOf(o.kind);
    o.sign = e.choice("sign", Sign.class);
    String value = e.text("value", VALUE);
    Sign.Value known = e.checked(() -> o.sign.value(value));
    o.reading = known == null ? "" : known.id();
    o.seconds = e.optionalNumber("seconds", Sign.DROP_S);
    o.carer = e.optionalText("carer", CARER);
    String note = e.optionalText("note", NOTE);
    o.note = note == null ? "" : note;
    String round = e.optionalText("round_uid", UID);
    if (round != null && !roundUids.contains(round)) {
      e.wrong("round_uid", round, ArchiveSaying.A_ROUND);
    }
    return new Prepared(
        o.uid,
        () -> {
          o.roundId = round == null ? null : rounds.find(round).orElse(null);
          observations.save(o);
        });
  }

  @Override
  public void wipe() {
    observations.deleteAllInBatch();
  }
}
