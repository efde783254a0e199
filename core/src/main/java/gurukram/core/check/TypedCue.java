package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Side;
import gurukram.core.body.SideOf;
import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.Texts;
import gurukram.core.score.Moment;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Words a teacher has typed at a step name the side the step has, the number it has, and no limb twice. A bare “left” is wrong
 * on one of two sides; on one side it is wrong when it is said of the part the pose is named by.
 */
@AutoService(Check.class)
public final class TypedCue implements Check {
    private static final Pattern SIDE = Pattern.compile("(?i)\\b(left|right)\\b(?! angle)");
    private static final Pattern LIMB =
            Pattern.compile("(?i)(\\{lead\\}|\\{other\\}|\\bleft|\\bright) (hand|arm|elbow|foot|leg|knee|heel)\\b");
    private static final String NUMBER =
            "(\\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty)";
    private static final Pattern COUNTED =
            Pattern.compile("(?i)\\b" + NUMBER + " (more )?(breath|second|rep|repetition|time|count)s?\\b");
    private static final List<String> NUMERALS =
            List.of("zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");
    private static final Map<SideOf, String> SAID_OF = Map.of(
            SideOf.FRONT_LEG, "(?:foot|leg|knee)(?: \\w+)? (?:forward|in front)",
            SideOf.STANDING_LEG, "(?:foot|leg) (?:stands|roots|standing)",
            SideOf.LIFTED_LEG, "(?:foot|leg|knee) (?:up|lifts|rises|back)",
            SideOf.TOP_ARM, "(?:arm|hand) (?:up|on top|over)");
    private static final Card CARD = Card.of(
            "typed-cue",
            "Typed words name the right side, the right number, and no limb twice",
            "Ten announced, eight done; right said, left meant: the room follows your words, not your plan.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        subject.plan().walk(node -> {
            if (!(node instanceof Step step) || step.texts().say().isEmpty()) return;
            List<Integer> moments = subject.momentsOf(step.id()).stream()
                    .filter(subject::isWork)
                    .toList();
            if (moments.isEmpty()) return;
            side(subject, step, moments, found);
            number(subject, step, moments, found);
            limbs(subject, step, moments, found);
        });
    }

    private static void side(Subject subject, Step step, List<Integer> moments, Findings found) {
        String say = step.texts().say();
        Set<Side> sides = EnumSet.noneOf(Side.class);
        moments.forEach(i -> {
            if (subject.moment(i).side() != null) sides.add(subject.moment(i).side());
        });
        Matcher named = SIDE.matcher(say);
        if (sides.isEmpty() || !named.find()) return;
        String pose = subject.name(subject.moment(moments.get(0)).pose());
        if (sides.size() == 2) {
            String what = "“%s” is said on both sides of %s.".formatted(say, pose);
            found.must(
                    step.id(),
                    "side",
                    moments,
                    what,
                    "Write {lead} for the side of the pose and {other} for the one across.");
            return;
        }
        Side side = sides.iterator().next();
        if (!saysOther(subject, moments.get(0), say, side)) return;
        String what = "“%s” is said in %s on the %s.".formatted(say, pose, side.word());
        found.must(step.id(), "side", moments, what, "Name the %s, or write {lead}.".formatted(side.word()));
    }

    /** Whether it says the other side of the very part the pose is named by, or of where it turns. */
    private static boolean saysOther(Subject subject, int i, String say, Side side) {
        Moment moment = subject.moment(i);
        String other = side.opposite().word();
        String part = SAID_OF.get(subject.pose(i).sideOf());
        if (part != null
                && Pattern.compile("(?i)\\b" + other + " " + part).matcher(say).find()) return true;
        Side twist = moment.twistSide() != null
                ? moment.twistSide()
                : subject.pose(i).sideOf() == SideOf.TWIST_TO ? side : null;
        return twist != null
                && Pattern.compile("(?i)\\b(?:turn|twist)\\w* (?:to )?(?:the |your )?"
                                + twist.opposite().word())
                        .matcher(say)
                        .find();
    }

    private static void number(Subject subject, Step step, List<Integer> moments, Findings found) {
        Matcher said = COUNTED.matcher(step.texts().say());
        while (said.find()) {
            if (said.group(2) != null) continue;
            Integer has = has(subject, step, moments, said.group(3));
            if (has == null || has == value(said.group(1))) continue;
            String what = "The words say “%s”, and the step has %d.".formatted(said.group(), has);
            found.look(step.id(), "number", moments, what, "Change the words, or the number of the step.");
            return;
        }
    }

    private static int value(String number) {
        if (Character.isDigit(number.charAt(0))) return Integer.parseInt(number);
        String folded = number.toLowerCase(Locale.ROOT);
        int small = NUMERALS.indexOf(folded);
        return small >= 0 ? small : folded.equals("twelve") ? 12 : folded.equals("fifteen") ? 15 : 20;
    }

    /** How many of a unit the step has on the line looked at; null when it has none of it. */
    private static @Nullable Integer has(Subject subject, Step step, List<Integer> moments, String unit) {
        Dose dose = ChosenDose.of(step, subject.level());
        return switch (unit.toLowerCase(Locale.ROOT)) {
            case "breath" ->
                subject.moment(moments.get(0)).kind() == Moment.Kind.HOLD
                        ? subject.moment(moments.get(0)).breaths()
                        : null;
            case "second" -> dose instanceof Dose.Seconds hold ? (Integer) hold.seconds() : null;
            case "count" -> dose instanceof Dose.Counts hold ? (Integer) hold.counts() : null;
            case "time" ->
                dose instanceof Attempts tries
                        ? (Integer) tries.attempts()
                        : dose instanceof Reps r ? (Integer) r.reps() : null;
            default -> dose instanceof Reps reps ? (Integer) reps.reps() : null;
        };
    }

    private static void limbs(Subject subject, Step step, List<Integer> moments, Findings found) {
        Matcher limb = LIMB.matcher(step.texts().say());
        Set<String> seen = new HashSet<>();
        while (limb.find()) {
            String name = Words.fold(limb.group());
            if (seen.add(name)) continue;
            String shown = limb.group().toLowerCase(Locale.ROOT);
            String what = "The words move the %s twice: “%s”."
                    .formatted(shown, step.texts().say());
            found.look(
                    step.id(),
                    "limb",
                    moments,
                    what,
                    "One hand cannot be in two places; maybe the second is the other one.");
            return;
        }
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        Step step = subject.step(finding.node());
        String say = step.texts().say();
        List<String> others = switch (finding.about()) {
            case "side" ->
                List.of(
                        withPlaces(
                                say,
                                Objects.requireNonNull(
                                        subject.moment(finding.moments().get(0)).side())),
                        turned(say));
            case "number" -> List.of(withNumber(subject, step, finding));
            default -> List.of(withOtherLimb(say));
        };
        List<Mend> mends = new ArrayList<>();
        for (String other : others) {
            if (other.equals(say) || other.length() > Texts.MOST_LINE_LETTERS) continue;
            mends.add(new Mend(
                    "Say “%s”".formatted(other),
                    new PlanEdit.Change(step.with(step.texts().withSay(other)))));
        }
        if (finding.about().equals("side")) {
            mends.add(new Mend(
                    "Say the usual words of the pose",
                    new PlanEdit.Change(step.with(step.texts().withSay("")))));
        }
        return mends;
    }

    private static String withPlaces(String say, Side side) {
        return SIDE.matcher(say)
                .replaceAll(
                        m -> Matcher.quoteReplacement(m.group().equalsIgnoreCase(side.word()) ? "{lead}" : "{other}"));
    }

    private static String turned(String say) {
        return SIDE.matcher(say).replaceAll(m -> m.group().equalsIgnoreCase("left") ? "right" : "left");
    }

    private static String withNumber(Subject subject, Step step, Finding finding) {
        Matcher said = COUNTED.matcher(step.texts().say());
        StringBuilder out = new StringBuilder();
        while (said.find()) {
            Integer has = said.group(2) != null ? null : has(subject, step, finding.moments(), said.group(3));
            String now = has == null || has == value(said.group(1))
                    ? said.group()
                    : Words.count(has, said.group(3).toLowerCase(Locale.ROOT));
            said.appendReplacement(out, Matcher.quoteReplacement(now));
        }
        return said.appendTail(out).toString();
    }

    private static String withOtherLimb(String say) {
        Matcher limb = LIMB.matcher(say);
        Set<String> seen = new HashSet<>();
        StringBuilder out = new StringBuilder();
        while (limb.find()) {
            boolean again = !seen.add(Words.fold(limb.group()));
            String side = again ? opposite(limb.group(1)) : limb.group(1);
            limb.appendReplacement(out, Matcher.quoteReplacement(side + " " + limb.group(2)));
        }
        return limb.appendTail(out).toString();
    }

    private static String opposite(String side) {
        return switch (side.toLowerCase(Locale.ROOT)) {
            case "{lead}" -> "{other}";
            case "{other}" -> "{lead}";
            case "left" -> "right";
            default -> "left";
        };
    }
}
