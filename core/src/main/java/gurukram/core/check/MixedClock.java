package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.score.MixedRoom;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** In a mixed room no level's line needs more time than the base line, which is the clock. */
@AutoService(Check.class)
public final class MixedClock implements Check {
    private static final Card CARD = Card.of(
            "mixed-clock",
            "In a mixed room every line fits the one clock",
            "Who needs longer than the clock is still in the pose when the room has moved on.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        boolean mixed = subject.settings().mixed();
        if (subject.level() == null || !mixed) beside(subject, found);
        if (!mixed || subject.level() != null) return;
        Map<List<Object>, List<MixedRoom.Line>> over = new LinkedHashMap<>();
        for (MixedRoom.Line line : MixedRoom.lines(subject.plan(), subject.unfolder(), subject.baseScore())) {
            if (line.isOver())
                over.computeIfAbsent(List.of(line.node(), line.level()), k -> new ArrayList<>())
                        .add(line);
        }
        over.forEach((place, lines) -> {
            NodeId node = (NodeId) place.get(0);
            Level level = (Level) place.get(1);
            MixedRoom.Line worst = lines.stream()
                    .max(Comparator.comparing(line -> line.lineMs() - line.clockMs()))
                    .orElseThrow();
            String what = "%s takes %s at %s, and the clock has %s%s."
                    .formatted(
                            name(subject, node),
                            Wording.time(worst.lineMs()),
                            level.word(),
                            Wording.time(worst.clockMs()),
                            lines.size() == 1 ? "" : " (" + Wording.times(lines.size()) + ")");
            found.look(
                    node,
                    level.word(),
                    subject.momentsOf(node),
                    what,
                    "A shorter line for them, or a longer base line.");
        });
    }

    private static void beside(Subject subject, Findings found) {
        Set<List<Object>> told = new HashSet<>();
        for (MixedRoom.Beside line : subject.beside()) {
            if (!line.isOver() || !told.add(List.of(line.node(), line.who()))) continue;
            String what = "%s takes %s for %s, and the clock has %s."
                    .formatted(
                            name(subject, line.node()),
                            Wording.time(line.lineMs()),
                            line.who(),
                            Wording.time(line.clockMs()));
            found.look(
                    line.node(),
                    line.who().replace(' ', '-'),
                    subject.momentsOf(line.node()),
                    what,
                    "A shorter line for them, or a longer base line.");
        }
    }

    private static String name(Subject subject, NodeId node) {
        return subject.node(node) instanceof Step step ? Words.capital(subject.name(step.pose())) : "The flow";
    }
}
