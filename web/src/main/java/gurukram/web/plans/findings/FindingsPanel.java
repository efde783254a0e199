package gurukram.web.plans.findings;

import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Report;
import gurukram.core.check.Severity;
import gurukram.core.check.Subject;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What the checks say, as the panel shows it: about one part of the class, or about all of it.
 *
 * @param groups by severity, the worst first
 * @param muted what is kept silent, with why
 */
public record FindingsPanel(List<Group> groups, List<Muted> muted) {
    public static final FindingsPanel NONE = new FindingsPanel(List.of(), List.of());

    /** @param heading {@code 2 must be mended} */
    public record Group(String css, String heading, List<Found> findings) {}

    /**
     * @param row the row it belongs to; empty when it is about the class as a whole
     * @param place what it is about and when that comes: {@code Tree, at 21:30}
     * @param why why its rule is there, one sentence
     */
    public record Found(String key, String css, String row, String place, String what, String advice, String why) {}

    /** @param row where it is muted; {@code class} for the whole class */
    public record Muted(String key, String rule, String row, String place, String what, String why) {}

    public boolean isEmpty() {
        return groups.isEmpty() && muted.isEmpty();
    }

    /** Everything there is in a class. */
    public static FindingsPanel all(ClassChecks.Found found, PoseCatalogue catalogue) {
        return of(found, catalogue, found.report().findings(), found.report().muted());
    }

    /** What is about one part of it. */
    public static FindingsPanel at(ClassChecks.Found found, NodeId node, PoseCatalogue catalogue) {
        return of(
                found,
                catalogue,
                found.report().findings().stream()
                        .filter(f -> isAt(found.subject(), f, node))
                        .toList(),
                found.report().muted().stream()
                        .filter(m -> isAt(found.subject(), m.finding(), node))
                        .toList());
    }

    private static boolean isAt(Subject subject, Finding finding, NodeId node) {
        return rowOf(subject, finding).equals(node.value());
    }

    /** A step put in by a layer is told at the step it stands at. */
    static String rowOf(Subject subject, Finding finding) {
        if (finding.node().equals(NodeId.CLASS)) return NodeId.CLASS.value();
        Node parent = subject.parentOf(finding.node());
        boolean inserted = parent instanceof Layer;
        return inserted
                ? subject.parentOf(parent.id()).id().value()
                : finding.node().value();
    }

    private static FindingsPanel of(
            ClassChecks.Found found, PoseCatalogue catalogue, List<Finding> findings, List<Report.Muted> muted) {
        Subject subject = found.subject();
        List<Group> groups = new ArrayList<>();
        for (Severity severity : Severity.values()) {
            List<Found> some = findings.stream()
                    .filter(f -> f.severity() == severity)
                    .map(f -> found(subject, catalogue, f))
                    .toList();
            if (!some.isEmpty()) groups.add(new Group(css(severity), heading(severity, some.size()), some));
        }
        return new FindingsPanel(
                groups,
                muted.stream()
                        .map(m -> new Muted(
                                m.finding().key(),
                                m.finding().rule(),
                                rowOf(subject, m.finding()),
                                place(subject, catalogue, m.finding()),
                                m.finding().what(),
                                m.by().why()))
                        .toList());
    }

    public static String css(Severity severity) {
        return "w-" + severity.name().toLowerCase(Locale.ROOT);
    }

    private static String heading(Severity severity, int n) {
        return switch (severity) {
            case MUST -> n + " to mend";
            case LOOK -> n + " to look at";
            case INFO -> n + " for your information";
        };
    }

    private static Found found(Subject subject, PoseCatalogue catalogue, Finding finding) {
        String row = rowOf(subject, finding);
        return new Found(
                finding.key(),
                css(finding.severity()),
                row.equals(NodeId.CLASS.value()) ? "" : row,
                place(subject, catalogue, finding),
                finding.what(),
                finding.advice(),
                Checks.card(finding.rule()).why());
    }

    /** What it is about, and when that comes. */
    static String place(Subject subject, PoseCatalogue catalogue, Finding finding) {
        Node node = subject.plan().find(new NodeId(rowOf(subject, finding))).orElse(null);
        String name = name(node, catalogue);
        return subject.momentOf(finding)
                .map(i -> name + ", at "
                        + Millis.showWhole(subject.moments().get(i).startMs()))
                .orElse(name);
    }

    private static String name(Node node, PoseCatalogue catalogue) {
        return node == null ? "The whole class" : new Naming(catalogue).of(node);
    }
}
