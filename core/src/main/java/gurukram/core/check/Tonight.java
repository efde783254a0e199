package gurukram.core.check;

import gurukram.core.caution.Rulebook;
import gurukram.core.group.People;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.Step;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One class for one group, on a sheet for tonight: what is said before which pose to whom, what is laid out, who is watched. Counts
 * and never names.
 *
 * @param people who comes with a need
 * @param before what is said before a pose, in the order of the class, each pose once
 * @param props what lies ready, for one and for all
 * @param watched poses that want somebody to watch
 * @param hands poses in which a hand may help those who have said yes
 */
public record Tonight(
        List<Who> people, List<Before> before, List<Laid> props, List<Watched> watched, List<Hand> hands) {
    /** @param ask what the teacher may ask, {@code sendTo} who knows more */
    public record Who(Need need, int people, String name, String ask, String sendTo) {}

    /** @param startMs when the pose first comes */
    public record Before(NodeId node, Pose pose, long startMs, List<ForNeed> lines) {
        public Before {
            lines = List.copyOf(lines);
        }
    }

    /**
     * @param words what is said to them
     * @param instead what they do in its place; null where they only change it
     * @param planned whether the class has a line for them already
     */
    public record ForNeed(
            Need need,
            int people,
            Caution.Severity severity,
            String words,
            @Nullable Pose instead,
            boolean planned) {}

    /** @param there how many the room has; null without a room */
    public record Laid(
            String prop, int each, int all, @Nullable Integer there) {
        public boolean isShort() {
            return there != null && there < all;
        }
    }

    /** @param with who has to be there, {@code atOnce} how many try at a time */
    public record Watched(NodeId node, Pose pose, String with, String atOnce, String backs) {}

    private static final int MATS_AT_ONCE = 4;

    public record Hand(NodeId node, Pose pose, String where) {}

    public static Tonight of(Subject subject) {
        return new Tonight(people(subject), before(subject), props(subject), watched(subject), hands(subject));
    }

    private static List<Who> people(Subject subject) {
        People group = subject.group();
        if (group == null) return List.of();
        List<Who> people = new ArrayList<>();
        group.needs().forEach((need, n) -> {
            Rulebook.NeedGuide guide = Rulebook.shipped().of(need);
            people.add(new Who(need, n, guide.name(), guide.ask(), guide.sendTo()));
        });
        return people;
    }

    private static List<Before> before(Subject subject) {
        List<Before> before = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)
                    || !seen.add(subject.pose(i).id() + subject.moment(i).how().with())) continue;
            Step step = subject.step(i);
            List<ForNeed> lines = new ArrayList<>();
            for (Caution caution : Needs.cautions(subject.asDone(i), subject.group())) {
                boolean planned = NeedLine.answers(step, caution.need());
                boolean away = caution.severity() == Caution.Severity.BLOCKED;
                String instead = caution.instead();
                lines.add(new ForNeed(
                        caution.need(),
                        subject.group().people(caution.need()),
                        caution.severity(),
                        caution.change(),
                        away && instead != null ? subject.catalogue().pose(instead) : null,
                        planned));
            }
            lines.sort((a, b) -> a.severity().compareTo(b.severity()));
            if (!lines.isEmpty())
                before.add(
                        new Before(step.id(), subject.pose(i), subject.moment(i).startMs(), lines));
        }
        return before;
    }

    private static List<Laid> props(Subject subject) {
        Map<String, Integer> each = new LinkedHashMap<>();
        subject.plan().walk(node -> {
            if (!(node instanceof Step step) || subject.momentsOf(step.id()).isEmpty()) return;
            List<Prop> props = new ArrayList<>(step.props());
            props.addAll(PropStock.unsaid(subject, step));
            for (Prop prop : props) each.merge(prop.name(), prop.number(), Math::max);
        });
        People group = subject.group();
        int mats = group == null ? 1 : group.mats();
        List<Laid> laid = new ArrayList<>();
        each.forEach((prop, number) -> {
            Integer there =
                    group == null || group.room() == null ? null : group.room().stock(prop);
            laid.add(new Laid(prop, number, prop.equals("wall") ? 1 : number * mats, there));
        });
        return laid;
    }

    private static List<Watched> watched(Subject subject) {
        List<Watched> watched = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)
                    || subject.pose(i).risk() != Risk.HIGH
                    || !seen.add(subject.pose(i).id())) continue;
            Pose pose = subject.pose(i);
            Ladder.With with = with(subject, pose);
            boolean beside = with == Ladder.With.SPOTTER;
            watched.add(new Watched(
                    subject.moment(i).node(),
                    pose,
                    with.words(),
                    beside ? "as many as have somebody beside them" : "four mats at a time" + turns(subject.group()),
                    backs(subject, pose)));
        }
        return watched;
    }

    /** How often four mats have to take turns, where it is known how many there are. */
    private static String turns(@Nullable People group) {
        if (group == null || group.mats() <= MATS_AT_ONCE) return "";
        return ", %d turns for %d".formatted((group.mats() + MATS_AT_ONCE - 1) / MATS_AT_ONCE, group.mats());
    }

    private static Ladder.With with(Subject subject, Pose pose) {
        for (Ladder ladder : subject.catalogue().laddersWith(pose.id())) {
            int rung = ladder.rungOf(pose.id());
            if (rung > 0 && ladder.rungs().get(rung - 1).with() == Ladder.With.SPOTTER) return Ladder.With.SPOTTER;
        }
        return Ladder.With.TEACHER;
    }

    /** The sign to go a rung back. */
    private static String backs(Subject subject, Pose pose) {
        return subject.catalogue().laddersWith(pose.id()).stream()
                .filter(ladder -> pose.id().equals(ladder.peak()))
                .map(ladder -> Words.capital(ladder.back()))
                .findFirst()
                .orElse("");
    }

    private static List<Hand> hands(Subject subject) {
        List<Hand> hands = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            Pose pose = subject.pose(i);
            if (pose.teaching().handsOn().isEmpty() || !seen.add(pose.id())) continue;
            hands.add(new Hand(subject.moment(i).node(), pose, pose.teaching().handsOn()));
        }
        return hands;
    }
}
