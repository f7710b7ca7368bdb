package org.nestrinse.app.gather.pail;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.nestrinse.app.gather.normal.NormalDayService;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.core.gather.NormalDay;
import org.nestrinse.core.gather.Solids;
import org.nestrinse.core.gather.Spell;
import org.nestrinse.core.household.Stock.Whereabouts;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Pieces that are assumed to have come in, because they do on a usual day. */
@Component
public class AssumedPieces {
  private final NormalDayService normal;
  private final EntryRepository entries;
  private final PailRepository pails;
  private final StockService stock;
  private final HouseholdService households;
  private final Clock clock;
  private final TransactionTemplate transaction;

  AssumedPieces(
      NormalDayService normal,
      EntryRepository entries,
      PailRepository pails,
      StockService stock,
      HouseholdService households,
      Clock clock,
      PlatformTransactionManager transactions) {
    this.normal = normal;
    this.entries = entries;
    this.pails = pails;
    this.stock = stock;
    this.households = households;
    this.clock = clock;
    this.transaction = new TransactionTemplate(transactions);
  }

  /**
   * Fills the pails with what normal days have brought since they were last emptied. It may be
   * called at any time: a part of a day is assumed once.
   */
  public synchronized void catchUp() {
    transaction.executeWithoutResult(status -> assume());
  }

  private void assume() {
    List<NormalDayService.Line> lines = normal.lines();
    if (lines.isEmpty()) {
      return;
    }
    Instant now = clock.instant();
    ZoneId zone = households.current().zoneId();
    LocalDate oldest = now.atZone(zone).toLocalDate().minusDays(NormalDay.LONGEST_BACK_DAYS + 1);
    Set<String> done =
        entries.findByHabitDayGreaterThanEqual(oldest).stream()
            .map(e -> e.habitId + "/" + e.habitDay)
            .collect(Collectors.toCollection(HashSet::new));
    Map<Long, PailEntity> pailById =
        pails.findAll().stream().collect(Collectors.toMap(p -> p.id, Function.identity()));
    List<Spell> differing = normal.spells();
    for (NormalDayService.Line line : lines) {
      Instant emptied = pailById.get(line.pailId()).emptiedAt;
      Instant since = emptied == null || emptied.isBefore(line.since()) ? line.since() : emptied;
      for (NormalDay.Assumed a :
          NormalDay.between(List.of(line.habit()), differing, since, now, zone)) {
        if (done.add(line.habit().id() + "/" + a.day())) {
          assume(line, a, zone);
        }
      }
    }
  }

  /** Assumes no more than are clean, and none that were logged already. */
  private void assume(NormalDayService.Line line, NormalDay.Assumed a, ZoneId zone) {
    int logged =
        entries.findByPailIdAndRemovedAtIsNull(line.pailId()).stream()
            .filter(e -> !e.assumed && e.habitId == null && e.kindId.equals(line.habit().kindId()))
            .filter(e -> NormalDay.speaksOf(a.habit(), a.day(), e.cameIn.atZone(zone)))
            .mapToInt(e -> e.pieces)
            .sum();
    int count = a.pieces(logged, stock.held(line.habit().kindId()).clean());
    EntryEntity e = new EntryEntity();
    e.pailId = line.pailId();
    e.kindId = line.habit().kindId();
    e.soil = line.habit().soil();
    e.solids = Solids.NONE;
    e.cameIn = a.at();
    e.assumed = true;
    e.habitId = line.habit().id();
    e.habitDay = a.day();
    e.pieces = count;
    if (count > 0) {
      stock.move(line.habit().kindId(), count, Whereabouts.CLEAN, Whereabouts.WAITING);
    } else {
      e.removedAt = clock.instant();
    }
    entries.saveAndFlush(e);
  }

  /**
   * Returns the assumed pieces that pieces logged now stand for: same pail, kind and part of the
   * day.
   */
  private List<EntryEntity> alike(long pailId, long kindId, Instant cameIn) {
    List<EntryEntity> assumed =
        entries.findByPailIdAndKindIdAndAssumedTrueAndRemovedAtIsNull(pailId, kindId);
    if (assumed.isEmpty()) {
      return List.of();
    }
    ZoneId zone = households.current().zoneId();
    Map<Long, NormalDay.Habit> lines = normal.everKnown();
    return assumed.stream()
        .filter(e -> e.left() > 0 && e.habitId != null && e.habitDay != null)
        .filter(e -> lines.containsKey(e.habitId))
        .filter(e -> NormalDay.speaksOf(lines.get(e.habitId), e.habitDay, cameIn.atZone(zone)))
        .toList();
  }

  /** Lets logged pieces stand for assumed ones, which wait already, and returns how many. */
  int standFor(EntryEntity logged) {
    List<EntryEntity> alike = alike(logged.pailId, logged.kindId, logged.cameIn);
    if (alike.isEmpty()) {
      return 0;
    }
    EntryEntity assumed = alike.get(0);
    int standing = Math.min(assumed.left(), logged.pieces);
    assumed.pieces -= standing;
    if (assumed.pieces == 0) {
      assumed.removedAt = clock.instant();
    }
    entries.saveAndFlush(assumed);
    logged.replacesId = assumed.id;
    logged.replaces = standing;
    return standing;
  }

  /** Gives the assumed pieces back that an entry stood for, and returns how many. */
  int standBack(EntryEntity logged) {
    if (logged.replacesId == null) {
      return 0;
    }
    EntryEntity assumed = entries.findById(logged.replacesId).orElseThrow();
    int standing = Math.min(logged.replaces, logged.pieces);
    assumed.pieces += standing;
    assumed.removedAt = null;
    entries.saveAndFlush(assumed);
    logged.replacesId = null;
    logged.replaces = 0;
    entries.saveAndFlush(logged);
    return standing;
  }
}
