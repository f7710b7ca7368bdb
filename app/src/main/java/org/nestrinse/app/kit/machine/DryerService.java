package org.nestrinse.app.kit.machine;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.kit.Removable;
import org.nestrinse.app.kit.Thing;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.What;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The household's dryers. */
@Service
public class DryerService implements Removable {
  private static final int LONGEST_NAME = 80;
  private static final Range CAPACITY_KG = new Range(1, 20, Unit.KILOGRAM);
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final DryerRepository dryers;

  DryerService(DryerRepository dryers) {
    this.dryers = dryers;
  }

  /**
   * A dryer with its number.
   *
   * @param id number
   * @param version counts its changes
   * @param dryer the dryer
   */
  public record View(long id, long version, Dryer dryer) {}

  /** What is sent to add or change a dryer. */
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      Dryer.@Nullable Type type,
      @Nullable Double capacityKg) {}

  /** Returns all dryers. */
  @Transactional(readOnly = true)
  public List<View> all() {
    return dryers.findByRemovedAtIsNull(Sort.by("id")).stream().map(DryerService::view).toList();
  }

  /** Returns one dryer; throws {@link NotFound} when there is none. */
  @Transactional(readOnly = true)
  public Dryer one(long id) {
    return entity(id).toDryer();
  }

  /** Adds a dryer. */
  @Transactional
  public View add(Change c) {
    return apply(new DryerEntity(), c);
  }

  /** Changes a dryer; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public View change(long id, Change c) {
    DryerEntity e = entity(id);
    if (e.version != RequestChecks.whole("version", c.version, VERSION)) {
      throw new Stale(e.name, view(e));
    }
    return apply(e, c);
  }

  private View apply(DryerEntity e, Change c) {
    e.name = RequestChecks.text("name", c.name, LONGEST_NAME);
    e.type = RequestChecks.choice("type", c.type, Dryer.Type.class);
    e.capacityKg = RequestChecks.number("capacityKg", c.capacityKg, CAPACITY_KG);
    e.refuseTwins(dryers.findByRemovedAtIsNull(Sort.unsorted()));
    return view(dryers.saveAndFlush(e));
  }

  private DryerEntity entity(long id) {
    return dryers.findById(id).orElseThrow(() -> new NotFound(What.DRYER, id));
  }

  private static View view(DryerEntity e) {
    return new View(e.id, e.version, e.toDryer());
  }

  @Override
  public Thing thing() {
    return Thing.DRYER;
  }

  @Override
  public JpaRepository<? extends KitEntity, Long> rows() {
    return dryers;
  }
}
