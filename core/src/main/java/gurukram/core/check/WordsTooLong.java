package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.cue.Cue;
import gurukram.core.cue.Speech;
import gurukram.core.plan.NodeId;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What the teacher wants to say at a movement can be said in its half-breath. */
@AutoService(Check.class)
public final class WordsTooLong implements Check {
    private static final Card CARD = Card.of(
            "words-too-long",
            "The words fit the breath they belong to",
            "Words that run over push the next breath, and after three of them nobody breathes with you.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<NodeId, List<Integer>> byStep = new LinkedHashMap<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            Moment moment = subject.moment(i);
            boolean own = subject.isWork(i) && !subject.step(i).texts().say().isEmpty();
            if (own && !fits(subject, i))
                byStep.computeIfAbsent(moment.node(), n -> new ArrayList<>()).add(i);
        }
        byStep.forEach((node, moments) -> {
            int first = moments.get(0);
            Cue cue = subject.cues().get(first);
            Integer inFlow = subject.moment(first).round();
            int round = inFlow == null ? 1 : inFlow;
            boolean movement = subject.moment(first).kind() == Moment.Kind.MOVEMENT;
            long ms = movement ? cue.ms() : subject.moment(first).lengthMs();
            long fit = ms * (movement ? Speech.flowCuesInRound(round) : Speech.EXPLAINING) / Millis.MINUTE;
            String what = "“%s” has %d words; %s s allow %d%s."
                    .formatted(
                            cue.words(),
                            cue.count(),
                            Millis.seconds(ms),
                            fit,
                            moments.size() == 1 ? "" : " (" + Wording.times(moments.size()) + ")");
            found.look(node, "", moments, what, "Say less, or say it before the round.");
        });
    }

    /** In a movement in its half-breath; what is held may be spoken over as long as it lasts. */
    private static boolean fits(Subject subject, int i) {
        Moment moment = subject.moment(i);
        Cue cue = subject.cues().get(i);
        if (moment.kind() == Moment.Kind.MOVEMENT) return cue.fits();
        return Speech.fits(cue.words(), moment.lengthMs(), Speech.EXPLAINING);
    }
}
