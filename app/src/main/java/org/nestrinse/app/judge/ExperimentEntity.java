package org.nestrinse.app.judge;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Arrays;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.SaidColumn;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.Experiment;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.said.Said;

/** One change and what came of it. */
@Entity
@DynamicUpdate
@Table(name = "experiment")
class ExperimentEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  String uid = UUID.randomUUID().toString();

  @Enumerated(EnumType.STRING)
  Change changeMade;

  @Enumerated(EnumType.STRING)
  Cause cause;

  /** The findings that led to it, parted by blanks. */
  String complaint;

  @Nullable Long kindId;
  @Nullable String kind;
  Instant startedAt;
  @Nullable Instant endedAt;

  @Enumerated(EnumType.STRING)
  Experiment.State state;

  @Convert(converter = SaidColumn.class)
  Said says;

  double trimBefore;
  double trimAfter;
  int wetHoursBefore;

  /** Returns whether what was seen before it is settled, as it helped and could change the sign. */
  boolean settles(Seen seen) {
    return seen.at().isBefore(startedAt) && changeMade.couldChange(seen.sign());
  }

  /** Returns the findings that this release knows; one that was cut or is from another is none. */
  Set<String> findings() {
    return Arrays.stream(complaint.split(" ")).filter(Sign::knows).collect(Collectors.toSet());
  }

  /** Returns whether a person may still decide about it. */
  boolean open() {
    return state == Experiment.State.WATCHING || state == Experiment.State.UNCLEAR;
  }
}
