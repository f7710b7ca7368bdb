package org.nestrinse.app.wash.round;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.Names;
import org.nestrinse.app.kit.product.ProductService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was really put in, and how long each product will last. */
@Service
public class DoseLog {
  private static final Duration LOOKED_BACK = Duration.ofDays(28);
  private static final double HOURS_PER_DAY = 24;

  /** Days of use needed before anything is estimated. */
  private static final double LEAST_DAYS = 3;

  private final DoseTakenRepository taken;
  private final ProductService products;
  private final Clock clock;

  DoseLog(DoseTakenRepository taken, ProductService products, Clock clock) {
    this.taken = taken;
    this.products = products;
    this.clock = clock;
  }

  /**
   * How long a product lasts.
   *
   * @param productId its number
   * @param usedG in the last four weeks [g]
   * @param leftG what is left [g]
   * @param gramsPerDay used a day lately [g], 0 when it was not
   * @param daysLeft at that rate, or null when too little was used to tell
   */
  public record Lasts(
      long productId, double usedG, double leftG, double gramsPerDay, @Nullable Double daysLeft) {}

  /** Notes that an amount of a product went in. */
  @Transactional
  public void put(long roundId, int step, long productId, double grams) {
    save(roundId, step, productId, grams, clock.instant());
    products.take(productId, grams);
  }

  /** Takes back what was noted at a step. */
  @Transactional
  public void takeBack(long roundId, int step) {
    for (DoseTakenEntity e : taken.findByRoundIdAndStep(roundId, step)) {
      products.take(e.productId, -e.grams);
      taken.delete(e);
    }
  }

  /** Returns what really went into some rounds, by their numbers. */
  @Transactional(readOnly = true)
  public Map<Long, List<RoundFile.FileDose>> byRound(Collection<Long> roundIds) {
    Map<Long, String> names = new HashMap<>();
    names.putAll(products.names().byId());
    Map<Long, List<RoundFile.FileDose>> all = new HashMap<>();
    for (DoseTakenEntity e : taken.findByRoundIdIn(roundIds)) {
      all.computeIfAbsent(e.roundId, k -> new ArrayList<>())
          .add(new RoundFile.FileDose(e.step, names.getOrDefault(e.productId, ""), e.grams, e.at));
    }
    return all;
  }

  /** Keeps what went into a round that came out of a file; nothing is taken out of the packs. */
  @Transactional
  public void keep(long roundId, List<RoundFile.FileDose> doses) {
    Names names = products.names();
    for (RoundFile.FileDose d : doses) {
      Long product = names.idOf(d.product());
      if (product != null) {
        save(roundId, d.step(), product, d.grams(), d.at());
      }
    }
  }

  private void save(long roundId, int step, long productId, double grams, Instant at) {
    DoseTakenEntity e = new DoseTakenEntity();
    e.roundId = roundId;
    e.step = step;
    e.productId = productId;
    e.grams = grams;
    e.at = at;
    taken.save(e);
  }

  /** Forgets what went into a round. */
  @Transactional
  public void forget(long roundId) {
    taken.deleteByRoundId(roundId);
  }

  /** Returns how long each product lasts by the use of the last four weeks. */
  @Transactional(readOnly = true)
  public List<Lasts> lasts() {
    Instant now = clock.instant();
    Map<Long, Double> used = new HashMap<>();
    Instant first = now;
    for (DoseTakenEntity e : taken.findByAtAfter(now.minus(LOOKED_BACK))) {
      used.merge(e.productId, e.grams, Double::sum);
      first = e.at.isBefore(first) ? e.at : first;
    }
    double days = Duration.between(first, now).toHours() / HOURS_PER_DAY;
    List<Lasts> all = new ArrayList<>();
    for (ProductService.View v : products.all()) {
      double grams = used.getOrDefault(v.product().id(), 0.0);
      double perDay = days < LEAST_DAYS ? 0 : grams / days;
      all.add(
          new Lasts(
              v.product().id(), grams, v.leftG(), perDay, perDay > 0 ? v.leftG() / perDay : null));
    }
    return all;
  }
}
