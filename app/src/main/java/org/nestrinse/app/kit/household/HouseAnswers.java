package org.nestrinse.app.kit.household;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.dry.SunLimit;
import org.nestrinse.core.gather.NewPieceRule;
import org.nestrinse.core.sort.ClothesWithNappies;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.school.Disagreement;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How the household answers what people disagree on, where the answer is not of one load. */
@Service
public class HouseAnswers {
  private static final int LONGEST_POSITION = 60;
  private static final int HOURS_PER_DAY = 24;
  private static final String LID = "lid";
  private static final String ANY = "any";

  private final HouseholdService households;
  private final HouseholdRepository repository;

  HouseAnswers(HouseholdService households, HouseholdRepository repository) {
    this.households = households;
    this.repository = repository;
  }

  /** What is sent to answer a question on which people disagree. */
  public record AnswerChange(@Nullable String position) {}

  /** Returns how the household answers the questions that are not of one load. */
  @Transactional(readOnly = true)
  public Map<Disagreement, String> answers() {
    HouseholdEntity e = households.entity();
    Map<Disagreement, String> answers = new EnumMap<>(Disagreement.class);
    answers.put(Disagreement.SUN, id(Known.or(e.sun, SunLimit.LIMITED)));
    answers.put(Disagreement.NEW_PIECES, id(Known.or(e.newPieces, NewPieceRule.FIBRE)));
    answers.put(Disagreement.PAIL, e.pailsShut ? LID : "open");
    answers.put(Disagreement.BULK, e.anythingFills ? ANY : "small");
    answers.put(Disagreement.BABY_CLOTHES, clothes().position());
    if (e.wetHours % HOURS_PER_DAY == 0) {
      answers.put(Disagreement.RHYTHM, String.valueOf(e.wetHours / HOURS_PER_DAY));
    }
    return answers;
  }

  /**
   * Keeps an answer of the household; throws {@link OutOfRange} for a question that is of one load.
   */
  @Transactional
  public Household answer(Disagreement question, AnswerChange change) {
    String position =
        question.position(RequestChecks.text("position", change.position, LONGEST_POSITION)).id();
    HouseholdEntity e = households.entity();
    switch (question) {
      case SUN -> e.sun = SunLimit.valueOf(position.toUpperCase(Locale.ROOT));
      case NEW_PIECES -> e.newPieces = NewPieceRule.valueOf(position.toUpperCase(Locale.ROOT));
      case PAIL -> e.pailsShut = position.equals(LID);
      case BULK -> e.anythingFills = position.equals(ANY);
      case BABY_CLOTHES -> e.clothes = ClothesWithNappies.of(position);
      case RHYTHM -> e.wetHours = Integer.parseInt(position) * HOURS_PER_DAY;
      default -> throw new OutOfRange("question", question.name(), KitRefusal.HOUSEHOLD_QUESTIONS);
    }
    return HouseholdService.view(repository.saveAndFlush(e));
  }

  /** Returns whether clothes join nappies here. */
  @Transactional(readOnly = true)
  public ClothesWithNappies clothes() {
    return Known.or(households.entity().clothes, ClothesWithNappies.FROM_60);
  }

  /** Returns whether sheets and large towels may fill up a drum here. */
  @Transactional(readOnly = true)
  public boolean anythingFills() {
    return households.entity().anythingFills;
  }

  /**
   * Keeps that clothes join nappies below 60 °C, once somebody has confirmed it. A house that says
   * never means it: there one load changes nothing.
   */
  @Transactional
  public void clothesAt40() {
    HouseholdEntity e = households.entity();
    if (clothes() == ClothesWithNappies.FROM_60) {
      e.clothes = ClothesWithNappies.AT_40;
      repository.saveAndFlush(e);
    }
  }

  private static String id(Enum<?> answer) {
    return answer.name().toLowerCase(Locale.ROOT);
  }
}
