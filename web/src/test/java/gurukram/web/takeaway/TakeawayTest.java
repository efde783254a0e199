package gurukram.web.takeaway;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.catalogue.OwnPose;
import gurukram.core.group.Room;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.MyFlowStore;
import gurukram.web.shared.Demo;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Everything out, everything back. */
@ExtendWith(TestApp.Extension.class)
class TakeawayTest {
    private static final int PIECE = 1_000_000;

    private final TestApp app;
    private final JdbcClient jdbc;
    private final Teacher teacher;
    private final Http http;

    TakeawayTest(TestApp app) {
        this.app = app;
        jdbc = app.bean(JdbcClient.class);
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private static Map<String, String> unzipped(byte[] zip) {
        Map<String, String> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry())
                files.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        return files;
    }

    private static byte[] zipped(Map<String, String> files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (var file : files.entrySet()) {
                out.putNextEntry(new ZipEntry(file.getKey()));
                out.write(file.getValue().getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        return bytes.toByteArray();
    }

    private static byte[] everything(Http http) {
        return http.bytes("/account/everything.zip");
    }

    private static void send(Http http, byte[] zip) {
        for (int n = 0; n * PIECE < zip.length; n++) {
            byte[] piece = Arrays.copyOfRange(zip, n * PIECE, Math.min(zip.length, (n + 1) * PIECE));
            assertThat(http.octets("/account/everything/pieces/" + n, piece)).isEqualTo(204);
        }
    }

    private static String bring(Http http, byte[] zip, String other) {
        send(http, zip);
        var look = http.post("/account/everything");
        assertThat(look.statusCode()).as(look.body()).isEqualTo(200);
        var taken = http.post("/account/everything/take", "other", other);
        assertThat(taken.statusCode()).as(taken.body()).isEqualTo(200);
        return taken.body();
    }

    private static String refused(Http http, byte[] zip) {
        send(http, zip);
        var look = http.post("/account/everything");
        assertThat(look.statusCode()).isEqualTo(422);
        return look.body();
    }

    /** A class with history, a log, a note, a group with tries, a flow and a pose of one's own, words, settings, a draft. */
    private ClassId everythingThereIs() {
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths", "chair, 5 breaths");
        http.htmx("/classes/" + id + "/line", "line", "mountain, 2 breaths", "version", "1");
        http.htmx("/classes/" + id + "/line", "line", "triangle, both, 3 breaths", "version", "2");
        http.htmx("/classes/" + id + "/undo", "version", "3");
        http.post("/logbook/by-hand", "class", id.toString(), "line", "yesterday, 20 min, left out chair, 9 people");
        http.post("/poses/words", "words", "harbour: bow 3, spine extension 2");
        http.post("/account/zone", "zone", "Europe/Lisbon");
        UUID group = app.bean(GroupStore.class)
                .create(teacher, Group.of("Tide", DayOfWeek.TUESDAY, LocalTime.of(18, 0), 45, Level.BEGINNER));
        http.post(
                "/ladders/dancer/groups",
                "group",
                group.toString(),
                "rung",
                "2",
                "day",
                "2026-03-02",
                "tries",
                "3",
                "clean",
                "3",
                "smooth",
                "on");
        app.bean(MyFlowStore.class)
                .keep(teacher, "Tide", "flow \"Tide\", 2 rounds, no sides\n  chair, in\n  mountain, out");
        jdbc.sql("""
                        insert into own_pose (studio_id, teacher_id, pose, entry, version, away, created_at, changed_at)
                        values (:studio, :teacher, 'my-chair', :entry::jsonb, 1, false, now(), now())""")
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param(
                        "entry",
                        OwnPose.like(app.bean(PoseCatalogue.class).pose("chair"))
                                .put("id", "my-chair")
                                .toString())
                .update();
        http.drafted("tree", 30);
        return id;
    }

    /** A course with a class, a date with one, something once, a way, a ladder of one's own, mats on rungs. */
    private void weeks(ClassId id) {
        UUID group = app.bean(GroupStore.class)
                .create(teacher, Group.of("Ebb", DayOfWeek.TUESDAY, LocalTime.of(18, 0), 45, Level.BEGINNER));
        LocalDate tuesday = LocalDate.now(ZoneOffset.UTC).with(TemporalAdjusters.next(DayOfWeek.TUESDAY));
        String course = Http.location(http.post(
                "/courses/new",
                "title",
                "To tree",
                "group",
                group.toString(),
                "rhythm",
                "WEEKLY",
                "lessons",
                "4",
                "minutes",
                "30",
                "first",
                tuesday.toString(),
                "aim",
                "PEAK",
                "peak",
                "tree",
                "start",
                "1",
                "breaths",
                "3",
                "more",
                "1",
                "most",
                "5",
                "rounds",
                "2",
                "to-rounds",
                "3",
                "lighter",
                "",
                "themes",
                "roots, wind"));
        assertThat(http.post(course + "/lessons/1/draft").statusCode()).isEqualTo(302);
        http.post(course + "/lessons/2/missed", "then", "off");
        http.post(course + "/lessons/3", "theme", "harbour lights");
        http.post(
                "/calendar/groups/" + group + "/" + tuesday,
                "class",
                id.toString(),
                "day",
                tuesday.toString(),
                "starts",
                "18:15",
                "substitute",
                "");
        UUID loft = app.bean(GroupStore.class).create(teacher, new Room("Loft", Map.of(), true, 10));
        UUID hall = app.bean(GroupStore.class).create(teacher, new Room("Hall", Map.of(), true, 10));
        http.post(
                "/calendar/events/new",
                "title",
                "Rope workshop",
                "kind",
                "SINGLE",
                "day",
                tuesday.toString(),
                "starts",
                "10:00",
                "minutes",
                "90",
                "class",
                id.toString(),
                "room",
                hall.toString());
        http.post("/calendar/ways", "way-" + hall + "-" + loft, "12");
        http.post(
                "/ladders/own/new",
                "name",
                "My tree",
                "peak",
                "tree",
                "level",
                "BEGINNER",
                "classes",
                "2",
                "back",
                "wobbling",
                "rungs",
                "2",
                "r1-what",
                "mountain",
                "r1-dose",
                "5 breaths",
                "r1-ready",
                "steady",
                "r1-with",
                "ALONE",
                "r2-what",
                "tree",
                "r2-dose",
                "3 breaths",
                "r2-ready",
                "steady",
                "r2-with",
                "ALONE",
                "r2-stages",
                "heel; toes");
        http.post(
                "/ladders/tree/mats",
                "mats-group",
                group.toString(),
                "mats-day",
                "2026-11-05",
                "on-1",
                "4",
                "on-2",
                "6");
    }

    @Test
    void everythingGoesOutAndComesBackByteForByte() {
        ClassId id = everythingThereIs();
        weeks(id);
        byte[] out = everything(http);
        assertThat(everything(http)).as("the same things give the same bytes").isEqualTo(out);
        Map<String, String> files = unzipped(out);
        assertThat(files)
                .containsKeys("about.json", "settings.json", "classes/" + id + ".json", "classes/" + id + ".txt");
        assertThat(files.get("classes/" + id + ".txt")).contains("tree");
        for (String folder : List.of(
                "drafts/",
                "logs/",
                "groups/",
                "flows/",
                "poses/",
                "courses/",
                "dates/",
                "events/",
                "ways/",
                "ladders/")) assertThat(files.keySet()).as(folder).anyMatch(name -> name.startsWith(folder));
        assertThat(files.get("settings.json")).contains("harbour").contains("Europe/Lisbon");
        assertThat(String.join("", files.values()))
                .doesNotContain(teacher.id().toString())
                .doesNotContain(teacher.studio().toString())
                .doesNotContain("password");

        Teacher other = app.newTeacher();
        Http there = Http.on(app).signedIn(other.email(), TestApp.PASSWORD);
        String body = bring(there, out, "theirs");
        assertThat(body)
                .contains("2 classes")
                .contains("1 log")
                .contains("3 drafts")
                .doesNotContain("Not taken");
        assertThat(everything(there)).isEqualTo(out);
        assertThat(there.get("/classes/" + id).body()).contains("Tree");
        assertThat(there.get("/classes/" + id + "/history").statusCode()).isEqualTo(200);
        assertThat(there.htmx("/classes/" + id + "/undo", "version", "4").statusCode())
                .as("history goes on")
                .isEqualTo(200);
        assertThat(there.get("/logbook").body()).contains("20:00");
        assertThat(bring(http, out, "theirs")).contains("Nothing new was in the file");
    }

    @Test
    void theDemoRoundTripsToo() {
        Http maren = Http.on(app).signedIn(Demo.EMAIL, Demo.PASSWORD);
        byte[] out = everything(maren);
        assertThat(bring(http, out, "theirs"))
                .contains("2 groups")
                .contains("1 room")
                .contains("10 logs");
        assertThat(everything(http)).isEqualTo(out);
        assertThat(http.get("/logbook/weeks").body()).contains("10 classes");
    }

    /** A busy year: three hundred classes and as many logs. */
    @Test
    void aYearRoundTripsToo() {
        everythingThereIs();
        for (String sql : List.of("""
                insert into yoga_class
                select (jsonb_populate_record(c, jsonb_build_object('id', md5(c.id::text || n)::uuid, 'title', 'Class ' || n))).*
                  from yoga_class c, generate_series(1, 299) n where c.studio_id = '%1$s'""", """
                insert into revision
                select (jsonb_populate_record(r, jsonb_build_object('class_id', md5(r.class_id::text || n)::uuid))).*
                  from revision r, generate_series(1, 299) n where r.studio_id = '%1$s'""", """
                insert into taught_class (studio_id, id, teacher_id, class_id, title, level, planned_ms, script, opened_at, started_at,
                                          ended_at, plan, class_version, by_hand, slot_ms, covered)
                select studio_id, md5(id::text || n)::uuid, teacher_id, md5(class_id::text || n)::uuid, title, level, planned_ms, script,
                       opened_at, started_at - n * interval '1 day', ended_at - n * interval '1 day', plan, class_version, by_hand, slot_ms,
                       covered
                  from taught_class, generate_series(1, 299) n where studio_id = '%1$s'"""))
            jdbc.sql(sql.formatted(teacher.studio())).update();
        byte[] out = everything(http);
        Http there = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(bring(there, out, "mine"))
                .contains("300 classes")
                .contains("300 logs")
                .doesNotContain("Not taken");
        bring(there, out, "theirs");
        assertThat(everything(there)).isEqualTo(out);
    }

    @Test
    void whatIsDifferentIsKeptUnlessItIsWanted() {
        ClassId id = everythingThereIs();
        byte[] out = everything(http);
        http.htmx("/classes/" + id + "/line", "line", "goddess, 2 breaths", "version", "4");
        byte[] changed = everything(http);
        assertThat(changed).isNotEqualTo(out);
        send(http, out);
        assertThat(http.post("/account/everything").body()).contains("class “Test class”");
        assertThat(http.post("/account/everything/take", "other", "mine").body())
                .contains("Nothing new");
        assertThat(everything(http)).isEqualTo(changed);
        bring(http, out, "theirs");
        assertThat(everything(http)).isEqualTo(out);
        assertThat(http.post("/account/everything/take").statusCode())
                .as("nothing is there any more")
                .isEqualTo(422);
    }

    @Test
    void whatCannotBeReadIsLeftAndSaidAndTheRestComes() {
        ClassId id = everythingThereIs();
        ClassId good = app.newClass(teacher, "section standing", "chair, 5 breaths");
        Map<String, String> files = unzipped(everything(http));
        String file = "classes/" + id + ".json";
        Teacher other = app.newTeacher();
        Http there = Http.on(app).signedIn(other.email(), TestApp.PASSWORD);
        for (String wrong : List.of(
                files.get(file).replace("\"chair\"", "\"a-pose-of-long-ago\""),
                files.get(file).replaceFirst("\"head\": \\d+", "\"head\": 99"),
                files.get(file).replaceFirst("\"parent\": 1", "\"parent\": 2"),
                files.get(file).replaceFirst("\"redo\": \\[\\d+\\]", "\"redo\": [77]"),
                files.get(file).substring(0, 200),
                "[]",
                "{\"row\": {\"title\": \"<b>x</b>\", \"plan\": 5}}",
                "{\"row\": {\"nonsense\": 1}, \"revision\": 7}")) {
            files.put(file, wrong);
            String body = bring(there, zipped(files), "theirs");
            assertThat(body).contains("Not taken").doesNotContain("<b>x</b>");
            assertThat(app.bean(ClassStore.class).find(other, id)).isEmpty();
        }
        files.put(file, files.get(file));
        assertThat(app.bean(ClassStore.class).find(other, good))
                .as("the rest came")
                .isPresent();
        String log = files.keySet().stream()
                .filter(n -> n.startsWith("logs/"))
                .findFirst()
                .orElseThrow();
        files.put(log, files.get(log).replaceAll("\"ordinal\": \\d+", "\"ordinal\": 4000"));
        assertThat(bring(there, zipped(files), "theirs")).contains("Not taken");
        String covered = files.get(log).replaceAll("\"ordinal\": 4000", "\"ordinal\": 0");
        files.put(log, covered.replaceFirst("\"covered\": \\{", "\"covered\": {\"poses\": 5, \"was\": "));
        assertThat(bring(there, zipped(files), "theirs")).contains("Not taken");
        for (String settings : List.of(
                files.get("settings.json").replace("Europe/Lisbon", "Europe/Atlantis"),
                files.get("settings.json")
                        .replace("\"own_pace\": null", "\"own_pace\": {\"x\": 1, \"factors\": {\"NONE\": 2}}"),
                files.get("settings.json").replace("\"school\": \"\"", "\"school\": \"nonsense of a school\""))) {
            files.put("settings.json", settings);
            assertThat(bring(there, zipped(files), "theirs")).as(settings).contains("your settings");
        }
        for (String page : List.of("/", "/logbook", "/logbook/weeks", "/groups", "/poses", "/drafts/new", "/account"))
            assertThat(there.get(page).statusCode()).as(page).isEqualTo(200);
    }

    @Test
    void aClassWithAPoseThatIsGoneIsShownAsItsText() {
        ClassId id = everythingThereIs();
        Map<String, String> files = unzipped(everything(http));
        files.computeIfPresent("classes/" + id + ".json", (n, text) -> text.replace("\"chair\"", "\"long-gone\""));
        Http there = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(bring(there, zipped(files), "mine"))
                .contains("Open it as text")
                .contains("chair");
    }

    @Test
    void whatIsNoFileOfOursIsRefused() {
        assertThat(refused(http, "not a zip".getBytes(StandardCharsets.UTF_8))).contains("no file of everything");
        byte[] out = everything(http);
        assertThat(refused(http, Arrays.copyOf(out, out.length / 2))).contains("only a part of one");
        assertThat(refused(http, zipped(Map.of("a.txt", "x")))).contains("does not say what it is");
        assertThat(refused(http, zipped(Map.of("about.json", "{\"format\":1,\"schema\":9999}"))))
                .contains("newer version");
        assertThat(refused(http, zipped(Map.of("about.json", "{\"format\":2,\"schema\":1}"))))
                .contains("that I can read");
        assertThat(http.post("/account/everything").statusCode()).isEqualTo(422);
        assertThat(http.octets("/account/everything/pieces/200", new byte[1])).isEqualTo(413);
        assertThat(http.octets("/account/everything/pieces/0", new byte[1_600_000]))
                .isEqualTo(413);
        assertThat(http.octets("/account/everything/pieces/0", new byte[0])).isEqualTo(413);
    }

    /** A bomb is left where it is. */
    @Test
    void aFileThatGrowsIsNotRead() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            out.putNextEntry(new ZipEntry("about.json"));
            out.write("{\"format\":1,\"schema\":1}".getBytes(StandardCharsets.UTF_8));
            out.putNextEntry(new ZipEntry("classes/" + UUID.randomUUID() + ".json"));
            for (int i = 0; i < 40; i++) out.write(new byte[1_000_000]);
        }
        assertThat(bytes.size()).isLessThan(100_000);
        assertThat(refused(http, bytes.toByteArray())).contains("larger than anything here can be");
    }

    @Test
    void anAccountThatIsDeletedLeavesNothing() {
        weeks(everythingThereIs());
        assertThat(http.post("/account/delete", "password", "wrong").statusCode())
                .isEqualTo(422);
        assertThat(http.get("/account").statusCode()).isEqualTo(200);
        assertThat(Http.location(http.post("/account/delete", "password", TestApp.PASSWORD)))
                .contains("/sign-in");
        assertThat(http.get("/account").statusCode()).isNotEqualTo(200);
        List<String> tables = jdbc.sql(
                        "select table_name from information_schema.columns where table_schema = 'public' and column_name = 'studio_id'")
                .query(String.class)
                .list();
        assertThat(tables).hasSizeGreaterThan(15);
        for (String table : tables)
            assertThat(jdbc.sql("select count(*) from %s where studio_id = :studio".formatted(table))
                            .param("studio", teacher.studio())
                            .query(Long.class)
                            .single())
                    .as(table)
                    .isZero();
        assertThat(jdbc.sql("select count(*) from spring_session where principal_name = :name")
                        .param("name", teacher.getName())
                        .query(Long.class)
                        .single())
                .isZero();
        assertThat(jdbc.sql("select count(*) from teacher where email = :email")
                        .param("email", teacher.email())
                        .query(Long.class)
                        .single())
                .isZero();
    }
}
