package gurukram.core.compose.parts;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.Pose;
import gurukram.core.score.Score;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * The phrases of a class, joined: what every class has first, then one after another what there is time for. Between two of
 * them the room comes back to where it is at home.
 */
public final class PhrasePart {
    /** What of a class is kept for what no phrase prepares. */
    private static final int KEPT_PERCENT = 12;
    /** And so much more each time the class was too long with it. */
    private static final int KEPT_MORE_PERCENT = 8;

    private static final int CHOICES = 4;
    private static final double MOSTLY = 0.75;
    private static final double CHAIN_FIRST = 0.5;
    private static final int ON_HANDS = 20;
    private static final int MANY_LOADS = 6;
    private static final double SELDOM = 0.4;
    private static final long ROOM_MS = 40_000;
    /** What single holds that prepare a peak take up. */
    private static final long LEFT_FOR_LESSON_MS = 180_000;

    private static final List<SectionRole> INSTEAD_OF_HOLDS = List.of(
            SectionRole.STANDING,
            SectionRole.BALANCE,
            SectionRole.STANDING,
            SectionRole.FLOOR,
            SectionRole.WARM_UP,
            SectionRole.STANDING,
            SectionRole.FLOOR);

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;
    private final Phrases phrases;
    private final FlowShare flowing;
    private final Joints joints;
    private final SalutePart salutes;
    private final MainPhrase main;
    private final TimeLeft time;

    public PhrasePart(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
        this.phrases = new Phrases(attempt);
        this.flowing = new FlowShare(brief, attempt.clock());
        this.joints = new Joints(attempt);
        this.salutes = new SalutePart(attempt, phrases, joints);
        this.main = new MainPhrase(attempt, phrases, joints);
        this.time = new TimeLeft(attempt);
    }

    /**
     * What a class is not without: a salutation; in a vinyasa class the phrase that leads to the peak and one that begins as it
     * does, in a hatha class a chain on each side; one leg where the peak asks for it; and a quiet chain at the end.
     */
    public void putFirst() {
        boolean roomy = brief.minutes() >= Attempt.ROOMY && attempt.tightness() < 2;
        boolean kept = sketch.entries(SectionRole.STANDING).stream().anyMatch(e -> e.item() instanceof Flow);
        // what comes back from the class before has the hands before the salutation has
        boolean again = attempt.isVinyasa() && !kept && brief.build();
        if (again) main.put(asLong());
        if (brief.flavour() != Flavour.RESTFUL && !attempt.has(SectionRole.SALUTATIONS) && attempt.tightness() < 3)
            salutes.salute();
        if (attempt.isVinyasa() && !kept) {
            if (!again) main.put(asLong());
            if (brief.minutes() >= Attempt.ROOMY && Attempt.leadsOffTheFloor(attempt.goal())) onTheHands();
            for (int i = 0; roomy && i < CHOICES; i++) if (whereItFits(this::quoting, 0)) break;
        } else if (roomy && !kept) {
            chain(SectionRole.STANDING);
        }
        Pose peak = attempt.peak();
        if (peak != null && roomy && attempt.tightness() == 0) {
            boolean oneLeg = peak.demands(Action.ONE_LEG_BALANCE) >= 2 && !attempt.has(SectionRole.BALANCE);
            if (oneLeg && (attempt.isVinyasa() || attempt.dice().at("one leg") < MOSTLY))
                whereItFits(() -> pieceOf(SectionRole.BALANCE), 0);
            if (attempt.peakIsLow() && !attempt.has(SectionRole.FLOOR))
                whereItFits(() -> pieceOf(SectionRole.FLOOR), 0);
        }
        boolean later = attempt.isVinyasa() && attempt.tightness() > 1;
        if (!attempt.has(SectionRole.COOL_DOWN) && !later) chain(SectionRole.COOL_DOWN);
    }

    /** Before what the hands carry: a warm-up on them, and strength. */
    private void onTheHands() {
        ToDoubleFunction<PhraseLine> carried = line -> Math.min(ON_HANDS, ON_HANDS * line.wristLoads() / MANY_LOADS);
        whereItFits(() -> phrase(SectionRole.STRENGTH, carried), 0);
        whereItFits(() -> phrase(SectionRole.WARM_UP, carried), 0);
    }

    private void pieceOf(SectionRole part) {
        if (attempt.isVinyasa() || attempt.dice().at("flow or chain " + part) < SELDOM) phrase(part, line -> 0);
        else chain(part);
    }

    /** What there is time for, in the order of what would be missed most; each only where it still fits. */
    public void putMore() {
        Deque<Runnable> more = new ArrayDeque<>(attempt.isVinyasa() ? vinyasa() : hatha());
        int tight = attempt.tightness();
        for (int left = more.size() - 2 * tight; left > 0; left--) whereItFits(more.removeFirst());
    }

    private List<Runnable> vinyasa() {
        List<Runnable> more = new ArrayList<>();
        more.add(() -> phrase(SectionRole.WARM_UP, line -> 0));
        if (brief.wishes().contains(Wish.MORE_FLOOR)) more.add(() -> phrase(SectionRole.FLOOR, line -> 0));
        if (!attempt.has(SectionRole.BALANCE)) more.add(() -> phrase(SectionRole.BALANCE, line -> 0));
        if (brief.minutes() >= Attempt.ROOMY) more.add(salutes::onceMore);
        if (!attempt.has(SectionRole.FLOOR)) more.add(() -> phrase(SectionRole.FLOOR, line -> 0));
        if (brief.minutes() >= 60) more.add(salutes::salute);
        more.add(() -> phrase(SectionRole.STANDING, line -> 0));
        more.add(() -> chain(SectionRole.COOL_DOWN));
        if (brief.minutes() >= 75) more.add(() -> phrase(SectionRole.STANDING, line -> 0));
        if (brief.minutes() >= 75) more.add(() -> phrase(SectionRole.WARM_UP, line -> 0));
        if (brief.minutes() >= 75) more.add(() -> phrase(SectionRole.STRENGTH, line -> 0));
        if (brief.minutes() >= 90) more.add(() -> phrase(SectionRole.FLOOR, line -> 0));
        if (brief.minutes() >= 75) more.add(() -> chain(SectionRole.BALANCE));
        if (brief.minutes() >= 75) more.add(() -> chain(SectionRole.FLOOR));
        return more;
    }

    private List<Runnable> hatha() {
        List<Runnable> more = new ArrayList<>();
        more.add(() -> phrase(SectionRole.WARM_UP, line -> 0));
        // behind the peak there is little room in a short class
        boolean behind = brief.minutes() < Attempt.ROOMY && attempt.peak() != null && !attempt.peakIsLow();
        if (behind) more.add(() -> chain(SectionRole.STANDING));
        else if (!attempt.has(SectionRole.FLOOR)) more.add(() -> chain(SectionRole.FLOOR));
        if (!attempt.has(SectionRole.BALANCE) && brief.minutes() >= 60) more.add(() -> chain(SectionRole.BALANCE));
        if (brief.minutes() >= 60) more.add(() -> chain(SectionRole.COOL_DOWN));
        if (brief.minutes() >= 75) more.add(() -> chain(SectionRole.STANDING));
        if (brief.minutes() >= 75) more.add(() -> phrase(SectionRole.STANDING, line -> 0));
        if (brief.minutes() >= 90) more.add(() -> chain(SectionRole.FLOOR));
        return more;
    }

    /** Puts a flow in, and takes it out again where the class would be too long with it; false also where there is none to put in. */
    private boolean whereItFits(Runnable put) {
        return whereItFits(put, ROOM_MS);
    }

    /** @param kept what is to be left of the slot with it, ms */
    private boolean whereItFits(Runnable put, long kept) {
        List<PhraseLine> before = phrases.taken();
        Sketch.Mark mark = sketch.mark();
        int flows = flowing.flows(sketch.plan());
        put.run();
        long most = attempt.clock().slotMs() - kept;
        ClassPlan plan = sketch.plan();
        Score score = attempt.clock().score(plan);
        boolean fits = score.totalMs() <= most && !flowing.tooMuch(plan, score);
        if (fits && flowing.flows(plan) > flows) return true;
        sketch.backTo(mark);
        List<PhraseLine> now = phrases.taken();
        now.subList(before.size(), now.size()).forEach(phrases::giveBack);
        return false;
    }

    /** For a class that is there already: the phrase that leads to the peak, and more that flows or a chain, where there is room. */
    public void leadThere() {
        whereItFits(() -> main.put(asLong()), LEFT_FOR_LESSON_MS);
        if (attempt.tightness() > 0) return;
        if (attempt.isVinyasa()) flow(List.of(SectionRole.STANDING, SectionRole.BALANCE), LEFT_FOR_LESSON_MS);
        else whereItFits(() -> chain(SectionRole.STANDING), LEFT_FOR_LESSON_MS);
        whereItFits(() -> chain(SectionRole.COOL_DOWN), LEFT_FOR_LESSON_MS);
    }

    /** In a vinyasa class phrases, before anything is held, until it flows as much as is usual; what they prepare need not be held. */
    public void flowFirst() {
        if (!attempt.isVinyasa() || brief.flavour() == Flavour.RESTFUL) return;
        long kept = attempt.clock().slotMs() * (KEPT_PERCENT + KEPT_MORE_PERCENT * attempt.tightness()) / 100;
        boolean low = brief.wishes().contains(Wish.MORE_FLOOR);
        if (low) whereItFits(() -> chain(SectionRole.FLOOR), kept);
        if (low) whereItFits(() -> phrase(SectionRole.FLOOR, line -> 0), kept);
        boolean chainFirst = attempt.dice().at("chain first") < CHAIN_FIRST;
        if (chainFirst && brief.minutes() >= 60) whereItFits(() -> chain(SectionRole.STANDING), kept);
        flow(List.of(SectionRole.WARM_UP, SectionRole.STANDING, SectionRole.STANDING, SectionRole.BALANCE), kept);
        if (!chainFirst && brief.minutes() >= Attempt.ROOMY) whereItFits(() -> chain(SectionRole.STANDING), kept);
    }

    /** What is still missing of flow where there is room for it, or where less has to be held then. */
    public void flowOn(PreparationPart preparation) {
        if (brief.flavour() == Flavour.RESTFUL) return;
        flow(
                List.of(SectionRole.WARM_UP, SectionRole.STANDING, SectionRole.BALANCE, SectionRole.FLOOR),
                time.littleRoom());
        boolean quoting = attempt.isVinyasa() && brief.minutes() >= Attempt.ROOMY && !quotes();
        for (int i = 0; i < CHOICES && (quoting || !flowing.enough(sketch.plan())); i++)
            if (whereItFits(() -> salutes.salute(time.left(time.littleRoom())), time.littleRoom())) break;
        insteadOfHolds(preparation);
    }

    /** Where it flows less than is usual: a phrase more, and what is held before the peak and at the end as that leaves it. */
    private void insteadOfHolds(PreparationPart preparation) {
        Set<SectionRole> tried = EnumSet.noneOf(SectionRole.class);
        for (SectionRole part : INSTEAD_OF_HOLDS) {
            // where nothing fitted nothing fits before something else has changed
            boolean again = !tried.add(part);
            for (int i = 0; i < CHOICES && !again; i++) {
                if (flowing.enough(sketch.plan())) return;
                int before = phrases.tried();
                Set<NodeId> held = preparation.held();
                boolean prepared = preparation.isPrepared();
                Sketch.Mark mark = sketch.mark();
                if (whereItFits(
                        () -> {
                            time.singles(SectionRole.COOL_DOWN).forEach(e -> sketch.remove(SectionRole.COOL_DOWN, e));
                            preparation.without();
                            int flows = flowing.flows(sketch.plan());
                            phrase(part, asLong(), time.left(time.littleRoom()));
                            if (flowing.flows(sketch.plan()) > flows && !preparation.put()) sketch.backTo(mark);
                        },
                        time.roomWithoutSingles())) {
                    tried.clear();
                    break;
                }
                preparation.backTo(held, prepared);
                if (phrases.tried() == before) break;
            }
        }
    }

    /** Phrases of these parts, one after another, until it flows enough; where the best does not fit, others are tried. */
    private void flow(List<SectionRole> parts, long kept) {
        for (SectionRole part : parts) {
            if (flowing.enough(sketch.plan())) return;
            ToDoubleFunction<PhraseLine> asLong = asLong();
            for (int i = 0; i < CHOICES; i++) {
                int tried = phrases.tried();
                boolean done = whereItFits(
                        () -> phrase(
                                part, line -> quotesLast(part, line) + asLong.applyAsDouble(line), time.left(kept)),
                        kept);
                // none is short enough
                if (done || phrases.tried() == tried) break;
            }
        }
    }

    /** Where no two flows begin alike yet, one that begins as the last of its part does comes before others. */
    private double quotesLast(SectionRole part, PhraseLine line) {
        if (!attempt.isVinyasa() || quotes()) return 0;
        List<String> last = List.of();
        for (Sketch.Entry entry : sketch.entries(part))
            if (entry.item() instanceof Flow flow && flow.settings().rounds() > 1) last = flow.poses();
        return Phrases.shared(last, phrases.stepsOf(line)) >= Phrases.QUOTED ? Phrases.QUOTES : 0;
    }

    /** Where few flows are to be had any more, short ones are not enough. */
    private ToDoubleFunction<PhraseLine> asLong() {
        long each = flowing.eachMs(sketch.plan());
        return line -> -Math.max(0, each - line.lengthMs()) / Phrases.SHORTER_MS;
    }

    /** Whether two flows that follow each other begin alike. */
    private boolean quotes() {
        for (SectionRole part : sketch.order()) {
            Flow last = null;
            for (Sketch.Entry entry : sketch.entries(part)) {
                if (!(entry.item() instanceof Flow flow) || flow.settings().rounds() < 2) continue;
                if (last != null && Phrases.shared(last.poses(), flow.poses()) >= Phrases.QUOTED) return true;
                last = flow;
            }
        }
        return false;
    }

    /** A second phrase that begins as the first did, so that the room knows where it is. */
    private void quoting() {
        phrase(
                SectionRole.STANDING,
                line -> main.line() != null && phrases.shared(line, main.line()) >= Phrases.QUOTED
                        ? Phrases.QUOTES
                        : 0);
    }

    /** Of two flows that begin alike and follow each other the longer one comes second: it goes on where the shorter stopped. */
    public void shorterFirst() {
        List<Sketch.Entry> flows = sketch.entries(SectionRole.STANDING).stream()
                .filter(entry -> entry.item() instanceof Flow)
                .toList();
        for (int i = 1; i < flows.size(); i++) {
            Flow first = (Flow) flows.get(i - 1).item();
            Flow second = (Flow) flows.get(i).item();
            List<String> a = first.poses();
            List<String> b = second.poses();
            boolean alike = Phrases.shared(a, b) >= Phrases.QUOTED && base(a, 0) == base(b, 0);
            if (!alike || base(a, a.size() - 1) != base(b, b.size() - 1) || b.size() >= a.size()) continue;
            // the later first: an entry is found by what is in it
            sketch.replace(SectionRole.STANDING, flows.get(i), first);
            sketch.replace(SectionRole.STANDING, flows.get(i - 1), second);
            return;
        }
    }

    private Base base(List<String> poses, int at) {
        return attempt.catalogue().pose(poses.get(at)).base();
    }

    private void phrase(SectionRole part, ToDoubleFunction<PhraseLine> more) {
        phrase(part, more, Long.MAX_VALUE);
    }

    /** @param left how long it may be, ms */
    private void phrase(SectionRole part, ToDoubleFunction<PhraseLine> more, long left) {
        long most = part == SectionRole.WARM_UP ? Math.min(left, time.warmUpLeft()) : left;
        Predicate<PhraseLine> which =
                line -> Phrases.isIn(line, part, Phrase.Kind.FLOW) && staysUp(part, line) && line.lengthMs() <= most;
        phrases.take(which, line -> more.applyAsDouble(line) - joints.away(part, line))
                .ifPresent(taken -> joints.join(part, taken.flow(), taken.line()));
    }

    /** Before a standing peak nobody lies down between two standing flows, but for what leads there. */
    private boolean staysUp(SectionRole part, PhraseLine line) {
        return part != SectionRole.STANDING
                || attempt.peakIsLow()
                || !Places.isFloor(line.startsBase())
                || phrases.leads(line.phrase());
    }

    private void chain(SectionRole part) {
        long most = time.mostOfChain(part);
        Predicate<PhraseLine> which = line -> Phrases.isIn(line, part, Phrase.Kind.CHAIN) && line.lengthMs() <= most;
        phrases.take(which, line -> -joints.away(part, line))
                .ifPresent(taken -> joints.join(part, taken.flow(), taken.line()));
    }

    /** The room comes home between its parts, also in a short class. */
    public void comeHome() {
        joints.comeHome();
    }

    /** Who has warmed up lying comes up before standing up, and who stands at the end comes down before lying down. */
    public void upAndDownAgain() {
        joints.upAgain();
        joints.downAgain();
    }
}
