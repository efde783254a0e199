package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.Mode;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** A movement has a half-breath people can breathe. */
@AutoService(Check.class)
public final class HalfBreath implements Check {
    /** Ours: quicker is panting, longer is holding the breath. */
    static final Threshold LEAST =
            Threshold.of("half-breath-least", "tenths of a second a half-breath has at least", 15);

    static final Threshold MOST = Threshold.of("half-breath-most", "tenths of a second a half-breath has at most", 90);
    private static final int TENTH = 100;
    private static final Card CARD = Card.of(
            "half-breath",
            "A half-breath can be breathed",
            "In one second nobody breathes in, and nobody breathes out for ten.",
            LEAST,
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<NodeId, List<Integer>> quick = new LinkedHashMap<>();
        Map<NodeId, List<Integer>> slow = new LinkedHashMap<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            Moment moment = subject.moment(i);
            boolean breathed = moment.kind() == Moment.Kind.MOVEMENT
                    && moment.flow() != null
                    && !moment.breath().isHeld();
            if (!breathed || !subject.isWork(i) || isTaught(subject, i)) continue;
            if (moment.workMs() < (long) subject.value(LEAST) * TENTH) at(quick, moment, i);
            else if (moment.workMs() > (long) subject.value(MOST) * TENTH) at(slow, moment, i);
        }
        tell(subject, quick, "quick", found);
        tell(subject, slow, "slow", found);
    }

    /** While it is taught a position takes as long as the words. */
    private static boolean isTaught(Subject subject, int i) {
        Integer round = subject.moment(i).round();
        return round != null
                && Objects.requireNonNull(subject.flow(i)).settings().pace().modeIn(round) == Mode.LEARN;
    }

    private static void at(Map<NodeId, List<Integer>> flows, Moment moment, int i) {
        flows.computeIfAbsent(moment.flow(), n -> new ArrayList<>()).add(i);
    }

    private static void tell(Subject subject, Map<NodeId, List<Integer>> flows, String about, Findings found) {
        flows.forEach((flow, moments) -> {
            long ms = subject.moment(moments.get(0)).workMs();
            String what = "A half-breath of this flow has %s s: too %s to be one (%s)."
                    .formatted(
                            Millis.seconds(ms),
                            about.equals("quick") ? "short" : "long",
                            Wording.times(moments.size()));
            found.look(flow, about, moments, what, "Usual are 3 to 5 s; a slow cue wants a whole breath.");
        });
    }
}
