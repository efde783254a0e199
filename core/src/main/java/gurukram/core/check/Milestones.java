package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.score.Moment;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;

/** In a long hold people hear how far they are, and in a long rest once that it is halfway; written in the note or the words. */
@AutoService(Check.class)
public final class Milestones implements Check {
    static final Threshold HOLD =
            Threshold.of("milestone-seconds", "seconds of a hold from which a call is wanted", 30);
    static final Threshold REST =
            Threshold.of("rest-prompt-seconds", "seconds of rest from which a word at halfway is wanted", 240);
    private static final int NAMED = 4;
    private static final int HARD = 3;
    private static final long MINUTE_OF_WORK_MS = 60_000;
    private static final List<String> CALLS =
            List.of("halfway", "half way", "last", "more breath", "more breaths", "2 more", "3 more");
    private static final Card CARD = Card.of(
            "milestones",
            "Long holds and long rests have a word on the way",
            "Without a word nobody knows whether it is two breaths more or ten, and the shoulders come up.",
            HOLD,
            REST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        List<Integer> holds = silent(subject, false);
        if (!holds.isEmpty())
            found.info(NodeId.CLASS, "hold", holds, holds(subject, holds), "Write down what you will say, and when.");
        for (int i : holds) {
            if (!isHard(subject, i)) continue;
            String what = "%s works for %s without a word."
                    .formatted(
                            subject.pose(i).name(),
                            Wording.time(subject.moment(i).workMs()));
            found.look(subject.moment(i).node(), "work", List.of(i), what, "Say when it is half, and count down.");
        }
        for (int i : silent(subject, true)) {
            String what = "The rest of %s has no word at halfway."
                    .formatted(Wording.time(subject.moment(i).workMs()));
            found.info(subject.moment(i).node(), "rest", List.of(i), what, "Write down what you will say, and when.");
        }
    }

    private static String holds(Subject subject, List<Integer> moments) {
        List<String> some = moments.stream()
                .limit(NAMED)
                .map(i -> "%s (%s)"
                        .formatted(
                                subject.name(subject.pose(i).id()),
                                Wording.time(subject.moment(i).workMs())))
                .toList();
        int more = moments.size() - some.size();
        return "%s: held for %d s or more without a call on the way."
                .formatted(
                        Words.capital(Wording.and(some)) + (more == 0 ? "" : ", and " + more + " more"),
                        subject.value(HOLD));
    }

    /** Long holds without a call, in the final rest or elsewhere: the first moment of each step. */
    private static List<Integer> silent(Subject subject, boolean inRest) {
        List<Integer> silent = new ArrayList<>();
        long from = (long) subject.value(inRest ? REST : HOLD) * Millis.SECOND;
        NodeId last = null;
        for (int i = 0; i < subject.moments().size(); i++) {
            Moment moment = subject.moment(i);
            if (moment.kind() != Moment.Kind.HOLD
                    || !subject.isWork(i)
                    || moment.node().equals(last)) continue;
            if ((subject.role(i) == SectionRole.REST) != inRest || moment.workMs() < from) continue;
            last = moment.node();
            if (!isCalled(subject.step(i))) silent.add(i);
        }
        return silent;
    }

    /** A minute of work in silence is long. */
    private static boolean isHard(Subject subject, int i) {
        return subject.pose(i).effort() >= HARD && subject.moment(i).workMs() >= MINUTE_OF_WORK_MS;
    }

    private static boolean isCalled(Step step) {
        return CALLS.stream().anyMatch(call -> Swap.tells(step, call));
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        boolean rest = finding.about().equals("rest");
        List<PlanEdit> edits = new ArrayList<>();
        for (int i : finding.moments()) {
            String line = rest ? "Halfway: one quiet word, then silence again." : "Call: halfway, two more, last.";
            Swap.noted(subject.step(i), line).ifPresent(noted -> edits.add(new PlanEdit.Change(noted)));
        }
        if (edits.isEmpty()) return List.of();
        String label = rest
                ? "Note a word at halfway"
                : edits.size() == 1 ? "Note the calls" : "Note the calls at %d poses".formatted(edits.size());
        return List.of(new Mend(label, PlanEdit.all(edits)));
    }
}
