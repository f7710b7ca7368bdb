package org.nestrinse.app.wash.round;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What was really put in. */
@Entity
@Table(name = "dose_taken")
class DoseTakenEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  Long roundId;
  int step;
  Long productId;
  double grams;
  Instant at;
}
