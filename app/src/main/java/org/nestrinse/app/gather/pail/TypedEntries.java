package org.nestrinse.app.gather.pail;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.pail.GatherViews.Entry;
import org.nestrinse.app.gather.pail.GatherViews.Typed;
import org.nestrinse.app.gather.pail.GatherViews.TypedLine;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.Solids;
import org.nestrinse.core.gather.TypedPieces;
import org.nestrinse.core.gather.TypedSaying;
import org.nestrinse.core.gather.TypedSoil;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts pieces into a pail that somebody typed in one go: "6 flats wet, 2 poo". */
@Service
class TypedEntries {
  private static final int LONGEST = 200;

  private final GatherReader reader;
  private final GatherService gather;
  private final PailRepository pails;
  private final EntryRepository entries;
  private final Speech speech;

  TypedEntries(
      GatherReader reader,
      GatherService gather,
      PailRepository pails,
      EntryRepository entries,
      Speech speech) {
    this.reader = reader;
    this.gather = gather;
    this.pails = pails;
    this.entries = entries;
    this.speech = speech;
  }

  /**
   * What somebody typed.
   *
   * @param text the words
   * @param soil the soil of pieces that name none
   * @param solids how solids were dealt with, for soils that have them
   */
  record Words(@Nullable String text, @Nullable Soil soil, @Nullable Solids solids) {}

  /** Returns what a text means here, without putting anything in. */
  @Transactional(readOnly = true)
  public Typed understood(long pailId, String text, Soil soil) {
    try {
      return new Typed(
          read(pailId, text, soil).stream()
              .map(p -> new TypedLine(p.kind().counted(p.count()), p.soil().said()))
              .toList(),
          null);
    } catch (OutOfRange e) {
      return new Typed(
          List.of(),
          Said.of(TypedSaying.UNCLEAR).with("part", e.value()).with("allowed", e.allowed()));
    }
  }

  /** Puts all of it in, or nothing. */
  @Transactional
  public List<Entry> add(long pailId, Words words) {
    String text = RequestChecks.text("text", words.text, LONGEST);
    Soil usual = RequestChecks.choice("soil", words.soil, Soil.class);
    Solids solids = RequestChecks.choice("solids", words.solids, Solids.class);
    return read(pailId, text, usual).stream()
        .map(
            p ->
                gather.add(
                    pailId,
                    new GatherService.Coming(
                        p.kind().id(),
                        p.count(),
                        p.soil(),
                        p.soil().hasSolids() ? solids : Solids.NONE,
                        null)))
        .toList();
  }

  private List<TypedPieces> read(long pailId, String text, Soil usual) {
    PailEntity pail = pails.findById(pailId).orElseThrow(() -> new NotFound(What.PAIL, pailId));
    List<EntryEntity> inside = entries.waiting().stream().filter(e -> e.pailId == pailId).toList();
    List<Kind> likely = reader.look().likely(pail, inside);
    return TypedPieces.read(text, likely, vocabulary(usual));
  }

  private TypedPieces.Vocabulary vocabulary(Soil usual) {
    Map<Soil, List<String>> soils = new EnumMap<>(Soil.class);
    for (TypedSoil soil : TypedSoil.values()) {
      soils.put(soil.soil(), row(soil));
    }
    return new TypedPieces.Vocabulary(soils, row(TypedSaying.SMALL_WORDS), usual);
  }

  private List<String> row(Saying saying) {
    return Arrays.stream(speech.words(saying).toLowerCase(Locale.ROOT).split(",\\s*")).toList();
  }
}
