package gurukram.core.practice;

import gurukram.core.body.Side;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Unfolder;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * One round of twelve positions as the engine unfolds it, both halves.
 *
 * @param list {@code a} to {@code d}
 * @param legs which foot comes forward at the second lunge
 * @param lead the foot that goes back first in the first half
 */
public record Twelve(String list, LegRule legs, Side lead, List<Place> first, List<Place> second) {
    public static final int POSITIONS = 12;

    public Twelve {
        first = List.copyOf(first);
        second = List.copyOf(second);
    }

    /**
     * One position.
     *
     * @param n from 1
     * @param front the foot in front; null where the feet are side by side
     * @param breaths one after the other
     * @param begins the moment it begins with
     */
    public record Place(int n, String pose, @Nullable Side front, List<Breath> breaths, Moment begins) {
        /** {@code in}, {@code out then in}, {@code natural}. */
        public String breath() {
            return String.join(" then ", breaths.stream().map(Breath::word).toList());
        }
    }

    public static Twelve of(String list, LegRule legs, Side lead, PoseCatalogue catalogue, Unfolder unfolder) {
        Supplier<NodeId> ids = NodeNames.numbers();
        FlowSettings settings = FlowSettings.of(1);
        Flow flow = new TwelvePositions(catalogue, ids)
                .flow(list, legs, settings.with(settings.sides().with(lead)));
        Section section = Section.of(ids.get(), SectionRole.SALUTATIONS).withChildren(List.of(flow));
        ClassPlan plan = ClassPlan.of(ClassSettings.of("Twelve", 30, Style.HATHA, Level.BEGINNER), section);
        List<Moment> moments = unfolder.unfold(plan, Level.BEGINNER).moments();
        return new Twelve(list, legs, lead, half(moments, 1), half(moments, 2));
    }

    private static List<Place> half(List<Moment> moments, int pass) {
        List<Place> places = new ArrayList<>();
        for (Moment moment : moments) {
            if (!Integer.valueOf(pass).equals(moment.pass())) continue;
            int n = Objects.requireNonNull(moment.position());
            String pose = Objects.requireNonNull(moment.pose());
            Place last = places.isEmpty() ? null : places.get(places.size() - 1);
            List<Breath> breaths = new ArrayList<>(last != null && last.n() == n ? last.breaths() : List.of());
            breaths.add(moment.breath());
            Place goesOn = last != null && last.n() == n ? last : null;
            Place place =
                    new Place(n, pose, moment.side(), List.copyOf(breaths), goesOn == null ? moment : goesOn.begins());
            if (goesOn != null) places.set(places.size() - 1, place);
            else places.add(place);
        }
        return places;
    }

    /** @param half 1 or 2 */
    public Place at(int half, int n) {
        return (half == 1 ? first : second).get(n - 1);
    }

    /** The foot that goes back first in a half. */
    public Side leads(int half) {
        return half == 1 ? lead : lead.opposite();
    }
}
