package gurukram.web.drafts;

import gurukram.core.body.Side;
import gurukram.core.compose.Missed;
import gurukram.core.compose.brief.Brief;
import gurukram.core.coverage.Gaps;
import gurukram.core.coverage.Movement;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.logbook.Weeks;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.CarriedStore.News;
import gurukram.web.plans.CarriedStore.OfClass;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the logbook has to say to a brief: what was missed for weeks, and what the group's classes still owe. */
@Component
class Lately {
    private static final int MOST_MISSED = 6;
    private static final String MISSED = "missed-";
    private static final String OWED = "owed-";

    private final Weeks weeks;
    private final CarriedStore carried;
    private final ClassStore classes;
    private final Poses poses;

    Lately(Weeks weeks, CarriedStore carried, ClassStore classes, Poses poses) {
        this.weeks = weeks;
        this.carried = carried;
        this.classes = classes;
        this.poses = poses;
    }

    /**
     * What can be wished for.
     *
     * @param missed movements that were missed, {@code owed} what is left over from the group's classes
     */
    public record Offer(List<Wished> missed, List<Wished> owed) {
        public boolean isEmpty() {
            return missed.isEmpty() && owed.isEmpty();
        }
    }

    /** @param field its name in the form, {@code why} what the logbook says */
    public record Wished(String field, String words, String why, boolean chosen) {}

    /** Whether a field of the form is one of ours. */
    static boolean isField(String name) {
        return name.startsWith(MISSED) || name.startsWith(OWED);
    }

    static String missed(String movement) {
        return MISSED + movement;
    }

    /** @param brief what is asked for otherwise; null where that cannot be taken yet: then nothing is offered that depends on it */
    Offer offer(Teacher teacher, BriefForm form, UUID group, Brief brief) {
        return new Offer(
                brief == null ? List.of() : missedBy(teacher, form, group, brief), owedTo(teacher, form, group));
    }

    private List<Wished> missedBy(Teacher teacher, BriefForm form, UUID group, Brief brief) {
        PoseCatalogue catalogue = poses.of(teacher);
        List<Wished> missed = new ArrayList<>();
        for (Gaps.Gap gap : weeks.gaps(teacher, group)) {
            String field = MISSED + gap.movement().name();
            Optional<Pose> pose = Missed.pose(gap.movement(), brief, catalogue);
            if (pose.isPresent() && (missed.size() < MOST_MISSED || form.has(field)))
                missed.add(new Wished(
                        field,
                        "with %s: %s"
                                .formatted(gap.movement().words(), pose.get().name()),
                        gap.words(),
                        form.has(field)));
        }
        return missed;
    }

    private List<Wished> owedTo(Teacher teacher, BriefForm form, UUID group) {
        if (group == null) return List.of();
        return carried.ofGroup(teacher, group).stream()
                .map(one -> new Wished(
                        OWED + one.carried().id(),
                        one.carried().words(),
                        one.title(),
                        form.has(OWED + one.carried().id())))
                .toList();
    }

    /** The brief with what was wished for: a pose for each movement that was missed, the poses that are owed, the side that was left out. */
    Brief into(Teacher teacher, BriefForm form, UUID group, Brief brief) {
        Set<Movement> missed = EnumSet.noneOf(Movement.class);
        for (Movement movement : Movement.values()) if (form.has(MISSED + movement.name())) missed.add(movement);
        Brief with = missed.isEmpty() ? brief : Missed.into(brief, missed, poses.of(teacher));
        Set<String> wanted = new LinkedHashSet<>(with.wanted());
        for (OfClass one : chosen(teacher, form, group)) {
            pose(teacher, one).filter(id -> !brief.unwanted().contains(id)).ifPresent(wanted::add);
            if (one.carried().words().endsWith("begin left next time")) with = with.with(Side.LEFT);
            if (one.carried().words().endsWith("begin right next time")) with = with.with(Side.RIGHT);
        }
        return with.withPoses(wanted, with.unwanted());
    }

    private List<OfClass> chosen(Teacher teacher, BriefForm form, UUID group) {
        if (group == null || form.typed().keySet().stream().noneMatch(field -> field.startsWith(OWED)))
            return List.of();
        return carried.ofGroup(teacher, group).stream()
                .filter(one -> form.has(OWED + one.carried().id()))
                .toList();
    }

    private Optional<String> pose(Teacher teacher, OfClass one) {
        if (one.carried().node() == null) return Optional.empty();
        return classes.find(teacher, one.classId())
                .flatMap(stored -> stored.plan().find(new NodeId(one.carried().node())))
                .filter(Step.class::isInstance)
                .map(node -> ((Step) node).pose())
                .filter(Objects::nonNull)
                .filter(id -> poses.of(teacher).has(id));
    }

    /** What was owed stands on the class now that was drafted for it, and no longer on the one it came from. */
    @Transactional
    void moved(Teacher teacher, BriefForm form, UUID group, UUID draft, ClassId made) {
        List<OfClass> all = chosen(teacher, form, group);
        if (all.isEmpty()) return;
        carried.keep(
                teacher,
                made.value(),
                draft,
                all.stream()
                        .map(one -> new News(
                                one.carried().kind(), null, one.carried().words()))
                        .toList());
        for (OfClass one : all)
            carried.settle(teacher, one.classId(), one.carried().id(), true);
    }
}
