package org.nestrinse.app.kit.removal;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.app.kit.BeingRemoved;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.kit.Removable;
import org.nestrinse.app.kit.Thing;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.core.household.Stock;
import org.nestrinse.core.said.Said;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Removes what the household no longer has, and brings it back. The past keeps what it was. */
@Service
public class RemovalService {
  private final Map<Thing, Removable> keepers = new EnumMap<>(Thing.class);
  private final StockService stock;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  RemovalService(
      List<Removable> keepers, StockService stock, ApplicationEventPublisher events, Clock clock) {
    keepers.forEach(k -> this.keepers.put(k.thing(), k));
    this.stock = stock;
    this.events = events;
    this.clock = clock;
  }

  /**
   * Something that was removed.
   *
   * @param thing what
   * @param id which
   * @param name what it is called
   * @param at when
   */
  public record Removed(Thing thing, long id, String name, Instant at) {}

  /** Returns what was removed, the latest first. */
  @Transactional(readOnly = true)
  public List<Removed> removed() {
    List<Removed> all = new ArrayList<>();
    for (Thing thing : Thing.values()) {
      for (KitEntity e : repository(thing).findAll(Sort.by("id"))) {
        if (e.removedAt != null) {
          all.add(new Removed(thing, e.id, e.name, e.removedAt));
        }
      }
    }
    all.sort(Comparator.comparing(Removed::at).reversed());
    return all;
  }

  /**
   * Removes something; throws {@link StateConflict} with what has to come first when it is still
   * needed.
   */
  @Transactional
  public void remove(Thing thing, long id) {
    KitEntity e = entity(thing, id);
    if (e.removedAt != null) {
      return;
    }
    if (thing == Thing.KIND) {
      Stock s = stock.held(id);
      int elsewhere = s.owned() - s.clean();
      if (elsewhere > 0) {
        throw new StateConflict(
            Said.of(KitRefusal.STILL_ELSEWHERE).with("count", elsewhere).with("kind", e.name));
      }
    }
    events.publishEvent(new BeingRemoved(thing, id, e.name));
    e.removedAt = clock.instant();
  }

  /** Brings something back; throws {@link StateConflict} when another has its name by now. */
  @Transactional
  public void bringBack(Thing thing, long id) {
    KitEntity e = entity(thing, id);
    if (e.removedAt == null) {
      return;
    }
    e.refuseTwins(
        repository(thing).findAll(Sort.unsorted()).stream()
            .filter(o -> o.removedAt == null)
            .toList());
    e.removedAt = null;
  }

  private KitEntity entity(Thing thing, long id) {
    return repository(thing).findById(id).orElseThrow(() -> new NotFound(thing, id));
  }

  private JpaRepository<? extends KitEntity, Long> repository(Thing thing) {
    return keepers.get(thing).rows();
  }
}
