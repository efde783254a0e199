package gurukram.core.room;

import gurukram.core.check.PropStock;
import gurukram.core.check.Subject;
import gurukram.core.check.Tonight;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.PropsTold;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Caution;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Where a class is meant to be more than its poses: the words of its theme, what has to be fetched before a pose, what is told before
 * one that is watched, what people with a need do in it.
 *
 * <p>The theme opens with the first moment; the affirmation ends the arrival; the image begins what comes after; threads stand at their
 * steps; the quotation is for the rest; the mantra and the closing words begin the close.
 */
public final class Prompts {
    private static final Pattern HANDS = Pattern.compile(
            "\\b(hands-on|hands on help|assist|assists|adjustments?|adjust (them|each|people|everybody))\\b",
            Pattern.CASE_INSENSITIVE);
    private static final String ASK_FIRST = "ask each one before a hand goes on";
    private static final long AGAIN_MS = 10 * Millis.MINUTE;

    private final Subject subject;
    private final Map<String, Long> told = new HashMap<>();
    private final List<Prompt> all = new ArrayList<>();
    private final Map<NodeId, Node> nodes = new HashMap<>();

    private Prompts(Subject subject) {
        this.subject = subject;
        subject.plan().walk(node -> nodes.put(node.id(), node));
    }

    /** In the order in which they are due. */
    public static List<Prompt> of(Subject subject) {
        if (subject.moments().isEmpty()) return List.of();
        Prompts prompts = new Prompts(subject);
        prompts.theme();
        prompts.threads();
        prompts.props();
        prompts.tonight();
        prompts.hands();
        prompts.all.sort(Comparator.comparingInt(Prompt::at).thenComparing(Prompt::kind));
        return List.copyOf(prompts.all);
    }

    private void add(Prompt.Kind kind, int at, String of, String words) {
        if (!words.isBlank()) all.add(new Prompt(kind.name().toLowerCase(Locale.ROOT) + of, kind, at, words));
    }

    private void theme() {
        Theme theme = subject.plan().settings().theme();
        int last = subject.moments().size() - 1;
        int arrived = lastOf(SectionRole.ARRIVE, 0);
        int begun = Math.min(last, arrived + 1);
        int resting = firstOf(SectionRole.REST, last);
        int closing = firstOf(SectionRole.CLOSE, last);
        add(Prompt.Kind.OPENING, 0, "", theme.open().isEmpty() ? theme.sentence() : theme.open());
        add(Prompt.Kind.AFFIRMATION, arrived, "", theme.affirmation());
        add(Prompt.Kind.IMAGE, begun, "", theme.image());
        add(Prompt.Kind.QUOTATION, resting, "", theme.quotation());
        add(Prompt.Kind.MANTRA, closing, "", theme.mantra());
        add(Prompt.Kind.CLOSING, closing, "", theme.close());
    }

    private int firstOf(SectionRole role, int otherwise) {
        for (int i = 0; i < subject.moments().size(); i++) if (roleOf(i) == role) return i;
        return otherwise;
    }

    private int lastOf(SectionRole role, int otherwise) {
        for (int i = subject.moments().size() - 1; i >= 0; i--) if (roleOf(i) == role) return i;
        return otherwise;
    }

    private SectionRole roleOf(int i) {
        Node section = nodes.get(subject.moments().get(i).section());
        return ((Section) Objects.requireNonNull(section)).role();
    }

    private void threads() {
        subject.plan().walk(node -> {
            String thread = thread(node);
            List<Integer> moments = subject.momentsOf(node.id());
            if (!moments.isEmpty())
                add(Prompt.Kind.THREAD, moments.get(0), "-" + node.id().value(), thread);
        });
    }

    private static String thread(Node node) {
        if (node instanceof Section section) return section.texts().thread();
        if (node instanceof Flow flow) return flow.texts().thread();
        return node instanceof Step step ? step.texts().thread() : "";
    }

    /** What lies at the mat already is not fetched again; what comes with the first pose lies there when people come. */
    private void props() {
        Map<String, Integer> there = new HashMap<>();
        List<Moment> moments = subject.moments();
        for (int i = 0; i < moments.size(); i++) {
            if (!(nodes.get(moments.get(i).node()) instanceof Step step)) continue;
            List<Prop> asked = new ArrayList<>(step.props());
            asked.addAll(PropStock.unsaid(subject, step));
            List<Prop> fetched = asked.stream()
                    .filter(prop ->
                            !prop.name().equals(PropsTold.WALL) || step.props().contains(prop))
                    .filter(prop -> prop.number() > there.getOrDefault(prop.name(), 0))
                    .toList();
            fetched.forEach(prop -> there.put(prop.name(), prop.number()));
            if (fetched.isEmpty()) continue;
            String words = fetched.stream().map(Prop::toString).collect(Collectors.joining(", "));
            add(Prompt.Kind.FETCH, stepBefore(i), "-" + step.id().value(), words);
        }
    }

    /** The moment with which the step before begins; of the first step its own. */
    private int stepBefore(int i) {
        List<Moment> moments = subject.moments();
        int at = i;
        while (at > 0 && moments.get(at).node().equals(moments.get(i).node())) at--;
        NodeId before = moments.get(at).node();
        while (at > 0 && moments.get(at - 1).node().equals(before)) at--;
        return at;
    }

    private void tonight() {
        Tonight tonight = Tonight.of(subject);
        for (Tonight.Watched watched : tonight.watched()) {
            int at = first(watched.node());
            String back = watched.backs().isEmpty() ? "" : "; back a rung: " + lower(watched.backs());
            String words =
                    "%s comes: %s, %s%s".formatted(watched.pose().name(), watched.with(), watched.atOnce(), back);
            add(Prompt.Kind.WATCH, stepBefore(at), "-" + watched.node().value(), words);
        }
        for (Tonight.Before before : tonight.before()) {
            for (Tonight.ForNeed line : before.lines()) {
                String words = words(line);
                String of = "-" + before.node().value() + "-" + line.need().word();
                if (!line.planned() && !isNoted(before.node(), words) && isNews(words, before.startMs()))
                    add(Prompt.Kind.NEED, first(before.node()), of, words);
            }
        }
    }

    /** What the note of the step says already stands there once. */
    private boolean isNoted(NodeId node, String words) {
        String told = words.substring(words.indexOf(": ") + 2);
        return nodes.get(node) instanceof Step step && step.texts().note().contains(told);
    }

    /** Where the teacher has written that she means to touch: she asks each one first. */
    private void hands() {
        subject.plan().walk(node -> {
            if (!(node instanceof Step step) || step.pose() == null) return;
            List<Integer> moments = subject.momentsOf(step.id());
            String written = step.texts().note() + " " + step.texts().say();
            if (moments.isEmpty() || !HANDS.matcher(written).find()) return;
            String where = subject.catalogue().pose(step.pose()).teaching().handsOn();
            String words = where.isEmpty() ? ASK_FIRST : ASK_FIRST + "; " + where;
            add(Prompt.Kind.HANDS, moments.get(0), "-" + step.id().value(), words);
        });
    }

    /** The same words pose after pose are read by nobody: they are told again after a while. */
    private boolean isNews(String words, long startMs) {
        Long last = told.get(words);
        if (last != null && startMs - last < AGAIN_MS) return false;
        told.put(words, startMs);
        return true;
    }

    private static String lower(String words) {
        return words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }

    private static String words(Tonight.ForNeed line) {
        String who = "%s (%d)".formatted(line.need().words(), line.people());
        boolean out = line.severity() == Caution.Severity.BLOCKED;
        if (out && line.instead() != null)
            return who + ": " + line.instead().name().toLowerCase(Locale.ROOT) + " instead";
        return who + ": " + line.words();
    }

    private int first(NodeId node) {
        List<Integer> moments = subject.momentsOf(node);
        return moments.isEmpty() ? 0 : moments.get(0);
    }
}
