package gurukram.core.compose.parts;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.brief.Taught;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.compose.search.Way;
import gurukram.core.dose.Dose;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The phrases of a class, joined: what every class has first, then one after another what there is time for. Between two of
 * them the room comes back to where it is at home.
 */
public final class PhrasePart {

    private static final int ROOMY = 45;
    private static final int LONG = 60;
    /** What of a class is kept for what no phrase prepares. */
    private static final int KEPT_PERCENT = 12;

    /** And so much more each time the class was too long with it. */
    private static final int KEPT_MORE_PERCENT = 8;

    private static final double AWAY = 4;
    private static final double UP = 2;
    private static final double DOWN_AGAIN = 25;
    private static final Set<Base> LOWEST = EnumSet.of(Base.SEATED, Base.SUPINE, Base.SIDE_LYING);
    private static final int LOW_LEGS = 3;
    private static final int CHOICES = 4;
    private static final int QUOTED = 2;
    private static final double QUOTES = 14;
    private static final double QUOTABLE = 5;
    private static final double MOSTLY = 0.75;
    private static final double CHAIN_FIRST = 0.5;
    private static final int ON_HANDS = 20;
    private static final int MANY_LOADS = 6;
    private static final double SPARED = 1.5;
    /** A flow of which one round of three is learned lasts so many times as long. */
    private static final double LEARNED = 1.7;

    private static final int MOST_LEARNED_PERCENT = 15;
    private static final double SELDOM = 0.4;
    private static final double LATELY = -40;
    private static final double EARLIER = -60;
    private static final int MOST_WARM_UP_PERCENT = 17;
    private static final int LEAST_COOL_DOWN_PERCENT = 10;
    private static final int MOST_COOL_DOWN_PERCENT = 20;
    private static final int USUAL_SALUTE_PERCENT = 9;
    /** Of a short class that flows. */
    private static final int MOST_SALUTE_PERCENT = 14;

    private static final double LONGER_MS = 12_000;
    private static final double SHORTER_MS = 15_000;
    private static final int MOST_LAST_CHAIN_PERCENT = 15;
    private static final int MOST_SHORT_LAST_CHAIN_PERCENT = 12;
    private static final long ROOM_MS = 40_000;
    private static final long LITTLE_ROOM_MS = 15_000;

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
    private @Nullable PhraseLine main;

    public PhrasePart(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
        this.phrases = new Phrases(attempt);
        this.flowing = new FlowShare(brief, attempt.clock());
    }

    private boolean isVinyasa() {
        return brief.style() == Style.VINYASA;
    }

    /**
     * What a class is not without: a salutation; in a vinyasa class the phrase that leads to the peak and one that begins as it
     * does, in a hatha class a chain on each side; one leg where the peak asks for it; and a quiet chain at the end.
     */
    public void putFirst() {
        boolean roomy = brief.minutes() >= ROOMY && attempt.tightness() < 2;
        boolean kept = sketch.entries(SectionRole.STANDING).stream().anyMatch(e -> e.item() instanceof Flow);
        // what comes back from the class before has the hands before the salutation has
        boolean again = isVinyasa() && !kept && brief.build();
        if (again) mainPhrase();
        if (brief.flavour() != Flavour.RESTFUL && !attempt.has(SectionRole.SALUTATIONS) && attempt.tightness() < 3)
            salute();
        if (isVinyasa() && !kept) {
            if (!again) mainPhrase();
            if (brief.minutes() >= ROOMY && leadsOffTheFloor(attempt.goal())) onTheHands();
            for (int i = 0; roomy && i < CHOICES; i++) if (whereItFits(this::quoting, 0)) break;
        } else if (roomy && !kept) {
            chain(SectionRole.STANDING);
        }
        Pose peak = attempt.peak();
        if (peak != null && roomy && attempt.tightness() == 0) {
            boolean oneLeg = peak.demands(Action.ONE_LEG_BALANCE) >= 2 && !attempt.has(SectionRole.BALANCE);
            if (oneLeg && (isVinyasa() || attempt.dice().at("one leg") < MOSTLY))
                whereItFits(() -> pieceOf(SectionRole.BALANCE), 0);
            if (attempt.peakIsLow() && !attempt.has(SectionRole.FLOOR))
                whereItFits(() -> pieceOf(SectionRole.FLOOR), 0);
        }
        boolean later = isVinyasa() && attempt.tightness() > 1;
        if (!attempt.has(SectionRole.COOL_DOWN) && !later) chain(SectionRole.COOL_DOWN);
    }

    /** Before what the hands carry: a warm-up on them, and strength. */
    private void onTheHands() {
        ToDoubleFunction<PhraseLine> carried = line -> Math.min(ON_HANDS, ON_HANDS * line.wristLoads() / MANY_LOADS);
        whereItFits(() -> phrase(SectionRole.STRENGTH, carried), 0);
        whereItFits(() -> phrase(SectionRole.WARM_UP, carried), 0);
    }

    /** What beginners' hands carry is kept for what leads to the peak. */
    private double onHands(PhraseLine line) {
        boolean spared = brief.level() == Level.BEGINNER && leadsOffTheFloor(attempt.goal());
        return spared ? SPARED * line.wristLoads() : 0;
    }

    private void pieceOf(SectionRole part) {
        if (isVinyasa() || attempt.dice().at("flow or chain " + part) < SELDOM) phrase(part, line -> 0);
        else chain(part);
    }

    /** What there is time for, in the order of what would be missed most; each only where it still fits. */
    public void putMore() {
        Deque<Runnable> more = new ArrayDeque<>(isVinyasa() ? vinyasa() : hatha());
        int tight = attempt.tightness();
        for (int left = more.size() - 2 * tight; left > 0; left--) whereItFits(more.removeFirst());
    }

    private List<Runnable> vinyasa() {
        List<Runnable> more = new ArrayList<>();
        more.add(() -> phrase(SectionRole.WARM_UP, line -> 0));
        if (brief.wishes().contains(Wish.MORE_FLOOR)) more.add(() -> phrase(SectionRole.FLOOR, line -> 0));
        if (!attempt.has(SectionRole.BALANCE)) more.add(() -> phrase(SectionRole.BALANCE, line -> 0));
        if (brief.minutes() >= ROOMY) more.add(this::onceMore);
        if (!attempt.has(SectionRole.FLOOR)) more.add(() -> phrase(SectionRole.FLOOR, line -> 0));
        if (brief.minutes() >= 60) more.add(this::salute);
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
        if (!attempt.has(SectionRole.FLOOR)) more.add(() -> chain(SectionRole.FLOOR));
        if (!attempt.has(SectionRole.BALANCE) && brief.minutes() >= 60) more.add(() -> chain(SectionRole.BALANCE));
        if (brief.minutes() >= 60) more.add(() -> chain(SectionRole.COOL_DOWN));
        if (brief.minutes() >= 75) more.add(() -> chain(SectionRole.STANDING));
        if (brief.minutes() >= 75) more.add(() -> phrase(SectionRole.STANDING, line -> 0));
        if (brief.minutes() >= 90) more.add(() -> chain(SectionRole.FLOOR));
        return more;
    }

    /** The first salutation once more, plain: the room comes back to where it began. */
    private void onceMore() {
        if (attempt.peakIsLow()) return;
        for (Sketch.Entry entry : sketch.entries(SectionRole.SALUTATIONS)) {
            if (!(entry.item() instanceof Flow flow) || flow.settings().name().isEmpty()) continue;
            FlowSettings once =
                    flow.settings().withRounds(1).withName(flow.settings().name() + ", once more");
            Flow plain = flow.with(once).with(new Link[0]);
            Flow named = Phrases.named(plain, sketch.name(SectionRole.COUNTERPOSES));
            // before anybody sits down
            List<Sketch.Entry> down = sketch.entries(SectionRole.COUNTERPOSES).stream()
                    .filter(e -> e.pose() != null && Places.isFloor(e.pose().base()))
                    .toList();
            down.forEach(e -> sketch.remove(SectionRole.COUNTERPOSES, e));
            sketch.put(SectionRole.COUNTERPOSES, inFirstRound(named));
            down.forEach(e -> sketch.put(SectionRole.COUNTERPOSES, e.item()));
            return;
        }
    }

    /** As the first round has it. */
    private static Flow inFirstRound(Flow flow) {
        List<Step> steps = new ArrayList<>();
        for (Step step : flow.steps()) {
            Step now = step.withLayers(List.of());
            boolean out = false;
            for (Layer layer : step.layers()) {
                if (!layer.when().holds(null, 1, 1, 1)) continue;
                if (layer.edit() instanceof Layer.Omit) out = true;
                if (layer.edit() instanceof Layer.Become become) {
                    if (become.pose() != null) now = now.withPose(become.pose());
                    if (become.dose() != null) now = now.withDose(become.dose());
                    if (become.sides() != null) now = now.withSides(become.sides());
                }
            }
            if (!out) steps.add(now);
        }
        return flow.withChildren(steps);
    }

    /** Whether what is asked for is carried by the hands or stands on its head, also where a class only comes near it. */
    public static boolean leadsOffTheFloor(@Nullable Goal goal) {
        return goal != null && (isOffTheFloor(goal.pose()) || isOffTheFloor(goal.asked()));
    }

    private static boolean isOffTheFloor(Pose pose) {
        return pose.base() == Base.ARM_BALANCE || pose.base() == Base.INVERTED || pose.base() == Base.PLANK;
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

    /** In a vinyasa class phrases, before anything is held, until it flows as much as is usual; what they prepare need not be held. */
    public void flowFirst() {
        if (!isVinyasa() || brief.flavour() == Flavour.RESTFUL) return;
        long kept = attempt.clock().slotMs() * (KEPT_PERCENT + KEPT_MORE_PERCENT * attempt.tightness()) / 100;
        boolean low = brief.wishes().contains(Wish.MORE_FLOOR);
        if (low) whereItFits(() -> chain(SectionRole.FLOOR), kept);
        if (low) whereItFits(() -> phrase(SectionRole.FLOOR, line -> 0), kept);
        boolean chainFirst = attempt.dice().at("chain first") < CHAIN_FIRST;
        if (chainFirst && brief.minutes() >= 60) whereItFits(() -> chain(SectionRole.STANDING), kept);
        flow(List.of(SectionRole.WARM_UP, SectionRole.STANDING, SectionRole.STANDING, SectionRole.BALANCE), kept);
        if (!chainFirst && brief.minutes() >= ROOMY) whereItFits(() -> chain(SectionRole.STANDING), kept);
    }

    /** What is still missing of flow where there is room for it, or where less has to be held then. */
    public void flowOn(PreparationPart preparation) {
        if (brief.flavour() == Flavour.RESTFUL) return;
        flow(List.of(SectionRole.WARM_UP, SectionRole.STANDING, SectionRole.BALANCE, SectionRole.FLOOR), littleRoom());
        boolean quoting = isVinyasa() && brief.minutes() >= ROOMY && !quotes();
        for (int i = 0; i < CHOICES && (quoting || !flowing.enough(sketch.plan())); i++)
            if (whereItFits(() -> salute(left(littleRoom())), littleRoom())) break;
        insteadOfHolds(preparation);
    }

    /** Where it flows less than is usual: a phrase more, and what is held before the peak and at the end as that leaves it. */
    private void insteadOfHolds(PreparationPart preparation) {
        for (SectionRole part : INSTEAD_OF_HOLDS) {
            for (int i = 0; i < CHOICES; i++) {
                if (flowing.enough(sketch.plan())) return;
                Set<NodeId> held = preparation.held();
                boolean prepared = preparation.isPrepared();
                Sketch.Mark mark = sketch.mark();
                if (whereItFits(
                        () -> {
                            singles(SectionRole.COOL_DOWN).forEach(e -> sketch.remove(SectionRole.COOL_DOWN, e));
                            preparation.without();
                            int flows = flowing.flows(sketch.plan());
                            phrase(part, asLong(), left(littleRoom()));
                            if (flowing.flows(sketch.plan()) > flows && !preparation.put()) sketch.backTo(mark);
                        },
                        roomWithoutSingles())) break;
                preparation.backTo(held, prepared);
            }
        }
    }

    /** A little room, and what the cool-down still lacks of the least it is to have, ms. */
    private long littleRoom() {
        return LITTLE_ROOM_MS + Math.max(0, leastCoolDown() - coolDown(sketch.entries(SectionRole.COOL_DOWN)));
    }

    private long roomWithoutSingles() {
        List<Sketch.Entry> left = new ArrayList<>(sketch.entries(SectionRole.COOL_DOWN));
        left.removeAll(singles(SectionRole.COOL_DOWN));
        return LITTLE_ROOM_MS + Math.max(0, leastCoolDown() - coolDown(left));
    }

    private long leastCoolDown() {
        return attempt.clock().slotMs() * LEAST_COOL_DOWN_PERCENT / 100;
    }

    private long coolDown(List<Sketch.Entry> entries) {
        Set<NodeId> ids = entries.stream().map(entry -> entry.item().id()).collect(Collectors.toSet());
        return attempt.clock().score(sketch.plan()).moments().stream()
                .filter(moment -> ids.contains(moment.node()) || moment.flow() != null && ids.contains(moment.flow()))
                .mapToLong(Moment::lengthMs)
                .sum();
    }

    /** What is held by itself in a part and may go. */
    private List<Sketch.Entry> singles(SectionRole part) {
        return sketch.entries(part).stream()
                .filter(entry ->
                        entry.item() instanceof Step step && !step.marks().locked() && !isLyingIdea(entry))
                .toList();
    }

    /** The shape of the idea at the end of the class is not given up for another flow. */
    private boolean isLyingIdea(Sketch.Entry entry) {
        return entry.pose() != null
                && attempt.concept() != null
                && attempt.concept().lying().contains(entry.pose().id());
    }

    /** What is left of the slot, ms. @param kept what is to be left of it at the end, ms */
    private long left(long kept) {
        return attempt.clock().slotMs()
                - kept
                - attempt.clock().score(sketch.plan()).totalMs();
    }

    /** Phrases of these parts, one after another, until it flows enough; where the best does not fit, others are tried. */
    private void flow(List<SectionRole> parts, long kept) {
        for (SectionRole part : parts) {
            if (flowing.enough(sketch.plan())) return;
            ToDoubleFunction<PhraseLine> asLong = asLong();
            for (int i = 0; i < CHOICES; i++)
                if (whereItFits(
                        () -> phrase(part, line -> quotesLast(part, line) + asLong.applyAsDouble(line), left(kept)),
                        kept)) break;
        }
    }

    /** Where no two flows begin alike yet, one that begins as the last of its part does comes before others. */
    private double quotesLast(SectionRole part, PhraseLine line) {
        if (!isVinyasa() || quotes()) return 0;
        List<String> last = List.of();
        for (Sketch.Entry entry : sketch.entries(part))
            if (entry.item() instanceof Flow flow && flow.settings().rounds() > 1) last = Phrases.steps(flow);
        return Phrases.shared(last, phrases.stepsOf(line)) >= QUOTED ? QUOTES : 0;
    }

    /** Where few flows are to be had any more, short ones are not enough. */
    private ToDoubleFunction<PhraseLine> asLong() {
        long each = flowing.eachMs(sketch.plan());
        return line -> -Math.max(0, each - line.lengthMs()) / SHORTER_MS;
    }

    /** Whether two flows that follow each other begin alike. */
    private boolean quotes() {
        for (SectionRole part : sketch.order()) {
            Flow last = null;
            for (Sketch.Entry entry : sketch.entries(part)) {
                if (!(entry.item() instanceof Flow flow) || flow.settings().rounds() < 2) continue;
                if (last != null && Phrases.shared(Phrases.steps(last), Phrases.steps(flow)) >= QUOTED) return true;
                last = flow;
            }
        }
        return false;
    }

    private void mainPhrase() {
        Optional<Phrases.Taken> taken = Optional.empty();
        Optional<List<String>> last = lastMainFlow();
        if (last.isPresent()) taken = phrases.take(line -> phrases.stepsOf(line).equals(last.get()), line -> 0);
        List<List<String>> avoided = avoided();
        Set<List<String>> before = brief.build()
                ? Set.of()
                : brief.taught().stream().map(Taught::mainFlow).collect(Collectors.toSet());
        ToDoubleFunction<PhraseLine> asLong = asLong();
        ToDoubleFunction<PhraseLine> more = line -> {
            List<String> steps = phrases.stepsOf(line);
            if (avoided.stream().anyMatch(flow -> FlowMaker.isLike(flow, steps))) return LATELY;
            return (before.contains(steps) ? EARLIER : 0)
                    + (phrases.isQuoted(line, QUOTED) ? QUOTABLE : 0)
                    + (brief.minutes() < ROOMY ? asLong.applyAsDouble(line) : 0)
                    - tooLongToLearn(line)
                    - onHands(line);
        };
        Predicate<PhraseLine> upright = line -> Phrases.isIn(line, SectionRole.STANDING, Phrase.Kind.FLOW);
        if (taken.isEmpty()) taken = phrases.take(upright, more);
        if (taken.isEmpty())
            taken = phrases.take(line -> Phrases.isIn(line, SectionRole.BALANCE, Phrase.Kind.FLOW), more);
        if (taken.isEmpty())
            taken = phrases.take(line -> Phrases.isIn(line, SectionRole.WARM_UP, Phrase.Kind.FLOW), more);
        taken.ifPresent(found -> {
            main = found.line();
            Flow flow = (Flow) NodeNames.renamed(
                    taught(found.flow()),
                    id -> new NodeId(Taught.MAIN_FLOW.value()
                            + id.value().substring(found.flow().id().value().length())));
            join(SectionRole.STANDING, flow, found.line());
        });
        if (taken.isEmpty()) searched();
    }

    /** What beginners learn position by position takes nearly twice as long; it is to leave room for others. */
    private double tooLongToLearn(PhraseLine line) {
        if (!isLearned()) return 0;
        long most = attempt.clock().slotMs() * MOST_LEARNED_PERCENT / 100;
        return Math.max(0, LEARNED * line.lengthMs() - most) / SHORTER_MS;
    }

    private boolean isLearned() {
        return brief.level() == Level.BEGINNER && brief.minutes() >= ROOMY;
    }

    /** Where no phrase can be done at all, a flow is searched for out of poses. */
    private void searched() {
        FlowMaker maker = new FlowMaker(
                attempt.pool(),
                attempt.peak(),
                attempt.merit().of("flow"),
                attempt.dice().of("flow"));
        maker.layered(Taught.MAIN_FLOW.value(), "main flow", avoided())
                .ifPresent(flow -> sketch.put(SectionRole.STANDING, taught(flow)));
    }

    /** The main flow of the class before, where the class builds on it. */
    private Optional<List<String>> lastMainFlow() {
        if (!brief.build()) return Optional.empty();
        return brief.taught().stream()
                .map(Taught::mainFlow)
                .filter(flow -> !flow.isEmpty())
                .findFirst();
    }

    private List<List<String>> avoided() {
        if (brief.build()) return List.of();
        return brief.taught().stream()
                .filter(taught -> taught.daysAgo() <= Taught.DAYS_APART
                        && !taught.mainFlow().isEmpty())
                .map(Taught::mainFlow)
                .toList();
    }

    /** A second phrase that begins as the first did, so that the room knows where it is. */
    private void quoting() {
        phrase(SectionRole.STANDING, line -> main != null && phrases.shared(line, main) >= QUOTED ? QUOTES : 0);
    }

    /** Of two flows that begin alike and follow each other the longer one comes second: it goes on where the shorter stopped. */
    public void shorterFirst() {
        List<Sketch.Entry> flows = sketch.entries(SectionRole.STANDING).stream()
                .filter(entry -> entry.item() instanceof Flow)
                .toList();
        for (int i = 1; i < flows.size(); i++) {
            Flow first = (Flow) flows.get(i - 1).item();
            Flow second = (Flow) flows.get(i).item();
            List<String> a = Phrases.steps(first);
            List<String> b = Phrases.steps(second);
            boolean alike = Phrases.shared(a, b) >= QUOTED && base(a, 0) == base(b, 0);
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
        long most = part == SectionRole.WARM_UP ? Math.min(left, warmUpLeft()) : left;
        Predicate<PhraseLine> which =
                line -> Phrases.isIn(line, part, Phrase.Kind.FLOW) && staysUp(part, line) && line.lengthMs() <= most;
        phrases.take(which, line -> more.applyAsDouble(line) - away(part, line))
                .ifPresent(taken -> join(part, taken.flow(), taken.line()));
    }

    /** What it costs to get from where the part has come to so far to where a phrase begins. */
    private double away(SectionRole part, PhraseLine line) {
        Base from = sketch.baseAfter(part);
        double away = from == null ? 0 : AWAY * Way.legs(from, line.startsBase());
        if (part != SectionRole.WARM_UP) return away;
        // from low to high, and after it people stand up
        boolean downAgain = from != null && !LOWEST.contains(from) && LOWEST.contains(line.startsBase());
        return away + (downAgain ? DOWN_AGAIN : 0) + UP * Way.legs(line.endsBase(), Base.STANDING);
    }

    /** What a warm-up may still have, ms. */
    private long warmUpLeft() {
        long now = Clock.lengths(attempt.clock().score(sketch.plan())).getOrDefault(SectionRole.WARM_UP, 0L);
        return attempt.clock().slotMs() * MOST_WARM_UP_PERCENT / 100 - now;
    }

    /** Before a standing peak nobody lies down between two standing flows, but for what leads there. */
    private boolean staysUp(SectionRole part, PhraseLine line) {
        return part != SectionRole.STANDING
                || attempt.peakIsLow()
                || !Places.isFloor(line.startsBase())
                || phrases.leads(line.phrase());
    }

    private void chain(SectionRole part) {
        boolean isLong = brief.minutes() >= (isVinyasa() ? LONG : ROOMY);
        int percent = isLong ? MOST_LAST_CHAIN_PERCENT : MOST_SHORT_LAST_CHAIN_PERCENT;
        long slot = attempt.clock().slotMs();
        long coolDown = part == SectionRole.COOL_DOWN ? coolDown(sketch.entries(part)) : 0;
        long most = Math.min(slot * percent / 100, slot * MOST_COOL_DOWN_PERCENT / 100 - coolDown);
        Predicate<PhraseLine> which = line -> Phrases.isIn(line, part, Phrase.Kind.CHAIN) && line.lengthMs() <= most;
        phrases.take(which, line -> -away(part, line)).ifPresent(taken -> join(part, taken.flow(), taken.line()));
    }

    private void salute() {
        salute(Long.MAX_VALUE);
    }

    /** @param left how long it may be, ms */
    private void salute(long left) {
        Optional<Phrases.Taken> taken = Optional.empty();
        if (!isVinyasa()
                && sketch.entries(SectionRole.SALUTATIONS).isEmpty()
                && attempt.dice().at("twelve") < 0.5) if (twelve()) return;
        taken = phrases.take(
                line -> line.phrase().kind() == Phrase.Kind.SALUTE && line.lengthMs() <= left, this::asSalute);
        taken.ifPresent(found -> join(SectionRole.SALUTATIONS, withLegs(found.flow()), found.line()));
        if (taken.isEmpty() && sketch.entries(SectionRole.SALUTATIONS).isEmpty()) twelve();
    }

    /** One that begins as the last did comes before others; a short class has no long one. */
    private double asSalute(PhraseLine line) {
        double points = 0;
        for (Sketch.Entry entry : sketch.entries(SectionRole.SALUTATIONS))
            if (entry.item() instanceof Flow flow
                    && Phrases.shared(Phrases.steps(flow), phrases.stepsOf(line)) >= QUOTED) points = QUOTES;
        boolean isShort = isVinyasa() && brief.minutes() < ROOMY;
        long usual = attempt.clock().slotMs() * (isShort ? MOST_SALUTE_PERCENT : USUAL_SALUTE_PERCENT) / 100;
        return points - Math.max(0, line.lengthMs() - usual) / LONGER_MS - onHands(line);
    }

    /** Where a salutation steps to two lunges, the second follows the leg rule of the school. */
    private Flow withLegs(Flow flow) {
        List<List<Step>> runs = new ArrayList<>();
        boolean inRun = false;
        for (Step step : flow.steps()) {
            boolean lunge = step.pose() != null
                    && step.sides().followsLead()
                    && attempt.catalogue().pose(step.pose()).base() == Base.LUNGE;
            if (lunge && !inRun) runs.add(new ArrayList<>());
            if (lunge) runs.get(runs.size() - 1).add(step);
            inRun = lunge;
        }
        if (runs.size() != 2) return flow;
        boolean same = attempt.clock().legRule(brief.school()) == School.LegRule.SAME_FRONT;
        boolean lead = runs.get(0).get(0).sides() instanceof SideRule.Lead;
        SideRule second = lead == same ? new SideRule.Lead() : new SideRule.Other();
        return flow.withChildren(flow.steps().stream()
                .map(step -> runs.get(1).contains(step) ? step.withSides(second) : step)
                .toList());
    }

    /** Who has warmed up lying comes up before standing up. */
    public void upAgain() {
        Base from = sketch.baseAfter(SectionRole.WARM_UP);
        if (from == null || Way.legs(from, Base.STANDING) < LOW_LEGS) return;
        Pose between = from == Base.PRONE
                ? attempt.firstAllowed("table", "thunderbolt", "easy-seat")
                : attempt.firstAllowed("easy-seat", "staff", "table");
        sketch.putLast(SectionRole.WARM_UP, attempt.step(SectionRole.WARM_UP, between, new Dose.Breaths(1)));
    }

    /** A list of twelve positions or a short form, where the group can do one. */
    private boolean twelve() {
        List<Flow> choices = new Salutes(
                        attempt.pool(),
                        attempt.clock().legRule(brief.school()),
                        attempt.dice().of("salutes"))
                .choices("salute", brief.minutes() >= 45 && attempt.tightness() == 0);
        if (choices.isEmpty()) return false;
        Flow flow = choices.get(0);
        sketch.put(
                SectionRole.SALUTATIONS,
                attempt.step(SectionRole.SALUTATIONS, attempt.catalogue().pose("mountain"), new Dose.Breaths(1)));
        int rounds = brief.minutes() >= 60 ? 3 : 2;
        sketch.put(SectionRole.SALUTATIONS, flow.with(flow.settings().withRounds(rounds)));
        return true;
    }

    /** Beginners are taught the first round position by position. */
    private Flow taught(Flow flow) {
        if (!isLearned()) return flow;
        int rounds = flow.settings().rounds();
        if (rounds < 2) return flow;
        return flow.with(flow.settings().withModes(new Mode.Run(1, Mode.LEARN), new Mode.Run(rounds - 1, Mode.BREATH)));
    }

    /** Puts a phrase behind what its part has, with a reset before it. */
    private void join(SectionRole part, Flow flow, PhraseLine line) {
        SectionRole at = place(part, line.startsBase());
        resetBefore(at, line, lastBefore(at)).ifPresent(reset -> put(at, reset));
        put(at, flow);
    }

    /** What begins on the floor is done with what else is there before a peak on the floor. */
    private SectionRole place(SectionRole part, Base from) {
        boolean seated = from == Base.SEATED || from == Base.SUPINE;
        boolean down = part == SectionRole.STANDING && attempt.peakIsLow() && Places.isFloor(from);
        return down || part == SectionRole.STRENGTH && seated ? SectionRole.FLOOR : part;
    }

    private void put(SectionRole part, Item item) {
        if (part == SectionRole.WARM_UP) sketch.putLast(part, item);
        else sketch.put(part, item);
    }

    private @Nullable Item lastBefore(SectionRole part) {
        List<Sketch.Entry> entries = sketch.entries(part);
        return entries.isEmpty() ? null : entries.get(entries.size() - 1).item();
    }

    /** Some breaths at home between two phrases; from a dog nobody stands up for it. */
    private Optional<Step> resetBefore(SectionRole part, PhraseLine line, @Nullable Item last) {
        Base to = line.startsBase();
        boolean low = to == Base.LUNGE || to == Base.DOG || to == Base.PLANK;
        boolean first = last == null;
        String id;
        if (part == SectionRole.WARM_UP || part == SectionRole.COOL_DOWN || part == SectionRole.FLOOR) {
            if (first) return Optional.empty();
            id = switch (to) {
                case SUPINE -> part == SectionRole.COOL_DOWN ? "" : "constructive-rest";
                case SEATED -> "staff";
                case KNEELING, HANDS_AND_KNEES, PRONE -> "childs-pose";
                case LUNGE, DOG, PLANK -> "downward-dog";
                default -> "";
            };
        } else {
            boolean dog = low || Places.isFloor(to) && attempt.pool().has("downward-dog");
            id = dog ? "downward-dog" : Places.isFloor(to) ? "childs-pose" : "mountain";
        }
        boolean again = last instanceof Step step && id.equals(step.pose());
        if (id.isEmpty() || again || !attempt.pool().has(id)) return Optional.empty();
        return Optional.of(attempt.step(part, attempt.catalogue().pose(id), new Dose.Breaths(first ? 1 : 3)));
    }

    /**
     * Another phrase of the same kind that begins and ends where a flow does; each that fits comes once before the first comes
     * again.
     *
     * @param names of the flows the class has already
     * @return empty when the flow is no phrase, or nothing else fits there
     */
    public Optional<Flow> instead(Flow flow, Set<String> names) {
        Optional<Phrase> now = attempt.phrases().called(flow.settings().name());
        Optional<PhraseLine> here = now.flatMap(phrase -> attempt.phrases().at(brief.level(), phrase.id()));
        if (here.isEmpty()) return Optional.empty();
        List<PhraseLine> fitting = attempt.phrases().at(brief.level()).stream()
                .filter(line -> fits(line, here.get())
                        && !names.contains(line.flow().settings().name())
                        && !phrases.stepsOf(line).isEmpty())
                .toList();
        if (fitting.isEmpty()) return Optional.empty();
        List<PhraseLine> book = attempt.phrases().at(brief.level());
        int at = book.indexOf(here.get());
        PhraseLine next = fitting.stream()
                .filter(line -> book.indexOf(line) > at)
                .findFirst()
                .orElse(fitting.get(0));
        return phrases.take(line -> line == next, line -> 0).map(taken -> (Flow) NodeNames.renamed(
                taken.flow(),
                id -> new NodeId(flow.id().value()
                        + id.value().substring(taken.flow().id().value().length()))));
    }

    private boolean fits(PhraseLine line, PhraseLine here) {
        return line != here
                && Phrases.isIn(line, here.phrase().part(), here.phrase().kind())
                && line.phrase().styles().contains(brief.style())
                && line.startsBase() == here.startsBase()
                && line.endsBase() == here.endsBase();
    }
}
