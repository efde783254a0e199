package gurukram.core.check;

import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Texts;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * All rules over a class. Findings come worst first, then in the order of time; a mend is offered only when the class it
 * makes has been checked too: its finding is gone, nothing that must be mended is new, and there is no more to look at
 * than before.
 */
public final class Checks {
    private static final List<Check> ALL = ServiceLoader.load(Check.class).stream()
            .map(ServiceLoader.Provider::get)
            .sorted(Comparator.comparing((Check check) -> check.card().rule()))
            .toList();

    private static final int MOST_MENDS = 4;

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;
    private final School teachers;
    private final People group;

    /**
     * @param teachers the teacher's school
     * @param group whom the class is for; null when nobody in particular
     */
    public Checks(PoseCatalogue catalogue, Unfolder unfolder, School teachers, People group) {
        this.catalogue = catalogue;
        this.unfolder = unfolder.with(teachers);
        this.teachers = teachers;
        this.group = group;
    }

    /** Every rule there is, by its short name. */
    public static List<Check> all() {
        return ALL;
    }

    public static Card card(String rule) {
        return find(rule).card();
    }

    private static Check find(String rule) {
        return ALL.stream()
                .filter(check -> check.card().rule().equals(rule))
                .findFirst()
                .orElseThrow(() -> new Refused("There is no check called “" + rule + "”."));
    }

    /** The class as the rules see it; a mixed room by its base line, which is its clock. */
    public Subject subject(ClassPlan plan) {
        Level level = plan.settings().mixed() ? null : plan.settings().level();
        return subject(plan, level);
    }

    /** @param level the line to look at; null is the base line */
    public Subject subject(ClassPlan plan, @Nullable Level level) {
        return new Subject(plan, level, catalogue, unfolder, teachers, group);
    }

    public Report report(ClassPlan plan) {
        return report(subject(plan));
    }

    /** An empty class is silent: there is nothing to judge yet. */
    public Report report(Subject subject) {
        List<Finding> all = new ArrayList<>();
        if (!subject.moments().isEmpty()) {
            for (Check check : ALL) check.look(subject, new Findings(check.card(), all));
        }
        all.sort(Comparator.comparing(Finding::severity).thenComparing(subject::startOf));
        List<Finding> open = new ArrayList<>();
        List<Report.Muted> muted = new ArrayList<>();
        for (Finding finding : all) {
            subject.muteOf(finding)
                    .ifPresentOrElse(by -> muted.add(new Report.Muted(finding, by)), () -> open.add(finding));
        }
        return new Report(open, muted);
    }

    /** What would mend a finding, each tried out; empty when nothing known does. */
    public List<Mend> mends(Subject subject, Finding finding) {
        return mends(subject, finding, report(subject), MOST_MENDS);
    }

    /** As {@link #mends(Subject, Finding)}, at most so many, where the report is known. */
    public List<Mend> mends(Subject subject, Finding finding, Report before, int most) {
        return tried(subject, finding, before, most).stream().map(Tried::mend).toList();
    }

    /** A mend, the class it makes, and what is said about that. */
    public record Tried(Mend mend, Subject after, Report report) {}

    /** As {@link #mends(Subject, Finding, Report, int)}, for who takes one of them. */
    public List<Tried> tried(Subject subject, Finding finding, Report before, int most) {
        List<Tried> good = new ArrayList<>();
        for (Mend mend : find(finding.rule()).mends(subject, finding)) {
            if (good.size() == most) break;
            if (good.stream().anyMatch(other -> other.mend().label().equals(mend.label()))) continue;
            tried(subject, mend)
                    .filter(one -> holds(subject, finding, one, before))
                    .ifPresent(good::add);
        }
        return good;
    }

    /**
     * Several findings mended one after the other and looked at once: the first offer for each, on the class that those before it made.
     *
     * @return empty where not all of it holds together; each may still do so by itself
     */
    public Optional<Tried> triedTogether(Subject subject, List<Finding> findings, Report before) {
        Subject now = subject;
        List<PlanEdit> edits = new ArrayList<>();
        List<String> labels = new ArrayList<>();
        for (Finding finding : findings) {
            List<Mend> mends = find(finding.rule()).mends(now, finding);
            if (mends.isEmpty()) return Optional.empty();
            Optional<ClassPlan> mended = mended(now, mends.get(0));
            if (mended.isEmpty()) return Optional.empty();
            now = subject(mended.get(), subject.level());
            edits.add(mends.get(0).edit());
            labels.add(mends.get(0).label());
        }
        Tried all = new Tried(new Mend(String.join("; ", labels), PlanEdit.all(edits)), now, report(now));
        boolean holds = findings.stream().allMatch(finding -> holds(subject, finding, all, before));
        return holds ? Optional.of(all) : Optional.empty();
    }

    private Optional<Tried> tried(Subject subject, Mend mend) {
        return mended(subject, mend).map(plan -> {
            Subject after = subject(plan, subject.level());
            return new Tried(mend, after, report(after));
        });
    }

    /** Empty where a class may not be so. */
    private Optional<ClassPlan> mended(Subject subject, Mend mend) {
        try {
            return Optional.of(PlanRules.check(mend.edit().applyTo(subject.plan()), catalogue));
        } catch (Refused e) {
            return Optional.empty();
        }
    }

    private static boolean holds(Subject subject, Finding finding, Tried tried, Report before) {
        Report after = tried.report();
        boolean gone = !after.has(finding);
        boolean moved = after.findings().stream()
                .filter(f -> f.rule().equals(finding.rule()) && f.severity() != Severity.INFO)
                .anyMatch(f -> before.findings().stream().noneMatch(old -> isSame(old, f)));
        boolean noneNew = after.findings().stream()
                .filter(f -> f.severity() == Severity.MUST)
                .allMatch(before::has);
        return gone
                && !moved
                && noneNew
                && serious(after) <= serious(before)
                && keepsWords(subject.plan(), tried.after().plan(), finding);
    }

    /** Also where what it is about, a need or a prop, is met at another place first. */
    private static boolean isSame(Finding old, Finding now) {
        if (!old.rule().equals(now.rule())) return false;
        return old.isSameAs(now) || (!now.about().isEmpty() && now.about().equals(old.about()));
    }

    /** Nothing that was typed is lost, but for the words a finding is about. */
    private static boolean keepsWords(ClassPlan before, ClassPlan after, Finding finding) {
        Set<String> kept = new HashSet<>();
        after.walk(node -> kept.addAll(typed(node)));
        List<String> lost = new ArrayList<>();
        before.walk(node -> typed(node).stream()
                .filter(words -> !node.id().equals(finding.node()))
                .filter(words -> kept.stream().noneMatch(now -> now.contains(words)))
                .forEach(lost::add));
        return lost.isEmpty();
    }

    private static List<String> typed(Node node) {
        Texts texts = node instanceof Section section
                ? section.texts()
                : node instanceof Flow flow ? flow.texts() : node instanceof Step step ? step.texts() : Texts.NONE;
        return Stream.of(texts.say(), texts.note(), texts.thread())
                .filter(words -> !words.isEmpty())
                .toList();
    }

    private static long serious(Report report) {
        return report.count(Severity.MUST) + report.count(Severity.LOOK);
    }
}
