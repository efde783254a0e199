package gurukram.web.takeaway;

import gurukram.web.shared.Teacher;
import java.sql.Types;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/**
 * Rows as JSON and back, table by table. Whose they are is never in a file: it is taken off on the way out and put on on the way in.
 * Names of tables and columns come from {@link Kind} and from the database itself.
 */
@Repository
class TakeawayStore {
    /** Whose it is, what only this machine knows, and what is computed. */
    private static final String LEFT_OFF = "'{studio_id,teacher_id,made_key,key,line_at,counts}'::text[]";

    private static final Set<String> KEYS_OF_OWNER = Set.of("studio_id", "teacher_id");
    private static final Set<String> SETTINGS =
            Set.of("school", "zone", "names_in", "own_pace", "own_pace_before", "pace_refused");
    private static final String COLUMNS = """
            select column_name from information_schema.columns
             where table_schema = 'public' and table_name = :table and is_generated = 'NEVER'""";
    private static final String SCHEMA =
            "select version from flyway_schema_history where success order by installed_rank desc limit 1";
    private static final String SETTINGS_OUT = """
            select jsonb_build_object(
                     'row', jsonb_build_object('school', t.school, 'zone', t.zone, 'names_in', t.names_in, 'own_pace', t.own_pace,
                                               'own_pace_before', t.own_pace_before, 'pace_refused', t.pace_refused),
                     'words', (select w.words from theme_words w where w.studio_id = t.studio_id and w.teacher_id = t.id))::text
              from teacher t where t.studio_id = :studio and t.id = :teacher""";
    private static final String WORDS_IN = """
            insert into theme_words (studio_id, teacher_id, words) values (:studio, :teacher, :words)
            on conflict (studio_id, teacher_id) do update set words = excluded.words""";
    private static final String PIECE = """
            insert into brought_piece (studio_id, teacher_id, n, bytes, at) values (:studio, :teacher, :n, :bytes, :now)
            on conflict (studio_id, teacher_id, n) do update set bytes = excluded.bytes, at = excluded.at""";

    private final JdbcClient jdbc;
    private final Clock clock;
    private final Map<String, Set<String>> columns = new ConcurrentHashMap<>();

    TakeawayStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The number of the last migration. */
    String schema() {
        return jdbc.sql(SCHEMA).query(String.class).single();
    }

    /** Times in files are those of no zone. */
    void inUtc() {
        jdbc.sql("set local time zone 'UTC'").update();
    }

    // --- out

    List<String> keys(Teacher teacher, Kind kind) {
        return owned("select h.%s::text %s order by 1".formatted(kind.key(), from(kind)), teacher)
                .query(String.class)
                .list();
    }

    Optional<String> content(Teacher teacher, Kind kind, String key) {
        return owned("select %s %s and h.%s::text = :key".formatted(content(kind), from(kind), kind.key()), teacher)
                .param("key", key)
                .query(String.class)
                .optional();
    }

    /** A sum over each, by its key, to see what is the same. */
    Map<String, String> sums(Teacher teacher, Kind kind) {
        Map<String, String> sums = new HashMap<>();
        owned(
                        "select h.%s::text as key, encode(sha256(convert_to(%s, 'UTF8')), 'hex') as sum %s"
                                .formatted(kind.key(), content(kind), from(kind)),
                        teacher)
                .query((row, n) -> sums.put(row.getString("key"), row.getString("sum")))
                .list();
        return sums;
    }

    /** What is deleted is not taken along, nor a room that never was begun. */
    private static String from(Kind kind) {
        String only = kind == Kind.LOG
                ? " and h.started_at is not null and h.deleted_at is null"
                : kind == Kind.CLASS ? " and h.deleted_at is null" : "";
        return "from %s h where h.studio_id = :studio and h.teacher_id = :teacher%s".formatted(kind.table(), only);
    }

    private static String content(Kind kind) {
        List<String> parts = new ArrayList<>(List.of("'row', to_jsonb(h) - " + LEFT_OFF));
        for (Kind.Part part : kind.parts())
            parts.add(
                    "'%s', (select coalesce(jsonb_agg(to_jsonb(c) - %s order by %s), '[]') from %s c where c.studio_id = h.studio_id and c.%s = h.id and %s)"
                            .formatted(part.table(), LEFT_OFF, part.order(), part.table(), part.parent(), part.only()));
        return "jsonb_build_object(" + String.join(", ", parts) + ")::text";
    }

    boolean has(Teacher teacher, Kind kind, String key) {
        return owned(
                                "select count(*) from %s where studio_id = :studio and teacher_id = :teacher and %s::text = :key"
                                        .formatted(kind.table(), kind.key()),
                                teacher)
                        .param("key", key)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    String settings(Teacher teacher) {
        return owned(SETTINGS_OUT, teacher).query(String.class).single();
    }

    // --- in

    /**
     * One with its rows, in the place of what is there by its key; false when its key is somebody else's.
     *
     * @param fields the names of its fields, {@code rows} those of its parts' rows, by table
     */
    boolean put(
            Teacher teacher, Kind kind, String key, String content, Set<String> fields, Map<String, Set<String>> rows) {
        if (!putAlone(teacher, kind, key, content, fields)) return false;
        putParts(teacher, kind, key, content, rows);
        return true;
    }

    /** One without its rows: those that are there stay. */
    boolean putAlone(Teacher teacher, Kind kind, String key, String content, Set<String> fields) {
        String sql = insert(
                        kind.table(),
                        fields,
                        "jsonb_populate_record(null::%s, (:content::jsonb -> 'row') || :own::jsonb)"
                                .formatted(kind.table()))
                + conflict(kind, fields);
        return jdbc.sql(sql)
                        .param("content", content)
                        .param("own", own(teacher, kind.key(), key))
                        .param("teacher", teacher.id())
                        .update()
                == 1;
    }

    private void putParts(Teacher teacher, Kind kind, String key, String content, Map<String, Set<String>> rows) {
        for (Kind.Part part : kind.parts()) {
            jdbc.sql("delete from %s where studio_id = :studio and %s = cast(:key as uuid)"
                            .formatted(part.table(), part.parent()))
                    .param("studio", teacher.studio())
                    .param("key", key)
                    .update();
            Set<String> columns = rows.getOrDefault(part.table(), Set.of());
            if (columns.isEmpty()) continue;
            jdbc.sql(insert(
                            part.table(),
                            columns,
                            "jsonb_populate_recordset(null::%s, (select jsonb_agg(e || :own::jsonb) from jsonb_array_elements(:content::jsonb -> '%s') e))"
                                    .formatted(part.table(), part.table())))
                    .param("content", content)
                    .param("own", own(teacher, part.parent(), key))
                    .update();
        }
    }

    /** Only columns there are, whatever a file says. */
    private String insert(String table, Set<String> fields, String from) {
        String names = columns(table, fields).stream().collect(Collectors.joining(", "));
        return "insert into %s (%s) select %s from %s".formatted(table, names, names, from);
    }

    private String conflict(Kind kind, Set<String> fields) {
        String set = columns(kind.table(), fields).stream()
                .filter(column -> !KEYS_OF_OWNER.contains(column) && !column.equals(kind.key()))
                .map(column -> column + " = excluded." + column)
                .collect(Collectors.joining(", "));
        boolean byTeacher = kind == Kind.POSE || kind == Kind.FLOW || kind == Kind.LADDER;
        return " on conflict (studio_id, %s%s) do update set %s where %s.teacher_id = :teacher"
                .formatted(byTeacher ? "teacher_id, " : "", kind.key(), set, kind.table());
    }

    private Set<String> columns(String table, Set<String> fields) {
        Set<String> there = columns.computeIfAbsent(
                table,
                name -> Set.copyOf(jdbc.sql(COLUMNS)
                        .param("table", name)
                        .query(String.class)
                        .list()));
        Set<String> known = new LinkedHashSet<>();
        for (String field : fields) if (there.contains(field)) known.add(field);
        for (String owner : KEYS_OF_OWNER) if (there.contains(owner)) known.add(owner);
        return known;
    }

    private static String own(Teacher teacher, String key, String value) {
        return "{\"studio_id\":\"%s\",\"teacher_id\":\"%s\",\"%s\":\"%s\"}"
                .formatted(
                        teacher.studio(),
                        teacher.id(),
                        key,
                        value.replace("\\", "").replace("\"", ""));
    }

    /** @param fields those of the settings that are there */
    void putSettings(Teacher teacher, String content, Set<String> fields, String words) {
        String set = fields.stream()
                .filter(SETTINGS::contains)
                .map(field -> field + " = n." + field)
                .collect(Collectors.joining(", "));
        if (!set.isEmpty())
            owned(
                            "update teacher t set %s from jsonb_populate_record(null::teacher, :content::jsonb -> 'row') n where t.studio_id = :studio and t.id = :teacher"
                                    .formatted(set),
                            teacher)
                    .param("content", content)
                    .update();
        if (words != null) owned(WORDS_IN, teacher).param("words", words).update();
    }

    // --- what is brought

    void piece(Teacher teacher, int n, byte[] bytes) {
        if (n == 0) forget(teacher);
        owned(PIECE, teacher)
                .param("n", n)
                .param("bytes", bytes, Types.BINARY)
                .param("now", clock.instant().atOffset(ZoneOffset.UTC))
                .update();
    }

    int pieces(Teacher teacher) {
        return owned("select count(*) from brought_piece where studio_id = :studio and teacher_id = :teacher", teacher)
                .query(Integer.class)
                .single();
    }

    Optional<byte[]> piece(Teacher teacher, int n) {
        return owned(
                        "select bytes from brought_piece where studio_id = :studio and teacher_id = :teacher and n = :n",
                        teacher)
                .param("n", n)
                .query((row, at) -> row.getBytes("bytes"))
                .optional();
    }

    void forget(Teacher teacher) {
        owned("delete from brought_piece where studio_id = :studio and teacher_id = :teacher", teacher)
                .update();
        // nobody comes back for what is older than a day
        jdbc.sql("delete from brought_piece where at < :old")
                .param("old", clock.instant().atOffset(ZoneOffset.UTC).minusDays(1))
                .update();
    }

    private JdbcClient.StatementSpec owned(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }
}
