package org.nestrinse.app.again;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A request that changed something, and what it was answered. */
@Entity
@Table(name = "request_key")
class AnsweredRequest {
  @Id
  @Column(name = "request_key")
  String key;

  /** Method and path. */
  String request;

  Instant at;

  /** Null while it is answered, and for good when the process ended in between. */
  @Nullable Integer status;

  @Nullable String contentType;
  @Nullable @Lob String body;
}
