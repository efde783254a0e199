package gurukram.web.practice;

import gurukram.core.body.Side;
import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Severity;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.MadeUp;
import gurukram.core.practice.Slips;
import gurukram.core.practice.Slips.Slip;
import gurukram.core.practice.Slips.Slipped;
import gurukram.core.practice.Slips.Spotted;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import gurukram.web.drawing.Figures;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.poses.Poses;
import gurukram.web.practice.SlipsStore.Kept;
import gurukram.web.practice.SlipsStore.Other;
import gurukram.web.practice.SlipsStore.Put;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts slips into a class and keeps it, so that it is the same when it is marked. */
@Service
class SpotTheSlip {
    private final SlipsStore store;
    private final ClassStore classes;
    private final ClassChecks checks;
    private final Poses poses;
    private final Clock clock;

    SpotTheSlip(SlipsStore store, ClassStore classes, ClassChecks checks, Poses poses, Clock clock) {
        this.store = store;
        this.classes = classes;
        this.checks = checks;
        this.poses = poses;
        this.clock = clock;
    }

    /**
     * Makes one.
     *
     * @param of one of her classes; null for a made-up one
     * @param seed what decides where the slips are
     */
    @Transactional
    public UUID make(Teacher teacher, ClassId of, int wanted, long seed) {
        PoseCatalogue catalogue = poses.of(teacher);
        ClassPlan plan;
        Checks by;
        if (of == null) {
            plan = MadeUp.of(seed, catalogue);
            by = new Checks(catalogue, new Unfolder(catalogue, Pace.defaults()), School.UNSET, null);
        } else {
            StoredClass stored = classes.find(teacher, of).orElseThrow(NotFound::new);
            plan = stored.plan();
            by = checks.of(teacher, of);
        }
        Slipped slipped = new Slips(catalogue, by).into(plan, wanted, seed);
        return store.make(teacher, plan.settings().title(), slipped.plan(), put(slipped), clock.instant());
    }

    private static Put put(Slipped slipped) {
        List<SlipsStore.Slip> slips = new ArrayList<>();
        for (Slip slip : slipped.slips())
            slips.add(new SlipsStore.Slip(slip.kind(), List.copyOf(slip.nodes()), slip.told()));
        List<Other> others = new ArrayList<>();
        for (Finding finding : slipped.others()) others.add(new Other(finding.node(), finding.what()));
        return new Put(slips, others);
    }

    /** What was seen, counted anew from what is kept. */
    static Spotted judge(Kept kept, Set<NodeId> marked) {
        List<Slip> slips = new ArrayList<>();
        for (SlipsStore.Slip slip : kept.put().slips())
            slips.add(new Slip(slip.kind(), Set.copyOf(slip.nodes()), slip.told()));
        List<Finding> others = new ArrayList<>();
        for (Other other : kept.put().others())
            others.add(new Finding("other", Severity.LOOK, other.node(), "", List.of(), other.told(), ""));
        return new Slipped(kept.plan(), slips, others).judge(marked);
    }

    /** Only what stands in the class can be marked. */
    @Transactional
    public void mark(Teacher teacher, UUID id, Set<NodeId> marked) {
        Kept kept = store.find(teacher, id).orElseThrow(NotFound::new);
        Set<NodeId> there = new LinkedHashSet<>();
        kept.plan().walk(node -> {
            if (marked.contains(node.id())) there.add(node.id());
        });
        Spotted spotted = judge(kept, there);
        store.mark(
                teacher,
                id,
                List.copyOf(there),
                spotted.found().size(),
                spotted.missed().size(),
                spotted.wrong().size());
    }

    /**
     * A line of the class.
     *
     * @param depth 0 for a part, 1 for what stands in it, 2 for the steps of a flow
     * @param look {@code found}, {@code missed}, {@code wrong}, {@code also} or empty
     * @param told what is so; empty where nothing is
     */
    public record Row(
            String node,
            int depth,
            String line,
            List<String> more,
            String figure,
            boolean marked,
            String look,
            String told) {}

    /** {@link NotFound} when a pose of its own is gone since. */
    List<Row> rows(Teacher teacher, Kept kept) {
        PoseCatalogue catalogue = poses.of(teacher);
        kept.plan().walk(node -> {
            if (node instanceof Step step && step.pose() != null && !catalogue.has(step.pose())) throw new NotFound();
        });
        Map<NodeId, String> looks = new HashMap<>();
        Map<NodeId, String> told = new HashMap<>();
        Set<NodeId> marked = kept.marked() == null ? Set.of() : new LinkedHashSet<>(kept.marked());
        if (kept.marked() != null) tell(kept, marked, looks, told);
        Lines lines = new Lines(catalogue, marked, looks, told);
        for (Section section : kept.plan().sections()) {
            lines.add(section.id(), 0, section.title(), List.of(), "");
            for (Item item : section.children()) {
                if (item instanceof Step step) lines.step(step, 1);
                if (item instanceof Flow flow) lines.flow(flow);
            }
        }
        return lines.rows;
    }

    private static void tell(Kept kept, Set<NodeId> marked, Map<NodeId, String> looks, Map<NodeId, String> told) {
        Spotted spotted = judge(kept, marked);
        for (NodeId node : spotted.wrong()) {
            looks.put(node, "wrong");
            told.put(node, "Nothing is wrong here.");
        }
        for (Other other : kept.put().others())
            if (spotted.also().contains(other.node())) {
                looks.put(other.node(), "also");
                told.put(other.node(), "Also so, and not put in: " + other.told());
            }
        for (Slip slip : spotted.found()) {
            NodeId at =
                    slip.nodes().stream().filter(marked::contains).findFirst().orElseThrow();
            looks.put(at, "found");
            told.put(at, said(slip));
        }
        for (Slip slip : spotted.missed()) {
            NodeId at = place(kept.plan(), slip.nodes());
            looks.put(at, "missed");
            told.put(at, said(slip));
        }
    }

    /** The line that comes first, and the step rather than the part it stands in. */
    private static NodeId place(ClassPlan plan, Set<NodeId> nodes) {
        List<NodeId> steps = new ArrayList<>();
        List<NodeId> all = new ArrayList<>();
        plan.walk(node -> {
            if (!nodes.contains(node.id())) return;
            all.add(node.id());
            if (node instanceof Step) steps.add(node.id());
        });
        return steps.isEmpty() ? all.get(0) : steps.get(0);
    }

    private static String said(Slip slip) {
        String words = slip.kind().words();
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ". " + slip.told();
    }

    /** The class as text, line by line. */
    private static final class Lines {
        private final PoseCatalogue catalogue;
        private final NotationWriter writer;
        private final Set<NodeId> marked;
        private final Map<NodeId, String> looks;
        private final Map<NodeId, String> told;
        private final List<Row> rows = new ArrayList<>();

        Lines(PoseCatalogue catalogue, Set<NodeId> marked, Map<NodeId, String> looks, Map<NodeId, String> told) {
            this.catalogue = catalogue;
            this.writer = new NotationWriter(catalogue);
            this.marked = marked;
            this.looks = looks;
            this.told = told;
        }

        void step(Step step, int depth) {
            List<String> lines = writer.lines(step);
            String figure = step.pose() == null ? "" : Figures.small(catalogue.pose(step.pose()), side(step.sides()));
            add(step.id(), depth, lines.get(0), lines.subList(1, lines.size()), figure);
        }

        private static Side side(SideRule rule) {
            return rule instanceof SideRule.Only only ? only.side() : null;
        }

        void flow(Flow flow) {
            List<String> lines = writer.lines(flow);
            add(flow.id(), 1, lines.get(0), lines.subList(1, lines.size()), "");
            flow.steps().forEach(step -> step(step, 2));
        }

        void add(NodeId node, int depth, String line, List<String> more, String figure) {
            rows.add(new Row(
                    node.value(),
                    depth,
                    line,
                    more,
                    figure,
                    marked.contains(node),
                    looks.getOrDefault(node, ""),
                    told.getOrDefault(node, "")));
        }
    }
}
