package org.nestrinse.app.record;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;

/** What somebody saw. */
@Entity
@DynamicUpdate
@Table(name = "observation")
class ObservationEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  String uid = UUID.randomUUID().toString();
  Instant seenAt;

  @Enumerated(EnumType.STRING)
  Sign.Where place;

  @Nullable Long roundId;
  @Nullable Long kindId;

  /** What the kind was called then; null for the whole load. */
  @Nullable String kind;

  @Enumerated(EnumType.STRING)
  Sign sign;

  String reading;
  @Nullable Double seconds;
  @Nullable String carer;
  String note = "";

  /** Whether its round was taken out of the record. */
  boolean hidden;

  /** The answer in a wash, or the step of a reset, that reported it; null when a person did. */
  @Nullable String source;

  /** Returns whether this release knows what was seen. */
  boolean readable() {
    return sign != null
        && place != null
        && sign.all().stream().anyMatch(v -> v.id().equals(reading));
  }

  Seen seen() {
    return new Seen(sign, reading, seenAt, roundId, place == Sign.Where.RESET, kind == null);
  }
}
