package org.nestrinse.app.judge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.record.ArchiveEntry;
import org.nestrinse.app.record.ArchivePart;
import org.nestrinse.app.record.ArchiveSaying;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.Experiment;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Limits;
import org.springframework.stereotype.Component;

/** Changes that were made, in files. */
@Component
class ExperimentsPart implements ArchivePart {
  private static final int NAME = 80;
  private static final int COMPLAINT = 4000;
  private static final int SAYS = 300;

  private final ExperimentRepository experiments;
  private final KindService kinds;

  ExperimentsPart(ExperimentRepository experiments, KindService kinds) {
    this.experiments = experiments;
    this.kinds = kinds;
  }

  @Override
  public String name() {
    return "changes";
  }

  @Override
  public int order() {
    return 3;
  }

  @Override
  public String mark() {
    return "change";
  }

  @Override
  public List<String> columns() {
    return List.of(
        "uid",
        "change",
        "cause",
        "complaint",
        "kind",
        "started_at",
        "ended_at",
        "state",
        "says",
        "trim_before",
        "trim_after",
        "wet_hours_before");
  }

  @Override
  public void write(Consumer<Map<String, Object>> to) {
    experiments.readable().forEach(e -> to.accept(entry(e)));
  }

  @Override
  public Set<String> known() {
    return experiments.uids();
  }

  private static Map<String, Object> entry(ExperimentEntity e) {
    Map<String, Object> m = new LinkedHashMap<>();
    m.put("uid", e.uid);
    m.put("change", e.changeMade.name());
    m.put("cause", e.cause.name());
    m.put("complaint", e.complaint);
    m.put("kind", e.kind);
    m.put("started_at", e.startedAt);
    m.put("ended_at", e.endedAt);
    m.put("state", e.state.name());
    m.put("says", e.says);
    m.put("trim_before", e.trimBefore);
    m.put("trim_after", e.trimAfter);
    m.put("wet_hours_before", e.wetHoursBefore);
    return m;
  }

  @Override
  public Prepared prepare(ArchiveEntry in, Set<String> roundUids) {
    ExperimentEntity e = new ExperimentEntity();
    e.uid = in.uid("uid");
    e.changeMade = in.choice("change", Change.class);
    e.cause = in.choice("cause", Cause.class);
    e.complaint = in.text("complaint", COMPLAINT);
    boolean findings = java.util.Arrays.stream(e.complaint.split(" ")).allMatch(Sign::knows);
    if (!findings) {
      in.wrong("complaint", e.complaint, ArchiveSaying.FINDINGS);
    }
    e.kind = in.optionalText("kind", NAME);
    e.kindId = kinds.names().idOf(e.kind);
    e.startedAt = in.time("started_at");
    e.endedAt = in.optionalTime("ended_at");
    Experiment.State state = in.choice("state", Experiment.State.class);
    // What a file says is still watched belongs to another time: nothing was changed here.
    e.state = state == Experiment.State.WATCHING ? Experiment.State.UNDONE : state;
    e.says = Said.oldNote(in.text("says", SAYS));
    e.trimBefore = in.number("trim_before", Limits.TRIM);
    e.trimAfter = in.number("trim_after", Limits.TRIM);
    e.wetHoursBefore = in.whole("wet_hours_before", Storage.WET_HOURS);
    return new Prepared(e.uid, () -> experiments.save(e));
  }

  @Override
  public void wipe() {
    experiments.findAll().stream()
        .filter(e -> e.state != Experiment.State.WATCHING)
        .forEach(experiments::delete);
  }
}
