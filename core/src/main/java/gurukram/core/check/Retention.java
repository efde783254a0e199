package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.dose.Dose;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Need;
import gurukram.core.score.Moment;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Nobody is asked to hold the breath who should not; and all the holding together stays within what the level is used to. */
@AutoService(Check.class)
public final class Retention implements Check {
    static final Threshold MOST = new Threshold("retention-seconds", "seconds of held breath in a class", 0, 120, 300);
    private static final Set<Need> MUST_NOT = EnumSet.of(
            Need.HIGH_BLOOD_PRESSURE,
            Need.PREGNANCY_EARLY,
            Need.PREGNANCY_LATER,
            Need.EYE_PRESSURE,
            Need.EPILEPSY,
            Need.PANIC,
            Need.ASTHMA);
    private static final Card CARD = Card.of(
            "retention",
            "The breath is held only by those who may, and not for too long",
            "Held breath raises pressure; some people must not, and they will not tell you in front of the others.",
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        List<Integer> held = new ArrayList<>();
        long ms = 0;
        for (int i = 0; i < subject.moments().size(); i++) {
            long here = heldMs(subject, subject.moment(i));
            if (here > 0) held.add(i);
            ms += here;
        }
        if (held.isEmpty()) return;
        NodeId node = subject.moment(held.get(0)).node();
        List<String> people = mustNot(subject);
        if (!people.isEmpty()) {
            String what = "The breath is held for %s in all, and somebody in this group must not: %s."
                    .formatted(Wording.time(ms), Wording.and(people));
            found.must(node, "needs", held, what, "Switch the holds off; the breath goes on.");
            return;
        }
        int most = subject.value(MOST);
        if (ms <= (long) most * Millis.SECOND) return;
        String what = "The breath is held for %s in all; %s are the most for this level."
                .formatted(Wording.time(ms), Wording.time((long) most * Millis.SECOND));
        found.look(node, "long", held, what, "Shorter holds, fewer rounds, or none.");
    }

    /** Who in the group must not hold the breath, with their number. */
    static List<String> mustNot(Subject subject) {
        List<String> people = new ArrayList<>();
        for (Need need : MUST_NOT) {
            if (subject.group() != null && subject.group().people(need) > 0)
                people.add(Needs.people(subject.group(), need));
        }
        return people;
    }

    private static long heldMs(Subject subject, Moment moment) {
        if (moment.breath() == Breath.HOLD_IN || moment.breath() == Breath.HOLD_OUT) return moment.workMs();
        if (moment.heldCounts() == null) return 0;
        return moment.heldCounts() * subject.school().countMillis(1_500);
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        List<Mend> mends = new ArrayList<>();
        List<PlanEdit> patterns = new ArrayList<>();
        for (NodeId node : finding.moments().stream()
                .map(i -> subject.moment(i).node())
                .distinct()
                .toList()) {
            Step step = subject.step(node);
            if (step.dose() instanceof Dose.Pattern pattern) {
                patterns.add(new PlanEdit.Change(
                        step.withDose(new Dose.Pattern(pattern.stages(), Dose.Pattern.Holds.NONE))));
            }
        }
        if (!patterns.isEmpty()) {
            mends.add(new Mend("Breathe the pattern without holds", PlanEdit.all(patterns)));
        }
        School off = subject.settings().school().withHolds(Dose.Pattern.Holds.NONE);
        mends.add(new Mend(
                "Switch holds off for this class",
                new PlanEdit.Settings(subject.settings().with(off))));
        return mends;
    }
}
