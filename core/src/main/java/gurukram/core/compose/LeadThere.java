package gurukram.core.compose;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Doses;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Shown;
import gurukram.core.fit.Fit;
import gurukram.core.fit.FitAnswer;
import gurukram.core.fit.FitRequest;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What an existing class lacks for a peak, put in: the peak as a lesson with its rungs, a phrase that leads to it where there is
 * room, what prepares its demands and is not there yet, and what balances it. It is built as a draft is in which all that is there
 * is kept; nothing of it is taken out or moved.
 */
final class LeadThere {
    private static final Set<SectionRole> BEFORE = EnumSet.of(
            SectionRole.ARRIVE,
            SectionRole.BREATHE,
            SectionRole.WARM_UP,
            SectionRole.SALUTATIONS,
            SectionRole.STANDING,
            SectionRole.BALANCE,
            SectionRole.STRENGTH);
    /** With so much of the slot left the lesson is a whole one, with less it is shorter. */
    private static final long ROOMY_MS = 10 * Millis.MINUTE;

    private static final long SOME_MS = 5 * Millis.MINUTE;
    private static final String OWN = "own-";

    private final Workshop workshop;
    private final Pool pool;
    private final Goal goal;
    private final Clock clock;
    private final Dice dice;

    LeadThere(Workshop workshop, Pool pool, Goal goal, Dice dice) {
        this.workshop = workshop;
        this.pool = pool;
        this.goal = goal;
        this.clock = workshop.clock(pool.brief());
        this.dice = dice;
    }

    /** Led there, mended as far as leading there asks for it, and brought to its slot. */
    ClassPlan draft(ClassPlan plan) {
        Set<NodeId> own = new HashSet<>();
        plan.walk(node -> own.add(node.id()));
        ClassPlan led = new Finishing(workshop, clock, pool.brief()).led(from(plan));
        return Doses.settled(fitted(led, own), own);
    }

    private ClassPlan from(ClassPlan plan) {
        // under names of their own, so that what is put in can be told from them
        Map<NodeId, NodeId> names = new LinkedHashMap<>();
        ClassPlan own = NodeNames.renamed(plan, id -> {
            NodeId name = new NodeId(OWN + (names.size() + 1));
            names.put(name, id);
            return name;
        });
        Brief brief = pool.brief().withKept(kept(own));
        long left = clock.slotMs() - clock.score(plan).totalMs();
        int tightness = left >= ROOMY_MS ? 0 : left >= SOME_MS ? 1 : 2;
        Build build = new Build(brief, pool, workshop.phrases(), goal, null, clock, Shown.NOTHING, dice, tightness);
        ClassPlan led = new Merged(own).with(build.leading(isBalanced(own)));
        Set<NodeId> taken = new HashSet<>(names.values());
        ClassPlan named = NodeNames.renamed(
                led, id -> names.containsKey(id) ? Objects.requireNonNull(names.get(id)) : NodeNames.free(id, taken));
        return new ClassPlan(plan.settings().withPeak(goal.pose().id()), named.sections());
    }

    /** All that is there; a peak that is another pose comes before this one. */
    private List<Brief.Kept> kept(ClassPlan own) {
        List<Brief.Kept> kept = new ArrayList<>();
        for (Section section : own.sections()) {
            SectionRole role = switch (section.role()) {
                case PEAK -> hasPeak(section) ? SectionRole.PEAK : before();
                // parts a draft has not: what counts is their time
                case TALK, LESSON -> SectionRole.ARRIVE;
                case INVERSIONS, SIT -> SectionRole.COOL_DOWN;
                default -> section.role();
            };
            for (Item item : section.items()) kept.add(new Brief.Kept(role, item));
        }
        return kept;
    }

    private SectionRole before() {
        return Places.isLow(goal.pose()) ? SectionRole.FLOOR : SectionRole.STANDING;
    }

    private boolean hasPeak(Section section) {
        return section.items().stream()
                .anyMatch(item -> item.poses().contains(goal.pose().id()));
    }

    /** Whether something behind the place of the peak balances it already. */
    private boolean isBalanced(ClassPlan own) {
        Set<String> counters = new HashSet<>(goal.pose().ties().counter());
        boolean behind = false;
        for (Section section : own.sections()) {
            boolean late = !BEFORE.contains(section.role()) && section.role() != SectionRole.PEAK;
            behind |= late && section.role() != SectionRole.FLOOR || section.role() == SectionRole.COUNTERPOSES;
            if (behind
                    && section.items().stream()
                            .flatMap(item -> item.poses().stream())
                            .anyMatch(counters::contains)) return true;
        }
        return false;
    }

    /** Brought to its slot, by open time alone where that is enough: what was put in as it is, where that can be done; as it is where nothing helps. */
    private ClassPlan fitted(ClassPlan led, Set<NodeId> own) {
        LastMinute minute = new LastMinute(clock, Set.of());
        ClassPlan opened = minute.opened(led);
        if (Math.abs(clock.score(opened).totalMs() - clock.slotMs()) < Millis.SECOND) return opened;
        FitRequest request =
                new FitRequest(clock.slotMs(), FitRequest.TOLERANCE_MS, null, FitRequest.Freedom.ALL_BUT_REST);
        Fit fit = new Fit(workshop.catalogue(), workshop.unfolder());
        Set<NodeId> putIn = putIn(led, own);
        // her rounds are the last of what is hers to be changed
        Set<NodeId> withFlows = new HashSet<>(putIn);
        led.walk(node -> {
            if (node instanceof Flow flow && !flow.marks().locked()) withFlows.add(flow.id());
        });
        for (Set<NodeId> still : List.of(withFlows, putIn))
            if (fit.fit(locked(led, still, true), request) instanceof FitAnswer.Fits fits)
                return minute.opened(locked(fits.plan(), still, false));
        return minute.opened(fit.fit(led, request) instanceof FitAnswer.Fits fits ? fits.plan() : led);
    }

    /** @param own what was there before, and is as it was */
    private static Set<NodeId> putIn(ClassPlan plan, Set<NodeId> own) {
        return plan.sections().stream()
                .flatMap(section -> section.items().stream())
                .map(Item::id)
                .filter(id -> !own.contains(id))
                .collect(Collectors.toSet());
    }

    private static ClassPlan locked(ClassPlan plan, Set<NodeId> which, boolean locks) {
        ClassPlan now = plan;
        for (Section section : plan.sections())
            for (Item item : section.items()) if (which.contains(item.id())) now = locked(now, item, locks);
        return now;
    }

    private static ClassPlan locked(ClassPlan plan, Item item, boolean locks) {
        PlanEdit edit = item instanceof Flow flow
                ? PlanEdit.instead(plan, flow.with(flow.marks().lock(locks)))
                : PlanEdit.instead(
                        plan, ((Step) item).with(((Step) item).marks().lock(locks)));
        return edit.applyTo(plan);
    }

    /** A class with what was put in, each behind what it was put behind. */
    private static final class Merged {
        private final List<Section> sections;
        private final Set<NodeId> own = new LinkedHashSet<>();

        Merged(ClassPlan plan) {
            sections = new ArrayList<>(plan.sections());
            plan.walk(node -> own.add(node.id()));
        }

        ClassPlan with(ClassPlan built) {
            int at = -1;
            for (Section section : built.sections()) at = put(section, at);
            return new ClassPlan(built.settings(), sections);
        }

        /** @return where the section is now; @param behind where the one before it is, and a new one is put */
        private int put(Section section, int behind) {
            int at = place(section);
            if (at < 0) {
                at = behind + 1;
                sections.add(
                        at, Section.of(new NodeId("to-peak-" + section.role().word()), section.role()));
            }
            NodeId before = null;
            for (Item item : section.items()) {
                if (own.contains(item.id())) at = Math.max(at, sectionOf(item.id()));
                else put(section.role(), before == null ? at : sectionOf(before), before, item);
                before = item.id();
            }
            return Math.max(at, behind);
        }

        /** What stands behind a peak that was there goes to the last part of its own role, where there is one. */
        private void put(SectionRole role, int there, @Nullable NodeId before, Item item) {
            int last = lastOf(role);
            int at = sections.get(there).role() == role || last < 0 ? there : last;
            List<Item> items = new ArrayList<>(sections.get(at).items());
            boolean isElsewhere = at != there || role == SectionRole.PEAK && before == null;
            int place = isElsewhere ? items.size() : 0;
            for (int k = 0; k < items.size(); k++) if (items.get(k).id().equals(before)) place = k + 1;
            items.add(place, item);
            sections.set(at, sections.get(at).withChildren(items));
        }

        /** Where something of a section is already, or else the last of its role is; less than 0 where there is none. */
        private int place(Section section) {
            for (Item item : section.items()) if (own.contains(item.id())) return sectionOf(item.id());
            return lastOf(section.role());
        }

        private int lastOf(SectionRole role) {
            int found = -1;
            for (int i = 0; i < sections.size(); i++) if (sections.get(i).role() == role) found = i;
            return found;
        }

        private int sectionOf(NodeId item) {
            for (int i = 0; i < sections.size(); i++)
                for (Item there : sections.get(i).items()) if (there.id().equals(item)) return i;
            throw new IllegalStateException("no item " + item);
        }
    }
}
