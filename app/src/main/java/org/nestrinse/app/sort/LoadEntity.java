package org.nestrinse.app.sort;

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
import java.util.List;
import java.util.stream.Collectors;
import org.hibernate.annotations.DynamicUpdate;

@Entity
@DynamicUpdate
@Table(name = "wash_load")
class LoadEntity {
  /** Being put together, started, or taken back. */
  enum State {
    OPEN,
    STARTED,
    TAKEN_BACK
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;

  @Enumerated(EnumType.STRING)
  State state;

  Instant madeAt;
  String pailIds;

  /** Soft rules that were set aside, one a line, with the reason given. */
  String setAside = "";

  List<Long> pails() {
    return Arrays.stream(pailIds.split(",")).map(Long::valueOf).toList();
  }

  void setPails(List<Long> ids) {
    pailIds = ids.stream().map(String::valueOf).collect(Collectors.joining(","));
  }
}
