package org.nestrinse.app.kit.household;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.dry.DryingWishes;
import org.nestrinse.core.dry.SunLimit;
import org.nestrinse.core.gather.NewPieceRule;
import org.nestrinse.core.sort.ClothesWithNappies;
import org.nestrinse.core.wash.school.Standing;
import org.nestrinse.text.HardnessScale;
import org.nestrinse.text.Measures;

@Entity
@DynamicUpdate
@Table(name = "household")
class HouseholdEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  String name;
  String zone;

  /** Whether somebody set the time zone; until then it is the computer's. */
  boolean zoneTold;

  @Column(name = "hardness_mmol_l")
  double hardnessMmolL;

  @Column(name = "inlet_c")
  double inletC;

  @Column(name = "room_c")
  double roomC;

  double dayPerKwh;
  double nightPerKwh;
  LocalTime nightFrom;
  LocalTime nightTo;

  @Column(name = "water_per_m3")
  double waterPerM3;

  @Enumerated(EnumType.STRING)
  HygieneGoal goal;

  double trim;
  int wetHours = 48;
  @Nullable String cleanerName;
  @Nullable Double cleanerPercent;

  @Column(name = "cleaner_mg_l")
  @Nullable Double cleanerMgL;

  boolean cleanerChlorine;
  boolean pretendDevices;
  boolean pretendWeather;
  boolean boraxLawful;

  @Enumerated(EnumType.STRING)
  DryingWishes.Tumbling tumbling = DryingWishes.Tumbling.AS_NEEDED;

  boolean dryOutdoors = true;
  boolean carryAfterDark = true;

  @Enumerated(EnumType.STRING)
  DryingWishes.Aim dryAim = DryingWishes.Aim.BALANCED;

  int tripsPerDay = 3;

  @Enumerated(EnumType.STRING)
  SunLimit sun = SunLimit.LIMITED;

  @Enumerated(EnumType.STRING)
  NewPieceRule newPieces = NewPieceRule.FIBRE;

  @Enumerated(EnumType.STRING)
  ClothesWithNappies clothes = ClothesWithNappies.FROM_60;

  /** Whether sheets and large towels may fill up a drum. */
  boolean anythingFills;

  /** Whether pails stand shut, whatever each is made for. */
  boolean pailsShut;

  String usualMethod = "hot-and-full";

  /** What is done otherwise in every routine, parted by commas. */
  @Convert(converter = StandingNames.class)
  List<@Nullable Standing> standing = List.of();

  String language = "en";

  @Enumerated(EnumType.STRING)
  Measures measures = Measures.METRIC;

  @Enumerated(EnumType.STRING)
  HardnessScale hardnessScale = HardnessScale.MMOL_PER_L;

  boolean twelveHours;
  String currency = "EUR";

  @Enumerated(EnumType.STRING)
  DayOfWeek weekStart = DayOfWeek.MONDAY;

  /** Whether the machine's dial says cold, warm and hot. */
  boolean dialInWords;

  /** Whether the set-up is over. */
  boolean setUpDone;

  /** Whether somebody told of the water; a new house only guesses. */
  boolean waterTold;

  @Nullable Instant trimMovedAt;
  int trimWay;
}
