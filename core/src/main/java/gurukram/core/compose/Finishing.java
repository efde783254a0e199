package gurukram.core.compose;

import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Mend;
import gurukram.core.check.PropFetch;
import gurukram.core.check.Report;
import gurukram.core.check.Severity;
import gurukram.core.check.Subject;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Doses;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Way;
import gurukram.core.craft.Craft;
import gurukram.core.craft.Measure;
import gurukram.core.fit.FitRequest;
import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Item;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.PropsTold;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.Texts;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Score;
import gurukram.core.score.Tallies;
import gurukram.core.score.Unfolder;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The last of a draft: fitted to its slot, judged, and mended where a mend is a draft's to take. */
final class Finishing {
    private static final int MOST_MENDS = 20;
    /** Findings whose mends belong to a draft; the others are the teacher's to decide. */
    private static final Set<String> MENDED = Set.of(
            "preparation",
            "cautions",
            "counterpose",
            "opposites",
            "rest",
            "high-risk",
            "sides-uneven",
            "cold-wrists",
            "step-between",
            "pasted-twice",
            "above-level");
    /** What is mended by a word, when everything else stands. */
    private static final Set<String> WORDS = Set.of("milestones");

    /** Of several poses that could be put in, the nearest is taken; of other mends the first. */
    private static final Set<String> PUT_IN = Set.of("preparation", "counterpose");

    private static final int MOST_OFFERS = 4;
    /** What is mended in a class that is the teacher's own already. */
    private static final Set<String> LED = Set.of("preparation", "counterpose", "high-risk", "prop-fetch");

    /** What is wanted to be as usual; a draft that is not is made once more. */
    private static final Set<Measure.Kind> MEASURED = EnumSet.of(
            Measure.Kind.FLOW_SHARE,
            Measure.Kind.FLOWS,
            Measure.Kind.HELD_IN_FLOWS,
            Measure.Kind.SIDE_RUN,
            Measure.Kind.LEG_CHANGES,
            Measure.Kind.BASE_CHANGES,
            Measure.Kind.QUOTES,
            Measure.Kind.WARM_UP,
            Measure.Kind.COOL_DOWN,
            Measure.Kind.PEAK_AT,
            Measure.Kind.WAVES,
            Measure.Kind.FIRST_DEEP,
            Measure.Kind.FIRST_STRONG);

    private static final Set<Measure.Kind> THROWN = EnumSet.of(Measure.Kind.FIRST_DEEP, Measure.Kind.FIRST_STRONG);

    private static final Measure NO_MEASURE = new Measure(Measure.Kind.REST, null, "", null, null);
    /** What a finding to look at weighs. */
    static final int LOOKED_AT = 4;

    private static final int UNUSUAL = 2;
    /** For being farther away from the usual than its edge, as a part of that edge, and no more than {@link #FARTHEST}. */
    private static final int FAR = 20;

    /** What flows is what a class is asked for first. */
    private static final int FAR_FROM_FLOWING = 60;

    private static final double FARTHEST = 0.3;
    private static final int MISSING = 20;
    private static final int USUAL_TRIPS = 2;

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;
    private final Checks checks;
    private final Clock clock;
    private final @Nullable People group;
    private final Set<String> wanted;

    Finishing(Workshop workshop, Clock clock, Brief brief) {
        this.group = brief.group();
        this.wanted = brief.wanted();
        this.catalogue = workshop.catalogue();
        this.unfolder = workshop.unfolder();
        this.checks = workshop.checks(brief);
        this.clock = clock;
    }

    /** A teacher's own class that was led to a peak: only what leading there asks for is mended. */
    ClassPlan led(ClassPlan plan) {
        Looked now = looked(plan);
        Set<String> hopeless = new HashSet<>();
        for (int i = 0; i < MOST_MENDS; i++) {
            Optional<Looked> next = mended(now, LED, hopeless);
            if (next.isEmpty()) break;
            now = next.get();
        }
        return readyTogether(now.plan());
    }

    /** All that the steps of a class ask for stands in one line where people come. */
    private static ClassPlan readied(ClassPlan plan) {
        List<Prop> props = PropsTold.asked(plan).stream()
                .filter(prop -> !prop.name().equals(PropsTold.WALL))
                .toList();
        Section first = plan.sections().get(0);
        String note = PropFetch.ready(first.texts().note(), props);
        if (note.equals(first.texts().note()) || note.length() > Texts.MOST_NOTE_LETTERS) return plan;
        return new PlanEdit.Change(first.with(first.texts().withNote(note))).applyTo(plan);
    }

    /** A class and how far it is from what a draft has to be; 0 is all right. */
    record Candidate(ClassPlan plan, Report report, long totalMs, long misses) {}

    /** Brought to the slot by what has no count in it. */
    ClassPlan fitted(ClassPlan plan) {
        return new LastMinute(clock, wanted).brought(plan);
    }

    private static ClassPlan readyTogether(ClassPlan plan) {
        Section first = plan.sections().get(0);
        String note = PropFetch.readyTogether(first.texts().note());
        if (note.equals(first.texts().note())) return plan;
        return new PlanEdit.Change(first.with(first.texts().withNote(note))).applyTo(plan);
    }

    /** How much in a class is not as usual; 0 is all right. */
    long unusual(ClassPlan plan) {
        return unusual(plan, clock.score(plan));
    }

    private long unusual(ClassPlan plan, Score score) {
        Map<Measure.Kind, Measure> craft = Craft.of(plan, score, catalogue);
        int trips = Math.max(0, Tallies.of(score, catalogue).floorTrips() - USUAL_TRIPS);
        return trips + unusual(craft);
    }

    /** What is a little beside the usual weighs less than what is far from it. */
    private static long unusual(Map<Measure.Kind, Measure> craft) {
        double weight = 0;
        for (Measure.Kind kind : MEASURED) {
            double away = craft.getOrDefault(kind, NO_MEASURE).away();
            int far = kind == Measure.Kind.FLOW_SHARE ? FAR_FROM_FLOWING : FAR;
            if (away > 0) weight += UNUSUAL + far * Math.min(FARTHEST, away);
            // from the peak straight into the rest, all in one rise, or thrown into what is new: nobody wants that
            boolean strange = THROWN.contains(kind) || kind == Measure.Kind.WAVES;
            if (kind == Measure.Kind.COOL_DOWN && away >= 1 || strange && away > 0) weight += MISSING;
        }
        return Math.round(weight);
    }

    /** What the checks would mend, mended, as far as that is a draft's to do. @param kept parts that stay as they are */
    Candidate mended(ClassPlan plan, Set<NodeId> kept) {
        Looked now = looked(plan);
        int mends = 0;
        boolean again = true;
        while (again && mends < MOST_MENDS) {
            again = false;
            Set<String> hopeless = new HashSet<>();
            Optional<Looked> cared = caredFor(now);
            again = cared.isPresent();
            now = cared.orElse(now);
            while (mends < MOST_MENDS) {
                Optional<Looked> next = mended(now, MENDED, hopeless);
                if (next.isEmpty()) break;
                now = next.get();
                mends++;
                again = true;
            }
            if (again) now = looked(fitted(now.plan()));
        }
        now = looked(Doses.settled(now.plan(), kept));
        Set<String> hopeless = new HashSet<>();
        for (int calls = 0; calls < MOST_MENDS; calls++) {
            Optional<Looked> call = mended(now, WORDS, hopeless);
            if (call.isEmpty()) break;
            now = call.get();
        }
        return candidate(readied(now.plan()), now.report());
    }

    /** The same class with something laid over it that costs no time: the checks look once more. */
    Candidate lookedAtAgain(Candidate candidate, ClassPlan now) {
        return new Candidate(now, checks.report(now), candidate.totalMs(), candidate.misses());
    }

    private Candidate candidate(ClassPlan now, Report report) {
        Score score = unfolder.unfold(now, null);
        long misses = 0;
        for (Finding finding : report.findings()) {
            if (finding.severity() == Severity.MUST) misses += 100;
            else if (finding.rule().equals("preparation")) misses += 50;
            else if (finding.severity() == Severity.LOOK)
                misses += finding.rule().equals("cautions") ? 20 : LOOKED_AT;
        }
        if (Math.abs(score.totalMs() - clock.slotMs()) > FitRequest.TOLERANCE_MS) misses += 40;
        if (!score.isEven()) misses += 100;
        Map<Measure.Kind, Measure> craft = Craft.of(now, score, catalogue);
        misses += unusual(craft);
        return new Candidate(now, report, score.totalMs(), misses);
    }

    /** A class and what the checks say about it. */
    private record Looked(Subject subject, Report report) {
        ClassPlan plan() {
            return subject.plan();
        }
    }

    private Looked looked(ClassPlan plan) {
        Subject subject = checks.subject(plan);
        return new Looked(subject, checks.report(subject));
    }

    /** With what the needs of the group ask planned for all of them together; empty where that does not go, or there is one at most. */
    private Optional<Looked> caredFor(Looked now) {
        List<Finding> wanted = now.report().findings().stream()
                .filter(finding -> finding.rule().equals("cautions") && finding.severity() == Severity.LOOK)
                .toList();
        if (wanted.size() < 2) return Optional.empty();
        return checks.triedTogether(now.subject(), wanted, now.report())
                .map(tried -> new Looked(tried.after(), tried.report()));
    }

    /**
     * With the first finding mended that can be.
     *
     * @param hopeless what nothing was found for before; it is not tried again, and grows here
     */
    private Optional<Looked> mended(Looked now, Set<String> rules, Set<String> hopeless) {
        for (Finding finding : now.report().findings()) {
            if (finding.severity() == Severity.INFO || !rules.contains(finding.rule())) continue;
            if (hopeless.contains(finding.key())) continue;
            int most = PUT_IN.contains(finding.rule()) ? MOST_OFFERS : 1;
            List<Checks.Tried> tried = checks.tried(now.subject(), finding, now.report(), most);
            if (tried.isEmpty()) {
                hopeless.add(finding.key());
                continue;
            }
            Checks.Tried best = nearest(tried, now.plan());
            Mend counted = counted(best.mend());
            if (counted.equals(best.mend())) return Optional.of(new Looked(best.after(), best.report()));
            return Optional.of(looked(counted.edit().applyTo(now.plan())));
        }
        return Optional.empty();
    }

    /** The first of the mends, or of those that put a pose in the one that is least out of the way of the peak. */
    private Checks.Tried nearest(List<Checks.Tried> all, ClassPlan plan) {
        List<Checks.Tried> handy =
                all.stream().filter(one -> isHandy(one.mend().edit())).toList();
        List<Checks.Tried> mends = handy.isEmpty() ? all : handy;
        String peak = plan.settings().peak();
        if (peak == null) return mends.get(0);
        return mends.stream()
                .min(Comparator.comparing(
                                (Checks.Tried one) -> isHomeTwice(one.mend().edit(), plan))
                        .thenComparing(one -> goesDown(one.mend().edit(), catalogue.pose(peak)))
                        .thenComparingInt(one -> legs(one.mend().edit(), catalogue.pose(peak))))
                .orElseThrow();
    }

    /** With a dose a mouth counts for what is put in. */
    private static Mend counted(Mend mend) {
        if (!(mend.edit() instanceof PlanEdit.Insert insert) || !(insert.node() instanceof Step step)) return mend;
        Step counted = step.withDose(Doses.counted(step.dose()));
        return new Mend(mend.label(), new PlanEdit.Insert(insert.parent(), insert.after(), counted));
    }

    private boolean isHandy(PlanEdit edit) {
        return !(edit instanceof PlanEdit.Insert insert)
                || !(insert.node() instanceof Step step)
                || step.pose() == null
                || Pool.isHandy(catalogue.pose(step.pose()), group);
    }

    /** Whether it would come home right before the room does so anyway. */
    private static boolean isHomeTwice(PlanEdit edit, ClassPlan plan) {
        if (!(edit instanceof PlanEdit.Insert insert) || !isHome(insert.node())) return false;
        List<Item> items =
                plan.sections().stream().flatMap(part -> part.items().stream()).toList();
        for (int i = 1; i < items.size(); i++)
            if (items.get(i - 1).id().equals(insert.after())) return isHome(items.get(i));
        return false;
    }

    private static boolean isHome(Node node) {
        return node instanceof Step step && step.pose() != null && Craft.HOMES.contains(step.pose());
    }

    /** Whether somebody who leads to a standing peak would have to sit or lie down for it. */
    private boolean goesDown(PlanEdit edit, Pose peak) {
        return edit instanceof PlanEdit.Insert insert
                && insert.node() instanceof Step step
                && step.pose() != null
                && !Places.isLow(peak)
                && Places.isDown(catalogue.pose(step.pose()));
    }

    private int legs(PlanEdit edit, Pose peak) {
        if (!(edit instanceof PlanEdit.Insert insert) || !(insert.node() instanceof Step step) || step.pose() == null)
            return 0;
        return Way.legs(catalogue.pose(step.pose()).base(), peak.base());
    }
}
