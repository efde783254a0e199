package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;

import gurukram.core.body.ActionUse;
import gurukram.core.body.Side;
import gurukram.core.check.Finding;
import gurukram.core.check.Severity;
import gurukram.core.compose.brief.Draft;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Prop;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** What a draft has to be, looked at by itself: it knows nothing of how drafts are made. */
final class DraftVerifier {
    static final Map<Integer, Integer> LEAST_POSES = Map.of(30, 14, 45, 20, 60, 24, 75, 28, 90, 32);
    static final double MOST_OPEN = 0.12;
    static final long OFF_MS = 30_000;

    private final Draft draft;
    private final Score score;
    private final List<String> faults = new ArrayList<>();

    private DraftVerifier(Draft draft) {
        this.draft = draft;
        this.score = new Unfolder(CATALOGUE, Pace.defaults()).unfold(draft.plan(), null);
    }

    /** Everything that is wrong; empty when all is right. */
    static List<String> faults(Draft draft) {
        DraftVerifier verifier = new DraftVerifier(draft);
        verifier.look();
        return verifier.faults;
    }

    static int poses(Draft draft) {
        return new DraftVerifier(draft).distinct();
    }

    static double open(Draft draft) {
        return new DraftVerifier(draft).openShare();
    }

    static long off(Draft draft) {
        return Math.abs(new DraftVerifier(draft).score.totalMs() - slotMs(draft));
    }

    private static long slotMs(Draft draft) {
        return draft.brief().minutes() * 60_000L;
    }

    private void look() {
        if (!PlanRules.brokenIn(draft.plan(), CATALOGUE).isEmpty())
            faults.add("not a plan: " + PlanRules.brokenIn(draft.plan(), CATALOGUE));
        for (Finding finding : draft.report().findings())
            if (finding.severity() == Severity.MUST) faults.add("must: " + finding.rule() + " " + finding.what());
        if (Math.abs(score.totalMs() - slotMs(draft)) > OFF_MS)
            faults.add("off by " + (score.totalMs() - slotMs(draft)));
        if (!score.isEven()) faults.add("uneven");
        if (distinct() < LEAST_POSES.get(draft.brief().minutes())) faults.add("only " + distinct() + " poses");
        if (openShare() > MOST_OPEN) faults.add("open " + openShare());
        rest();
        props();
        if (draft.goal() != null) prepared();
        flows();
    }

    /** All that is asked for on the way is told to lie ready where people come, and what a pose is named by is asked for. */
    private void props() {
        String told = draft.plan()
                .sections()
                .get(0)
                .texts()
                .note()
                .lines()
                .findFirst()
                .orElse("");
        draft.plan().walk(node -> {
            if (!(node instanceof Step step)) return;
            for (Prop prop : step.props()) {
                if (prop.name().equals("wall")) continue;
                int most = 0;
                for (int n = 1; n <= 9; n++) if (told.contains(n + " " + prop.name())) most = n;
                if (most < prop.number()) faults.add("not told to lie ready: " + prop + " for " + step.pose());
            }
            boolean blocks = step.pose() != null && step.pose().endsWith("-blocks");
            boolean strap = step.pose() != null && step.pose().endsWith("-strap");
            if (blocks && step.props().isEmpty() || strap && step.props().isEmpty())
                faults.add("nothing is laid out for " + step.pose());
        });
    }

    private int distinct() {
        Set<String> poses = new HashSet<>();
        score.moments().forEach(moment -> {
            if (moment.pose() != null) poses.add(moment.pose());
        });
        return poses.size();
    }

    private double openShare() {
        long open = score.moments().stream()
                .filter(moment -> moment.kind() == Moment.Kind.OPEN && role(moment) != SectionRole.REST)
                .mapToLong(Moment::workMs)
                .sum();
        return open / (double) score.totalMs();
    }

    private SectionRole role(Moment moment) {
        return draft.plan().sections().stream()
                .filter(section -> section.id().equals(moment.section()))
                .findFirst()
                .orElseThrow()
                .role();
    }

    private void rest() {
        List<Section> sections = draft.plan().sections();
        int at = -1;
        for (int i = 0; i < sections.size(); i++) if (sections.get(i).role() == SectionRole.REST) at = i;
        long rest = score.moments().stream()
                .filter(moment -> role(moment) == SectionRole.REST)
                .mapToLong(Moment::workMs)
                .sum();
        if (at < 0 || rest < 60_000 || rest * 13 < score.totalMs()) faults.add("rest of " + rest);
        for (Section after : sections.subList(at + 1, sections.size()))
            if (after.role() != SectionRole.CLOSE) faults.add("after the rest " + after.role());
        if (sections.get(sections.size() - 1).role() != SectionRole.CLOSE) faults.add("no close");
    }

    /** Section 9 of the arithmetic, straight from its words. */
    private void prepared() {
        Pose peak = draft.goal().pose();
        int at = 0;
        while (at < score.moments().size()
                && !(role(score.moments().get(at)) == SectionRole.PEAK
                        && peak.id().equals(score.moments().get(at).pose()))) at++;
        if (at == score.moments().size()) {
            faults.add("the peak does not come");
            return;
        }
        long start = score.moments().get(at).startMs();
        for (ActionUse use : peak.actions()) {
            int s = use.demands();
            if (s < 2) continue;
            Set<String> poses = new HashSet<>();
            boolean strong = false;
            long right = 0;
            long left = 0;
            long last = -1;
            int first = 0;
            for (Moment moment : score.moments().subList(0, at)) {
                if (moment.pose() == null || moment.pose().equals(peak.id())) continue;
                int prepares = CATALOGUE.pose(moment.pose()).prepares(use.action());
                if (first == 0) first = prepares;
                if (prepares < s - 1) continue;
                poses.add(moment.pose());
                strong |= prepares >= s || isLastButOne(moment.pose(), peak.id());
                if (moment.side() != Side.LEFT) right += moment.workMs();
                if (moment.side() != Side.RIGHT) left += moment.workMs();
                last = moment.endMs();
            }
            long wanted = s == 2 ? 45_000 : 90_000;
            String name = use.action().word() + " " + s;
            if (poses.size() < 2) faults.add(name + ": poses " + poses);
            if (!strong) faults.add(name + ": not strong enough");
            // the checks let a twentieth go
            if (Math.min(right, left) * 20 < wanted * 19) faults.add(name + ": " + Math.min(right, left));
            if (last < 0 || start - last > 20 * 60_000) faults.add(name + ": too long ago");
            if (first == 3) faults.add(name + ": jumps");
        }
    }

    private static boolean isLastButOne(String pose, String peak) {
        for (Ladder ladder : CATALOGUE.laddersWith(peak)) {
            int rung = ladder.rungOf(peak);
            String before = null;
            for (int i = 0; i < rung - 1; i++)
                if (ladder.rungs().get(i).pose() != null)
                    before = ladder.rungs().get(i).pose();
            if (pose.equals(before)) return true;
        }
        return false;
    }

    private void flows() {
        boolean layered = false;
        long flows = 0;
        for (Section section : draft.plan().sections()) {
            for (Item item : section.items()) {
                if (!(item instanceof Flow flow)) continue;
                if (flow.settings().hasSides() && !hasSides(flow))
                    faults.add("both sides of " + flow.settings().name() + " are the same");
                if (flow.settings().rounds() > 1)
                    flows += Objects.requireNonNull(score.totals().get(flow.id()))
                            .lengthMs();
                layered |= isLayered(flow);
            }
        }
        if (draft.brief().style() == Style.HATHA && flows > 0.4 * score.totalMs())
            faults.add("hatha with flows of " + 100 * flows / score.totalMs() + " %");
        if (draft.brief().style() == Style.VINYASA && !layered) faults.add("no layered flow");
    }

    private boolean hasSides(Flow flow) {
        return score.moments().stream().anyMatch(moment -> flow.id().equals(moment.flow()) && moment.side() != null);
    }

    /** Three rounds, and each is another than the one before. */
    private boolean isLayered(Flow flow) {
        if (flow.settings().rounds() < 3) return false;
        List<List<String>> rounds = new ArrayList<>();
        for (Moment moment : score.moments()) {
            if (!flow.id().equals(moment.flow()) || moment.round() == null) continue;
            while (rounds.size() < moment.round()) rounds.add(new ArrayList<>());
            boolean held = moment.kind() != Moment.Kind.MOVEMENT;
            rounds.get(moment.round() - 1).add(moment.pose() + (held ? " " + moment.workMs() : ""));
        }
        return !rounds.get(0).equals(rounds.get(1)) && !rounds.get(1).equals(rounds.get(2));
    }

    /** The dose of a range at its chosen value, for telling a draft. */
    static Dose chosen(Dose dose) {
        return dose.at(Dose.Reading.CHOSEN);
    }
}
