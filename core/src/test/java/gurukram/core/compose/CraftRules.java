package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.compose.Compositions.UNFOLDER;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.check.Finding;
import gurukram.core.check.Severity;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.search.Way;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Stage;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** The rules of craft by their numbers, each looked at on the score by itself and from its words; which of them a draft breaks, and where. */
final class CraftRules {
    private static final Set<Base> UPRIGHT = EnumSet.of(Base.STANDING, Base.LUNGE, Base.SQUAT);
    private static final Set<Base> LOW = EnumSet.of(Base.SUPINE, Base.SEATED, Base.CHILD, Base.PRONE, Base.SIDE_LYING);
    private static final Set<Base> LYING = EnumSet.of(Base.SUPINE, Base.PRONE, Base.SIDE_LYING);
    private static final Set<String> NEUTRAL =
            Set.of("downward-dog", "mountain", "table", "childs-pose", "staff", "constructive-rest", "prayer-stand");
    private static final Set<String> MAY_STAY =
            Set.of("mountain", "tree-toes-down", "standing-fold", "ragdoll", "prayer-stand");
    /** What every salutation and every flow of warriors has. */
    private static final Set<String> DAILY = Set.of(
            "chair",
            "plank",
            "low-push-up",
            "low-push-ups-knees",
            "upward-dog",
            "eight-points",
            "warrior-1",
            "warrior-2",
            "horse-stance",
            "goddess",
            "reverse-warrior");

    /** A movement of every salutation, also where it is the peak. */
    private static final Set<String> DAILY_PEAKS = Set.of("downward-dog", "plank", "low-push-up", "chair");

    private static final Set<SectionRole> FRAME =
            EnumSet.of(SectionRole.ARRIVE, SectionRole.BREATHE, SectionRole.REST, SectionRole.CLOSE, SectionRole.TALK);

    /** What each rule asks, for those who read the table. */
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("1", "in and out on their breath"),
            Map.entry("2", "one change of leg in half a breath"),
            Map.entry("3", "nothing strong comes first on half a breath"),
            Map.entry("4", "what is held is entered on the breath"),
            Map.entry("5", "nobody lies down between upright holds"),
            Map.entry("5 trips", "down to the floor once, beginners twice"),
            Map.entry("5.4", "the peak is not done on a breath before its lesson"),
            Map.entry("6", "bases change in at most 45 % of the holds"),
            Map.entry("8", "flows join where they end"),
            Map.entry("9", "two flows begin alike"),
            Map.entry("10", "no two resets in a row"),
            Map.entry("12", "no opposites next to each other"),
            Map.entry("13", "no round is like the one before"),
            Map.entry("14", "a third round is longer than the first"),
            Map.entry("15", "a third of the last round is held"),
            Map.entry("19", "nothing is held that one only passes through"),
            Map.entry("20", "19 of 20 doses are those a mouth counts"),
            Map.entry("20 each", "all of them are"),
            Map.entry("21", "a usual hold is as usual"),
            Map.entry("22", "some holds on a side before it changes"),
            Map.entry("22 legs", "the leg changes in at most 70 % of the holds"),
            Map.entry("26 home", "home three times or more"),
            Map.entry("28", "time in flows as usual"),
            Map.entry("29", "so many flows as can be remembered"),
            Map.entry("30 spine", "the spine six ways"),
            Map.entry("30 wrists", "warm wrists before weight on the hands"),
            Map.entry("30 gentle", "a gentle warm-up"),
            Map.entry("31", "the peak in the third quarter"),
            Map.entry(
                    "31 waves",
                    "effort rises to the peak in two or three waves; to a quiet peak, or in a quiet class, in one, in a long one in four"),
            Map.entry("32", "two rungs in the quarter of an hour before the peak"),
            Map.entry("33", "no other base between the last rung and the peak"),
            Map.entry("34", "mild poses after the peak"),
            Map.entry("35 lying", "the last poses lie"),
            Map.entry("38", "three to five lines of the theme"),
            Map.entry("40", "every flow has a name of its own"),
            Map.entry("look", "nothing to look at in the checks"));

    private final Draft draft;
    private final Score score;
    private final List<Moment> moments;
    private final Map<NodeId, Section> sections = new HashMap<>();
    private final Map<NodeId, Flow> flows = new HashMap<>();
    private final Map<String, String> broken = new TreeMap<>();

    private CraftRules(Draft draft) {
        this.draft = draft;
        this.score = UNFOLDER.unfold(draft.plan(), null);
        this.moments = score.moments().stream().filter(m -> m.pose() != null).toList();
        for (Section section : draft.plan().sections()) {
            sections.put(section.id(), section);
            for (Item item : section.items()) if (item instanceof Flow flow) flows.put(flow.id(), flow);
        }
    }

    /** The rules a draft breaks, by number, and what breaks them first. */
    static Map<String, String> broken(Draft draft) {
        CraftRules rules = new CraftRules(draft);
        rules.breathAndFirsts();
        rules.enteredAndTravel();
        rules.joined();
        rules.findings();
        rules.rounds();
        rules.holdsAndSides();
        rules.warmUp();
        rules.peak();
        rules.coolDownAndEnd();
        rules.theme();
        return rules.broken;
    }

    private void breaks(String rule, String what) {
        broken.putIfAbsent(rule, what);
    }

    private Pose pose(Moment moment) {
        return CATALOGUE.pose(Objects.requireNonNull(moment.pose()));
    }

    private SectionRole role(Moment moment) {
        return sections.get(moment.section()).role();
    }

    private boolean isVinyasa() {
        return draft.brief().style() == Style.VINYASA;
    }

    private static boolean isMove(Moment moment) {
        return moment.kind() == Moment.Kind.MOVEMENT;
    }

    private static boolean isHold(Moment moment) {
        return moment.kind() == Moment.Kind.HOLD;
    }

    private boolean isEveryday(Pose pose) {
        return Set.of("lunges", "dogs").contains(pose.family())
                || DAILY.contains(pose.id())
                || pose.depth() <= 2 && pose.effort() <= 3;
    }

    /** 3. */
    private void breathAndFirsts() {
        Set<String> seen = new HashSet<>();
        int others = 0;
        for (Moment moment : moments) {
            Pose pose = pose(moment);
            boolean first = seen.add(pose.id());
            if (!first || !isMove(moment) || isEveryday(pose)) continue;
            if (pose.depth() >= 3 || pose.demands(Action.ONE_LEG_BALANCE) >= 2)
                breaks("3", pose.id() + " comes first on a half-breath");
            else if (++others > 2) breaks("3", pose.id() + " is the third new strong pose on a half-breath");
        }
    }

    /** 4, 5. */
    private void enteredAndTravel() {
        int held = 0;
        int near = 0;
        for (int i = 1; i < moments.size(); i++) {
            Moment moment = moments.get(i);
            Moment before = moments.get(i - 1);
            if (!isHold(moment) || moment.flow() == null || !moment.flow().equals(before.flow())) continue;
            if (flows.get(moment.flow()).settings().rounds() < 2) continue;
            held++;
            Pose now = pose(moment);
            Pose last = pose(before);
            boolean tied = now.equals(last)
                    || now.ties().easier().contains(last.id())
                    || now.ties().harder().contains(last.id())
                    || last.ties().next().contains(now.id())
                    || now.ties().next().contains(last.id());
            if (tied || moment.settingUpMs() >= 3_000) near++;
        }
        if (held > 0 && near * 10 < held * 8) breaks("4", near + " of " + held + " holds are entered");
        boolean standing = false;
        int firstUp = -1;
        int lastUp = -1;
        for (int i = 0; i < moments.size(); i++) {
            if (!isHold(moments.get(i)) || !isMain(moments.get(i))) continue;
            if (isUp(pose(moments.get(i)))) {
                if (firstUp < 0) firstUp = i;
                lastUp = i;
            }
        }
        int between = 0;
        int descents = 0;
        boolean up = false;
        for (int i = 0; i < moments.size(); i++) {
            Moment moment = moments.get(i);
            if (!isHold(moment)) continue;
            boolean low = LOW.contains(pose(moment).base());
            if (low && up && !FRAME.contains(role(moment))) descents++;
            if (low || isUp(pose(moment))) up = !low;
            if (low && moment.flow() == null && i > firstUp && i < lastUp) {
                between++;
                if (between == 1) breaks("5", pose(moment).id() + " in " + role(moment) + " between upright holds");
            }
        }
        int most = draft.brief().level() == Level.BEGINNER ? 2 : 1;
        if (descents > most) breaks("5 trips", descents + " times down to the floor");
    }

    /** A knee on the floor under an upright trunk is neither up nor down, nor is a lunge on the forearms. */
    private static boolean isUp(Pose pose) {
        List<Mechanism> mechanisms = pose.facts().mechanisms();
        return UPRIGHT.contains(pose.base())
                && !mechanisms.contains(Mechanism.KNEEL)
                && !mechanisms.contains(Mechanism.FOREARMS);
    }

    private boolean isMain(Moment moment) {
        return EnumSet.of(
                        SectionRole.SALUTATIONS,
                        SectionRole.STANDING,
                        SectionRole.BALANCE,
                        SectionRole.STRENGTH,
                        SectionRole.PEAK)
                .contains(role(moment));
    }

    /** 7 to 10: how flows follow each other. */
    private void joined() {
        int quotes = 0;
        for (Section section : draft.plan().sections()) {
            Flow last = null;
            List<String> between = new ArrayList<>();
            for (Item item : section.items()) {
                if (item instanceof Flow flow) {
                    if (last != null) join(last, between, flow);
                    if (last != null && shared(last, flow) >= 2) quotes++;
                    last = flow;
                    between.clear();
                } else if (((Step) item).pose() != null) between.add(((Step) item).pose());
            }
        }
        if (isVinyasa() && draft.brief().minutes() >= 45 && quotes == 0) breaks("9", "no two flows begin alike");
        Moment reset = null;
        for (Moment moment : moments) {
            if (!isMain(moment)) continue;
            boolean home = isHold(moment) && moment.flow() == null && NEUTRAL.contains(moment.pose());
            // a pose and its stages are one
            boolean same = reset != null && reset.node().equals(moment.node());
            if (home && reset != null && !same) breaks("10", reset.pose() + " and " + moment.pose() + " in a row");
            reset = home ? moment : null;
        }
    }

    private static int shared(Flow a, Flow b) {
        int same = 0;
        while (same < Math.min(a.steps().size(), b.steps().size())
                && Objects.equals(
                        a.steps().get(same).pose(), b.steps().get(same).pose())) same++;
        return same;
    }

    private void join(Flow from, List<String> between, Flow to) {
        String end = from.steps().get(from.steps().size() - 1).pose();
        String start = to.steps().get(0).pose();
        if (end == null || start == null) return;
        boolean same =
                Way.legs(CATALOGUE.pose(end).base(), CATALOGUE.pose(start).base()) <= 1;
        boolean neutral = between.stream().anyMatch(NEUTRAL::contains);
        if (!same && !neutral && between.isEmpty())
            breaks(
                    "8",
                    from.settings().name() + " (" + end + ") → " + to.settings().name() + " (" + start + ")");
    }

    /** 1, 2, 12: what the checks say of breath, feet and what stands next to what. */
    private void findings() {
        Map<String, String> byRule = Map.of(
                "breath-clash", "1",
                "foot-step", "2",
                "opposites", "12",
                "stretch-before-strength", "12",
                "one-leg", "12",
                "cold-wrists", "12");
        for (Finding finding : draft.report().findings()) {
            String rule = byRule.get(finding.rule());
            if (rule != null && finding.severity() != Severity.INFO) breaks(rule, finding.what());
            if (finding.severity() != Severity.INFO) breaks("look", finding.rule() + ": " + finding.what());
        }
    }

    /** 11, 13 to 17, 28, 29. */
    private void rounds() {
        long practice = 0;
        long flowing = 0;
        Map<NodeId, Long> ms = new HashMap<>();
        for (Moment moment : score.moments()) {
            if (EnumSet.of(SectionRole.ARRIVE, SectionRole.REST, SectionRole.CLOSE)
                    .contains(role(moment))) continue;
            practice += moment.lengthMs();
            Flow flow = moment.flow() == null ? null : flows.get(moment.flow());
            if (flow == null || flow.settings().rounds() < 2) continue;
            flowing += moment.lengthMs();
            ms.merge(flow.id(), moment.lengthMs(), Long::sum);
        }
        double share = 100.0 * flowing / Math.max(1, practice);
        int level = draft.brief().level().ordinal();
        double least = isVinyasa() ? new double[] {30, 45, 50}[level] : new double[] {10, 15, 15}[level];
        double most = isVinyasa() ? new double[] {45, 60, 65}[level] : new double[] {20, 30, 30}[level];
        if (share < least - 0.5 || share > most + 0.5) breaks("28", "%.0f %% flows".formatted(share));
        int minutes = draft.brief().minutes();
        int fewest = isVinyasa() ? (minutes >= 90 ? 5 : minutes >= 60 ? 4 : minutes >= 45 ? 3 : 2) : 1;
        int mostFlows = isVinyasa() ? (minutes >= 90 ? 12 : minutes >= 60 ? 9 : 7) : 6;
        if (ms.size() < fewest || ms.size() > mostFlows) breaks("29", ms.size() + " flows");
        ms.forEach((id, length) -> {
            if (minutes >= 45 && length * 5 > score.totalMs())
                breaks("29", flows.get(id).settings().name() + " is more than a fifth of the class");
        });
        for (Flow flow : flows.values()) if (flow.settings().rounds() == 3) grows(flow);
    }

    private void grows(Flow flow) {
        Map<Integer, Long> lengths = new TreeMap<>();
        Map<Integer, Long> held = new TreeMap<>();
        Map<Integer, Integer> moves = new TreeMap<>();
        Map<Integer, List<String>> done = new TreeMap<>();
        for (Moment moment : moments) {
            if (!flow.id().equals(moment.flow()) || moment.round() == null) continue;
            lengths.merge(moment.round(), moment.lengthMs(), Long::sum);
            moves.merge(moment.round(), 1, Integer::sum);
            if (!isMove(moment)) held.merge(moment.round(), moment.lengthMs(), Long::sum);
            done.computeIfAbsent(moment.round(), r -> new ArrayList<>())
                    .add(moment.pose() + (isMove(moment) ? "" : " " + moment.workMs()));
        }
        String name = flow.settings().name();
        // cow and cat in waves warm the spine and are no flow that grows
        if (done.size() < 3 || flow.steps().size() < 3) return;
        // the lists of twelve positions are done the same way each time
        if (name.startsWith("Twelve positions")) return;
        for (int round = 2; round <= 3; round++)
            if (done.get(round).equals(done.get(round - 1)))
                breaks("13", name + ": round " + round + " like the one before");
        double growth = lengths.get(3) / (double) lengths.get(1);
        boolean learned = !flow.settings().pace().modes().isEmpty();
        if (!learned && (growth < 1.2 || growth > 4.8)) breaks("14", "%s grows %.1f".formatted(name, growth));
        double part = held.getOrDefault(3, 0L) / (double) lengths.get(3);
        if (!name.isEmpty() && part < 0.295) breaks("15", "%s: %.0f %% of round 3 is held".formatted(name, 100 * part));
    }

    /** 6, 19 to 22, 24. */
    private void holdsAndSides() {
        List<Moment> holds = moments.stream()
                .filter(m -> isHold(m) && m.workMs() >= 4_000 && !FRAME.contains(role(m)))
                .toList();
        int changes = 0;
        for (int i = 1; i < holds.size(); i++)
            if (pose(holds.get(i)).base() != pose(holds.get(i - 1)).base()) changes++;
        if (holds.size() > 1 && changes * 100 > 45 * (holds.size() - 1)) breaks("6", changes + " of " + holds.size());
        for (Moment hold : holds) {
            Pose pose = pose(hold);
            boolean small = pose.base() == Base.STANDING && pose.effort() <= 2 && !MAY_STAY.contains(pose.id());
            if (small
                    && hold.breaths() != null
                    && hold.breaths() > 3
                    && pose.family().equals("standing folds")) breaks("19", pose.id() + " for " + hold.breaths());
            boolean filler = Set.of("half-lift", "raised-arms").contains(pose.id());
            if (filler && hold.breaths() != null && hold.breaths() > 3)
                breaks("19", pose.id() + " for " + hold.breaths());
        }
        doses();
        Side last = null;
        int runs = 0;
        int sided = 0;
        for (Moment hold : holds) {
            if (hold.side() == null) continue;
            sided++;
            if (hold.side() != last) runs++;
            last = hold.side();
        }
        if (sided < 2) return;
        boolean beginner = draft.brief().level() == Level.BEGINNER;
        double run = sided / (double) runs;
        double least = beginner ? 1 : isVinyasa() ? 1.4 : 1.5;
        if (run < least - 0.05 || run > 4) breaks("22", "runs of %.2f".formatted(run));
        if (!beginner && (runs - 1) * 100 > 70 * (sided - 1))
            breaks("22 legs", "%d of %d".formatted(runs - 1, sided - 1));
    }

    private void doses() {
        int all = 0;
        int counted = 0;
        List<Integer> breaths = new ArrayList<>();
        for (Section section : draft.plan().sections()) {
            if (FRAME.contains(section.role())) continue;
            for (Item item : section.items()) {
                for (Step step : item instanceof Flow flow ? flow.steps() : List.of((Step) item)) {
                    if (!(step.dose().at(Dose.Reading.CHOSEN) instanceof Dose.Breaths dose)) continue;
                    all++;
                    breaths.add(dose.breaths());
                    if (Set.of(1, 2, 3, 5, 8, 10).contains(dose.breaths())) counted++;
                    else breaks("20 each", dose.breaths() + " breaths of " + step.pose());
                }
            }
        }
        if (counted * 100 < 95 * all) breaks("20", counted + " of " + all);
        breaths.sort(null);
        int median = breaths.isEmpty() ? 3 : breaths.get(breaths.size() / 2);
        if (isVinyasa() && (median < 1 || median > 3) || !isVinyasa() && (median < 3 || median > 8))
            breaks("21", "the middle hold is " + median);
    }

    /** 30. */
    private void warmUp() {
        Set<String> spine = new HashSet<>();
        long wrists = 0;
        boolean carried = false;
        boolean before = true;
        for (Moment moment : moments) {
            Pose pose = pose(moment);
            boolean warm = role(moment) == SectionRole.WARM_UP;
            if (warm && before) {
                switch (pose.spine()) {
                    case FORWARD, BACK -> spine.add(pose.spine().name());
                    case SIDE, TURNED -> {
                        if (moment.side() != null) spine.add(pose.spine() + " " + moment.side());
                    }
                    case NEUTRAL -> {}
                }
                if (pose.effort() > 3 && !isMove(moment) || pose.depth() > 2)
                    breaks("30 gentle", pose.id() + " " + pose.effort() + "/" + pose.depth());
            }
            if (pose.id().startsWith("wrist-")) wrists += moment.workMs();
            boolean leans = pose.wristLoad()
                    && EnumSet.of(Base.PLANK, Base.ARM_BALANCE, Base.DOG).contains(pose.base());
            if (leans && !carried) {
                carried = true;
                if (wrists < 30_000) breaks("30 wrists", pose.id() + " with " + wrists / 1000 + " s of wrists");
            }
            if (role(moment) == SectionRole.SALUTATIONS) before = false;
        }
        if (spine.size() < 6) breaks("30 spine", spine.toString());
    }

    /** 31 to 34. */
    private void peak() {
        if (draft.goal() == null) return;
        Pose peak = draft.goal().pose();
        int at = -1;
        for (int i = 0; i < moments.size() && at < 0; i++)
            if (role(moments.get(i)) == SectionRole.PEAK
                    && peak.id().equals(moments.get(i).pose())) at = i;
        if (at < 0) {
            breaks("31", "no peak");
            return;
        }
        double where = 100.0 * moments.get(at).startMs() / score.totalMs();
        if (where < 44.5 || where > 77.5) breaks("31", "%.0f %%".formatted(where));
        rungs(peak, at);
        for (int i = 0; i < at; i++)
            if (peak.id().equals(moments.get(i).pose())
                    && isMove(moments.get(i))
                    && peak.effort() >= 3
                    && !DAILY_PEAKS.contains(peak.id()))
                breaks("5.4", peak.id() + " on a half-breath before its lesson");
        int end = at;
        for (int i = at; i < moments.size(); i++) if (role(moments.get(i)) == SectionRole.PEAK) end = i;
        waves(moments.get(end).endMs());
        for (int i = end + 1; i < Math.min(moments.size(), end + 3); i++)
            if (pose(moments.get(i)).depth() > 2)
                breaks("34", pose(moments.get(i)).id() + " right after the peak");
        if (end + 1 < moments.size() && isDeepAgainst(peak, pose(moments.get(end + 1))))
            breaks("34", pose(moments.get(end + 1)).id() + " straight after " + peak.id());
    }

    /**
     * Hills of effort up to the peak, on the mean of three minutes; a valley less deep than that is none. The last three minutes have
     * the end of the peak in their middle, else the crest would be missed.
     */
    private void waves(long until) {
        double deep = 0.8;
        int seconds = (int) (Math.min(score.totalMs(), until + 90_000) / 1000);
        double[] effort = new double[seconds];
        java.util.Arrays.fill(effort, 1);
        for (Moment moment : moments) {
            double hard = moment.kind() == Moment.Kind.PAUSE ? 1 : pose(moment).effort();
            // half a point more in rounds under 3.5 s a half-breath (arithmetic.md, effort)
            if (isMove(moment) && moment.flow() != null && moment.mode() != Mode.LEARN && moment.workMs() < 3_500)
                hard = Math.min(5, hard + 0.5);
            for (long s = moment.startMs() / 1000; s < Math.min(seconds, moment.endMs() / 1000); s++)
                effort[(int) s] = hard;
        }
        List<Double> extremes = new ArrayList<>(List.of(1.0));
        for (int from = 0; from + 180 <= seconds; from += 10) {
            double mean = 0;
            for (int s = from; s < from + 180; s++) mean += effort[s] / 180;
            extremes.add(mean);
        }
        int hills = 0;
        double foot = 1;
        double top = 1;
        boolean climbed = false;
        for (double now : extremes) {
            if (climbed && top - now >= deep) {
                hills++;
                climbed = false;
                foot = now;
                top = now;
            }
            foot = Math.min(foot, now);
            top = Math.max(top, now);
            if (!climbed && now - foot >= deep) {
                climbed = true;
                top = now;
            }
        }
        if (climbed) hills++;
        boolean quiet = Objects.requireNonNull(draft.goal()).pose().effort() <= 2;
        int least = isVinyasa() && draft.brief().minutes() >= 45 && !quiet ? 2 : 1;
        // in a long class there is time to come down once more
        int most = draft.brief().minutes() >= 75 ? 4 : 3;
        if (hills < least || hills > most) breaks("31 waves", hills + " waves");
    }

    private static boolean isDeepAgainst(Pose peak, Pose next) {
        return peak.spine() == gurukram.core.body.SpineDirection.BACK
                && peak.depth() >= 3
                && next.spine() == gurukram.core.body.SpineDirection.FORWARD
                && next.depth() >= 2;
    }

    private void rungs(Pose peak, int at) {
        Set<String> ladder = new HashSet<>();
        for (Ladder one : CATALOGUE.laddersWith(peak.id())) {
            int rung = one.rungOf(peak.id());
            for (int i = 0; i < rung - 1; i++)
                if (one.rungs().get(i).pose() != null)
                    ladder.add(one.rungs().get(i).pose());
        }
        ladder.remove(peak.id());
        // what is above the level is no rung of this class
        ladder.removeIf(id -> CATALOGUE.pose(id).level().compareTo(draft.brief().level()) > 0);
        long from = moments.get(at).startMs() - 15 * 60_000;
        Set<String> done = new HashSet<>();
        int last = -1;
        for (int i = 0; i < at; i++) {
            // what goes on into the peak leads to it, whether its ladder names it or not
            boolean goesOn = pose(moments.get(i)).ties().next().contains(peak.id());
            if (ladder.contains(moments.get(i).pose()) || goesOn) last = i;
            if (!ladder.contains(moments.get(i).pose())) continue;
            if (moments.get(i).startMs() >= from) done.add(moments.get(i).pose());
        }
        if (ladder.isEmpty()) return;
        done.addAll(stagesInWords(peak));
        if (done.size() < Math.min(2, ladder.size())) breaks("32", "rungs " + done);
        int changes = 0;
        for (int i = Math.max(0, last) + 1; i <= at; i++)
            if (pose(moments.get(i)).base() != pose(moments.get(i - 1)).base()) changes++;
        if (last < 0 || changes > 1)
            breaks(
                    "33",
                    last < 0
                            ? "no rung before"
                            : changes + " bases since " + moments.get(last).pose());
    }

    /** Rungs that have no pose of their own, held on the way into the peak. */
    private Set<String> stagesInWords(Pose peak) {
        Set<String> told = new HashSet<>();
        for (Ladder ladder : CATALOGUE.laddersWith(peak.id()))
            for (Ladder.Rung rung : ladder.rungs()) if (rung.pose() == null) told.add(rung.does());
        Set<String> held = new HashSet<>();
        draft.plan().walk(node -> {
            if (node instanceof Step step && peak.id().equals(step.pose()))
                step.manner().stages().stream()
                        .map(Stage::words)
                        .filter(told::contains)
                        .forEach(held::add);
        });
        return held;
    }

    /** 35, 36. */
    private void coolDownAndEnd() {
        List<Moment> cool = moments.stream()
                .filter(m -> role(m) == SectionRole.COOL_DOWN && !isMove(m))
                .toList();
        long passive = cool.stream()
                .filter(m -> pose(m).hold() == Hold.PASSIVE)
                .mapToLong(Moment::workMs)
                .sum();
        long all = cool.stream().mapToLong(Moment::workMs).sum();
        if (all > 0 && passive * 10 < all * 6) breaks("35 passive", passive * 100 / all + " %");
        Set<String> last = new java.util.LinkedHashSet<>();
        for (int i = cool.size() - 1; i >= 0 && last.size() < 2; i--)
            last.add(cool.get(i).pose());
        for (String id : last) if (!LYING.contains(CATALOGUE.pose(id).base())) breaks("35 lying", last.toString());
        boolean twist = cool.stream().anyMatch(m -> pose(m).spine() == gurukram.core.body.SpineDirection.TURNED);
        if (!twist && draft.brief().minutes() >= 45) breaks("35 twist", "no twist");
        long rest = 0;
        boolean roll = draft.plan().sections().stream()
                .filter(section -> section.role() == SectionRole.REST)
                .flatMap(section -> section.items().stream())
                .anyMatch(item -> item instanceof Step step
                        && (step.texts().note().contains("side")
                                || CATALOGUE.pose(step.pose()).base() == Base.SIDE_LYING));
        long sit = 0;
        for (Moment moment : moments) {
            if (role(moment) == SectionRole.REST) rest += moment.workMs();
            if (role(moment) == SectionRole.CLOSE) sit += moment.workMs();
        }
        if (rest < Math.max(score.totalMs() / 25, 150_000)) breaks("36", "rest of " + rest / 1000);
        if (!roll) breaks("36 roll", "no return by the side");
        if (sit < 25_000 || sit > 130_000) breaks("36 sit", "sits for " + sit / 1000);
        if (draft.plan().settings().theme().close().isEmpty()) breaks("36 words", "no closing words");
    }

    /** 26, 37, 38, 40. */
    private void theme() {
        Set<String> names = new HashSet<>();
        for (Flow flow : flows.values()) {
            String name = flow.settings().name();
            if (name.isEmpty() && flow.settings().rounds() > 1) breaks("40", "a flow without a name");
            if (!name.isEmpty() && !names.add(name)) breaks("40", "two flows called " + name);
        }
        long home = moments.stream()
                .filter(m -> isHold(m)
                        && Set.of("downward-dog", "mountain", "childs-pose").contains(m.pose()))
                .count();
        if (home < 3) breaks("26 home", home + " times home");
        Map<SectionRole, Integer> threads = new EnumMap<>(SectionRole.class);
        draft.plan().walk(node -> {
            String thread = node instanceof Step step ? step.texts().thread() : "";
            if (!thread.isEmpty()) threads.merge(SectionRole.WARM_UP, 1, Integer::sum);
        });
        int said = threads.values().stream().mapToInt(n -> n).sum();
        if (draft.brief().theme().sentence().isEmpty() && (said < 3 || said > 5)) breaks("38", said + " lines");
    }

    /** Of many drafts, how many in a hundred keep each rule that any of them breaks, with one that breaks it. */
    static String table(List<Draft> drafts) {
        Map<String, Integer> times = new TreeMap<>();
        Map<String, String> example = new TreeMap<>();
        for (Draft draft : drafts)
            broken(draft).forEach((rule, what) -> {
                times.merge(rule, 1, Integer::sum);
                example.putIfAbsent(
                        rule,
                        "%s %d %s: %s"
                                .formatted(
                                        draft.brief().peak(),
                                        draft.brief().minutes(),
                                        draft.brief().level(),
                                        what));
            });
        StringBuilder out = new StringBuilder();
        times.forEach((rule, n) -> out.append("| %s: %s | %.0f %% | %s |%n"
                .formatted(rule, NAMES.getOrDefault(rule, ""), 100 - 100.0 * n / drafts.size(), example.get(rule))));
        return out.toString();
    }

    static double kept(List<Draft> drafts, String rule) {
        long broken =
                drafts.stream().filter(draft -> broken(draft).containsKey(rule)).count();
        return 100 - 100.0 * broken / drafts.size();
    }

    static @Nullable String example(List<Draft> drafts, String rule) {
        for (Draft draft : drafts) {
            String what = broken(draft).get(rule);
            if (what != null) return draft.brief().peak() + " " + draft.brief().minutes() + ": " + what;
        }
        return null;
    }
}
