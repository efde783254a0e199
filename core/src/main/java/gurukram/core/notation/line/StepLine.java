package gurukram.core.notation.line;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseWords;
import gurukram.core.dose.Range;
import gurukram.core.dose.Reps;
import gurukram.core.notation.words.MannerWords;
import gurukram.core.notation.words.Parts;
import gurukram.core.notation.words.SideWords;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.manner.Use;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import gurukram.core.text.Words;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One step: {@code pose [, sides] [, dose]}, as in {@code half pigeon, both, 8 breaths}; {@code 3 min open} needs no pose.
 *
 * <p>What a line leaves unsaid is taken from where it stands.
 */
public final class StepLine {
    private static final Pattern FROM_ROUND =
            Pattern.compile("(?i)from (?:the )?round (\\d{1,3})(?: on(?:wards?)?)?\\s*[:,]\\s*(.+)");
    private static final Pattern STAY =
            Pattern.compile("(?i)(?:stay|same(?: pose)?|stay here|stay there)(?:\\s*[:,]\\s*|\\s+(?=\\d)|$)(.*)");
    private static final Pattern LAST_PART = Pattern.compile("(?:(.*),)?\\s*([^,]+)");
    private static final Pattern OR = Pattern.compile("(?i)(.+?)\\s+or\\s+(.+)");
    private static final Pattern FRACTION =
            Pattern.compile("(?i)(?<![\\d.,])(\\d{1,3})([.,]\\d{1,3})(\\s*(?:breaths?|b|br|reps?|times|rounds?)\\b)");
    private static final Pattern USED = Pattern.compile("(?i)(.*?\\S),?\\s+(?:of\\s+)?([a-z]+)");
    private static final Pattern WAIT = Pattern.compile("(?i)wait");
    private static final Pattern WAITING =
            Pattern.compile("(?i)[,;]?\\s*(?:the )?(?:others? )?wait(?:ing|s)?(?: in)?:?\\s+([^,;]+?)\\s*$");
    private static final Pattern SHOWN_A_SIDE = Pattern.compile("(?i)\\b(?:shown|taught)\\b[^,;]*\\bsides?$");
    private static final Pattern OPEN = Pattern.compile("(?i)(?:open|free)?\\s*(?:time)?");
    /** Gaps nobody types on purpose; they only cost time. */
    private static final Pattern LONG_GAP = Pattern.compile("([\\s,;])[\\s,;]{9,}");

    /** What was said; null where nothing was. */
    record Said(
            @Nullable Pose pose,
            @Nullable SideRule sides,
            @Nullable Dose dose,
            boolean openTime,
            SideWords sideWords,
            @Nullable Pose or,
            Manner manner) {}

    private final PoseCatalogue catalogue;

    public StepLine(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** A whole step; {@link Refused} with its place when some of it is not understood. */
    public Line.AddStep read(String line, LineContext context) {
        Matcher from = FROM_ROUND.matcher(line);
        if (from.matches()) {
            if (context.flow() == null) throw new Refused("Rounds belong to a flow; there is none here.");
            try {
                return read(from.group(2), context).from(FlowSettings.ROUNDS.parse(from.group(1)));
            } catch (Refused e) {
                throw e.shifted(from.start(2));
            }
        }
        Matcher stay = STAY.matcher(line);
        if (stay.matches() && catalogue.named(line).isEmpty()) return stay(stay.group(1), context);
        Said said = say(line);
        if (said.openTime())
            return new Line.AddStep(null, new SideRule.None(), Objects.requireNonNull(said.dose())).with(said.manner());
        if (said.pose() == null) throw new Refused("Which pose? “" + StepProblems.shorten(line) + "” names none.");
        SideRule sides = said.sides() != null ? said.sides() : usualSides(said.pose(), context, said.manner());
        if (said.sides() == null && said.sideWords().hasTwist())
            sides = said.sideWords().withTwist(sides);
        Dose dose = said.dose() == null ? usualDose(said.pose(), context) : said.dose();
        Layer.Become or = said.or() == null
                ? null
                : new Layer.Become(said.or().id(), LayerLine.sidesBeside(said.or(), sides, context), null);
        if (sides instanceof SideRule.Alternating && dose instanceof Dose.Seconds time)
            return sways(said.pose(), sides, time).or(or);
        return new Line.AddStep(said.pose().id(), sides, dose)
                .or(or)
                .with(said.manner())
                .remarking(remark(line, said.pose()));
    }

    /** Side to side for a time: as many repetitions as fill it, an even number, so that both sides get as many. */
    private static Line.AddStep sways(Pose pose, SideRule sides, Dose.Seconds time) {
        int one = pose.repMillisOrDefault();
        int pairs = Math.max(1, Math.round(time.seconds() * (float) Millis.SECOND / (2 * one)));
        int reps = Math.min(Dose.REPS.most() / 2 * 2, 2 * pairs);
        String what = "%s for about %d s is read as %d times of %s s, as many to each side."
                .formatted(pose.name(), time.seconds(), reps, Millis.seconds(one));
        return new Line.AddStep(pose.id(), sides, new Reps(reps, 1, 0, null)).remarking(Problem.of(what));
    }

    /** Another form of the pose people are in: {@code stay: hands to the heart, 3 breaths}. */
    private Line.AddStep stay(String typed, LineContext context) {
        Step last = context.last();
        if (last == null || last.pose() == null) throw new Refused("There is no pose before this to stay in.");
        if (last.sides() instanceof SideRule.Both)
            throw new Refused(Problem.of(
                    "The pose before is left after its second side, so there is no staying in it.",
                    "Write each side by itself, or both in a flow of one round."));
        DoseWords doseWords = new DoseWords();
        String words = typed.strip();
        for (Matcher part = LAST_PART.matcher(words); part.matches(); part = LAST_PART.matcher(words)) {
            String left = takeDose(new DoseWords(), part.group(2));
            // Words may end like a dose: "now arms out"; without a comma only a number is one.
            boolean whole = left != null
                    && (left.isBlank() || part.group(1) == null && part.group(2).matches(".*\\d.*"));
            if (!whole) break;
            words = Objects.requireNonNull(takeDose(doseWords, words));
        }
        Pose pose = catalogue.pose(last.pose());
        Dose dose = doseWords.dose().orElseGet(() -> usualDose(pose, context));
        return new Line.AddStep(pose.id(), last.sides(), dose).saying(words.replaceAll("[,;:. ]+$", ""));
    }

    /** A name that is one pose's own and loosely that of others: which was taken, and the others as lines. */
    private @Nullable Problem remark(String line, Pose taken) {
        String name = Parts.of(line).parts().get(0).text();
        if (Words.fold(name).equals(Words.fold(taken.name()))) return null;
        if (!catalogue.named(name).filter(taken::equals).isPresent()) return null;
        List<Pose> others = catalogue.meant(name).stream()
                .filter(pose -> !pose.equals(taken))
                .limit(4)
                .toList();
        if (others.isEmpty()) return null;
        String rest = line.substring(name.length());
        String names = others.stream()
                .map(pose -> pose.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
        return new Problem(
                "“" + name + "” is taken as " + taken.name().toLowerCase(Locale.ROOT) + ".",
                "It may also mean: " + names + ".",
                others.stream()
                        .map(pose -> pose.name().toLowerCase(Locale.ROOT) + rest)
                        .toList());
    }

    /** Only what the line says: a layer may change just the dose. */
    Said say(String typed) {
        Matcher part = FRACTION.matcher(typed);
        if (part.find()) throw StepProblems.notWhole(typed, part);
        String line = LONG_GAP.matcher(typed).replaceAll("$1");
        Said used = usedTime(line);
        if (used != null) return used;
        DoseWords doseWords = new DoseWords();
        SideWords sideWords = new SideWords();
        MannerWords mannerWords = new MannerWords();
        String name = line;
        Pose waiting = null;
        Matcher waits = WAITING.matcher(line);
        if (WAIT.matcher(line).find() && waits.find()) {
            waiting = poseNamed(waits.group(1), line);
            name = line.substring(0, waits.start());
        }
        // A pose whose whole name is typed wins over reading its last word as a dose or a side.
        while (catalogue.named(name).isEmpty() && !name.isEmpty()) {
            String shorter = sideWords.takeBeginning(
                    name, before -> catalogue.named(before).isPresent());
            if (shorter == null) shorter = mannerWords.takeFromEnd(name);
            if (shorter == null
                    && name.indexOf("side") > 0
                    && SHOWN_A_SIDE.matcher(name).find()) shorter = takeDose(doseWords, name);
            if (shorter == null) shorter = sideWords.takeFromEnd(name);
            if (shorter == null) shorter = takeDose(doseWords, name);
            if (shorter == null) break;
            name = shorter;
        }
        Span behindName = new Span(behind(name, line), line.length());
        try {
            Dose dose = doseWords.dose().orElse(null);
            Manner manner = mannerWords.manner();
            Optional<Use> use = Use.named(name);
            if (use.isPresent() && catalogue.named(name).isEmpty() && dose instanceof Dose.Seconds time)
                return usedFor(use.get(), time, sideWords);
            boolean openTime = dose != null
                    && dose.at(Dose.Reading.LOW) instanceof Dose.Open
                    && OPEN.matcher(name).matches();
            Matcher two = OR.matcher(name);
            if (!openTime && two.matches() && catalogue.named(name).isEmpty()) {
                Pose first = poseNamed(two.group(1), line);
                return new Said(
                        first,
                        sideWords.rule().orElse(null),
                        dose,
                        false,
                        sideWords,
                        poseNamed(two.group(2), line),
                        manner);
            }
            Pose pose = openTime || name.isBlank() ? null : poseNamed(name, line);
            if (pose != null) {
                for (String with : manner.with()) {
                    Optional<Pose> own = catalogue.named(pose.name() + " " + with);
                    if (own.isEmpty()) continue;
                    pose = own.get();
                    manner = manner.with(
                            manner.with().stream().filter(w -> !w.equals(with)).toList());
                }
            }
            return new Said(
                    pose, sideWords.rule().orElse(null), waiting(dose, waiting), openTime, sideWords, null, manner);
        } catch (Refused e) {
            throw e.within(behindName);
        }
    }

    private static Said usedFor(Use use, Dose.Seconds time, SideWords sides) {
        return new Said(null, null, new Dose.Open(time.seconds()), true, sides, null, Manner.USUAL.with(use));
    }

    /** {@code 2 min talk}, {@code a minute of rest}: time that is for something else than work. */
    private @Nullable Said usedTime(String line) {
        Matcher behind = USED.matcher(line);
        if (!behind.matches() || catalogue.named(line).isPresent()) return null;
        Optional<Use> use = Use.named(behind.group(2));
        if (use.isEmpty()) return null;
        DoseWords words = new DoseWords();
        String left = takeDose(words, behind.group(1));
        if (left == null || !left.isBlank()) return null;
        return words.dose().orElse(null) instanceof Dose.Seconds time
                ? usedFor(use.get(), time, new SideWords())
                : null;
    }

    private static @Nullable Dose waiting(@Nullable Dose dose, @Nullable Pose pose) {
        if (pose == null) return dose;
        if (dose instanceof Attempts tries) return tries.withWaiting(pose.id());
        if (dose instanceof Range range
                && range.low() instanceof Attempts low
                && range.chosen() instanceof Attempts chosen
                && range.high() instanceof Attempts high)
            return new Range(low.withWaiting(pose.id()), chosen.withWaiting(pose.id()), high.withWaiting(pose.id()));
        throw new Refused("Who waits? As in “3 attempts of 5 breaths, in 2 turns, waiting: child’s pose”.");
    }

    /** Where the words behind the name begin. */
    private static int behind(String name, String line) {
        int at = Math.min(name.length(), line.length());
        while (at < line.length() && " ,;".indexOf(line.charAt(at)) >= 0) at++;
        return at;
    }

    private static @Nullable String takeDose(DoseWords words, String text) {
        try {
            return words.takeFromEnd(text);
        } catch (Refused e) {
            int from = Math.max(text.lastIndexOf(','), text.lastIndexOf(' ')) + 1;
            throw e.within(new Span(Math.min(from, text.length()), text.length()));
        }
    }

    private Pose poseNamed(String name, String line) {
        return catalogue
                .named(name.replaceAll("[,;.]+$", ""))
                .orElseThrow(() -> new StepProblems(catalogue).unknown(name, line));
    }

    /** In a flow what is usual there; elsewhere both. */
    private static SideRule usualSides(Pose pose, LineContext context, Manner manner) {
        boolean named = !manner.sideNames().isEmpty() && pose.sides() == SideBehaviour.SYMMETRIC;
        if (named && (context.flow() == null || !context.flow().settings().hasSides()))
            return new SideRule.Both(Side.RIGHT);
        if (named) return new SideRule.Lead();
        if (context.flow() != null) return context.flow().settings().sides().usualFor(pose);
        return pose.sides().hasSides() ? new SideRule.Both(Side.RIGHT) : new SideRule.None();
    }

    /** In a flow one half-breath, the pose's own or the one that comes next; elsewhere the pose's usual dose. */
    private static Dose usualDose(Pose pose, LineContext context) {
        if (context.flow() == null) return pose.doseFor(context.level(), context.part());
        Breath next = context.lastBreath() == Breath.INHALE ? Breath.EXHALE : Breath.INHALE;
        if (pose.breath() == BreathAffinity.IN) next = Breath.INHALE;
        if (pose.breath() == BreathAffinity.OUT) next = Breath.EXHALE;
        return new Dose.Movement(next);
    }

    /** What {@link #read} reads: the pose, its sides unless it has none, its dose. */
    public String write(Step step) {
        SideRule sides = step.sides() instanceof SideRule.None ? null : step.sides();
        return write(step.pose(), sides, step.dose(), step.manner());
    }

    private String write(@Nullable String pose, @Nullable SideRule sides, Dose dose, Manner manner) {
        List<String> parts = new ArrayList<>();
        if (pose != null) parts.add(catalogue.pose(pose).name().toLowerCase(Locale.ROOT));
        parts.addAll(MannerWords.inLine(manner));
        if (sides != null) parts.add(sides.words());
        if (!manner.sideNames().isEmpty()) parts.add("side is " + manner.sideNames());
        parts.add(words(dose));
        return String.join(", ", parts);
    }

    /** A dose, with the pose others wait in. */
    private String words(Dose dose) {
        boolean waits = dose.at(Dose.Reading.LOW) instanceof Attempts tries && tries.waiting() != null;
        if (!waits) return dose.toString();
        String pose = Objects.requireNonNull(((Attempts) dose.at(Dose.Reading.LOW)).waiting());
        return dose + ", waiting: " + catalogue.pose(pose).name().toLowerCase(Locale.ROOT);
    }

    /** What {@link #say} reads; null is not said. */
    public String write(Layer.Become become) {
        String pose = become.pose();
        SideRule sides = become.sides();
        Dose dose = become.dose();
        List<String> parts = new ArrayList<>();
        UnaryOperator<String> name = id -> catalogue.pose(id).name().toLowerCase(Locale.ROOT);
        if (pose != null) parts.add(name.apply(pose));
        if (become.with() != null) parts.add("with " + String.join(", ", become.with()));
        if (sides != null) parts.add(sides instanceof SideRule.None ? "no sides" : sides.words());
        if (dose != null) parts.add(words(dose));
        return String.join(", ", parts);
    }

    Optional<Pose> poseNamed(String typed) {
        return catalogue.named(typed);
    }

    /** The nearest names, for a problem. */
    String nearest(String typed) {
        return catalogue.nearest(Words.fold(StepProblems.shorten(typed)), 3).stream()
                .map(Pose::name)
                .collect(Collectors.joining(", "));
    }
}
