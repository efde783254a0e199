package gurukram.web.courses;

import static gurukram.web.shared.Typed.one;
import static gurukram.web.shared.Typed.take;

import gurukram.core.compose.brief.Brief;
import gurukram.core.course.Aim;
import gurukram.core.course.Alone;
import gurukram.core.course.Course;
import gurukram.core.course.Days;
import gurukram.core.course.Growth;
import gurukram.core.course.Own;
import gurukram.core.course.Rhythm;
import gurukram.core.course.Steps;
import gurukram.core.dose.Dose;
import gurukram.core.notation.NamedFlows;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.settings.Mode;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import gurukram.web.groups.Group;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;

/** A course as it was typed. @param typed every field by its name */
public record CourseForm(Map<String, String> typed) {
    private static final Limit RUNG = new Limit("The rung it begins on", 1, 50);
    private static final int MOST_THEME_LETTERS = 80;
    private static final LocalDate FIRST_DAY = LocalDate.of(2000, 1, 1);
    private static final LocalDate LAST_DAY = LocalDate.of(2100, 12, 31);

    static CourseForm fresh() {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("rhythm", "WEEKLY");
        typed.put("lessons", "6");
        typed.put("minutes", "");
        typed.put("aim", "PEAK");
        typed.put("start", "1");
        typed.put("breaths", "");
        typed.put("more", "1");
        typed.put("most", "");
        typed.put("rounds", "2");
        typed.put("to-rounds", "4");
        typed.put("modes", "on");
        typed.put("alone", "on");
        typed.put("lighter", "4");
        return new CourseForm(typed);
    }

    static CourseForm of(KeptCourse kept) {
        Course course = kept.course();
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("title", course.title());
        typed.put("group", kept.group() == null ? "" : kept.group().toString());
        typed.put("rhythm", course.rhythm().name());
        typed.put("lessons", String.valueOf(course.lessons()));
        typed.put("minutes", String.valueOf(course.minutes()));
        typed.put("first", kept.days().first().toString());
        typed.put("aim", course.aim().kind().name());
        typed.put(field(course.aim().kind()), course.aim().value());
        typed.put("start", String.valueOf(course.startRung()));
        Growth growth = course.growth();
        typed.put("breaths", String.valueOf(growth.breaths().from()));
        typed.put("more", String.valueOf(growth.breaths().more()));
        typed.put("most", String.valueOf(growth.breaths().most()));
        typed.put("rounds", String.valueOf(growth.fromRounds()));
        typed.put("to-rounds", String.valueOf(growth.toRounds()));
        if (growth.modes()) typed.put("modes", "on");
        if (growth.alone()) typed.put("alone", "on");
        typed.put("lighter", growth.lighterEvery() == 0 ? "" : String.valueOf(growth.lighterEvery()));
        if (course.supervised()) typed.put("supervised", "on");
        typed.put("themes", String.join(", ", course.themes()));
        return new CourseForm(typed);
    }

    private static String field(Aim.Kind kind) {
        return switch (kind) {
            case PEAK -> "peak";
            case THEME -> "theme";
            case SALUTATION -> "salutation";
        };
    }

    CourseForm with(String field, String value) {
        Map<String, String> other = new LinkedHashMap<>(typed);
        other.put(field, value);
        return new CourseForm(other);
    }

    public String value(String field) {
        return typed.getOrDefault(field, "").strip();
    }

    public boolean has(String field) {
        return typed.containsKey(field);
    }

    /** The group that was chosen. */
    UUID group() {
        try {
            return UUID.fromString(value("group"));
        } catch (IllegalArgumentException e) {
            throw new Refused("Choose whom the course is for.");
        }
    }

    /** What was read of a form. */
    record Read(Course course, Days days) {}

    /**
     * @param group the chosen one; null where none is, which is said already
     * @param before the course that is changed; null for a new one
     * @param problems filled with what cannot be taken, by field
     * @return null when there are problems
     */
    Read read(PoseCatalogue catalogue, Group group, KeptCourse before, Map<String, String> problems) {
        Rhythm rhythm = take("rhythm", problems, () -> one(Rhythm.class, value("rhythm")));
        Integer lessons = rhythm == null
                ? null
                : take("lessons", problems, () -> rhythm.lessons().parse(value("lessons")));
        Integer minutes = value("minutes").isEmpty()
                ? take("minutes", problems, () -> group == null ? 0 : Brief.MINUTES.check(group.slotMinutes()))
                : take("minutes", problems, () -> Brief.MINUTES.parse(value("minutes")));
        Aim.Kind kind = take("aim", problems, () -> one(Aim.Kind.class, value("aim")));
        Aim aim = kind == null ? null : take(field(kind), problems, () -> aim(kind, catalogue));
        Integer start = take("start", problems, () -> value("start").isEmpty() ? 1 : RUNG.parse(value("start")));
        Growth growth = growth(usual(aim, group, catalogue), problems);
        List<String> themes = take("themes", problems, this::themes);
        LocalDate first = take("first", problems, () -> first(rhythm, group, before));
        String title = take("title", problems, () -> titled(aim, catalogue));
        if (!problems.isEmpty()) return null;
        Map<Integer, Own> own = before == null ? Map.of() : before.course().own();
        Course course = take(
                "title",
                problems,
                () -> new Course(title, rhythm, lessons, minutes, aim, start, has("supervised"), growth, themes, own));
        if (course == null) return null;
        boolean same = before != null
                && before.days().first().equals(first)
                && before.days().rhythm() == rhythm;
        return new Read(course, same ? before.days() : Days.from(first, rhythm));
    }

    /** A course of weeks is on the day its group meets. */
    private LocalDate first(Rhythm rhythm, Group group, KeptCourse before) {
        LocalDate day = day("first");
        boolean stays = before != null && before.days().first().equals(day);
        if (group == null || rhythm == null || rhythm.days() != 7 || stays || day.getDayOfWeek() == group.day())
            return day;
        LocalDate next = day.with(TemporalAdjusters.next(group.day()));
        throw new Refused("%s is not the day “%s” meets; %s is, %s."
                .formatted(CourseWords.day(day), group.name(), CourseWords.day(next), next));
    }

    private Aim aim(Aim.Kind kind, PoseCatalogue catalogue) {
        String typed = value(field(kind));
        if (kind == Aim.Kind.PEAK && !catalogue.has(typed)) throw new Refused("Choose the pose it leads to.");
        if (kind == Aim.Kind.SALUTATION && !salutations().contains(typed))
            throw new Refused("Choose the salutation that is to be known alone.");
        return new Aim(kind, typed);
    }

    /** Without one it is called by what it leads to. */
    private String titled(Aim aim, PoseCatalogue catalogue) {
        String title = Plain.line(value("title"), "A course’s name", MOST_THEME_LETTERS);
        if (!title.isEmpty() || aim == null) return title.isEmpty() ? "A course" : title;
        String led = aim.kind() == Aim.Kind.PEAK ? catalogue.pose(aim.value()).name() : aim.value();
        return CourseWords.capital(led);
    }

    /** How long the pose is usually held at the group's level; ours where it is not held. */
    static Steps usual(Aim aim, Group group, PoseCatalogue catalogue) {
        if (aim == null || group == null || aim.kind() != Aim.Kind.PEAK || !catalogue.has(aim.value()))
            return Growth.USUAL.breaths();
        Dose range = catalogue.pose(aim.value()).range(group.level());
        boolean held = range.at(Dose.Reading.LOW) instanceof Dose.Breaths;
        if (!held) return Growth.USUAL.breaths();
        int low = ((Dose.Breaths) range.at(Dose.Reading.LOW)).breaths();
        int high = ((Dose.Breaths) range.at(Dose.Reading.HIGH)).breaths();
        return new Steps(low, 1, high);
    }

    private Growth growth(Steps usual, Map<String, String> problems) {
        Integer from = take(
                "breaths",
                problems,
                () -> value("breaths").isEmpty() ? usual.from() : Steps.BREATHS.parse(value("breaths")));
        Integer more = take("more", problems, () -> Steps.MORE.parse(value("more")));
        Integer most = take(
                "most",
                problems,
                () -> value("most").isEmpty()
                        ? Math.max(usual.most(), from == null ? 0 : from)
                        : Steps.BREATHS.parse(value("most")));
        Integer rounds = take("rounds", problems, () -> Growth.ROUNDS.parse(value("rounds")));
        Integer to = take("to-rounds", problems, () -> Growth.ROUNDS.parse(value("to-rounds")));
        Integer lighter = take(
                "lighter", problems, () -> value("lighter").isEmpty() ? 0 : Growth.LIGHTER.parse(value("lighter")));
        Steps steps = from == null || more == null || most == null
                ? null
                : take("most", problems, () -> new Steps(from, more, most));
        if (rounds == null || to == null || lighter == null) return null;
        Steps any = steps == null ? Growth.USUAL.breaths() : steps;
        return take("to-rounds", problems, () -> new Growth(any, rounds, to, has("modes"), has("alone"), lighter));
    }

    private List<String> themes() {
        List<String> themes = new ArrayList<>();
        for (String theme : value("themes").split("[,;\n]")) {
            String plain = Plain.line(theme, "A theme", MOST_THEME_LETTERS);
            if (!plain.isEmpty()) themes.add(plain);
        }
        return themes;
    }

    /** A day of a field; {@link Refused} in words when it is none. */
    LocalDate day(String field) {
        try {
            LocalDate day = LocalDate.parse(value(field));
            if (day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY))
                throw new Refused("A day between 2000 and 2100, please.");
            return day;
        } catch (DateTimeException e) {
            throw new Refused(value(field).isEmpty() ? "Choose a day." : "“%s” is no day.".formatted(value(field)));
        }
    }

    /** What the teacher wants otherwise in one lesson. @return null when there are problems */
    Own own(Map<String, String> problems) {
        Integer rung = take("rung", problems, () -> value("rung").isEmpty() ? null : RUNG.parse(value("rung")));
        Integer breaths = take(
                "breaths", problems, () -> value("breaths").isEmpty() ? null : Steps.BREATHS.parse(value("breaths")));
        Integer rounds =
                take("rounds", problems, () -> value("rounds").isEmpty() ? null : Growth.ROUNDS.parse(value("rounds")));
        Mode mode = take("mode", problems, () -> value("mode").isEmpty() ? null : one(Mode.class, value("mode")));
        Alone alone = take("alone", problems, () -> value("alone").isEmpty() ? null : one(Alone.class, value("alone")));
        Boolean lighter =
                value("load").isEmpty() ? null : Boolean.valueOf(value("load").equals("lighter"));
        Boolean another = has("another") ? Boolean.TRUE : null;
        String theme = value("theme").isEmpty() ? null : value("theme");
        if (!problems.isEmpty()) return null;
        return take("theme", problems, () -> new Own(rung, breaths, rounds, mode, alone, lighter, another, theme));
    }

    static CourseForm ofOwn(Own own) {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("rung", text(own.rung()));
        typed.put("breaths", text(own.breaths()));
        typed.put("rounds", text(own.rounds()));
        typed.put("mode", own.mode() == null ? "" : own.mode().name());
        typed.put("alone", own.alone() == null ? "" : own.alone().name());
        typed.put("load", own.lighter() == null ? "" : own.lighter() ? "lighter" : "usual");
        if (own.newFlow() != null) typed.put("another", "on");
        typed.put("theme", own.theme() == null ? "" : own.theme());
        return new CourseForm(typed);
    }

    private static String text(Integer number) {
        return number == null ? "" : number.toString();
    }

    /** The salutations that can be known alone: short ones, those of flows, and the lists of twelve positions. */
    static List<String> salutations() {
        List<String> names = new ArrayList<>(NamedFlows.names().stream()
                .filter(name -> name.contains("salut"))
                .toList());
        for (String list : TwelvePositions.LISTS) names.add("twelve positions " + list.toUpperCase(Locale.ROOT));
        return names;
    }
}
