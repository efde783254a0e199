package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.Texts;
import gurukram.core.said.Phrases;
import java.util.List;

/** The teacher's own words invite and do not drive. */
@AutoService(Check.class)
public final class Manner implements Check {
    private static final Card CARD = Card.of(
            "manner",
            "The words invite and do not drive",
            "People do what they are told, also when it hurts; and the one in the back row takes it for herself.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        tell(
                subject,
                NodeId.CLASS,
                subject.settings().note() + "\n" + subject.settings().theme().open(),
                found);
        subject.plan().walk(node -> tell(subject, node.id(), text(node), found));
    }

    private static String text(Node node) {
        if (node instanceof Section section) return text(section.texts());
        if (node instanceof Flow flow) return text(flow.texts());
        return node instanceof Step step ? text(step.texts()) : "";
    }

    private static String text(Texts texts) {
        return texts.say() + "\n" + texts.note() + "\n" + texts.thread();
    }

    private static void tell(Subject subject, NodeId node, String text, Findings found) {
        List<Phrases.Found> phrases = Phrases.manner(text);
        if (phrases.isEmpty()) return;
        List<Integer> moments = subject.momentsOf(node);
        String what = "%s drives people."
                .formatted(Wording.and(phrases.stream()
                        .map(p -> "“" + p.words() + "”")
                        .distinct()
                        .toList()));
        found.look(
                node,
                "",
                moments.isEmpty() ? moments : moments.subList(0, 1),
                phrases.size() == 1 ? what : what.replace(" drives ", " drive "),
                phrases.get(0).advice());
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        if (!(subject.node(finding.node()) instanceof Step step)
                || step.texts().say().isEmpty()) return List.of();
        return List.of(new Mend(
                "Say the usual words of the pose",
                new PlanEdit.Change(step.with(step.texts().withSay("")))));
    }
}
