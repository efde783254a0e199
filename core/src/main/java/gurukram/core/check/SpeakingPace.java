package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.cue.Cues;
import gurukram.core.plan.NodeId;
import gurukram.core.time.Millis;
import java.util.List;

/** Over the whole class no more is said than can be listened to. */
@AutoService(Check.class)
public final class SpeakingPace implements Check {
    static final Threshold MOST = Threshold.of("speech", "words a minute over the whole class", 160);
    private static final Card CARD = Card.of(
            "speaking-pace",
            "There is room between the words",
            "Who talks all the time is not listened to when it matters.",
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        long words = Cues.words(subject.cues());
        int most = subject.value(MOST);
        if (words * Millis.MINUTE <= most * subject.score().totalMs()) return;
        String what = "%,d words in %s are %d a minute; %d are the most people follow."
                .formatted(
                        words,
                        Wording.time(subject.score().totalMs()),
                        words * Millis.MINUTE / subject.score().totalMs(),
                        most);
        found.look(NodeId.CLASS, "", List.of(), what, "Say less from the second round on.");
    }
}
