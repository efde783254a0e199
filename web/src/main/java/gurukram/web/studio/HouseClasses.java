package gurukram.web.studio;

import gurukram.core.check.Checks;
import gurukram.core.check.Severity;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.studio.Deed;
import gurukram.core.studio.Rights;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.poses.CarriedPoses;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.studio.HouseClassStore.Remark;
import gurukram.web.studio.HouseClassStore.Shared;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Classes shared in a studio: read, reviewed, copied. The class stays its maker's; what others have of it is a copy. */
@Service
public class HouseClasses {
    static final int MOST_LETTERS = 500;

    private final Houses houses;
    private final HouseClassStore store;
    private final ClassStore classes;
    private final ClassEditor editor;
    private final CarriedPoses carried;
    private final Poses poses;
    private final GroupStore groups;
    private final Zones zones;

    HouseClasses(
            Houses houses,
            HouseClassStore store,
            ClassStore classes,
            ClassEditor editor,
            CarriedPoses carried,
            Poses poses,
            GroupStore groups,
            Zones zones) {
        this.groups = groups;
        this.zones = zones;
        this.houses = houses;
        this.store = store;
        this.classes = classes;
        this.editor = editor;
        this.carried = carried;
        this.poses = poses;
    }

    List<Shared> all(Teacher teacher, UUID studio) {
        houses.may(teacher, studio, Deed.READ_CLASS);
        return store.all(studio);
    }

    /** Only one's own can be shared. */
    @Transactional
    public UUID share(Teacher teacher, UUID studio, ClassId id) {
        houses.may(teacher, studio, Deed.SHARE_CLASS);
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        UUID shared = store.share(studio, teacher, id);
        houses.note(
                studio,
                teacher,
                "shared “%s”".formatted(stored.plan().settings().title()));
        return shared;
    }

    /** What a class is shared as; empty where it is not shared there. */
    public Optional<UUID> in(Teacher teacher, UUID studio, ClassId id) {
        houses.may(teacher, studio, Deed.READ_CLASS);
        return store.shared(studio, id);
    }

    /** One she may read. */
    Shared find(Teacher teacher, UUID studio, UUID id, Deed deed) {
        houses.may(teacher, studio, deed);
        return store.find(studio, id).orElseThrow(NotFound::new);
    }

    StoredClass read(Shared shared) {
        return classes.find(shared.maker(), shared.classId()).orElseThrow(NotFound::new);
    }

    @Transactional
    public void end(Teacher teacher, UUID studio, UUID id) {
        Shared shared = find(teacher, studio, id, Deed.READ_CLASS);
        houses.may(teacher, studio, Deed.END_SHARE, shared.teacher().equals(teacher.id()));
        store.end(studio, id);
        houses.note(studio, teacher, "ended the sharing of “%s”".formatted(shared.title()));
    }

    @Transactional
    public void template(Teacher teacher, UUID studio, UUID id, boolean yes) {
        Shared shared = find(teacher, studio, id, Deed.MAKE_TEMPLATE);
        store.template(studio, id, yes);
        houses.note(
                studio,
                teacher,
                yes
                        ? "made “%s” a template".formatted(shared.title())
                        : "made “%s” no template any more".formatted(shared.title()));
    }

    /**
     * A copy of one's own, with the maker's own poses it needs; {@link Refused} where a pose of the same name is another one here.
     *
     * @param deed copying or teaching
     */
    @Transactional
    public ClassId copy(Teacher teacher, UUID studio, UUID id, Deed deed) {
        Shared shared = find(teacher, studio, id, deed);
        ClassPlan plan = read(shared).plan();
        List<String> others = carried.bring(teacher, carried.usedBy(shared.maker(), plan), CarriedPoses.Same.ASK);
        if (!others.isEmpty())
            throw new Refused("In this class %s is another pose than yours of that name: rename yours first."
                    .formatted(String.join(", ", others)));
        return editor.create(teacher, plan, null);
    }

    /** A line of the class with what was remarked there. @param depth 0 for a part, 1 in it, 2 in a flow */
    public record Line(String node, int depth, String words, List<String> more, List<Note> remarks) {}

    /** @param line what stood there when it was made, where that is another one now; empty otherwise */
    public record Note(
            UUID id, String words, String by, String line, boolean resolved, boolean mayResolve, boolean mayTakeBack) {}

    /** The class line by line; remarks on what is gone stand at the end. */
    List<Line> lines(Teacher teacher, UUID studio, Shared shared) {
        HouseStore.House house = houses.may(teacher, studio, Deed.READ_CLASS);
        PoseCatalogue catalogue = poses.of(shared.maker());
        NotationWriter writer = new NotationWriter(catalogue);
        List<Remark> remarks = store.remarks(studio, shared.id());
        List<Line> lines = new ArrayList<>();
        ClassPlan plan = read(shared).plan();
        for (Section section : plan.sections()) {
            lines.add(line(section, 0, List.of(section.title()), remarks, house, teacher, shared));
            for (Item item : section.children()) {
                lines.add(line(item, 1, writer.lines(item), remarks, house, teacher, shared));
                if (item instanceof Flow flow)
                    for (Step step : flow.steps())
                        lines.add(line(step, 2, writer.lines(step), remarks, house, teacher, shared));
            }
        }
        List<Note> gone = new ArrayList<>();
        for (Remark remark : remarks) if (!plan.has(remark.node())) gone.add(note(remark, "", house, teacher, shared));
        if (!gone.isEmpty()) lines.add(new Line("", 0, "What is gone since", List.of(), gone));
        return lines;
    }

    private static Line line(
            Node node,
            int depth,
            List<String> text,
            List<Remark> remarks,
            HouseStore.House house,
            Teacher teacher,
            Shared shared) {
        List<Note> notes = remarks.stream()
                .filter(remark -> remark.node().equals(node.id()))
                .map(remark -> note(remark, text.get(0), house, teacher, shared))
                .toList();
        return new Line(node.id().value(), depth, text.get(0), text.subList(1, text.size()), notes);
    }

    private static Note note(Remark remark, String now, HouseStore.House house, Teacher teacher, Shared shared) {
        boolean makers = shared.teacher().equals(teacher.id());
        boolean own = remark.teacher().equals(teacher.id());
        return new Note(
                remark.id(),
                remark.words(),
                remark.by(),
                remark.line().equals(now) ? "" : remark.line(),
                remark.resolvedAt() != null,
                remark.resolvedAt() == null && Rights.may(house.role(), Deed.RESOLVE_REMARK, makers),
                Rights.may(house.role(), Deed.TAKE_BACK_REMARK, own));
    }

    /** Something to look at in the class. @param node of the line it is about; empty where it is about no line */
    public record Saw(Severity severity, String what, String node) {
        boolean isGrave() {
            return severity != Severity.INFO;
        }
    }

    /**
     * What there is to look at by the rules the studio goes by, or by the maker's where it has none; what the group needs only to who may
     * see it. For who reviews, and for the maker.
     *
     * @param lines of the class, as they are shown
     */
    List<Saw> looked(Teacher teacher, UUID studio, Shared shared, List<Line> lines) {
        HouseStore.House house = houses.may(teacher, studio, Deed.READ_CLASS);
        boolean makers = shared.teacher().equals(teacher.id());
        if (!makers && !Rights.may(house.role(), Deed.REMARK)) return List.of();
        Teacher maker = shared.maker();
        School rules = houses.rules(teacher, studio);
        UUID group = makers || Rights.may(house.role(), Deed.SEE_NEEDS) ? classes.group(maker, shared.classId()) : null;
        Checks checks = new Checks(
                poses.of(maker),
                editor.unfolderOf(maker),
                rules.equals(School.UNSET) ? editor.schoolOf(maker) : rules,
                group == null ? null : groups.people(maker, group, zones.today(maker)));
        Set<String> there = lines.stream().map(Line::node).collect(Collectors.toSet());
        return checks.report(read(shared).plan()).findings().stream()
                .map(found -> new Saw(
                        found.severity(),
                        found.what(),
                        there.contains(found.node().value()) ? found.node().value() : ""))
                .toList();
    }

    @Transactional
    public void remark(Teacher teacher, UUID studio, UUID id, String node, String typed) {
        Shared shared = find(teacher, studio, id, Deed.REMARK);
        String words = Plain.line(typed, "A remark", MOST_LETTERS).strip();
        if (words.isEmpty()) throw new Refused("A remark has words.");
        Line at = lines(teacher, studio, shared).stream()
                .filter(line -> line.node().equals(node) && !node.isEmpty())
                .findFirst()
                .orElseThrow(NotFound::new);
        store.remark(studio, id, new NodeId(node), at.words(), words, teacher);
    }

    private Remark remark(UUID studio, UUID id, UUID remark) {
        return store.remarks(studio, id).stream()
                .filter(one -> one.id().equals(remark))
                .findFirst()
                .orElseThrow(NotFound::new);
    }

    /** Whoever made the class, or has the studio, says that it is seen to. */
    @Transactional
    public void resolve(Teacher teacher, UUID studio, UUID id, UUID remark) {
        Shared shared = find(teacher, studio, id, Deed.READ_CLASS);
        houses.may(teacher, studio, Deed.RESOLVE_REMARK, shared.teacher().equals(teacher.id()));
        store.resolve(studio, id, remark(studio, id, remark).id());
    }

    @Transactional
    public void takeBack(Teacher teacher, UUID studio, UUID id, UUID remark) {
        find(teacher, studio, id, Deed.READ_CLASS);
        Remark found = remark(studio, id, remark);
        houses.may(teacher, studio, Deed.TAKE_BACK_REMARK, found.teacher().equals(teacher.id()));
        store.takeBack(studio, id, remark);
    }
}
