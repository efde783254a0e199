package gurukram.core.check;

import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.Step;
import gurukram.core.pose.Pose;
import gurukram.core.said.Numbers;
import gurukram.core.score.Moment;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Whether the numbers a text names are those of the step or flow it stands at. Parts of a whole, “the last two breaths”, are left alone. */
final class SaidNumbers {
    /** Ours: a minute said of fifty seconds is a minute. */
    private static final double NEARLY = 0.25;

    private SaidNumbers() {}

    /** @param has what the step has of it, in the unit of the words */
    record Wrong(Numbers.Counted said, double has) {}

    static Optional<Wrong> inStep(Subject subject, Step step, List<Integer> moments, String text) {
        for (Numbers.Counted said : Numbers.in(text)) {
            if (said.more() || said.partly()) continue;
            Double has = has(subject, step, moments, said);
            if (has == null || isSame(said, has)) continue;
            return Optional.of(new Wrong(said, has));
        }
        return Optional.empty();
    }

    /** Rounds of a flow, as its name or its words say: “three rounds”, “twice”. */
    static Optional<Wrong> inFlow(int rounds, String text) {
        return Numbers.in(text).stream()
                .filter(said -> !said.more() && !said.partly() && said.known())
                .filter(said -> said.unit().equals("rounds") || said.unit().equals("reps"))
                .filter(said -> said.number() != rounds)
                .map(said -> new Wrong(said, rounds))
                .findFirst();
    }

    /** The text with the second “two more” counted down. */
    static Optional<String> countedDown(String text) {
        List<Numbers.Counted> more =
                Numbers.in(text).stream().filter(Numbers.Counted::more).toList();
        for (int i = 1; i < more.size(); i++) {
            Numbers.Counted now = more.get(i);
            if (more.get(i - 1).number() > now.number() || now.number() < 2) continue;
            String rest = text.substring(now.from(), now.to()).replaceFirst("^\\S+", String.valueOf(now.number() - 1));
            String one = now.number() == 2 ? rest.replaceFirst("s$", "").replaceFirst("^1", "one") : rest;
            return Optional.of(text.substring(0, now.from()) + one + text.substring(now.to()));
        }
        return Optional.empty();
    }

    /** “Two more” for the second time: the count runs on. */
    static Optional<String> moreTwice(String text) {
        List<Numbers.Counted> more =
                Numbers.in(text).stream().filter(Numbers.Counted::more).toList();
        for (int i = 1; i < more.size(); i++) {
            Numbers.Counted before = more.get(i - 1);
            Numbers.Counted now = more.get(i);
            if (before.number() <= now.number() && before.unit().equals(now.unit()))
                return Optional.of(text.substring(now.from(), now.to()));
        }
        return Optional.empty();
    }

    private static boolean isSame(Numbers.Counted said, double has) {
        boolean time = said.unit().equals("seconds") || said.unit().equals("minutes");
        return time ? Math.abs(said.amount() - has) <= NEARLY * has : said.amount() == has;
    }

    private static @Nullable Double has(Subject subject, Step step, List<Integer> moments, Numbers.Counted said) {
        Dose dose = ChosenDose.of(step, subject.level());
        Moment first = subject.moment(moments.get(0));
        long ms = moments.stream()
                .map(subject::moment)
                .filter(moment -> moment.side() == first.side())
                .mapToLong(Moment::workMs)
                .sum();
        if (!said.known()) {
            boolean own = subject.catalogue()
                    .named(said.unit())
                    .map(Pose::id)
                    .filter(id -> id.equals(first.pose()))
                    .isPresent();
            return own && dose instanceof Reps reps ? (Double) (double) reps.reps() : null;
        }
        return switch (said.unit()) {
            case "breaths" ->
                first.kind() == Moment.Kind.HOLD && first.breaths() != null ? (Double) (double) first.breaths() : null;
            case "seconds" -> isTimed(first) ? (Double) ((double) ms / Millis.SECOND) : null;
            case "minutes" -> isTimed(first) ? (Double) ((double) ms / Millis.MINUTE) : null;
            case "counts" -> dose instanceof Dose.Counts hold ? (Double) (double) hold.counts() : null;
            case "sets" -> dose instanceof Reps reps ? (Double) (double) reps.sets() : null;
            case "reps" ->
                dose instanceof Reps reps
                        ? (Double) (double) reps.reps()
                        : dose instanceof Attempts tries ? (Double) (double) tries.attempts() : null;
            default -> null;
        };
    }

    private static boolean isTimed(Moment moment) {
        return moment.kind() == Moment.Kind.HOLD || moment.kind() == Moment.Kind.OPEN;
    }

    /** The text with the number the step has. */
    static String mended(String text, Wrong wrong) {
        Numbers.Counted said = wrong.said();
        String unit = said.known() ? one(said.unit()) : "";
        long has = Math.round(wrong.has());
        boolean brief = said.unit().equals("minutes") && wrong.has() != Math.rint(wrong.has());
        if (brief) {
            long seconds = Math.round(wrong.has() * Millis.MINUTE / Millis.SECOND);
            return text.substring(0, said.from()) + Words.count(seconds, "second") + text.substring(said.to());
        }
        boolean once = text.substring(said.from(), said.to()).matches("(?i)once|twice|thrice");
        if (once) return text.substring(0, said.from()) + Words.count(has, "time") + text.substring(said.to());
        String words = said.known() && !said.unit().equals("reps")
                ? Words.count(has, unit)
                : has + text.substring(said.from(), said.to()).replaceFirst("^\\S+", "");
        return text.substring(0, said.from()) + words + text.substring(said.to());
    }

    private static String one(String unit) {
        return unit.substring(0, unit.length() - 1);
    }

    /** What the step has, as a teacher says it: 5, or 1:30 min. */
    static String asShown(Wrong wrong) {
        return switch (wrong.said().unit()) {
            case "minutes" -> Wording.time(Math.round(wrong.has() * Millis.MINUTE));
            case "seconds" -> Wording.time(Math.round(wrong.has() * Millis.SECOND));
            default -> String.valueOf(Math.round(wrong.has()));
        };
    }
}
