package gurukram.web.plans.page;

import gurukram.core.body.Side;
import gurukram.core.check.Severity;
import gurukram.core.check.SlotLength;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.score.SideWork;
import gurukram.core.time.Millis;
import gurukram.web.drawing.Overview;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.field.ClassFields;
import gurukram.web.plans.field.Field;
import gurukram.web.plans.field.Options;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.findings.RowMark;
import gurukram.web.plans.spine.Rows;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Makes the class page of a stored class and its score. */
public final class ClassPageBuilder {
    private static final int BAR = 1000;

    private final StoredClass stored;
    private final ClassPlan plan;
    private final Score score;
    private final View view;
    private final Refusal refusal;
    private final PoseCatalogue catalogue;
    private final ClassChecks.Found found;

    public ClassPageBuilder(
            StoredClass stored, ClassChecks.Found found, View view, PoseCatalogue catalogue, Refusal refusal) {
        this.found = found;
        this.stored = stored;
        this.plan = stored.plan();
        this.score = found.subject().score();
        this.view = view;
        this.refusal = refusal;
        this.catalogue = catalogue;
    }

    public ClassPage build(Rows rows, Notice notice) {
        String starts = plan.settings().starts();
        return new ClassPage(
                stored.id().toString(),
                stored.version(),
                view.word(),
                starts.isEmpty() ? null : LocalTime.parse(starts),
                head(rows),
                rows,
                Overview.of(plan, score, catalogue),
                notice,
                typing(),
                stored.undoLabel(),
                stored.redoLabel());
    }

    private ClassPage.Typing typing() {
        if (refusal == null || !refusal.node().equals(Refusal.LINE)) return new ClassPage.Typing("", "", List.of());
        return new ClassPage.Typing(refusal.typed(), refusal.message(), refusal.offers());
    }

    private ClassPage.Head head(Rows rows) {
        ClassSettings s = plan.settings();
        long slot = (long) s.slotMinutes() * Millis.MINUTE;
        // by the length as it is shown, so that what is read adds up
        long over = Millis.whole(score.totalMs()) - slot;
        boolean fits = SlotLength.fits(found.subject());
        String fit = over == 0
                ? "just the slot"
                : Millis.showWhole(Math.abs(over)) + (over > 0 ? " over the slot" : " under the slot");
        ClassFields.At at = new ClassFields.At(s, catalogue);
        List<Field.Option> views = new ArrayList<>(Options.levels());
        views.add(new Field.Option(View.MIXED.word(), "mixed room"));
        return new ClassPage.Head(
                ClassFields.TITLE.of(at).wide(40).orRefused(refusal),
                ClassFields.THEME.of(at).wide(40).orRefused(refusal),
                s.peak() == null ? "" : catalogue.pose(s.peak()).name(),
                s.style().word() + (s.starts().isEmpty() ? "" : ", from " + s.starts()),
                ClassFields.SLOT.of(at).orRefused(refusal),
                views,
                View.of("", s).word(),
                Millis.showWhole(score.totalMs()),
                band(),
                fit,
                fits ? "fits" : over > 0 ? "long" : "short",
                sideTime(true),
                sideTime(false),
                score.isEven(),
                sidesInWords(),
                segments(slot),
                slotX(slot),
                checked(rows));
    }

    /** {@code likely 48–56 min}, and longer where something may go on as long as people like; empty while there is nothing. */
    private String band() {
        if (score.totalMs() == 0) return "";
        long low = score.likelyLowMs() / Millis.MINUTE;
        long high = (score.likelyHighMs() + Millis.MINUTE - 1) / Millis.MINUTE;
        String band = "likely " + low + "–" + high + " min";
        return score.isOpenEnded() ? band + ", or longer" : band;
    }

    private String sideTime(boolean right) {
        long ms = score.moments().stream()
                .filter(m -> m.side() != null && (m.side() == Side.RIGHT) == right)
                .mapToLong(Moment::workMs)
                .sum();
        return Millis.showWhole(ms);
    }

    private String sidesInWords() {
        SideWork right = score.right();
        SideWork left = score.left();
        if (score.isEven()) return "even";
        List<String> more = new ArrayList<>();
        if (!right.moreThan(left).isEmpty()) more.add("right has " + right.moreThan(left) + " more");
        if (!left.moreThan(right).isEmpty()) more.add("left has " + left.moreThan(right) + " more");
        return String.join("; ", more);
    }

    private List<ClassPage.Segment> segments(long slot) {
        long whole = Math.max(1, Math.max(slot, score.totalMs()));
        List<ClassPage.Segment> segments = new ArrayList<>();
        for (Score.SectionSpan span : score.sections()) {
            int x = (int) (BAR * span.startMs() / whole);
            int end = (int) (BAR * (span.startMs() + span.lengthMs()) / whole);
            segments.add(new ClassPage.Segment(
                    span.id().value(),
                    span.title(),
                    Millis.showWhole(span.lengthMs()),
                    x,
                    Math.max(0, end - x - 2),
                    segments.size() % 2 == 1,
                    span.role() == SectionRole.PEAK));
        }
        return segments;
    }

    private ClassPage.Checked checked(Rows rows) {
        long must = found.report().count(Severity.MUST);
        long look = found.report().count(Severity.LOOK);
        String css = must > 0 ? "w-must" : look > 0 ? "w-look" : "w-info";
        String nothing = score.moments().isEmpty() ? "nothing to look at yet" : "nothing to mend";
        String words = must + look == 0 ? nothing : must == 0 ? "" : must + " to mend";
        if (look > 0) words += (words.isEmpty() ? "" : ", ") + look + " to look at";
        String marked = rows.slots().entrySet().stream()
                .filter(slot -> isWorthAStop(slot.getValue().mark()))
                .map(Map.Entry::getKey)
                .collect(Collectors.joining(" "));
        return new ClassPage.Checked(css, words, marked);
    }

    /** What is only for information is marked, but not gone to from one to the next. */
    private static boolean isWorthAStop(RowMark mark) {
        return !mark.isNone() && mark.severity() != Severity.INFO;
    }

    private int slotX(long slot) {
        return (int) (BAR * slot / Math.max(1, Math.max(slot, score.totalMs())));
    }
}
