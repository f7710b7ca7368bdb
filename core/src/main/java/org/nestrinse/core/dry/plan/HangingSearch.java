package org.nestrinse.core.dry.plan;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * One search for who hangs where, with the rooms' air as it is known: part by part, then one part
 * at a time better, then branch and bound as far as it is allowed to look. Deterministic.
 */
final class HangingSearch {
  /** Every part is looked at anew so often at most. */
  private static final int MOST_IMPROVEMENTS = 6;

  private final DryingQuestion question;
  private final DryingPolicy policy;
  private final List<DryingBatch> parts;
  private final List<DryingOptions.Part> numbered = new ArrayList<>();
  private final List<List<HangingPlan.Option>> options = new ArrayList<>();
  private final PlanCost[] least;
  private final HangingPlan.Table table;
  private final int[] taken;
  private int looks;
  private @Nullable PlanCost best;
  private List<HangingPlan.Option> bestOptions = List.of();

  HangingSearch(DryingQuestion question, DryingPolicy policy, RoomLoad rooms) {
    this.question = question;
    this.policy = policy;
    DryingOptions all = new DryingOptions(question, rooms);
    // Those that hinder most come first: short of time, then bulky.
    parts =
        BatchParts.of(question).stream()
            .sorted(
                Comparator.comparing(
                        DryingBatch::neededBy,
                        Comparator.nullsLast(Comparator.<Instant>naturalOrder()))
                    .thenComparing(b -> -b.kind().widthM() * b.count())
                    .thenComparing(DryingBatch::key))
            .toList();
    for (int i = 0; i < parts.size(); i++) {
      long key = parts.get(i).key();
      int whole =
          question.batches().stream()
              .filter(b -> b.key() == key)
              .mapToInt(DryingBatch::count)
              .sum();
      DryingOptions.Part part = new DryingOptions.Part(i, parts.get(i), whole);
      numbered.add(part);
      Map<DryingOptions.Way, Course> ways = all.of(part, policy);
      options.add(
          ways.entrySet().stream()
              .map(e -> HangingPlan.Option.of(e.getKey(), e.getValue(), question))
              .sorted(Comparator.comparing(this::alone))
              .toList());
    }
    least = new PlanCost[parts.size() + 1];
    least[parts.size()] = PlanCost.NONE;
    for (int i = parts.size() - 1; i >= 0; i--) {
      List<HangingPlan.Option> own = options.get(i);
      least[i] = own.isEmpty() ? least[i + 1] : least[i + 1].plus(alone(own.get(0)));
    }
    table = new HangingPlan.Table(question);
    taken = new int[parts.size()];
  }

  private PlanCost alone(HangingPlan.Option option) {
    return policy.weighed(option.alone());
  }

  private PlanCost sofar(HangingPlan.Table of) {
    return policy.weighed(of.cost());
  }

  /** Returns the best ways found, one for each part, null for a part that no way takes. */
  List<DryingOptions.Way> choose() {
    HangingPlan.@Nullable Option[] chosen = new HangingPlan.Option[parts.size()];
    greedy(chosen);
    improve(chosen);
    remember(chosen);
    if (options.stream().noneMatch(List::isEmpty)) {
      descend(0);
    }
    List<DryingOptions.Way> ways = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      HangingPlan.Option option = best == null ? chosen[i] : bestOptions.get(i);
      ways.add(option == null ? null : option.way());
    }
    return ways;
  }

  private void greedy(HangingPlan.@Nullable Option[] chosen) {
    HangingPlan.Table filling = new HangingPlan.Table(question);
    for (int i = 0; i < parts.size(); i++) {
      chosen[i] = cheapest(filling, i);
      if (chosen[i] != null) {
        filling.add(chosen[i]);
      }
    }
  }

  private HangingPlan.@Nullable Option cheapest(HangingPlan.Table filling, int part) {
    HangingPlan.Option found = null;
    PlanCost cost = null;
    for (HangingPlan.Option option : options.get(part)) {
      if (!filling.add(option)) {
        continue;
      }
      PlanCost now = sofar(filling);
      filling.removeLast();
      if (cost == null || now.compareTo(cost) < 0) {
        cost = now;
        found = option;
      }
    }
    return found;
  }

  private void improve(HangingPlan.@Nullable Option[] chosen) {
    boolean better = true;
    for (int round = 0; better && round < MOST_IMPROVEMENTS; round++) {
      better = false;
      for (int i = 0; i < chosen.length; i++) {
        HangingPlan.Table others = new HangingPlan.Table(question);
        for (int j = 0; j < chosen.length; j++) {
          if (j != i && chosen[j] != null && !others.add(chosen[j])) {
            chosen[j] = null;
          }
        }
        HangingPlan.Option found = cheapest(others, i);
        boolean other = found != null && !found.equals(chosen[i]);
        if (other && (chosen[i] == null || cheaper(others, found, chosen[i]))) {
          chosen[i] = found;
          better = true;
        }
      }
    }
  }

  private boolean cheaper(
      HangingPlan.Table others, HangingPlan.Option one, HangingPlan.Option other) {
    others.add(one);
    PlanCost with = sofar(others);
    others.removeLast();
    if (!others.add(other)) {
      return true;
    }
    PlanCost without = sofar(others);
    others.removeLast();
    return with.compareTo(without) < 0;
  }

  private void remember(HangingPlan.@Nullable Option[] chosen) {
    List<HangingPlan.Option> all = new ArrayList<>();
    HangingPlan.Table filling = new HangingPlan.Table(question);
    for (HangingPlan.Option option : chosen) {
      if (option == null || !filling.add(option)) {
        return;
      }
      all.add(option);
    }
    best = sofar(filling);
    bestOptions = List.copyOf(all);
  }

  private void descend(int part) {
    if (part == parts.size()) {
      PlanCost cost = sofar(table);
      if (best == null || cost.compareTo(best) < 0) {
        best = cost;
        List<HangingPlan.Option> all = new ArrayList<>();
        for (int i = 0; i < taken.length; i++) {
          all.add(options.get(i).get(taken[i]));
        }
        bestOptions = all;
      }
      return;
    }
    List<HangingPlan.Option> own = options.get(part);
    // Parts of one batch are alike: the later one never takes an earlier way.
    PlanCost here = sofar(table);
    boolean twin = part > 0 && alike(parts.get(part - 1), parts.get(part));
    for (int i = twin ? taken[part - 1] : 0; i < own.size(); i++) {
      if (looks >= HangingPlan.MOST_LOOKS) {
        return;
      }
      looks++;
      HangingPlan.Option option = own.get(i);
      if (best != null && here.plus(alone(option)).plus(least[part + 1]).compareTo(best) >= 0) {
        return;
      }
      if (table.add(option)) {
        taken[part] = i;
        if (best == null || sofar(table).plus(least[part + 1]).compareTo(best) < 0) {
          descend(part + 1);
        }
        table.removeLast();
      }
    }
  }

  private static boolean alike(DryingBatch a, DryingBatch b) {
    return a.key() == b.key() && a.count() == b.count();
  }

  /** Returns the courses of chosen ways, one for each part, with the rooms' air given. */
  List<Course> courses(List<DryingOptions.Way> chosen, RoomLoad rooms) {
    DryingOptions ways = new DryingOptions(question, rooms);
    List<Course> courses = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      DryingOptions.Way way = chosen.get(i);
      courses.add(
          way == null
              ? Course.nowhere(parts.get(i), question, numbered.get(i).whole())
              : ways.course(numbered.get(i), way));
    }
    return courses;
  }

  /** Returns the plan of chosen ways, parts of a batch that go the same way joined. */
  HangingPlan plan(List<DryingOptions.Way> chosen, RoomLoad rooms) {
    HangingPlan.Table filling = new HangingPlan.Table(question);
    List<Course> apart = new ArrayList<>();
    List<Course> courses = courses(chosen, rooms);
    for (int i = 0; i < courses.size(); i++) {
      DryingOptions.Way way = chosen.get(i);
      boolean taken =
          way != null && filling.add(HangingPlan.Option.of(way, courses.get(i), question));
      if (!taken) {
        apart.add(courses.get(i));
      }
    }
    List<Course> all = new ArrayList<>(filling.courses());
    all.addAll(apart);
    PlanCost cost = filling.cost();
    for (Course course : apart) {
      cost = cost.plus(course.alone());
    }
    List<Course> joined = new ArrayList<>();
    for (Course course : all) {
      int same =
          IntStream.range(0, joined.size())
              .filter(i -> joined.get(i).sameWay(course))
              .findFirst()
              .orElse(-1);
      if (same < 0) {
        joined.add(course);
      } else {
        joined.set(same, joined.get(same).with(course));
      }
    }
    joined.sort(Comparator.comparing(c -> c.batch().key()));
    return new HangingPlan(joined, cost, looks < HangingPlan.MOST_LOOKS && apart.isEmpty());
  }
}
