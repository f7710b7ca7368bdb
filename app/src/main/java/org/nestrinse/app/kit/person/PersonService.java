package org.nestrinse.app.kit.person;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.kit.Names;
import org.nestrinse.app.kit.Removable;
import org.nestrinse.app.kit.Thing;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.What;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people whose textiles are washed. */
@Service
public class PersonService implements Removable {
  private static final int LONGEST_NAME = 80;
  private static final int LONGEST_ABOUT = 200;
  private static final int LONGEST_SETTING = 40;
  private static final Range USES = new Range(0, 40, Unit.A_DAY);
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final PersonRepository people;

  PersonService(PersonRepository people) {
    this.people = people;
  }

  /** What is sent to add or change a person. */
  @RecordBuilder
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      @Nullable String about,
      @Nullable Boolean sensitiveSkin,
      @Nullable Boolean ill,
      @Nullable Boolean newborn,
      @Nullable Integer dayBundles,
      @Nullable Integer nightBundles,
      @Nullable Integer bedPads,
      @Nullable Integer sanitaryPads,
      @Nullable Integer nursingPads,
      @Nullable String rise,
      @Nullable String snaps) {}

  /** Returns what people are called. */
  @Transactional(readOnly = true)
  public Names names() {
    return new Names(people.findAll().stream().collect(Collectors.toMap(p -> p.id, p -> p.name)));
  }

  /** Returns everyone. */
  @Transactional(readOnly = true)
  public List<Person> all() {
    return people.findByRemovedAtIsNull(Sort.by("id")).stream().map(PersonService::view).toList();
  }

  /** Returns what a person's textiles need; nothing for nobody. */
  @Transactional(readOnly = true)
  public Set<SkinNeed> needs(@Nullable Long personId) {
    return personId == null
        ? Set.of()
        : people.findById(personId).map(p -> view(p).needs()).orElse(Set.of());
  }

  /** Adds a person. */
  @Transactional
  public Person add(Change change) {
    PersonEntity e = new PersonEntity();
    apply(e, change);
    e.refuseTwins(people.findByRemovedAtIsNull(Sort.unsorted()));
    return view(people.save(e));
  }

  /** Changes a person; throws {@link Stale} when they were changed since the version sent. */
  @Transactional
  public Person change(long id, Change change) {
    PersonEntity e = people.findById(id).orElseThrow(() -> new NotFound(What.PERSON, id));
    if (e.version != RequestChecks.whole("version", change.version, VERSION)) {
      throw new Stale(e.name, view(e));
    }
    apply(e, change);
    e.refuseTwins(people.findByRemovedAtIsNull(Sort.unsorted()));
    return view(people.saveAndFlush(e));
  }

  private static void apply(PersonEntity e, Change c) {
    e.name = RequestChecks.text("name", c.name, LONGEST_NAME);
    e.about =
        c.about == null || c.about.isBlank()
            ? ""
            : RequestChecks.text("about", c.about, LONGEST_ABOUT);
    e.sensitiveSkin = RequestChecks.yesNo("sensitiveSkin", c.sensitiveSkin);
    e.ill = RequestChecks.yesNo("ill", c.ill);
    e.newborn = RequestChecks.yesNo("newborn", c.newborn);
    e.dayBundles = RequestChecks.whole("dayBundles", c.dayBundles, USES);
    e.nightBundles = RequestChecks.whole("nightBundles", c.nightBundles, USES);
    e.bedPads = RequestChecks.whole("bedPads", c.bedPads, USES);
    e.sanitaryPads =
        c.sanitaryPads == null
            ? e.sanitaryPads
            : RequestChecks.whole("sanitaryPads", c.sanitaryPads, USES);
    e.nursingPads =
        c.nursingPads == null
            ? e.nursingPads
            : RequestChecks.whole("nursingPads", c.nursingPads, USES);
    e.rise = c.rise == null ? e.rise : setting("rise", c.rise);
    e.snaps = c.snaps == null ? e.snaps : setting("snaps", c.snaps);
  }

  private static String setting(String field, String value) {
    return value.isBlank() ? "" : RequestChecks.text(field, value, LONGEST_SETTING);
  }

  private static Person view(PersonEntity e) {
    return PersonBuilder.builder()
        .id(e.id)
        .version(e.version)
        .name(e.name)
        .about(e.about)
        .sensitiveSkin(e.sensitiveSkin)
        .ill(e.ill)
        .newborn(e.newborn)
        .dayBundles(e.dayBundles)
        .nightBundles(e.nightBundles)
        .bedPads(e.bedPads)
        .sanitaryPads(e.sanitaryPads)
        .nursingPads(e.nursingPads)
        .rise(e.rise)
        .snaps(e.snaps)
        .build();
  }

  @Override
  public Thing thing() {
    return Thing.PERSON;
  }

  @Override
  public JpaRepository<? extends KitEntity, Long> rows() {
    return people;
  }
}
