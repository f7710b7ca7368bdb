package org.nestrinse.app.wash.plan;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.nestrinse.app.store.SaidColumn;
import org.nestrinse.core.said.Said;

@Entity
@Table(name = "own_school")
class OwnSchoolEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  String name;

  @Convert(converter = SaidColumn.class)
  Said basedOn;

  @Lob String school;
  boolean removed;
}
