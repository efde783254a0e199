package gurukram.core.room;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.Level;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** A teacher is late, or changes her mind, in the middle of a class. */
class UnderwayTest {
    private static final String EVENING = """
            class: Evening
            - 45 min, hatha, intermediate
            - peak pose: half moon
            arrive:
            easy seat, 3 min open
            warm-up:
            cat, 4 breaths
            sphinx, 5 breaths
            standing:
            flow tide, 4 rounds
            high lunge
            warrior 2
            end flow
            tree, both, 8 breaths
            triangle, both, 6 breaths
            chair, 6 breaths
            peak:
            half moon, both, 6 breaths
            cool-down:
            pigeon, both, 10 breaths
            seated forward bend, 10 breaths
            rest:
            final rest, 6 min
            close:
            easy seat, 1 min open
            """;
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());

    private static Underway evening() {
        return Underway.begun(Notation.plan(EVENING), Level.INTERMEDIATE, Plans.CATALOGUE, UNFOLDER);
    }

    private static int first(Underway class_, Predicate<Moment> which) {
        List<Moment> moments = class_.score().moments();
        for (int i = 0; i < moments.size(); i++) if (which.test(moments.get(i))) return i;
        throw new AssertionError("no such moment");
    }

    private static Predicate<Moment> pose(String id) {
        return moment -> id.equals(moment.pose());
    }

    private static List<Moment> upTo(Underway class_, int at) {
        return class_.score().moments().subList(0, at + 1);
    }

    @Test
    void fiveMinutesLateAfterTheWarmUpIsTakenFromWhatFollows() {
        Underway before = evening();
        int at = first(before, pose("sphinx"));
        Underway.Shortened answer = before.onTime(at, 5 * 60_000);
        assertThat(answer.missesMs()).isBetween(-30_000L, 30_000L);
        assertThat(answer.savedMs())
                .isEqualTo(before.score().totalMs() - answer.after().score().totalMs());
        assertThat(answer.changes()).isNotEmpty();
        assertThat(upTo(answer.after(), at)).isEqualTo(upTo(before, at));
        assertThat(length(answer.after(), SectionRole.REST)).isEqualTo(length(before, SectionRole.REST));
        assertThat(length(answer.after(), SectionRole.CLOSE)).isEqualTo(length(before, SectionRole.CLOSE));
        assertThat(answer.after().score().moments()).anyMatch(pose("half-moon"));
    }

    /** Its work alone: what comes before decides how people get into it. */
    private static long length(Underway class_, SectionRole role) {
        Set<NodeId> sections = new HashSet<>();
        for (Section section : class_.plan().sections()) if (section.role() == role) sections.add(section.id());
        return class_.score().moments().stream()
                .filter(moment -> sections.contains(moment.section()))
                .mapToLong(Moment::workMs)
                .sum();
    }

    @Test
    void whateverTheMomentAndHoweverLateWhatIsDoneStandsAndNoSideIsLeftAlone() {
        Underway before = evening();
        for (int at = 0; at < before.score().moments().size(); at += 3) {
            for (int minutes : new int[] {-3, 1, 2, 5, 8, 12, 40}) {
                Underway.Shortened answer = before.onTime(at, minutes * 60_000L);
                String when = "moment " + at + ", " + minutes + " minutes late";
                assertThat(upTo(answer.after(), at)).as(when).isEqualTo(upTo(before, at));
                assertThat(length(answer.after(), SectionRole.REST)).as(when).isEqualTo(360_000);
                assertThat(uneven(answer.after(), at)).as(when).isEmpty();
                assertThat(marks(answer.after().plan())).as(when).isSubsetOf(marks(before.plan()));
                List<Tail.Placed> tail = answer.after().tail(at);
                assertThat(tail.stream()
                                .mapToLong(placed -> placed.moment().lengthMs())
                                .sum())
                        .as(when)
                        .isEqualTo(answer.after().score().totalMs()
                                - upTo(answer.after(), at).stream()
                                        .mapToLong(Moment::lengthMs)
                                        .sum());
            }
        }
    }

    /** Poses outside flows that are done on one side only among what follows. */
    private static Set<NodeId> uneven(Underway class_, int at) {
        Set<NodeId> right = new HashSet<>();
        Set<NodeId> left = new HashSet<>();
        for (Moment moment : class_.score().moments()) {
            if (moment.side() == null) continue;
            (moment.side() == gurukram.core.body.Side.RIGHT ? right : left).add(moment.node());
        }
        Set<NodeId> alone = new HashSet<>(right);
        alone.addAll(left);
        Set<NodeId> both = new HashSet<>(right);
        both.retainAll(left);
        alone.removeAll(both);
        return alone;
    }

    private static Set<String> marks(ClassPlan plan) {
        Set<String> all = new HashSet<>();
        for (Section section : plan.sections())
            for (Item item : section.items())
                all.add(item.id() + " "
                        + (item instanceof Flow flow ? flow.marks() : ((gurukram.core.plan.Step) item).marks()));
        return all;
    }

    @Test
    void aFlowThatHasBegunKeepsTheRoundItIsIn() {
        Underway before = evening();
        int at = first(before, moment -> Integer.valueOf(3).equals(moment.round()));
        Underway.Shortened answer = before.onTime(at, 8 * 60_000);
        Flow tide = (Flow) answer.after().plan().sections().get(2).items().get(0);
        assertThat(tide.settings().rounds()).isBetween(3, 4);
    }

    @Test
    void soLateThatNothingHelpsItIsAsShortAsItCanBeAndSaysWhatIsMissing() {
        Underway before = evening();
        int at = first(before, pose("half-moon"));
        Underway.Shortened answer = before.onTime(at, 30 * 60_000);
        assertThat(answer.savedMs()).isPositive();
        assertThat(answer.missesMs()).isEqualTo(30 * 60_000 - answer.savedMs()).isGreaterThan(60_000);
    }

    @Test
    void whatIsSpareIsLeftOutBeforeTheClassEndsLate() {
        Underway before = evening();
        Underway.Shortened mild = before.onTime(0, 60_000);
        assertThat(mild.changes()).noneMatch(change -> change.after().equals("left out"));
        Underway.Shortened hard = before.onTime(0, 16 * 60_000);
        assertThat(hard.changes()).anyMatch(change -> change.after().equals("left out"));
    }

    @Test
    void aRoundLessIsToldInTheTermsOfTheScoreItBeganWith() {
        Underway before = evening();
        NodeId tide = before.plan().sections().get(2).items().get(0).id();
        Underway after = before.after(new Departure.Rounds(tide, 3));
        int at = first(before, pose("sphinx"));
        List<Tail.Placed> tail = after.tail(at);
        assertThat(tail).noneMatch(Tail.Placed::again);
        Set<Integer> kept = new HashSet<>();
        tail.forEach(placed -> kept.add(placed.of()));
        for (int i = at + 1; i < before.score().moments().size(); i++) {
            boolean fourth =
                    Integer.valueOf(4).equals(before.score().moments().get(i).round());
            assertThat(kept.contains(i)).as("moment " + i).isEqualTo(!fourth);
        }
    }

    @Test
    void aRoundMoreIsTheLastOneAgain() {
        Underway before = evening();
        NodeId tide = before.plan().sections().get(2).items().get(0).id();
        Underway after = before.after(new Departure.Rounds(tide, 5));
        List<Tail.Placed> more =
                after.tail(0).stream().filter(Tail.Placed::again).toList();
        assertThat(more).hasSize(4);
        for (Tail.Placed placed : more) {
            Moment alike = before.score().moments().get(placed.of());
            assertThat(alike.node()).isEqualTo(placed.moment().node());
            assertThat(alike.side()).isEqualTo(placed.moment().side());
        }
    }

    @Test
    void changesFollowEachOtherAndGiveTheSameEveryTime() {
        Underway before = evening();
        NodeId chair = before.plan().sections().get(2).items().get(3).id();
        List<Departure> taken =
                new ArrayList<>(List.of(new Departure.LeftOut(chair), new Departure.OnTime(4, 120_000)));
        Underway once = before;
        Underway twice = before;
        for (Departure departure : taken) once = once.after(departure);
        for (Departure departure : taken) twice = twice.after(departure);
        assertThat(once.plan()).isEqualTo(twice.plan());
        assertThat(once.plan().find(chair)).isEmpty();
        assertThat(once.after(new Departure.LeftOut(chair)).plan()).isEqualTo(once.plan());
    }

    @Test
    void theLineOfAnotherLevelIsWhatFollows() {
        ClassPlan plan =
                Notation.plan(EVENING.replace("tree, both, 8 breaths", "tree, both, 8 breaths\n- beginner: 4 breaths"));
        Underway before = Underway.begun(plan, Level.INTERMEDIATE, Plans.CATALOGUE, UNFOLDER);
        Underway after = before.after(new Departure.AtLevel(Level.BEGINNER));
        assertThat(after.tail(2))
                .anyMatch(placed -> "tree".equals(placed.moment().pose())
                        && Integer.valueOf(4).equals(placed.moment().breaths()));
    }

    private static Underway of(String... lines) {
        String text = "class: Evening\n- 45 min, hatha, intermediate\n" + String.join("\n", lines) + "\n";
        return Underway.begun(Notation.plan(text), Level.INTERMEDIATE, Plans.CATALOGUE, UNFOLDER);
    }

    private static int roundsOf(Underway class_) {
        Flow flow = (Flow) class_.plan().sections().get(0).items().get(0);
        return flow.settings().rounds();
    }

    @Test
    void soLateInAFlowThatItEndsWithTheRoundPeopleAreIn() {
        Underway before = of(
                "standing:",
                "flow tide, 6 rounds",
                "high lunge",
                "warrior 2",
                "end flow",
                "rest:",
                "final rest, 5 min");
        int at = first(before, moment -> Integer.valueOf(3).equals(moment.round()));
        Underway.Shortened answer = before.onTime(at, 5 * 60_000);
        assertThat(roundsOf(answer.after())).isEqualTo(3);
        assertThat(answer.missesMs()).isPositive();
    }

    @Test
    void roundsThatWereDoneInOneWayAreNotDoneInAnotherAfterwards() {
        Underway before = of(
                "standing:",
                "flow tide, 2 learn, 4 breath",
                "high lunge",
                "warrior 2",
                "end flow",
                "chair, 10 breaths");
        for (int at = 0; at < before.score().moments().size(); at++) {
            for (int minutes : new int[] {-4, -1, 1, 2}) {
                Underway after = before.onTime(at, minutes * 60_000L).after();
                assertThat(upTo(after, at)).as(at + ", " + minutes).isEqualTo(upTo(before, at));
            }
        }
    }

    @Test
    void thePeakIsNeverSparedWhereverItStands() {
        Underway before = of(
                "- peak pose: half moon",
                "standing:",
                "chair, 4 breaths",
                "half moon, both, 20 breaths",
                "tree, both, 4 breaths",
                "rest:",
                "final rest, 5 min");
        Underway.Shortened answer = before.onTime(0, 8 * 60_000);
        assertThat(answer.after().score().moments()).anyMatch(pose("half-moon"));
        assertThat(answer.after().score().moments()).noneMatch(pose("tree"));
    }

    @Test
    void ofStepsThatCouldGoTheShortestThatIsEnoughGoes() {
        Underway before = of(
                "standing:",
                "mountain, 1 breath",
                "goddess, 6 s",
                "tree, both, 20 s",
                "triangle, both, 3 min",
                "chair, 90 s",
                "rest:",
                "final rest, 5 min");
        Underway.Shortened answer = before.onTime(0, 45_000);
        assertThat(answer.after().score().moments()).noneMatch(pose("tree"));
        assertThat(answer.after().score().moments())
                .anyMatch(pose("goddess"))
                .anyMatch(pose("chair"))
                .anyMatch(pose("triangle"));
    }
}
