package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.fit.Fit;
import gurukram.core.fit.FitAnswer;
import gurukram.core.fit.FitRequest;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The class ends when its slot does, and lasts as long as its title says. */
@AutoService(Check.class)
public final class SlotLength implements Check {
    static final Threshold PERCENT = Threshold.of("slot-percent", "percent a class may be off its slot", 3);
    /** Ours: a class that much too long takes it from the rest. */
    static final Threshold FAR = Threshold.of("slot-percent-far", "percent too long that must be mended", 15);

    private static final Pattern ANNOUNCED = Pattern.compile("(?i)\\b(\\d{1,3})[ -]?(?:min|mins|minutes)\\b");
    private static final Card CARD = Card.of(
            "slot-length",
            "The class lasts as long as its slot",
            "Nobody adds up the getting into poses; what is over is taken from the rest, or from the bus home.",
            PERCENT,
            FAR);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Score score = subject.score();
        long slot = (long) subject.settings().slotMinutes() * Millis.MINUTE;
        off(subject, slot, found);
        Matcher announced = ANNOUNCED.matcher(subject.settings().title());
        if (!announced.find()) return;
        long said = Long.parseLong(announced.group(1)) * Millis.MINUTE;
        if (said == slot || Math.abs(score.totalMs() - said) * 100 <= subject.value(PERCENT) * said) return;
        String what = "The title says %s, and the class lasts %s."
                .formatted(announced.group(), Wording.time(score.totalMs()));
        found.look(NodeId.CLASS, "title", List.of(), what, "Change the title or the class.");
    }

    /** Whether the class lasts as long as its slot, as near as the teacher wants it. */
    public static boolean fits(Subject subject) {
        long slot = (long) subject.settings().slotMinutes() * Millis.MINUTE;
        long off = Math.abs(subject.score().totalMs() - slot);
        return off <= FitRequest.TOLERANCE_MS || off * 100 <= subject.value(PERCENT) * slot;
    }

    private static void off(Subject subject, long slot, Findings found) {
        Score score = subject.score();
        long over = score.totalMs() - slot;
        if (fits(subject)) return;
        String what = "The class lasts %s, and its slot is %d min: %s too %s. Likely between %s and %s."
                .formatted(
                        Wording.time(score.totalMs()),
                        subject.settings().slotMinutes(),
                        Wording.time(Math.abs(over)),
                        over > 0 ? "long" : "short",
                        Millis.showWhole(score.likelyLowMs()),
                        Millis.showWhole(score.likelyHighMs()));
        boolean far = over * 100 > subject.value(FAR) * slot;
        found.add(
                far ? Severity.MUST : Severity.LOOK,
                NodeId.CLASS,
                "",
                List.of(),
                what,
                "Fit it, or take another slot.");
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        List<Mend> mends = new ArrayList<>();
        if (finding.about().equals("title")) {
            long minutes = Math.round((double) subject.score().totalMs() / Millis.MINUTE);
            String title = ANNOUNCED.matcher(subject.settings().title()).replaceFirst(minutes + " min");
            return List.of(new Mend(
                    "Call it “%s”".formatted(title),
                    new PlanEdit.Settings(subject.settings().withTitle(title))));
        }
        Fit fit = new Fit(subject.catalogue(), subject.unfolder());
        for (FitRequest.Freedom freedom : List.of(FitRequest.Freedom.WRITTEN, FitRequest.Freedom.ALL_BUT_REST)) {
            FitRequest request = FitRequest.toMinutes(subject.settings().slotMinutes(), subject.level(), freedom);
            if (!(fit.fit(subject.plan(), request) instanceof FitAnswer.Fits fits)
                    || fits.changes().isEmpty()) continue;
            int n = fits.changes().size();
            String label = "Fit it to %d min: %s"
                    .formatted(
                            subject.settings().slotMinutes(),
                            n == 1
                                    ? one(fits.changes().get(0))
                                    : n + " changes, ending at " + Millis.showWhole(fits.afterMs()));
            mends.add(new Mend(label, fits.edit()));
        }
        int minutes = (int) Math.round((double) subject.score().totalMs() / Millis.MINUTE / 5) * 5;
        if (minutes >= 5 && minutes <= 240) {
            mends.add(new Mend(
                    "Take a slot of %d min".formatted(minutes),
                    new PlanEdit.Settings(subject.settings().withSlotMinutes(minutes))));
        }
        return mends;
    }

    private static String one(FitAnswer.Change change) {
        return change.what().toLowerCase(Locale.ROOT) + " " + change.after() + " instead of " + change.before();
    }
}
