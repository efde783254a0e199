package gurukram.web.plans.paper;

import gurukram.core.body.Base;
import gurukram.core.check.Subject;
import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Naming;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.Step;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Amount;
import gurukram.core.score.Feet;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.score.Tallies;
import gurukram.core.score.TimeUse;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiPredicate;

/**
 * Everything the score counts of a class, with what it is and where it comes from.
 *
 * @param times what the time goes into
 * @param counted single numbers, each with the rows it comes from
 * @param sides left against right
 * @param areas what works and stretches, left against right; {@code families} the same by family of poses
 * @param repeated poses that come again outside flows
 * @param props what each person needs and, where the group is known, all together
 */
public record CountsPage(
        String id,
        String title,
        String view,
        String length,
        List<Share> times,
        List<Counted> counted,
        List<Pair> sides,
        List<Pair> areas,
        List<Pair> families,
        List<Counted> repeated,
        List<Counted> props) {
    /** @param percent of the whole */
    public record Share(String what, String length, int percent) {}

    /** A place on the class page. */
    public record From(String row, String name) {}

    /** @param more rows it comes from besides those named */
    public record Counted(String what, String amount, String about, List<From> from, int more) {
        Counted(String what, String amount, String about, List<From> from) {
            this(
                    what,
                    amount,
                    about,
                    from.subList(0, Math.min(MOST_FROM, from.size())),
                    Math.max(0, from.size() - MOST_FROM));
        }
    }

    /** @param leftPercent of the longer of the two, for its bar; {@code centre} what has no side, empty for none */
    public record Pair(String what, String left, String right, String centre, int leftPercent, int rightPercent) {}

    private static final int MOST_FROM = 12;

    static CountsPage of(StoredClass stored, Subject subject, View view, PoseCatalogue catalogue) {
        Score score = subject.score();
        ClassPlan plan = stored.plan();
        Tallies tallies = Tallies.of(score, catalogue);
        Sources sources = new Sources(plan, score, catalogue);
        return new CountsPage(
                stored.id().toString(),
                plan.settings().title(),
                view.word(),
                Millis.showWhole(score.totalMs()),
                times(TimeUse.of(plan, score)),
                sources.counted(tallies),
                sides(score, tallies, Feet.tally(score, catalogue)),
                tallies.byArea().stream().map(CountsPage::pair).toList(),
                families(tallies, catalogue),
                repeated(sources, score, catalogue),
                props(plan, subject.group()));
    }

    private static List<Share> times(TimeUse use) {
        long total = Math.max(1, use.totalMs());
        return use.parts().stream()
                .map(part -> new Share(
                        part.words(), Millis.showWhole(use.of(part)), (int) Math.round(use.of(part) * 100.0 / total)))
                .toList();
    }

    private static List<Pair> sides(Score score, Tallies tallies, Feet.Tally feet) {
        List<Pair> pairs = new ArrayList<>();
        pairs.add(pair("breaths held", score.left().breaths(), score.right().breaths()));
        pairs.add(pair(
                "half-breath movements", score.left().movements(), score.right().movements()));
        pairs.add(pair("repetitions", score.left().reps(), score.right().reps()));
        Amount left = tallies.byTwist().left();
        Amount right = tallies.byTwist().right();
        pairs.add(pair("twists to the side", times(left), times(right)));
        pairs.add(pair("steps back", feet.left().backs(), feet.right().backs()));
        pairs.add(pair(
                "steps back first of a pass",
                feet.left().firstBacks(),
                feet.right().firstBacks()));
        pairs.add(pair(
                "in front in lunges", feet.left().frontLunges(), feet.right().frontLunges()));
        return pairs.stream()
                .filter(pair -> !(pair.left().equals("0") && pair.right().equals("0")))
                .toList();
    }

    private static int times(Amount amount) {
        return amount.holds() + amount.reps() + amount.movements();
    }

    private static Pair pair(String what, long left, long right) {
        return new Pair(what, "" + left, "" + right, "", percent(left, right), percent(right, left));
    }

    private static Pair pair(Tallies.Row row) {
        long left = row.left().ms();
        long right = row.right().ms();
        return new Pair(
                row.what().replace('-', ' '),
                Millis.showWhole(left),
                Millis.showWhole(right),
                row.centre().ms() == 0 ? "" : Millis.showWhole(row.centre().ms()),
                percent(left, right),
                percent(right, left));
    }

    private static int percent(long of, long other) {
        long most = Math.max(of, other);
        return most == 0 ? 0 : (int) (of * 100 / most);
    }

    private static List<Pair> families(Tallies tallies, PoseCatalogue catalogue) {
        Map<String, long[]> byFamily = new LinkedHashMap<>();
        for (Tallies.Row row : tallies.byPose()) {
            long[] sums = byFamily.computeIfAbsent(catalogue.pose(row.what()).family(), f -> new long[3]);
            sums[0] += row.left().ms();
            sums[1] += row.right().ms();
            sums[2] += row.centre().ms();
        }
        List<Pair> families = new ArrayList<>();
        byFamily.forEach((family, ms) -> families.add(new Pair(
                family.replace('-', ' '),
                Millis.showWhole(ms[0]),
                Millis.showWhole(ms[1]),
                ms[2] == 0 ? "" : Millis.showWhole(ms[2]),
                percent(ms[0], ms[1]),
                percent(ms[1], ms[0]))));
        return families;
    }

    private static List<Counted> repeated(Sources sources, Score score, PoseCatalogue catalogue) {
        Map<String, Set<NodeId>> steps = new LinkedHashMap<>();
        for (Moment moment : score.moments()) {
            if (moment.pose() != null && moment.flow() == null)
                steps.computeIfAbsent(moment.pose(), p -> new LinkedHashSet<>()).add(moment.node());
        }
        return steps.entrySet().stream()
                .filter(one -> one.getValue().size() > 1)
                .map(one -> new Counted(
                        catalogue.pose(one.getKey()).name(),
                        Words.count(one.getValue().size(), "time"),
                        "",
                        sources.rows(one.getValue())))
                .toList();
    }

    private static List<Counted> props(ClassPlan plan, People group) {
        Map<String, Integer> most = new LinkedHashMap<>();
        plan.walk(node -> {
            if (!(node instanceof Step step)) return;
            for (Prop prop : step.props()) most.merge(prop.name(), prop.number(), Math::max);
        });
        List<Counted> props = new ArrayList<>();
        most.forEach((name, each) -> props.add(new Counted(
                name,
                each + " each",
                group == null ? "" : each * group.mats() + " for " + Words.count(group.mats(), "mat"),
                List.of())));
        return props;
    }

    /** Finds the rows a number comes from. */
    private record Sources(ClassPlan plan, Score score, PoseCatalogue catalogue) {
        List<Counted> counted(Tallies t) {
            List<Counted> all = new ArrayList<>();
            all.add(new Counted(
                    "changes of base",
                    "" + t.baseChanges(),
                    "how often the body goes from one base to another, as from standing to lunge",
                    from((before, now) -> before != null && base(before) != base(now))));
            all.add(new Counted(
                    "trips to the floor",
                    "" + t.floorTrips(),
                    "down and up again; passing it in a flow is none",
                    List.of()));
            all.add(new Counted(
                    "weight on the wrists",
                    "" + t.wristLoad(),
                    "movements, holds and repetitions with the weight on bent-back wrists",
                    from((before, now) -> catalogue.pose(now.pose()).wristLoad())));
            all.add(new Counted(
                    "breath held",
                    t.retentions() == 0 ? "0" : t.retentions() + " times, " + Words.count(t.retentionCounts(), "count"),
                    "retentions in movements and breathing patterns",
                    from((before, now) -> now.heldCounts() != null && now.heldCounts() > 0)));
            return all;
        }

        private Base base(Moment moment) {
            return catalogue.pose(moment.pose()).base();
        }

        private List<From> from(BiPredicate<Moment, Moment> counts) {
            Set<NodeId> nodes = new LinkedHashSet<>();
            Moment before = null;
            for (Moment moment : score.moments()) {
                if (moment.pose() == null) continue;
                if (counts.test(before, moment)) nodes.add(moment.node());
                before = moment;
            }
            return rows(nodes);
        }

        List<From> rows(Set<NodeId> nodes) {
            Naming naming = new Naming(catalogue);
            return nodes.stream()
                    .map(id -> new From(
                            "row-" + id.value(), plan.find(id).map(naming::of).orElse("")))
                    .filter(from -> !from.name().isEmpty())
                    .toList();
        }
    }
}
