package gurukram.web.courses;

import gurukram.core.course.Aim;
import gurukram.core.course.Cell;
import gurukram.core.course.Course;
import gurukram.core.course.Grid;
import gurukram.core.course.Own;
import gurukram.core.course.Rhythm;
import gurukram.core.course.Told;
import gurukram.core.plan.settings.Mode;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import gurukram.web.courses.Courses.Look;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A course as its page and its sheet show it.
 *
 * @param about whom it is for, when and how long
 * @param ends when it ends
 * @param stands where the group stands on the ladder, and what that means for the course
 * @param mats how many mats worked on which rung last
 * @param stops what stands in the way of the pose for this group at all
 * @param open how many lessons have no class yet, {@code next} the first that was not taught
 */
public record CoursePage(
        String id,
        String title,
        String word,
        String about,
        String ends,
        String leads,
        String stands,
        List<String> stops,
        String mats,
        String ladder,
        int rungs,
        int open,
        int next,
        boolean daily,
        boolean hasGroup,
        boolean canTakeBack,
        List<Row> rows,
        List<KeptCourse.Change> changes) {

    /**
     * One lesson.
     *
     * @param rungWords what stands on its rung; empty without a ladder
     * @param figure the drawing of that pose; empty where it has none
     * @param rounds one sign for each round, by its mode
     * @param stale what the course has now and the drafted class has not
     * @param missed whether its day is past and it was not taught
     * @param own whether the teacher wants something otherwise in it
     */
    public record Row(
            int n,
            String day,
            String date,
            String progress,
            Integer rung,
            String rungWords,
            String figure,
            int breaths,
            List<String> rounds,
            String flow,
            String alone,
            String theme,
            boolean lighter,
            boolean newFlow,
            boolean own,
            String classId,
            String classTitle,
            String length,
            List<String> words,
            List<String> stale,
            boolean edited,
            boolean taught,
            boolean missed,
            boolean isNext) {}

    /** @param figures the drawing of a pose, by its id */
    static CoursePage of(
            Look look, List<String> stops, PoseCatalogue catalogue, UnaryOperator<String> figures, LocalDate today) {
        Course course = look.kept().course();
        List<Row> rows = new ArrayList<>();
        for (Cell cell : look.cells()) rows.add(row(look, cell, catalogue, figures, today));
        String about = look.group() == null
                ? "Its group is gone. Choose another one before you draft."
                : "%s, %s; %d minutes each"
                        .formatted(look.group().name(), look.group().when(), course.minutes());
        LocalDate last = look.days().get(look.days().size() - 1);
        String ends = course.rhythm() == Rhythm.OPEN
                ? "numbered, without an end; planned until " + CourseWords.day(last)
                : "from %s to %s".formatted(CourseWords.day(look.days().get(0)), CourseWords.day(last));
        return new CoursePage(
                look.kept().id().toString(),
                course.title(),
                course.rhythm().word(),
                about,
                ends,
                leads(course, catalogue),
                stands(look, stops),
                stops,
                look.mats(),
                look.ladder() == null ? "" : look.ladder().id(),
                look.ladder() == null ? 0 : Grid.topRung(look.ladder()),
                Courses.undrafted(look).size(),
                look.next(),
                course.rhythm() == Rhythm.DAILY,
                look.group() != null,
                look.kept().before() != null,
                rows,
                look.kept().changes());
    }

    private static String leads(Course course, PoseCatalogue catalogue) {
        String value = course.aim().value();
        return switch (course.aim().kind()) {
            case PEAK ->
                "It leads to " + (catalogue.has(value) ? catalogue.pose(value).name() : value) + ".";
            case THEME -> "Its theme is “" + value + "”.";
            case SALUTATION -> "At its end " + value + " is known alone.";
        };
    }

    private static String stands(Look look, List<String> stops) {
        Ladder ladder = look.ladder();
        if (ladder == null) return "";
        int top = Grid.topRung(ladder);
        Integer last = look.cells().get(look.cells().size() - 1).rung();
        String where = look.stands() == null
                ? "No tries are noted: the course begins on rung %d, as you said, and classes lead no higher until they are."
                        .formatted(look.kept().course().startRung())
                : "The group stands on rung %d of %d; classes lead no higher.".formatted(look.stands(), top);
        boolean comes = last != null && last >= top;
        if (stops.stream().anyMatch(stop -> !stop.contains("usually held"))) return where;
        String end = comes
                ? " By the plan it comes to the pose itself."
                : " At the ladder’s pace (%s on a rung) it comes to rung %d of %d in this time."
                        .formatted(Words.count(ladder.classes(), "good class").replace("classs", "classes"), last, top);
        return where + end;
    }

    private static Row row(
            Look look, Cell cell, PoseCatalogue catalogue, UnaryOperator<String> figures, LocalDate today) {
        KeptLesson lesson = look.drafted().get(cell.n());
        boolean taught = look.isTaught(cell.n());
        LocalDate day = look.days().get(cell.n() - 1);
        Ladder.Rung rung = look.ladder() == null || cell.rung() == null
                ? null
                : look.ladder()
                        .rungs()
                        .get(Math.min(cell.rung(), look.ladder().rungs().size()) - 1);
        String pose = rung == null ? null : rung.pose();
        String words = rung == null
                ? ""
                : pose == null ? rung.does() : catalogue.pose(pose).name();
        Own own = look.kept().course().ownOf(cell.n());
        boolean flows = look.kept().course().rhythm() != Rhythm.DAILY
                || look.kept().course().aim().kind() == Aim.Kind.SALUTATION;
        return new Row(
                cell.n(),
                CourseWords.day(day),
                day.toString(),
                Told.progress(
                        look.kept().course().rhythm(), cell.n(), look.cells().size()),
                cell.rung(),
                words,
                pose == null ? "" : figures.apply(pose),
                cell.heldBreaths(),
                flows ? rounds(cell) : List.of(),
                flows ? Words.count(cell.doneRounds(), "round") + " " + Told.mode(cell.mode()) : "",
                flows ? cell.alone().word() : "",
                cell.theme(),
                cell.lighter(),
                cell.newFlow() && cell.n() > 1,
                !own.equals(Own.NOTHING),
                lesson == null ? "" : lesson.classId().toString(),
                lesson == null ? "" : lesson.title(),
                lesson == null ? "" : Millis.showWhole(lesson.lengthMs()),
                lesson == null ? List.of() : lesson.words(),
                lesson == null || taught ? List.of() : stale(look, lesson, cell),
                lesson != null && lesson.edited(),
                taught,
                !taught && day.isBefore(today),
                cell.n() == look.next());
    }

    /** Round by round: {@code learn}, {@code breath}, {@code silent}. */
    private static List<String> rounds(Cell cell) {
        List<String> rounds = new ArrayList<>();
        for (int i = 0; i < cell.doneRounds(); i++) {
            boolean first = i == 0;
            if (cell.mode() == Mode.LEARN) rounds.add(first ? "learn" : "breath");
            else rounds.add(cell.mode() == Mode.SILENT && !first ? "silent" : "breath");
        }
        return rounds;
    }

    private static List<String> stale(Look look, KeptLesson lesson, Cell now) {
        Told.Lessons was = new Told.Lessons(List.of(lesson.cell()), List.of(LocalDate.EPOCH));
        Told.Lessons is = new Told.Lessons(List.of(now), List.of(LocalDate.EPOCH));
        List<String> stale = new ArrayList<>();
        for (String change : Told.between(look.kept().course().rhythm(), was, is)) stale.add(change);
        boolean higher = look.stands() != null
                && lesson.cell().rung() != null
                && !lesson.words().isEmpty()
                && now.rung() != null
                && look.stands() >= now.rung()
                && lesson.words().stream().anyMatch(words -> words.startsWith("The course has rung"));
        if (higher) stale.add("The group stands on rung %d by now.".formatted(look.stands()));
        return stale;
    }
}
