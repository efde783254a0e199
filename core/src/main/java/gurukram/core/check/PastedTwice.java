package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Node;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Pose;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** No step and no run of steps stands twice in a row by a slip of the hand. */
@AutoService(Check.class)
public final class PastedTwice implements Check {
    private static final int LONGEST_RUN = 12;
    private static final int SHORTEST_RUN = 3;
    private static final Card CARD = Card.of(
            "pasted-twice",
            "Nothing stands twice in a row",
            "A line pasted twice is done twice, and the clock believes it.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        for (Section section : subject.plan().sections()) {
            rows(subject, section.items(), found);
            for (Item item : section.items()) if (item instanceof Flow flow) rows(subject, flow.children(), found);
        }
    }

    private static void rows(Subject subject, List<? extends Node> rows, Findings found) {
        for (int i = 1; i < rows.size(); i++) {
            if (!isSame(rows.get(i - 1), rows.get(i)) || !counts(subject, rows.get(i))) continue;
            Step step = (Step) rows.get(i);
            String what =
                    "%s stands twice in a row, with the same dose.".formatted(Words.capital(subject.name(step.pose())));
            found.add(
                    step.sides() instanceof SideRule.None ? Severity.INFO : Severity.LOOK,
                    step.id(),
                    "step",
                    subject.momentsOf(step.id()),
                    what,
                    "Take one away, or make it longer.");
        }
        for (int run = SHORTEST_RUN; run <= LONGEST_RUN; run++) {
            for (int i = run; i + run <= rows.size(); i++) {
                if (!isRepeated(rows, i, run)) continue;
                Node again = rows.get(i);
                String what = "The last %d stand there a second time.".formatted(run);
                found.look(
                        again.id(),
                        "run-" + run,
                        subject.momentsOf(again.id()),
                        what,
                        "Take the second away, or make a flow of two rounds of them.");
                i += run;
            }
        }
    }

    private static boolean isRepeated(List<? extends Node> rows, int at, int run) {
        for (int k = 0; k < run; k++) if (!isSame(rows.get(at - run + k), rows.get(at + k))) return false;
        // a run of one and the same is told as steps
        return run > 1 && !isSame(rows.get(at), rows.get(at + 1));
    }

    /** Two breaths of a home pose beside its movement are two things; a movement twice is a clash of breath. */
    private static boolean counts(Subject subject, Node node) {
        Step step = (Step) node;
        if (step.pose() == null
                || step.dose() instanceof Dose.Movement
                || subject.momentsOf(step.id()).isEmpty()) return false;
        Pose pose = subject.catalogue().pose(step.pose());
        return pose.effort() > 1 || pose.sides().hasSides();
    }

    private static boolean isSame(Node a, Node b) {
        if (!(a instanceof Step one) || !(b instanceof Step other)) return false;
        return one.pose() != null
                && one.pose().equals(other.pose())
                && one.sides().equals(other.sides())
                && one.dose().equals(other.dose())
                && one.layers().isEmpty()
                && other.layers().isEmpty()
                && one.manner().equals(other.manner())
                && Objects.equals(one.texts().say(), other.texts().say());
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        if (finding.about().equals("step")) {
            Step step = subject.step(finding.node());
            List<Mend> mends = new ArrayList<>();
            if (step.sides() instanceof SideRule.Only only) {
                Side other = only.side().opposite();
                mends.add(new Mend(
                        "Do the second on the " + other.word(),
                        new PlanEdit.Change(step.withSides(new SideRule.Only(other)))));
            }
            mends.add(new Mend("Take one away", new PlanEdit.Remove(finding.node())));
            return mends;
        }
        int run = Integer.parseInt(finding.about().substring("run-".length()));
        Node parent = Objects.requireNonNull(subject.parentOf(finding.node()));
        List<? extends Node> rows = parent.children();
        int at = 0;
        while (!rows.get(at).id().equals(finding.node())) at++;
        List<PlanEdit> edits = new ArrayList<>();
        for (Node row : rows.subList(at, at + run)) edits.add(new PlanEdit.Remove(row.id()));
        return List.of(new Mend("Take the second %d away".formatted(run), PlanEdit.all(edits)));
    }
}
