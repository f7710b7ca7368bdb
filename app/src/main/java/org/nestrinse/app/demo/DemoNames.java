package org.nestrinse.app.demo;

import java.sql.Clob;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.house.MadeUpHouse;
import org.nestrinse.app.speech.LanguageChanged;
import org.nestrinse.app.store.ChecksumRenewal;
import org.nestrinse.text.EnglishPlural;
import org.nestrinse.text.Names;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Calls everything in the made-up house by its names in another language, in its past as well: a
 * household that spoke that language would have named it so. Only a whole text that is such a name
 * is changed.
 */
@Component
class DemoNames {
  private final JdbcTemplate sql;
  private final ChecksumRenewal checksums;
  private final JsonMapper json;
  private final MadeUpHouse madeUp;

  DemoNames(JdbcTemplate sql, ChecksumRenewal checksums, JsonMapper json, MadeUpHouse madeUp) {
    this.sql = sql;
    this.checksums = checksums;
    this.json = json;
    this.madeUp = madeUp;
  }

  /** Follows the language of a made-up house; what a real one named stays. */
  @EventListener
  void changed(LanguageChanged change) {
    if (madeUp.isHere()) {
      rename(new Renaming(change.before(), change.now()));
      plurals(Names.of(change.now()));
    }
  }

  /** Only English has a rule for several; in other languages each kind keeps its own word. */
  private void plurals(Names names) {
    sql.update("update kind set plural = null");
    for (String english : names.all().keySet()) {
      String several = names.several(english);
      if (several != null) {
        sql.update("update kind set plural = ? where name = ?", several, names.of(english));
      }
    }
    checksums.renewAll();
  }

  /** New names by old ones; in some languages one and several have the same name. */
  private static final class Renaming {
    private static final Set<String> SEVERAL = Set.of("several", "plural");

    private final Map<String, String> one = new HashMap<>();
    private final Map<String, String> several = new HashMap<>();

    Renaming(Locale before, Locale now) {
      Names old = Names.of(before);
      Names fresh = Names.of(now);
      Map<String, String> known = new HashMap<>(fresh.all());
      known.putAll(old.all());
      for (String english : known.keySet()) {
        one.put(old.of(english), fresh.of(english));
        several.put(several(old, english), several(fresh, english));
      }
    }

    private static String several(Names names, String english) {
      String several = names.several(english);
      return several == null ? EnglishPlural.of(names.of(english)) : several;
    }

    /** Returns what stands under a key, renamed. */
    String of(String key, String name) {
      Map<String, String> first = SEVERAL.contains(key) ? several : one;
      Map<String, String> then = SEVERAL.contains(key) ? one : several;
      return first.getOrDefault(name, then.getOrDefault(name, name));
    }
  }

  private record Column(String table, String name) {}

  private void rename(Renaming names) {
    for (Column column : texts()) {
      String select =
          "select _rowid_, \"%s\" from \"%s\" where \"%s\" is not null"
              .formatted(column.name, column.table, column.name);
      String update =
          "update \"%s\" set \"%s\" = ? where _rowid_ = ?".formatted(column.table, column.name);
      List<Object[]> changed =
          sql
              .query(
                  select,
                  (row, i) ->
                      new Object[] {
                        renamed(column.name, text(row.getObject(2)), names), row.getLong(1)
                      })
              .stream()
              .filter(row -> row[0] != null)
              .toList();
      sql.batchUpdate(update, changed);
    }
    // Until they are renewed, the texts of rounds have none: a wrong one would be told as damage.
    sql.update("update round_text set checksum = null");
  }

  private List<Column> texts() {
    return sql.query(
        """
        select c.table_name, c.column_name
        from information_schema.columns c
        join information_schema.tables t
          on t.table_schema = c.table_schema and t.table_name = c.table_name
        where c.table_schema = 'PUBLIC' and t.table_type = 'BASE TABLE'
          and t.table_name <> 'flyway_schema_history' and c.data_type like 'CHARACTER%'
        order by c.table_name, c.column_name
        """,
        (row, i) -> new Column(row.getString(1), row.getString(2)));
  }

  private static String text(Object value) throws SQLException {
    return value instanceof Clob clob
        ? clob.getSubString(1, (int) clob.length())
        : String.valueOf(value);
  }

  /** Returns a text with its names changed, or null when there is none in it. */
  private @Nullable String renamed(String column, String text, Renaming names) {
    if (!text.startsWith("{") && !text.startsWith("[")) {
      String name = names.of(column, text);
      return name.equals(text) ? null : name;
    }
    JsonNode before = json.readTree(text);
    JsonNode after = renamed(column, before, names);
    return after.equals(before) ? null : json.writeValueAsString(after);
  }

  private static JsonNode renamed(String key, JsonNode node, Renaming names) {
    if (node instanceof StringNode text) {
      return StringNode.valueOf(names.of(key, text.asString()));
    }
    if (node instanceof ArrayNode list) {
      ArrayNode changed = list.arrayNode();
      list.forEach(each -> changed.add(renamed(key, each, names)));
      return changed;
    }
    if (node instanceof ObjectNode object) {
      ObjectNode changed = object.objectNode();
      object
          .properties()
          .forEach(e -> changed.set(e.getKey(), renamed(e.getKey(), e.getValue(), names)));
      return changed;
    }
    return node;
  }
}
