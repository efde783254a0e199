package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.Pose;
import gurukram.core.time.Millis;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** A class with something strong in it begins warm and ends calm; and once it is written, no part of it is empty. */
@AutoService(Check.class)
public final class Shape implements Check {
    static final Threshold EASY =
            Threshold.of("easy-seconds", "seconds of easy movement before and after what is strong", 60);
    private static final int STRONG = 4;
    private static final int CALM = 3;
    private static final int SHORT_MINUTES = 15;
    private static final int WRITTEN_PERCENT = 80;
    private static final Set<SectionRole> STILL =
            EnumSet.of(SectionRole.ARRIVE, SectionRole.BREATHE, SectionRole.TALK, SectionRole.LESSON);
    private static final Set<SectionRole> END = EnumSet.of(SectionRole.REST, SectionRole.SIT, SectionRole.CLOSE);
    private static final Card CARD = Card.of(
            "shape",
            "The class begins warm and ends calm",
            "From the street into a plank, from a plank onto the back: neither is a class.",
            EASY);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        if (subject.score().totalMs() < (long) SHORT_MINUTES * Millis.MINUTE) return;
        warm(subject, found);
        calm(subject, found);
        for (Section section : subject.plan().sections()) empty(subject, section, found);
    }

    private static boolean isStrong(Subject subject, int i) {
        return subject.isWork(i) && subject.pose(i).effort() >= STRONG;
    }

    private static void warm(Subject subject, Findings found) {
        long easy = 0;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i) || STILL.contains(subject.role(i))) continue;
            if (isStrong(subject, i)) {
                long wanted = (long) subject.value(EASY) * Millis.SECOND;
                if (easy >= wanted) return;
                Pose pose = subject.pose(i);
                String what = "%s is strong, and there is %s of easy movement before it; wanted: %s."
                        .formatted(pose.name(), Wording.time(easy), Wording.time(wanted));
                found.look(subject.moment(i).node(), "warm", List.of(i), what, "Warm up first.");
                return;
            }
            easy += subject.moment(i).workMs();
        }
    }

    private static void calm(Subject subject, Findings found) {
        int last = -1;
        long easy = 0;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (isStrong(subject, i)) {
                last = i;
                easy = 0;
            } else if (subject.isWork(i) && subject.pose(i).effort() <= CALM && !END.contains(subject.role(i))) {
                easy += subject.moment(i).workMs();
            }
        }
        long wanted = (long) subject.value(EASY) * Millis.SECOND;
        if (last < 0 || easy >= wanted) return;
        String what = "Behind %s, which is strong, there is %s of quiet before the rest; wanted: %s."
                .formatted(subject.name(subject.pose(last).id()), Wording.time(easy), Wording.time(wanted));
        found.look(subject.moment(last).node(), "calm", List.of(last), what, "Cool down before the rest.");
    }

    /** While a class is being written its parts stand empty and wait; that is no slip. */
    private static void empty(Subject subject, Section section, Findings found) {
        long slot = (long) subject.settings().slotMinutes() * Millis.MINUTE;
        boolean written = subject.score().totalMs() * 100 >= slot * WRITTEN_PERCENT;
        if (!written || !section.items().isEmpty() || !section.role().isPractice()) return;
        String what = "“%s” is empty.".formatted(section.title());
        found.look(section.id(), "empty", List.of(), what, "Fill it, or take it out.");
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        NodeId node = finding.node();
        if (!finding.about().equals("empty")) return List.of();
        return List.of(new Mend("Take it out", new PlanEdit.Remove(node)));
    }
}
