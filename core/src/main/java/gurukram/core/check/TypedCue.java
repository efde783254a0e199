package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Side;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Node;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.Texts;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.said.Breathing;
import gurukram.core.score.Moment;
import gurukram.core.text.CuePlaces;
import gurukram.core.text.Words;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A teacher's own words against what happens where they stand: the side, the number, the breath, the pose, and no limb in two places.
 * A word the reader does not know is no finding.
 */
@AutoService(Check.class)
public final class TypedCue implements Check {
    private static final Card CARD = Card.of(
            "typed-cue",
            "Typed words name the right side, number, breath and pose, and no limb twice",
            "Ten announced, eight done; right said, left meant: the room follows your words, not your plan.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        subject.plan().walk(node -> {
            List<Integer> moments = work(subject, node);
            if (moments.isEmpty()) return;
            if (node instanceof Flow flow) rounds(flow, moments, found);
            if (!(node instanceof Step step)) return;
            Texts texts = step.texts();
            if (!texts.say().isEmpty()) words(subject, step, texts.say(), moments, found);
            else if (!texts.note().isEmpty()) note(subject, step, moments, found);
        });
    }

    private static List<Integer> work(Subject subject, Node node) {
        return subject.momentsOf(node.id()).stream().filter(subject::isWork).toList();
    }

    private static void words(Subject subject, Step step, String say, List<Integer> moments, Findings found) {
        places(subject, step, say, moments, found);
        sides(subject, step, say, moments, found);
        SaidSides.of(say, subject.pose(moments.get(0)))
                .twice()
                .ifPresent(what -> found.look(
                        step.id(),
                        "limb",
                        moments,
                        what,
                        "One limb cannot be in two places; maybe the second is the other one."));
        number(subject, step, say, moments, found);
        breath(subject, step, say, moments, found);
        name(subject, step, say, moments, found);
        sunName(subject, step, say, moments, found);
    }

    private static void sunName(Subject subject, Step step, String say, List<Integer> moments, Findings found) {
        OptionalInt place = SunNames.placeOf(subject.flow(moments.get(0)), step);
        OptionalInt said = SunNames.positionOf(say);
        if (place.isEmpty() || said.isEmpty() || place.getAsInt() == said.getAsInt()) return;
        String what = "“%s” is the name of position %d, and this is position %d."
                .formatted(say, said.getAsInt(), place.getAsInt());
        found.look(step.id(), "sun-name", moments, what, "Each position has its own name of the sun.");
    }

    /** What stands in braces would be said as it is written. */
    private static void places(Subject subject, Step step, String say, List<Integer> moments, Findings found) {
        Optional<String> unknown = CuePlaces.unknown(say);
        boolean none =
                CuePlaces.isSided(say) && SaidSides.sidesOf(subject, moments).isEmpty();
        if (unknown.isEmpty() && !none) return;
        String pose = subject.name(subject.pose(moments.get(0)).id());
        String what = unknown.isPresent()
                ? "“%s” is no place I know; it would be said as it is written.".formatted(unknown.get())
                : "“%s” names a side, and %s has none.".formatted(say, pose);
        found.must(
                step.id(),
                "place",
                moments,
                what,
                "Places are {lead}, {other}, {twist}, {name}, {knees} and {breath}.");
    }

    private static void sides(Subject subject, Step step, String say, List<Integer> moments, Findings found) {
        Moment first = subject.moment(moments.get(0));
        SaidSides said = SaidSides.of(say, subject.pose(moments.get(0)));
        Set<Side> sides = SaidSides.sidesOf(subject, moments);
        String pose = subject.name(first.pose());
        if (sides.size() == 2 && said.hasFixed()) {
            String what = "“%s” is said on both sides of %s.".formatted(say, pose);
            String advice = "Write {lead} for the side of the pose and {other} for the one across.";
            found.must(step.id(), "side", moments, what, advice);
            return;
        }
        Side side = sides.isEmpty() ? null : first.side();
        Optional<String> wrong = said.wrong(side, first.twistSide());
        if (wrong.isEmpty()) return;
        String what = side == null || sides.size() == 2
                ? "“%s” is the other one in %s: “%s”.".formatted(wrong.get(), pose, say)
                : "“%s” is said in %s on the %s.".formatted(say, pose, side.word());
        found.must(step.id(), "side", moments, what, "“%s” is the other one here.".formatted(wrong.get()));
    }

    /** Notes are thoughts and lists; of them only a side that cannot be true is told, where there is one side. */
    private static void note(Subject subject, Step step, List<Integer> moments, Findings found) {
        Moment first = subject.moment(moments.get(0));
        Side side = first.side();
        if (side == null || SaidSides.sidesOf(subject, moments).size() != 1) return;
        SaidSides said = SaidSides.of(step.texts().note(), subject.pose(moments.get(0)));
        said.wrong(side, first.twistSide())
                .ifPresent(wrong -> found.look(
                        step.id(),
                        "note",
                        moments,
                        "The note says “%s” at %s on the %s.".formatted(wrong, subject.name(first.pose()), side.word()),
                        "It is the other one here."));
    }

    private static void number(Subject subject, Step step, String say, List<Integer> moments, Findings found) {
        SaidNumbers.inStep(subject, step, moments, say).ifPresent(wrong -> {
            String words = say.substring(wrong.said().from(), wrong.said().to());
            String what = "The words say “%s”, and the step has %s.".formatted(words, SaidNumbers.asShown(wrong));
            found.look(step.id(), "number", moments, what, "Change the words, or the number of the step.");
        });
        SaidNumbers.moreTwice(say)
                .ifPresent(words -> found.look(
                        step.id(),
                        "more",
                        moments,
                        "“%s” is said for the second time.".formatted(words),
                        "The count runs on while you say it again; count down."));
    }

    private static void rounds(Flow flow, List<Integer> moments, Findings found) {
        Texts texts = flow.texts();
        for (String text : List.of(flow.settings().name(), texts.say(), texts.note())) {
            Optional<SaidNumbers.Wrong> wrong =
                    SaidNumbers.inFlow(flow.settings().rounds(), text);
            if (wrong.isEmpty()) continue;
            String words =
                    text.substring(wrong.get().said().from(), wrong.get().said().to());
            String what = "“%s” is said of the flow, and it has %s."
                    .formatted(words, Words.count(flow.settings().rounds(), "round"));
            found.look(flow.id(), "rounds", moments.subList(0, 1), what, "Change the words, or the rounds.");
            return;
        }
    }

    private static void breath(Subject subject, Step step, String say, List<Integer> moments, Findings found) {
        Breathing said = Breathing.of(say);
        List<Integer> moves = moments.stream()
                .filter(i -> subject.moment(i).kind() == Moment.Kind.MOVEMENT)
                .toList();
        if (said.held() && !isHeld(subject, moments)) held(subject, step, moments, found);
        if (said.phases().isEmpty() || moves.isEmpty()) return;
        boolean in = said.phases().get(0);
        boolean one = said.phases().stream().allMatch(phase -> phase == in);
        if (one && said.phases().size() > 1) {
            String what = "“%s” breathes %s twice in one half-breath.".formatted(say, in ? "in" : "out");
            found.look(
                    step.id(),
                    "breath",
                    moves,
                    what,
                    "One of the two belongs to another step, or is the other breath.");
            return;
        }
        Breath wanted = in ? Breath.INHALE : Breath.EXHALE;
        Breath not = in ? Breath.EXHALE : Breath.INHALE;
        boolean wrong = one && moves.stream().allMatch(i -> subject.moment(i).breath() == not);
        if (!wrong) return;
        String what = "“%s” says %s, and %s comes on the %s."
                .formatted(
                        say,
                        spoken(wanted),
                        subject.name(subject.moment(moves.get(0)).pose()),
                        spoken(not));
        found.look(step.id(), "breath", moves, what, "Write {breath} for the breath of the moment.");
    }

    private static String spoken(Breath breath) {
        return breath == Breath.INHALE ? "inhale" : "exhale";
    }

    private static boolean isHeld(Subject subject, List<Integer> moments) {
        return moments.stream()
                .map(subject::moment)
                .anyMatch(
                        moment -> moment.breath().isHeld() || (moment.heldCounts() != null && moment.heldCounts() > 0));
    }

    /** The words hold a breath that the plan does not. */
    private static void held(Subject subject, Step step, List<Integer> moments, Findings found) {
        List<String> people = Retention.mustNot(subject);
        String what = "The words hold the breath, and the plan does not know it%s."
                .formatted(people.isEmpty() ? "" : "; in this group must not: " + Wording.and(people));
        Severity severity = !people.isEmpty()
                ? Severity.MUST
                : subject.judgedLevel() == Level.BEGINNER ? Severity.LOOK : Severity.INFO;
        found.add(severity, step.id(), "held", moments, what, "Let the breath go on.");
    }

    private static void name(Subject subject, Step step, String say, List<Integer> moments, Findings found) {
        String first = say.split("[,.;:!?–—]", 2)[0].strip().replaceFirst("(?i)\\s+pose$", "");
        Pose pose = subject.pose(moments.get(0));
        Pose said = subject.catalogue().named(first).orElse(null);
        if (said == null || first.isEmpty() || said.id().equals(pose.id()) || comes(step, said)) return;
        String what =
                "The words say %s, and the step is %s.".formatted(subject.name(said.id()), subject.name(pose.id()));
        found.look(step.id(), "name", moments, what, "Change the words, or the pose.");
    }

    /** Whether the other pose is the step's own on some line. */
    private static boolean comes(Step step, Pose said) {
        return step.layers().stream()
                .anyMatch(layer -> (layer.edit() instanceof Layer.Become become
                                && said.id().equals(become.pose()))
                        || (layer.inserted() != null
                                && said.id().equals(layer.inserted().pose())));
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        if (subject.node(finding.node()) instanceof Flow flow) return ofFlow(flow);
        Step step = subject.step(finding.node());
        if (finding.about().equals("note")) return ofNote(subject, step, finding);
        List<Mend> mends = new ArrayList<>();
        String say = step.texts().say();
        for (String other : new LinkedHashSet<>(others(subject, step, finding))) {
            if (other.equals(say) || other.isBlank() || other.length() > Texts.MOST_LINE_LETTERS) continue;
            mends.add(new Mend(
                    "Say “%s”".formatted(other),
                    new PlanEdit.Change(step.with(step.texts().withSay(other)))));
        }
        if (mends.isEmpty()
                && !finding.about().equals("limb")
                && !finding.about().equals("number"))
            mends.add(new Mend(
                    "Say the usual words of the pose",
                    new PlanEdit.Change(step.with(step.texts().withSay("")))));
        return mends;
    }

    private static List<String> others(Subject subject, Step step, Finding finding) {
        String say = step.texts().say();
        int first = finding.moments().get(0);
        Pose pose = subject.pose(first);
        Moment moment = subject.moment(first);
        return switch (finding.about()) {
            case "side" -> {
                SaidSides said = SaidSides.of(say, pose);
                boolean both = SaidSides.sidesOf(subject, finding.moments()).size() == 2;
                Side side = both ? null : moment.side();
                yield both && said.hasFixed() ? said.withPlaces() : said.turned(side, moment.twistSide());
            }
            case "place" -> List.of(say.replaceAll("\\{[^{}]*\\} ?", "").strip());
            case "limb" -> SaidSides.of(say, pose).withOtherLimb();
            case "number" ->
                SaidNumbers.inStep(subject, step, finding.moments(), say)
                        .map(wrong -> List.of(SaidNumbers.mended(say, wrong)))
                        .orElse(List.of());
            case "more" -> SaidNumbers.countedDown(say).map(List::of).orElse(List.of());
            case "breath" -> List.of(withBreath(say, moment.breath()));
            case "sun-name" ->
                List.of(SunNames.withNameOf(
                        say, SunNames.placeOf(subject.flow(first), step).orElseThrow()));
            case "name" -> List.of(withName(say, subject.name(pose.id())));
            default -> List.<String>of();
        };
    }

    private static String withBreath(String say, @Nullable Breath breath) {
        String word = breath == Breath.INHALE ? "inhale" : "exhale";
        return say.replaceFirst(
                "(?i)\\b(?:inhal(?:e|es|ing)|exhal(?:e|es|ing)|breath(?:e|es|ing)? (?:in|out))\\b",
                Character.isUpperCase(say.charAt(0)) ? Words.capital(word) : word);
    }

    private static String withName(String say, String pose) {
        String first = say.split("[,.;:!?–—]", 2)[0];
        String name = Character.isUpperCase(say.charAt(0)) ? Words.capital(pose) : pose;
        return name + say.substring(first.length());
    }

    private static List<Mend> ofFlow(Flow flow) {
        Texts texts = flow.texts();
        int rounds = flow.settings().rounds();
        String name = flow.settings().name();
        Optional<SaidNumbers.Wrong> inName = SaidNumbers.inFlow(rounds, name);
        if (inName.isPresent()) {
            String other = SaidNumbers.mended(name, inName.get());
            return List.of(new Mend(
                    "Call it “%s”".formatted(other),
                    new PlanEdit.Change(flow.with(flow.settings().withName(other)))));
        }
        return SaidNumbers.inFlow(rounds, texts.say())
                .map(wrong -> SaidNumbers.mended(texts.say(), wrong))
                .map(other -> List.of(
                        new Mend("Say “%s”".formatted(other), new PlanEdit.Change(flow.with(texts.withSay(other))))))
                .orElseGet(() -> SaidNumbers.inFlow(rounds, texts.note())
                        .map(wrong -> SaidNumbers.mended(texts.note(), wrong))
                        .map(other -> List.of(new Mend(
                                "Write “%s”".formatted(other), new PlanEdit.Change(flow.with(texts.withNote(other))))))
                        .orElse(List.of()));
    }

    private static List<Mend> ofNote(Subject subject, Step step, Finding finding) {
        Moment moment = subject.moment(finding.moments().get(0));
        String note = step.texts().note();
        return SaidSides.of(note, subject.pose(finding.moments().get(0)))
                .turned(moment.side(), moment.twistSide())
                .stream()
                .map(other -> new Mend(
                        "Write “%s”".formatted(other),
                        new PlanEdit.Change(step.with(step.texts().withNote(other)))))
                .toList();
    }
}
