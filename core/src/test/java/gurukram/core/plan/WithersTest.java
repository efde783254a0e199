package gurukram.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.CueLevel;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.FlowPace;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Tags;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Theme;
import gurukram.core.plan.settings.Timing;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Another of something: what is asked for changes, and nothing else does. */
class WithersTest {
    private record Two(Record one, Record other) {
        @Override
        public String toString() {
            return one.getClass().getSimpleName();
        }
    }

    private static Theme theme(String s) {
        return new Theme(s + 1, s + 2, s + 3, s + 4, s + 5, s + 6, s + 7, s + 8, s + 9);
    }

    private static BreathLengths breaths(int n) {
        return new BreathLengths(4_000 + n, 5_000 + n, 3_000 + n, 3_500 + n, List.of(100, 90 + n), 3 + n, 4 + n);
    }

    private static final FlowSides SIDES = new FlowSides(
            FlowSides.Counting.ONE_SIDE,
            FlowSides.Order.SIDE_FIRST,
            Side.LEFT,
            FlowSides.Turn.BY_CLASS,
            FlowSides.Leads.ALWAYS_FIRST,
            FlowSides.LeadNames.STANDING_LEG);

    private static ClassSettings settings(String s, int n) {
        return ClassSettings.of(
                        s, 60 + n, n == 0 ? Style.HATHA : Style.VINYASA, n == 0 ? Level.BEGINNER : Level.ADVANCED)
                .with(theme(s))
                .withMixed(n == 1)
                .withStarts("0" + (8 + n) + ":15")
                .withPeak("tree-" + n)
                .withBegins(n == 0 ? Side.RIGHT : Side.LEFT)
                .with(n == 0 ? School.UNSET : School.USUAL)
                .withNote(s + " note")
                .withMutes(List.of(new Marks.Mute("rest", s)))
                .withPropsReady(n == 1);
    }

    private static Section section(String s, int n) {
        return Section.of(new NodeId("s" + n), n == 0 ? SectionRole.STANDING : SectionRole.FLOOR)
                .withName(s)
                .with(n == 0 ? Cueing.EXPLAINED : Cueing.BY_THE_BREATH)
                .with(new Texts(s, s, s))
                .with(Marks.NONE.withPriority(1 + n))
                .withBreath(4_000 + n)
                .withMinutes(5 + n);
    }

    private static Step step(String s, int n) {
        return Step.of(
                        new NodeId("t" + n),
                        n == 0 ? "tree" : "chair",
                        n == 0 ? new SideRule.Lead() : new SideRule.None(),
                        new Dose.Breaths(3 + n))
                .with(Timing.USUAL.withBreath(4_000 + n))
                .with(new Texts(s, s, s))
                .with(Marks.NONE.withPriority(1 + n))
                .with(n == 0 ? Manner.USUAL : Manner.USUAL.withSideNames(s))
                .withProps(List.of(new Prop(1 + n, "block")));
    }

    private static Stream<Two> pairs() {
        return Stream.of(
                new Two(theme("a"), theme("b")),
                new Two(breaths(0), breaths(1)),
                new Two(FlowSides.BOTH, SIDES),
                new Two(
                        FlowSettings.of(3).withName("a"),
                        FlowSettings.of(4)
                                .withName("b")
                                .with(SIDES)
                                .with(FlowPace.USUAL.withTyped(TypedPace.position(5_000)))
                                .with(School.USUAL)),
                new Two(
                        FlowPace.USUAL,
                        new FlowPace(
                                null,
                                List.of(TypedPace.position(4_000)),
                                List.of(new Mode.Run(3, Mode.LEARN)),
                                List.of(CueLevel.SILENT))),
                new Two(new Texts("a", "b", "c"), new Texts("d", "e", "f")),
                new Two(
                        new Timing(TypedPace.position(4_000), null, null, Hold.ACTIVE, 4_000, Cueing.EXPLAINED),
                        new Timing(TypedPace.position(5_000), null, null, Hold.PASSIVE, 5_000, Cueing.BY_THE_BREATH)),
                new Two(
                        new When(Set.of(Level.BEGINNER), Rounds.of(1, 2), 1),
                        new When(Set.of(Level.ADVANCED), Rounds.from(3), 2)),
                new Two(
                        new Tags(Set.of(), null, null, List.of("sea"), "a", List.of("tree")),
                        new Tags(Set.of(), null, null, List.of("sky"), "b", List.of("chair"))),
                new Two(settings("a", 0), settings("b", 1)),
                new Two(
                        School.UNSET,
                        School.USUAL.withHoldCap(9).withCountMillis(900).with(breaths(1))),
                new Two(section("a", 0), section("b", 1)),
                new Two(step("a", 0), step("b", 1)));
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void onlyWhatIsAskedForIsAnother(Two two) throws ReflectiveOperationException {
        int tried = 0;
        for (Method method : two.one().getClass().getMethods()) {
            boolean withs =
                    method.getName().startsWith("with") || method.getName().equals("named");
            boolean here = method.getReturnType() == two.one().getClass() && !Modifier.isStatic(method.getModifiers());
            if (!withs || !here || method.getParameterCount() != 1) continue;
            List<RecordComponent> like = like(two, method);
            if (like.isEmpty()) continue;
            boolean one = false;
            for (RecordComponent part : like) {
                Object wanted = part.getAccessor().invoke(two.other());
                Object now = method.invoke(two.one(), wanted);
                List<String> changed = new ArrayList<>();
                for (RecordComponent each : two.one().getClass().getRecordComponents())
                    if (!Objects.equals(
                            each.getAccessor().invoke(two.one()),
                            each.getAccessor().invoke(now))) changed.add(each.getName());
                assertThat(changed).as(method + " for " + part.getName()).hasSize(1);
                one |= changed.equals(List.of(part.getName()))
                        && Objects.equals(part.getAccessor().invoke(now), wanted);
            }
            assertThat(one).as(method + " gives what was asked for").isTrue();
            tried++;
        }
        assertThat(tried).as("methods tried").isGreaterThan(1);
    }

    /** The parts of that type that differ: one of them is meant. */
    private static List<RecordComponent> like(Two two, Method method) throws ReflectiveOperationException {
        Class<?> type = method.getParameterTypes()[0];
        List<RecordComponent> like = new ArrayList<>();
        for (RecordComponent part : two.one().getClass().getRecordComponents()) {
            Object other = part.getAccessor().invoke(two.other());
            boolean differs = !Objects.equals(part.getAccessor().invoke(two.one()), other);
            if (part.getType() == type && differs && other != null) like.add(part);
        }
        // by its name, where the method has one
        String name = method.getName().substring(4).toLowerCase(Locale.ROOT);
        if (name.isEmpty() || method.getName().equals("named")) return like;
        return like.stream()
                .filter(part -> part.getName().toLowerCase(Locale.ROOT).startsWith(name))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void theOtherIsWhollyAnother(Two two) throws ReflectiveOperationException {
        int differ = 0;
        for (RecordComponent part : two.one().getClass().getRecordComponents())
            if (!Objects.equals(
                    part.getAccessor().invoke(two.one()), part.getAccessor().invoke(two.other()))) differ++;
        assertThat(differ).as("else the test above tries little").isGreaterThan(2);
    }
}
