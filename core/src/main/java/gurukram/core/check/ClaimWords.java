package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Theme;
import gurukram.core.text.Claims;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The teacher's own words promise nothing a class cannot keep. They stay the teacher's; this only points. */
@AutoService(Check.class)
public final class ClaimWords implements Check {
    private static final Card CARD = Card.of(
            "claim-words",
            "The words promise nothing that a class cannot keep",
            "A class moves and rests people; what it does to an illness is for doctors to say.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        ClassSettings settings = subject.settings();
        Theme theme = settings.theme();
        tell(
                subject,
                NodeId.CLASS,
                String.join(
                        ". ",
                        settings.title(),
                        settings.note(),
                        theme.title(),
                        theme.sentence(),
                        theme.affirmation(),
                        theme.image(),
                        theme.quotation(),
                        theme.focus(),
                        theme.mantra(),
                        theme.open(),
                        theme.close()),
                found);
        subject.plan().walk(node -> tell(subject, node.id(), text(node), found));
    }

    private static String text(Node node) {
        if (node instanceof Section section) return section.name() + ". " + text(section.texts());
        if (node instanceof Flow flow) return flow.settings().name() + ". " + text(flow.texts());
        return node instanceof Step step ? text(step.texts()) : "";
    }

    private static String text(Texts texts) {
        return texts.note() + ". " + texts.say() + ". " + texts.thread();
    }

    private static void tell(Subject subject, NodeId node, String text, Findings found) {
        Set<String> claims = new LinkedHashSet<>(Claims.in(text));
        if (claims.isEmpty()) return;
        String what = "%s %s more than a class can promise."
                .formatted(
                        Wording.and(claims.stream().map(c -> "“" + c + "”").toList()),
                        claims.size() == 1 ? "says" : "say");
        List<Integer> moments = subject.momentsOf(node);
        found.look(
                node,
                "",
                moments.isEmpty() ? moments : moments.subList(0, 1),
                what,
                "Say what people do or feel instead.");
    }
}
