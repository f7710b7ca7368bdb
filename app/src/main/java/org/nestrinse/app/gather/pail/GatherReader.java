package org.nestrinse.app.gather.pail;

import java.time.Clock;
import java.util.stream.Collectors;
import org.nestrinse.app.gather.normal.NormalDayService;
import org.nestrinse.app.gather.pail.GatherViews.Gathering;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.person.Person;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.kit.product.ProductService;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.core.household.ShelfStock;
import org.nestrinse.core.household.Supplies;
import org.nestrinse.core.kit.Product;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Component;

/** Reads everything that is known of the pails and what waits in them. */
@Component
class GatherReader {
  private final PailRepository pails;
  private final EntryRepository entries;
  private final LotRepository lots;
  private final HouseholdService household;
  private final PersonService people;
  private final KindService kinds;
  private final ProductService products;
  private final NormalDayService normal;
  private final ShelfService shelf;
  private final Clock clock;

  GatherReader(
      PailRepository pails,
      EntryRepository entries,
      LotRepository lots,
      HouseholdService household,
      PersonService people,
      KindService kinds,
      ProductService products,
      NormalDayService normal,
      ShelfService shelf,
      Clock clock) {
    this.pails = pails;
    this.entries = entries;
    this.lots = lots;
    this.household = household;
    this.people = people;
    this.kinds = kinds;
    this.products = products;
    this.normal = normal;
    this.shelf = shelf;
    this.clock = clock;
  }

  /** Returns all pails with what waits in them. */
  Gathering gathering() {
    return look().gathering(entries.waiting());
  }

  /** Returns what everyone's pieces need, looked up once for many pieces. */
  Needs needs() {
    return new Needs(
        people.all().stream().collect(Collectors.toMap(Person::id, p -> p)),
        normal.spells(),
        household.current().zoneId(),
        products.products().stream().anyMatch(Product::plainDetergent));
  }

  /** Returns a look at the pails as they are now. */
  PailPicture look() {
    ShelfStock stock = shelf.stock();
    return new PailPicture(
        new PailPicture.Facts(
            clock.instant(),
            household.current(),
            kinds.byId(),
            needs(),
            pails.findByRemovedAtIsNull(Sort.by("position", "id")),
            lots.findAll().stream().collect(Collectors.toMap(l -> l.id, l -> l)),
            normal.byPail(),
            stock.kinds(),
            Supplies.of(stock).covers()));
  }
}
