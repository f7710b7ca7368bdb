package org.nestrinse.app.kit;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.core.said.Said;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Removes what the household no longer has, and brings it back. The past keeps what it was. */
@Service
public class RemovalService {
  private final PersonRepository people;
  private final KindRepository kinds;
  private final ProductRepository products;
  private final MachineRepository machines;
  private final DryerRepository dryers;
  private final PlaceRepository places;
  private final StockService stock;
  private final ApplicationEventPublisher events;
  private final HouseClock clock;

  RemovalService(
      PersonRepository people,
      KindRepository kinds,
      ProductRepository products,
      MachineRepository machines,
      DryerRepository dryers,
      PlaceRepository places,
      StockService stock,
      ApplicationEventPublisher events,
      HouseClock clock) {
    this.people = people;
    this.kinds = kinds;
    this.products = products;
    this.machines = machines;
    this.dryers = dryers;
    this.places = places;
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
   * Removes something; throws {@link NotNow} with what has to come first when it is still needed.
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
        throw new NotNow(
            Said.of(KitRefusal.STILL_ELSEWHERE).with("count", elsewhere).with("kind", e.name));
      }
    }
    events.publishEvent(new BeingRemoved(thing, id, e.name));
    e.removedAt = clock.instant();
  }

  /** Brings something back; throws {@link NotNow} when another has its name by now. */
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
    return switch (thing) {
      case PERSON -> people;
      case KIND -> kinds;
      case PRODUCT -> products;
      case MACHINE -> machines;
      case DRYER -> dryers;
      case PLACE -> places;
    };
  }
}
