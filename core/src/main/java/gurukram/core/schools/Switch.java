package gurukram.core.schools;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Feet;
import gurukram.core.score.Unfolder;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * What changes in a class that goes over to another way: its salutations, flows with two lunges and a way over plank or dog between.
 * Their rounds, words, layers and names stay.
 *
 * @param plan the class afterwards
 * @param before what its flows come to now, {@code after} then
 * @param changed the flows that become different, and in what: {@code Tide: the leg in front at 9}
 * @param left sentences about what stays although it was asked for
 */
public record Switch(ClassPlan plan, Sums before, Sums after, List<String> changed, List<String> left) {
    public Switch {
        changed = List.copyOf(changed);
        left = List.copyOf(left);
    }

    public static Switch of(ClassPlan plan, Way way, PoseCatalogue catalogue, Unfolder unfolder) {
        Salutation salutations = new Salutation(catalogue);
        List<String> changed = new ArrayList<>();
        List<String> left = new ArrayList<>();
        List<Section> sections = new ArrayList<>();
        int found = 0;
        for (Section section : plan.sections()) {
            List<Item> items = new ArrayList<>();
            for (Item item : section.children()) {
                if (!(item instanceof Flow flow) || !salutations.is(flow)) {
                    items.add(item);
                    continue;
                }
                found++;
                Flow over = over(flow, way, salutations, left);
                if (!over.equals(flow)) changed.add(what(flow, over));
                items.add(over);
            }
            sections.add(section.withChildren(items));
        }
        if (found == 0) left.add("There is no salutation with two lunges in this class, so nothing changes.");
        ClassPlan after = new ClassPlan(plan.settings(), sections);
        if (way.legs() != null && !changed.isEmpty())
            after = after.with(plan.settings().with(plan.settings().school().with(way.legs())));
        Level level = plan.settings().level();
        return new Switch(
                after,
                Sums.of(unfolder.unfold(plan, level), catalogue),
                Sums.of(unfolder.unfold(after, level), catalogue),
                changed,
                left);
    }

    private static String what(Flow before, Flow after) {
        List<String> poses = new ArrayList<>();
        List<String> breaths = new ArrayList<>();
        List<String> legs = new ArrayList<>();
        for (int i = 0; i < before.steps().size(); i++) {
            Step old = before.steps().get(i);
            Step now = after.steps().get(i);
            String n = String.valueOf(i + 1);
            if (!Objects.equals(old.pose(), now.pose())) poses.add(n);
            if (!old.dose().equals(now.dose())) breaths.add(n);
            if (!old.sides().equals(now.sides())) legs.add(n);
        }
        List<String> what = new ArrayList<>();
        if (!poses.isEmpty()) what.add("the pose at " + String.join(", ", poses));
        if (!breaths.isEmpty()) what.add("the breath at " + String.join(", ", breaths));
        if (!legs.isEmpty()) what.add("the leg in front at " + String.join(", ", legs));
        FlowSettings now = after.settings();
        if (now.counting() != before.settings().counting())
            what.add(now.counting() == FlowSides.Counting.BOTH_SIDES ? "a round is both sides" : "a round is one side");
        if (!now.join().equals(before.settings().join()))
            what.add("rounds meet: " + now.join().words());
        if (now.sides().first() != before.settings().sides().first())
            what.add("the " + now.sides().first().word() + " first");
        return Naming.of(before) + ": " + String.join("; ", what);
    }

    private static Flow over(Flow flow, Way way, Salutation salutations, List<String> left) {
        Flow over = flow;
        String list = salutations.list(flow);
        if (way.list() != null && list == null)
            left.add("“%s” is none of the twelve positions: its poses stay.".formatted(Naming.of(flow)));
        // the rule is that of before where none is asked for: lists come as returning
        if (way.list() != null && list != null && !way.list().equals(list)) {
            over = salutations.as(way.list(), flow);
            if (way.legs() == null && salutations.legs(flow).isPresent())
                over = salutations.under(salutations.legs(flow).get(), over);
            if (flow.settings().name().equals("Twelve positions " + list))
                over = over.with(over.settings().withName("Twelve positions " + way.list()));
        }
        if (way.legs() != null) over = salutations.under(way.legs(), over);
        FlowSettings settings = over.settings();
        if (way.round() != null && settings.hasSides()) settings = settings.with(way.round());
        if (way.join() != null) settings = settings.withJoins(way.join(), null);
        if (way.first() != null && settings.hasSides()) settings = settings.withFirstSide(way.first());
        return settings.equals(over.settings()) ? over : over.with(settings);
    }

    public boolean changesNothing() {
        return changed.isEmpty();
    }

    /** What becomes different, with the numbers: {@code Positions: 96 instead of 192}. */
    public List<String> told() {
        List<String> told = new ArrayList<>();
        told(told, "Passes", before.passes(), after.passes());
        told(told, "Positions", before.positions(), after.positions());
        told(told, "Half-breaths", before.halfBreaths(), after.halfBreaths());
        if (before.ms() != after.ms()) {
            long more = after.ms() - before.ms();
            told.add("The class: %s instead of %s, %s %s."
                    .formatted(
                            Millis.showWhole(after.ms()),
                            Millis.showWhole(before.ms()),
                            Millis.showWhole(Math.abs(more)),
                            more > 0 ? "longer" : "shorter"));
        }
        leg(told, "right", before.right(), after.right());
        leg(told, "left", before.left(), after.left());
        if (told.isEmpty() && !changed.isEmpty()) told.add("Minutes, positions and lunges a leg stay as they are.");
        return told;
    }

    private static void leg(List<String> told, String side, Feet.Leg before, Feet.Leg after) {
        told(told, "Lunges with the " + side + " leg in front", before.frontLunges(), after.frontLunges());
        told(told, "The " + side + " foot goes back first", before.firstBacks(), after.firstBacks());
        told(told, "The " + side + " foot comes forward first", before.firstForwards(), after.firstForwards());
    }

    private static void told(List<String> told, String what, int before, int after) {
        if (before != after) told.add("%s: %d instead of %d.".formatted(what, after, before));
    }
}
