package org.nestrinse.app.judge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nestrinse.app.record.ArchiveEntry;
import org.nestrinse.app.record.ArchivePart;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.Experiment;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.units.Limits;
import org.springframework.stereotype.Component;

/** Changes that were made, in files. */
@Component
class ExperimentsPart implements ArchivePart {
  private static final int UID = 36;
  private static final int NAME = 80;
  private static final int COMPLAINT = 400;
  private static final int SAYS = 300;

  private final ExperimentRepository experiments;

  ExperimentsPart(ExperimentRepository experiments) {
    this.experiments = experiments;
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
  public List<Map<String, Object>> write() {
    return experiments.findByOrderByStartedAtAscIdAsc().stream()
        .map(ExperimentsPart::entry)
        .toList();
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
    e.uid = in.text("uid", UID);
    e.changeMade = in.choice("change", Change.class);
    e.cause = in.choice("cause", Cause.class);
    e.complaint = in.text("complaint", COMPLAINT);
    boolean findings =
        e.findings().stream()
            .allMatch(
                f ->
                    java.util.Arrays.stream(Sign.values())
                        .anyMatch(s -> s.all().stream().anyMatch(v -> f.equals(s + "." + v.id()))));
    if (!findings) {
      in.wrong("complaint", e.complaint, "findings such as SMELL_WET.ammonia");
    }
    e.kind = in.optionalText("kind", NAME);
    e.startedAt = in.time("started_at");
    e.endedAt = in.optionalTime("ended_at");
    Experiment.State state = in.choice("state", Experiment.State.class);
    // What a file says is still watched belongs to another time: nothing was changed here.
    e.state = state == Experiment.State.WATCHING ? Experiment.State.UNDONE : state;
    e.says = in.text("says", SAYS);
    e.trimBefore = in.number("trim_before", Limits.TRIM);
    e.trimAfter = in.number("trim_after", Limits.TRIM);
    e.wetHoursBefore = in.whole("wet_hours_before", Storage.WET_HOURS);
    return new Prepared(e.uid, experiments.findByUid(e.uid).isPresent(), () -> experiments.save(e));
  }

  @Override
  public void wipe() {
    experiments.findAll().stream()
        .filter(e -> e.state != Experiment.State.WATCHING)
        .forEach(experiments::delete);
  }
}
