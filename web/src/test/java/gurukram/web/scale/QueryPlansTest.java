package gurukram.web.scale;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.account.AccountCare;
import gurukram.web.outbox.Delivery;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.PrivateServer;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Everything a teacher's pages ask the database, as it asks it, planned on a database of many classes: each goes by an index that says
 * which rows, none reads a table. With few classes whatever could go by an index has to; {@code ./gurukram test --full} has two million
 * and leaves the choice to the planner.
 */
@ExtendWith(TestApp.Extension.class)
class QueryPlansTest {
    private static final boolean FULL = "yes".equals(System.getenv("GURUKRAM_FULL"));
    private static final int CLASSES = FULL ? 2_000_000 : 2_000;
    /** What one statement may look at, rows by the planner's guess: a teacher's all, not everybody's. */
    private static final double MOST_ROWS = 20_000;

    /** What has ended goes every night: a small part of a table, of which the planner knows nothing without the day. */
    private static final Pattern OVER = Pattern.compile("(?is)\\s*delete from \\w+ where \\w+ <=? \\$1\\s*");

    private static final Pattern LINK = Pattern.compile("(?:href|hx-get)=\"(/[^\"#]*)\"");
    private static final Pattern ID =
            Pattern.compile("[0-9a-f]{8}-[0-9a-f-]{27}|(?<=/(?:ladders|poses|phrases|schools)/)[^/]+|\\d+");
    private static final Pattern TYPED = Pattern.compile("(?i)\\b(interval|date|timestamptz|time)\\s+(\\$\\d+)");
    private static final Pattern UNIQUE = Pattern.compile(
            "(?i)\\b(?:hash|secret|credential_id) = \\$|\\b(?:made_at|ends_at|at|day|last_at) (?:=|<|<=) \\$");
    private static final Pattern UNKNOWN = Pattern.compile("determine data type of parameter \\$(\\d+)");
    private static final Pattern PARAMETER = Pattern.compile("\\$(\\d+)");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final TestApp app;

    QueryPlansTest(TestApp app) {
        this.app = app;
    }

    @Test
    void nothingReadsAWholeTable() throws Exception {
        Set<String> statements = statementsOf(this::journey);
        assertThat(statements).as("statements of the journey").hasSizeGreaterThan(140);
        PrivateServer many = new PrivateServer(PrivateServer.folder("pg-many-").resolve("pg"), "PG_FAST", "1");
        many.start();
        List<String> wrong = new ArrayList<>();
        try {
            many.migrate();
            try (Connection db = many.connect();
                    Statement statement = db.createStatement()) {
                statement.execute("set many.classes = '" + CLASSES + "'");
                statement.execute(Files.readString(PrivateServer.TOOLS.resolve("many-classes.sql")));
                statement.execute("set plan_cache_mode = force_generic_plan");
                if (!FULL) statement.execute("set enable_seqscan = off");
                for (String one : statements) judge(one, statement, wrong);
                assertThat(wholeTable(plan("select count(*) from revision where label = $1", statement), MOST_ROWS))
                        .as("the net itself")
                        .isNotEmpty();
            }
        } finally {
            many.destroy();
        }
        System.out.println("[plans] " + statements.size() + " statements, " + CLASSES + " classes");
        assertThat(wrong).as("of %d statements", statements.size()).isEmpty();
    }

    /**
     * What is a studio's is asked for with the studio; else by what is unique over all of them: a teacher by her id or e-mail, a page that a
     * secret opens by its hash, what is over by when it ended.
     */
    private void everyStatementNamesTheStudio(Set<String> statements) {
        List<String> owned = new ArrayList<>(app.bean(JdbcClient.class)
                .sql(
                        "select table_name from information_schema.columns where table_schema = 'public' and column_name = 'studio_id'")
                .query(String.class)
                .list());
        owned.remove("teacher");
        Pattern table = Pattern.compile("(?i)\\b(?:from|join|into|update)\\s+(" + String.join("|", owned) + ")\\b");
        List<String> without = statements.stream()
                .filter(sql -> table.matcher(sql).find() && !sql.contains("studio_id"))
                .filter(sql -> !UNIQUE.matcher(sql).find())
                .sorted()
                .toList();
        assertThat(without).as("statements without the studio").isEmpty();
    }

    /** What refers to a row is looked for when that row goes. */
    @Test
    void everyReferenceHasAnIndexThatBeginsWithIt() {
        List<String> without =
                app.bean(JdbcClient.class).sql("""
                        select c.conrelid::regclass || ': ' || pg_get_constraintdef(c.oid) from pg_constraint c
                         where c.contype = 'f' and c.connamespace = 'public'::regnamespace
                           and not exists (select from pg_index i
                                            where i.indrelid = c.conrelid and i.indpred is null and i.indkey[0] = any (c.conkey))""").query(String.class).list();
        assertThat(without).isEmpty();
    }

    private static void judge(String sql, Statement statement, List<String> wrong) throws SQLException {
        boolean over = OVER.matcher(sql).matches();
        if (over) statement.execute("set enable_seqscan = off");
        for (String scan : wholeTable(plan(sql, statement), over ? Double.MAX_VALUE : MOST_ROWS))
            wrong.add(scan + ":\n" + sql.strip());
        if (over && FULL) statement.execute("set enable_seqscan = on");
    }

    /** How it would be done whatever its parameters are. */
    private static JsonNode plan(String sql, Statement statement) throws SQLException {
        String typed = TYPED.matcher(sql)
                .replaceAll(found -> Matcher.quoteReplacement(found.group(2) + "::" + found.group(1)));
        Matcher parameter = PARAMETER.matcher(typed);
        int most = 0;
        while (parameter.find()) most = Math.max(most, Integer.parseInt(parameter.group(1)));
        statement.execute("deallocate all");
        prepare(typed, statement);
        String nulls = most == 0 ? "" : "(null" + ", null".repeat(most - 1) + ")";
        ResultSet told = statement.executeQuery("explain (format json) execute one" + nulls);
        told.next();
        return JSON.readTree(told.getString(1)).get(0).get("Plan");
    }

    /** The driver tells the types of parameters; here what does not follow from its place is a text. */
    private static void prepare(String sql, Statement statement) throws SQLException {
        try {
            statement.execute("prepare one as " + sql);
        } catch (SQLException e) {
            Matcher unknown = UNKNOWN.matcher(e.getMessage());
            if (!unknown.find()) throw new SQLException(e.getMessage() + " in\n" + sql, e);
            prepare(
                    sql.replaceAll("\\$" + unknown.group(1) + "\\b(?!::)", "\\$" + unknown.group(1) + "::text"),
                    statement);
        }
    }

    /** The scans that look at all of a table, or at more rows of it than they should. */
    private static List<String> wholeTable(JsonNode plan, double mostRows) {
        List<String> found = new ArrayList<>();
        Deque<JsonNode> parts = new ArrayDeque<>(List.of(plan));
        while (!parts.isEmpty()) {
            JsonNode part = parts.pop();
            if (part.has("Plans")) part.get("Plans").forEach(parts::push);
            String how = part.get("Node Type").asString();
            boolean indexed = how.startsWith("Index") || how.equals("Bitmap Index Scan");
            boolean whole = how.equals("Seq Scan") || indexed && !part.has("Index Cond");
            boolean much = how.contains("Scan") && part.get("Plan Rows").asDouble() > mostRows;
            if (whole || much)
                found.add(how + " of "
                        + part.path("Relation Name")
                                .asString(part.path("Index Name").asString("")));
        }
        return found;
    }

    // --- what is asked

    private interface Journey {
        void go();
    }

    private Set<String> statementsOf(Journey journey) {
        Map<Long, Long> before = new HashMap<>();
        counted().forEach((id, one) -> before.put(id, one.calls()));
        journey.go();
        Set<String> asked = new HashSet<>();
        counted().forEach((id, one) -> {
            if (one.calls() > before.getOrDefault(id, 0L)) asked.add(one.sql());
        });
        asked.removeIf(sql -> !sql.strip().matches("(?is)(select|insert|update|delete|with)\\b.*")
                || sql.contains("pg_stat_statements")
                // a row for each version there was, read when a copy starts
                || sql.contains("flyway_schema_history")
                || sql.contains("pg_roles")
                || sql.contains("shedlock"));
        return asked;
    }

    private record Counted(String sql, long calls) {}

    private Map<Long, Counted> counted() {
        Map<Long, Counted> all = new TreeMap<>();
        app.bean(JdbcClient.class).sql("""
                select s.queryid, s.query, s.calls from pg_stat_statements s join pg_database d on d.oid = s.dbid
                 where s.queryid is not null and d.datname = current_database()""").query(row -> {
            all.put(row.getLong(1), new Counted(row.getString(2), row.getLong(3)));
        });
        return all;
    }

    /** Every page of the demo that a link leads to, one of a kind; then what is done with a class. */
    private void journey() {
        Http http = Http.on(app);
        http.get("/sign-in");
        http.post("/demo-sign-in");
        Deque<String> next = new ArrayDeque<>(List.of("/"));
        Set<String> kinds = new HashSet<>();
        while (!next.isEmpty()) {
            HttpResponse<String> page = http.get(next.pop());
            Matcher link = LINK.matcher(page.body());
            while (link.find()) {
                String to = link.group(1).replace("&amp;", "&");
                String kind = ID.matcher(to.replaceFirst("\\?.*", "")).replaceAll("*");
                boolean drawn = kind.matches(
                        "/(assets|css|vendor)/.*|/api/openapi|.*\\.(svg|css|js|woff2)|.*/(?!tonight)[^/]+\\.pdf");
                if (!drawn && !kind.contains("sign-out") && kinds.add(kind)) next.add(to);
            }
        }
        assertThat(kinds).as("kinds of pages").hasSizeGreaterThan(60);
        work();
    }

    private void work() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths", "chair, 3 breaths");
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        String at = "/classes/" + id;
        http.once("5a0a3a52-0000-4000-8000-000000000001", at + "/line", "line", "mountain, 2 breaths", "version", "1");
        http.htmx(at + "/line", "line", "mountain, 3 breaths", "version", "1");
        http.htmx(at + "/undo", "version", "3");
        http.htmx(at + "/redo", "version", "4");
        String room = Http.location(http.post(at + "/teach"));
        http.json(room + "/live", "{\"device\":\"tablet\",\"now\":1000,\"state\":{\"at\":4},\"said\":[],\"shown\":{}}");
        http.get(room + "/live");
        http.json(
                room + "/log",
                "{\"startedAt\":1000,\"endedAt\":70000,\"moments\":[{\"id\":\"5a0a3a52-0000-4000-8000-000000000002\","
                        + "\"ordinal\":1,\"startedAt\":2000,\"endedAt\":9000,\"outcome\":\"done\"}]}");
        String set = http.drafted("tree", 45);
        http.get(set);
        http.post(set + "/more");
        studio(http, id);
        String shared = secret(http.post(at + "/share", "poses", "yes", "days", "7"), "/shared/");
        http.get("/shared/" + shared);
        String feed = secret(http.post("/calendar/feed"), "/calendar/feed/");
        Http.on(app).get("/calendar/feed/" + feed + ".ics");
        http.post("/account/tokens", "name", "a script", "lasts", "30");
        Http.on(app).get("/api/classes", "Authorization", "Bearer gk_" + "x".repeat(43));
        http.post("/rooms/new", "name", "The loft", "mats", "12");
        http.post("/groups/new", "name", "Evening", "weekday", "MONDAY", "startsAt", "18:00", "slotMinutes", "60");
        http.json("/practice/answers", "{\"answers\":[]}");
        http.post("/practice/slips", "class", id.toString());
        http.post(
                "/register",
                "name",
                "A. Teacher",
                "email",
                teacher.email(),
                "studio",
                "s",
                "password",
                "quiet and long");
        Http.on(app).post("/forgotten", "email", teacher.email());
        http.post("/account/zone", "zone", "Europe/Lisbon");
        http.post("/account/sign-ins/end-others");
        http.post(room + "/guests");
        http.post("/account/second-factor/begin");
        http.get("/account/email");
        http.post(at + "/delete");
        // what is done at night
        app.bean(JdbcClient.class)
                .sql("update shedlock set lock_until = now() - interval '1 second'")
                .update();
        app.bean(AccountCare.class).forgetOld();
        app.bean(Delivery.class).handOver();
        http.get("/account/everything");
        http.post("/account/delete", "password", TestApp.PASSWORD);
    }

    private static void studio(Http http, ClassId id) {
        String house = Http.location(http.post("/studios", "name", "The loft"));
        http.post(house + "/invitations", "email", "kai@b.example", "role", "teacher");
        String there = Http.location(http.post(
                "/classes/" + id + "/share-in-studio", "studio", house.substring(house.lastIndexOf('/') + 1)));
        Matcher row =
                Pattern.compile("id=\"at-([\\w-]+)\"").matcher(http.get(there).body());
        if (row.find()) http.post(there + "/remarks", "node", row.group(1), "words", "Longer?");
        http.post(there + "/template", "yes", "yes");
        http.post(there + "/copy");
        http.get(house);
        http.get("/come/" + "x".repeat(43));
    }

    private static String secret(HttpResponse<String> answer, String before) {
        Matcher found = Pattern.compile(Pattern.quote(before) + "([\\w-]{20,})").matcher(answer.body());
        return found.find() ? found.group(1) : "x".repeat(43);
    }
}
