package gurukram.core.compose;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.idea.Concept;
import gurukram.core.compose.parts.Attempt;
import gurukram.core.compose.parts.Breather;
import gurukram.core.compose.parts.ByTheWay;
import gurukram.core.compose.parts.Ends;
import gurukram.core.compose.parts.Filling;
import gurukram.core.compose.parts.IdeaPart;
import gurukram.core.compose.parts.OneSide;
import gurukram.core.compose.parts.OtherPhrase;
import gurukram.core.compose.parts.PeakPart;
import gurukram.core.compose.parts.PhrasePart;
import gurukram.core.compose.parts.PreparationPart;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Shown;
import gurukram.core.compose.search.Sketch;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One try at a class: the peak with its rungs first, then the flows, what prepares the peak, what balances it and answers the
 * hardest work, and at last what fills each part up to its share.
 */
final class Build {
    private final Attempt attempt;

    /** @param tightness 0 for all that belongs to a class; each more leaves something out that could be missed */
    Build(
            Brief brief,
            Pool pool,
            PhraseBook phrases,
            @Nullable Goal goal,
            @Nullable Concept concept,
            Clock clock,
            Shown shown,
            Dice dice,
            int tightness) {
        Pose peak = goal == null ? null : goal.pose();
        boolean low = peak != null && Places.isLow(peak);
        Sketch sketch = new Sketch(
                settings(brief, goal, concept), order(low, Attempt.leadsOffTheFloor(goal)), pool.catalogue(), dice);
        attempt = new Attempt(
                brief,
                pool,
                phrases,
                goal,
                concept,
                clock,
                shown,
                dice,
                new Merit(brief, peak, shown, dice),
                sketch,
                tightness);
    }

    private static ClassSettings settings(Brief brief, @Nullable Goal goal, @Nullable Concept concept) {
        String title = title(brief, goal, concept);
        String to = goal == null ? "where it ends" : goal.asked().name().toLowerCase(Locale.ROOT);
        return ClassSettings.of(title, brief.minutes(), brief.style(), brief.level())
                .with(worded(brief.theme(), concept, to))
                .withMixed(brief.mixed())
                .withPeak(goal == null ? null : goal.pose().id())
                .withBegins(brief.begins())
                .with(brief.school())
                .withPropsReady(true);
    }

    /** Where it leads to, or what it is about, and by which idea: “Half moon, through the standing leg”. */
    private static String title(Brief brief, @Nullable Goal goal, @Nullable Concept concept) {
        String title = brief.theme().title();
        if (title.isEmpty()) title = goal == null ? "A class of its own" : led(goal);
        String told = concept == null ? title : title + ", " + concept.name();
        return told.length() <= ClassSettings.MOST_LETTERS ? told : title;
    }

    private static String led(Goal goal) {
        return goal.isAsAsked()
                ? goal.pose().name()
                : "Towards " + goal.asked().name().toLowerCase(Locale.ROOT);
    }

    /** The teacher's own words stand; where she has no sentence, the idea's words are put in to be edited. */
    private static Theme worded(Theme theme, @Nullable Concept concept, String to) {
        if (!theme.sentence().isEmpty() || concept == null)
            return theme.open().isEmpty() ? theme.withOpen(theme.sentence()) : theme;
        Theme now = theme.withSentence(concept.sentenceTo(to));
        if (now.open().isEmpty()) now = now.withOpen(concept.openTo(to));
        return now.close().isEmpty() ? now.withClose(concept.close()) : now;
    }

    private static List<SectionRole> order(boolean peakIsLow, boolean offTheFloor) {
        List<SectionRole> order = new ArrayList<>(List.of(
                SectionRole.ARRIVE,
                SectionRole.BREATHE,
                SectionRole.WARM_UP,
                SectionRole.SALUTATIONS,
                SectionRole.STANDING,
                SectionRole.BALANCE,
                SectionRole.PEAK,
                SectionRole.COUNTERPOSES,
                SectionRole.COOL_DOWN,
                SectionRole.REST,
                SectionRole.CLOSE));
        boolean strongFirst = !peakIsLow && !offTheFloor;
        order.add(order.indexOf(strongFirst ? SectionRole.BALANCE : SectionRole.PEAK), SectionRole.STRENGTH);
        order.add(order.indexOf(SectionRole.PEAK) + (peakIsLow ? 0 : 2), SectionRole.FLOOR);
        return order;
    }

    /** Another phrase in the place of a flow; empty when none fits. */
    Optional<Flow> otherPhrase(Flow flow, Set<String> names) {
        return new OtherPhrase(attempt).instead(flow, names);
    }

    /**
     * All that is kept, with what it lacks for the peak: the lesson and a phrase that leads there where the peak is not there yet,
     * what prepares it, and, where nothing balances it, a counterpose.
     */
    ClassPlan leading(boolean isBalanced) {
        Sketch sketch = attempt.sketch();
        attempt.brief().kept().forEach(kept -> sketch.put(kept.role(), kept.item()));
        boolean isThere = !sketch.entries(SectionRole.PEAK).isEmpty();
        PeakPart peak = new PeakPart(attempt);
        PreparationPart preparation = new PreparationPart(attempt);
        peak.put();
        if (!isBalanced) peak.counterposes();
        PhrasePart phrases = new PhrasePart(attempt);
        if (!isThere) phrases.leadThere();
        preparation.put();
        if (!isThere) preparation.warmWrists();
        if (!isThere && attempt.tightness() == 0) {
            Filling filling = new Filling(attempt);
            filling.answers();
            filling.fill();
            phrases.upAndDownAgain();
        }
        return new OneSide(attempt).gathered(new ByTheWay(attempt).placed(sketch.plan()));
    }

    /** @param mostMs a class that is longer already before it is filled up is left as it is then */
    ClassPlan plan(long mostMs) {
        Sketch sketch = attempt.sketch();
        attempt.brief().kept().forEach(kept -> sketch.put(kept.role(), kept.item()));
        Ends ends = new Ends(attempt);
        PeakPart peak = new PeakPart(attempt);
        IdeaPart idea = new IdeaPart(attempt);
        PhrasePart phrases = new PhrasePart(attempt);
        PreparationPart preparation = new PreparationPart(attempt);
        Filling filling = new Filling(attempt);
        ends.arrive(filling);
        idea.warmSpine();
        peak.put();
        peak.counterposes();
        phrases.putFirst();
        ends.rest();
        phrases.flowFirst();
        idea.shapes();
        preparation.put();
        preparation.wanted();
        preparation.warmWrists();
        phrases.flowOn(preparation);
        ClassPlan needed = sketch.plan();
        if (attempt.clock().score(needed).totalMs() > mostMs) return needed;
        filling.answers();
        phrases.putMore();
        idea.lastTurn();
        phrases.comeHome();
        filling.fill();
        phrases.upAndDownAgain();
        phrases.shorterFirst();
        idea.threads();
        ClassPlan put = new OneSide(attempt).gathered(new ByTheWay(attempt).placed(sketch.plan()));
        return distinct(new Breather(attempt).before(put));
    }

    /** What is kept has its names from the draft it was kept from; nothing new has one of them. */
    private ClassPlan distinct(ClassPlan plan) {
        Set<NodeId> taken = new HashSet<>();
        for (Brief.Kept kept : attempt.brief().kept()) add(kept.item(), taken);
        if (taken.isEmpty()) return plan;
        List<Section> sections = new ArrayList<>();
        for (Section section : plan.sections()) {
            List<Item> items = new ArrayList<>();
            for (Item item : section.items())
                items.add(
                        attempt.isKept(item) ? item : (Item) NodeNames.renamed(item, id -> NodeNames.free(id, taken)));
            sections.add(section.withChildren(items));
        }
        return new ClassPlan(plan.settings(), sections);
    }

    private static void add(Node node, Set<NodeId> taken) {
        taken.add(node.id());
        node.children().forEach(child -> add(child, taken));
    }
}
