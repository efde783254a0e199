package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.dose.Dose;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.time.Millis;
import java.util.List;

/** After the rest people are brought back: the class has a close. */
@AutoService(Check.class)
public final class Closing implements Check {
    private static final int USUAL_SECONDS = 60;
    private static final long SHORT_MINUTES = 20;
    private static final Card CARD = Card.of(
            "closing",
            "The class has a close",
            "Without a minute to sit up and arrive, people leave half asleep and drive home.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        if (FinalRest.moments(subject).isEmpty()) return;
        boolean closes = subject.plan().sections().stream()
                .anyMatch(s -> s.role() == SectionRole.CLOSE
                        && !subject.momentsOf(s.id()).isEmpty());
        if (!closes)
            found.add(
                    isShort(subject) ? Severity.INFO : Severity.LOOK,
                    NodeId.CLASS,
                    "",
                    List.of(),
                    "The class ends with the rest; it has no close.",
                    "Plan a minute for sitting up and a word.");
    }

    /** People who practise a quarter of an hour before breakfast close by getting up. */
    private static boolean isShort(Subject subject) {
        return subject.score().totalMs() <= SHORT_MINUTES * Millis.MINUTE;
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        Step sit = Step.of(new NodeId("close-step"), "easy-seat", new SideRule.None(), new Dose.Open(USUAL_SECONDS));
        Section close = Section.of(new NodeId("close-part"), SectionRole.CLOSE, sit);
        List<Section> sections = subject.plan().sections();
        NodeId last = sections.get(sections.size() - 1).id();
        return List.of(new Mend("Add a close of one minute, sitting", new PlanEdit.Insert(NodeId.CLASS, last, close)));
    }
}
