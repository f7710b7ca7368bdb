package org.nestrinse.app.demo;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.nestrinse.app.dry.DryCheckService;
import org.nestrinse.app.dry.DryingReader;
import org.nestrinse.app.gather.pail.AssumedPieces;
import org.nestrinse.app.gather.pail.GatherService;
import org.nestrinse.app.house.Furnisher;
import org.nestrinse.app.house.House;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.sort.ProposalService;
import org.nestrinse.app.sort.SortService;
import org.nestrinse.app.sort.SortViews;
import org.nestrinse.app.speech.HouseVoices;
import org.nestrinse.app.wash.plan.PlanService;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.round.RoundService;
import org.nestrinse.app.wash.round.RoundViews;
import org.nestrinse.app.wash.round.RunService;
import org.nestrinse.app.wash.round.StartService;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.Solids;
import org.nestrinse.core.household.Hanging;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.wash.school.School;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lives the last weeks of Tern House with the real services at past moments, so that every number
 * in the record was computed the way a new one would be. One fixed seed; dates relative to now.
 */
@Component
class DemoHousehold implements ApplicationRunner, Furnisher {
  private static final Logger LOG = LoggerFactory.getLogger(DemoHousehold.class);
  private static final long SEED = 53;
  private static final int FINISHED_ROUNDS = 29;
  private static final int LATELY = 12;
  private static final int DAYS_BETWEEN_ROUNDS = 2;
  private static final Duration LONGEST_DRYING = Duration.ofHours(40);

  private final TernHouse house;
  private final PersonService people;
  private final StockService stock;
  private final GatherService gather;
  private final ProposalService proposals;
  private final SortService sort;
  private final PlanService plans;
  private final RoundService rounds;
  private final StartService starts;
  private final RunService runs;
  private final DryingReader drying;
  private final DryCheckService dryChecks;
  private final AssumedPieces assumed;
  private final TernStory story;
  private final EntityManager entities;
  private final TravellingClock clock;
  private final PlatformTransactionManager transactions;

  /** Whether the own house is the made-up one, for looking around and for tests. */
  private final boolean here;

  private final PackedPast packed;
  private final HouseVoices voices;
  private final ConfigurableApplicationContext application;

  /** Whether the past is worked out and packed, and nothing else. */
  private final boolean packing;

  private CountedRandom random = new CountedRandom(SEED, 0);

  DemoHousehold(
      TernHouse house,
      PersonService people,
      StockService stock,
      GatherService gather,
      ProposalService proposals,
      SortService sort,
      PlanService plans,
      RoundService rounds,
      StartService starts,
      RunService runs,
      DryingReader drying,
      DryCheckService dryChecks,
      AssumedPieces assumed,
      TernStory story,
      EntityManager entities,
      TravellingClock clock,
      PlatformTransactionManager transactions,
      PackedPast packed,
      HouseVoices voices,
      ConfigurableApplicationContext application,
      @Value("${nest.demo}") boolean here,
      @Value("${nest.pack}") boolean packing) {
    this.here = here;
    this.packing = packing;
    this.packed = packed;
    this.voices = voices;
    this.application = application;
    this.house = house;
    this.people = people;
    this.stock = stock;
    this.gather = gather;
    this.proposals = proposals;
    this.sort = sort;
    this.plans = plans;
    this.rounds = rounds;
    this.starts = starts;
    this.runs = runs;
    this.drying = drying;
    this.dryChecks = dryChecks;
    this.assumed = assumed;
    this.story = story;
    this.entities = entities;
    this.clock = clock;
    this.transactions = transactions;
  }

  @Override
  public void run(ApplicationArguments args) {
    if (here || packing) {
      furnish();
    }
    if (packing) {
      application.close();
    }
  }

  @Override
  public void furnish() {
    if (!people.all().isEmpty() && packed.label().isEmpty()) {
      return;
    }
    Locale language = House.OWN.get(voices::ofTheHouse).language();
    new TransactionTemplate(transactions)
        .executeWithoutResult(
            status -> {
              live();
              voices.speak(language);
            });
    LOG.info("Tern House is ready");
  }

  /** One transaction: the household is either there as a whole or not at all. */
  private void live() {
    Instant now = clock.instant().truncatedTo(ChronoUnit.MINUTES);
    LocalDate today = LocalDate.ofInstant(now, ZoneId.systemDefault());
    Optional<PackedPast.Label> label = packed.label();
    TernHouse.Set set;
    if (label.isPresent()) {
      packed.bringUpTo(today, label.get());
      random = new CountedRandom(SEED, label.get().drawn());
      set = house.moveIn();
    } else {
      set = house.setUp();
      past(set, today);
    }
    if (packing) {
      packed.pack(today, random.drawn());
    } else {
      lately(set, now);
    }
  }

  /** Sixty days, which end the day before yesterday. */
  private void past(TernHouse.Set set, LocalDate today) {
    for (int i = FINISHED_ROUNDS; i >= 1; i--) {
      if (i == LATELY) {
        // The last weeks are the same, however long the time before them is.
        random = new CountedRandom(SEED, 0);
      }
      Instant washDay =
          today
              .minusDays((long) DAYS_BETWEEN_ROUNDS * i + 1)
              .atTime(9, 10 + i)
              .atZone(ZoneId.systemDefault())
              .toInstant();
      twoDays(set, washDay);
      RoundViews.Round round = wash(set, washDay, i);
      dryAll(rounds.one(round.id()).finishedAt());
      note(round, TernStory.note(i));
      Instant reset = story.reset(i, washDay);
      if (reset != null) {
        dryAll(reset);
      }
      story.seen(i, washDay);
      written();
    }
  }

  /** The last two days, which depend on the hour. */
  private void lately(TernHouse.Set set, Instant now) {
    Instant thisMorning = now.minus(Duration.ofMinutes(410));
    twoDays(set, thisMorning.minus(Duration.ofHours(2)));
    wash(set, thisMorning, 0);
    dayAndAHalf(set, now);
    story.newPiecesAndWipes(set, now);
    Instant before = now.minus(Duration.ofHours(12));
    clock.at(
        before,
        () -> {
          house.tellNormalDays(set);
          return before;
        });
    clock.at(
        now,
        () -> {
          assumed.catchUp();
          return now;
        });
  }

  /** Writes what has happened so far, so that later questions need not check it again. */
  private void written() {
    entities.flush();
    entities.clear();
  }

  /** Two days of pieces before a wash. */
  private void twoDays(TernHouse.Set set, Instant before) {
    for (int night = 1; night <= 2; night++) {
      Instant morning = before.minus(Duration.ofHours(24L * night - 22));
      add(set.nursery(), set, "fitted night nappy", 1, Soil.WET, morning);
      add(set.nursery(), set, "nappy cover", 1, Soil.WET, morning);
      add(set.linnet(), set, "fitted night nappy", 1, Soil.WET, morning);
      add(set.aurel(), set, "bed pad", 1 + random.nextInt(2), Soil.WET, morning);
      for (int part = 0; part < 3; part++) {
        int times = random.nextInt(10) < 8 ? 2 : 1;
        changes(set, times, morning.plus(Duration.ofMinutes(260L * part)), before);
      }
    }
    int towels = 16 + random.nextInt(5);
    topUp(set, "hand towel", towels, Soil.DIRT, before.minus(Duration.ofHours(14)));
    topUp(set, "bib", 4 + random.nextInt(3), Soil.FOOD, before.minus(Duration.ofHours(13)));
    topUp(set, "muslin", 5, Soil.MILK, before.minus(Duration.ofHours(12)));
  }

  /** Daytime changes: each an insert with booster and shell, and what went with it. */
  private void changes(TernHouse.Set set, int times, Instant wanted, Instant latest) {
    Instant at = wanted.isAfter(latest) ? latest : wanted;
    boolean stool = random.nextDouble() < 0.3;
    Soil soil = stool ? Soil.STOOL : Soil.WET;
    String insert = random.nextDouble() < 0.65 ? "bamboo trifold" : "cotton prefold";
    String booster = random.nextDouble() < 0.6 ? "hemp booster" : "bamboo booster";
    add(set.nursery(), set, insert, times, soil, at);
    add(set.nursery(), set, booster, times, soil, at);
    add(set.nursery(), set, "pocket shell", times, soil, at);
    if (stool) {
      add(set.nursery(), set, "fleece liner", times, soil, at);
      add(set.nursery(), set, "cotton wipe", 3 * times, soil, at);
    }
  }

  private void dayAndAHalf(TernHouse.Set set, Instant now) {
    ZonedDateTime local = now.atZone(ZoneId.systemDefault());
    for (int back = 0; back <= 1; back++) {
      Instant morning = local.minusDays(back).withHour(6).withMinute(40).toInstant();
      // Today's night pieces come from the normal days.
      if (back > 0 && inLastDayAndAHalf(morning, now)) {
        add(set.nursery(), set, "fitted night nappy", 1, Soil.WET, morning);
        add(set.nursery(), set, "nappy cover", 1, Soil.WET, morning);
        add(set.linnet(), set, "fitted night nappy", 1, Soil.WET, morning);
        add(set.aurel(), set, "bed pad", 1, Soil.WET, morning);
      }
      for (int change = 0; change < 6; change++) {
        Instant at = morning.plus(Duration.ofMinutes(25 + 140L * change));
        if (inLastDayAndAHalf(at, now)) {
          changes(set, 1, at, now);
        }
      }
    }
    add(set.nursery(), set, "wool cover", 1, Soil.WET, now.minus(Duration.ofHours(9)));
    add(set.linnet(), set, "cot sheet", 1, Soil.WET, now.minus(Duration.ofHours(20)));
    add(set.aurel(), set, "bed pad", 1, Soil.WET, now.minus(Duration.ofHours(14)));
    add(set.kitchen(), set, "dish cloth", 4, Soil.FOOD, now.minus(Duration.ofHours(19)));
    add(set.kitchen(), set, "tea towel", 3, Soil.FOOD, now.minus(Duration.ofHours(11)));
    add(set.kitchen(), set, "dish cloth", 3, Soil.FOOD, now.minus(Duration.ofHours(3)));
    add(set.glass(), set, "glass cloth", 8, Soil.DIRT, now.minus(Duration.ofHours(30)));
    topUp(set, "hand towel", 14, Soil.DIRT, now.minus(Duration.ofHours(26)));
    topUp(set, "bib", 5, Soil.FOOD, now.minus(Duration.ofHours(16)));
    topUp(set, "muslin", 6, Soil.MILK, now.minus(Duration.ofHours(8)));
  }

  private static boolean inLastDayAndAHalf(Instant at, Instant now) {
    return at.isBefore(now) && at.isAfter(now.minus(Duration.ofHours(36)));
  }

  /** Puts pieces in, as many as are clean. */
  private void add(long pail, TernHouse.Set set, String kind, int wanted, Soil soil, Instant at) {
    long kindId = set.kinds().get(kind);
    int count = Math.min(wanted, stock.all().get(kindId).clean());
    if (count > 0) {
      clock.at(
          at,
          () ->
              gather.put(
                  pail,
                  new GatherService.Coming(
                      kindId, count, soil, soil.hasSolids() ? Solids.LINER : Solids.NONE, null)));
      written();
    }
  }

  /**
   * Fills the basket with small household pieces up to a level; it is seldom emptied as a whole.
   */
  private void topUp(TernHouse.Set set, String kind, int level, Soil soil, Instant at) {
    int there =
        gather.waiting().stream()
            .filter(w -> w.pailId() == set.basket() && w.pieces().kind().name().equals(kind))
            .mapToInt(w -> w.pieces().count())
            .sum();
    add(set.basket(), set, kind, level - there, soil, at);
  }

  private RoundViews.Round wash(TernHouse.Set set, Instant at, int index) {
    List<Long> pails = List.of(set.nursery(), set.aurel(), set.linnet());
    SortViews.Load load =
        clock.at(at, () -> proposals.make(new ProposalService.NewLoad(List.copyOf(pails))));
    for (SortViews.Offer offer : load.offers()) {
      SortViews.Offer now = offerNow(load, offer.kindId());
      if (now.refusal() == null && now.wanted() > 0 && !now.fromShelf()) {
        SortService.Bulk bulk = new SortService.Bulk(now.kindId(), now.wanted(), false);
        long id = load.id();
        load = clock.at(at, () -> sort.addBulkers(id, bulk));
      }
    }
    return run(load.id(), at, index);
  }

  private static SortViews.Offer offerNow(SortViews.Load load, long kindId) {
    return load.offers().stream().filter(o -> o.kindId() == kindId).findFirst().orElseThrow();
  }

  private RoundViews.Round run(long loadId, Instant at, int index) {
    School school = story.lean(index) || index % 4 == 3 ? School.COOL_AND_SUN : School.HOT_AND_FULL;
    List<String> checks =
        clock
            .at(at, () -> plans.plan(loadId, PlanService.Request.of(school.id(), null)))
            .cautions()
            .stream()
            .filter(c -> c.strength() == Caution.Strength.CHECK)
            .map(Caution::key)
            .toList();
    RoundViews.Round round =
        clock.at(
            at, () -> starts.start(StartService.Sent.of(loadId, school.id(), List.copyOf(checks))));
    Instant time = at;
    for (PlanViews.PlanStep step : round.plan().steps()) {
      time =
          time.plus(Duration.ofMinutes(step.minutes() + (step.attended() ? random.nextInt(6) : 1)));
      clock.at(time, () -> runs.tick(round.id(), step.number()));
      written();
    }
    return round;
  }

  private void dryAll(Instant finished) {
    for (Hanging group : clock.at(finished, drying::hanging)) {
      Instant latest = finished.plus(LONGEST_DRYING);
      Instant by = group.dryBy() == null || group.dryBy().isAfter(latest) ? latest : group.dryBy();
      clock.at(
          by.plus(Duration.ofMinutes(20)),
          () -> {
            dryChecks.dry(group.id());
            return group;
          });
      written();
    }
  }

  private void note(RoundViews.Round round, String note) {
    if (!note.isEmpty()) {
      int version = (int) rounds.one(round.id()).version();
      rounds.note(round.id(), new RoundService.NoteChange(version, note));
    }
  }
}
