package gurukram.web.plans.fit;

import gurukram.core.dose.Dose;
import gurukram.core.fit.Fit;
import gurukram.core.fit.FitAnswer;
import gurukram.core.fit.FitRequest;
import gurukram.core.fit.LateStart;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import java.util.List;

/**
 * Fitting as a dialogue: the slot, what may change, and what would.
 *
 * @param lengths the class at the low end of its ranges, as it is, and at the high end
 * @param problem what is wrong with what was typed; empty when nothing
 * @param answer in one sentence
 * @param changes what would change; empty when nothing has to, or nothing can
 * @param helps what would make it possible
 * @param canTake whether there is something to take
 */
public record FitPage(
        String id,
        int version,
        String view,
        String title,
        FitForm form,
        String lengths,
        String problem,
        String answer,
        List<Change> changes,
        List<String> helps,
        boolean canTake) {
    /** @param by how much shorter or longer: {@code −0:24} */
    public record Change(String node, String what, String before, String after, String by) {}

    static FitPage of(StoredClass stored, View view, FitForm form, PoseCatalogue catalogue, Unfolder unfolder) {
        ClassPlan plan = stored.plan();
        Made made = new Made(stored, view, form, (view.told() + " " + lengths(plan, view, unfolder)).strip());
        try {
            FitRequest request = form.request(view.level());
            FitAnswer answer = new Fit(catalogue, unfolder).fit(plan, request);
            String late = form.isLate() ? late(plan, view, form, unfolder) : "";
            if (answer instanceof FitAnswer.Fits fits) return made.fits(fits, request, late);
            return made.cannot((FitAnswer.CannotFit) answer, request, late);
        } catch (Refused e) {
            return made.page(e.getMessage(), "", List.of(), List.of(), false);
        }
    }

    private static String lengths(ClassPlan plan, View view, Unfolder unfolder) {
        String[] all = new String[3];
        for (Dose.Reading reading : Dose.Reading.values()) {
            all[reading.ordinal()] = Millis.showWhole(
                    unfolder.unfold(plan, view.level(), reading).totalMs());
        }
        if (all[0].equals(all[2])) return "No range is written in it.";
        return "With every range at its low end %s, at its high end %s.".formatted(all[0], all[2]);
    }

    private static String late(ClassPlan plan, View view, FitForm form, Unfolder unfolder) {
        long ms = (long) FitForm.LATE.parse(form.late()) * Millis.SECOND;
        LateStart late = LateStart.of(unfolder.unfold(plan, view.level()), 0, ms);
        return " Before the rest there are %s of work; %s remain, %.2f of it."
                .formatted(Millis.showWhole(late.shrinkableMs()), Millis.showWhole(late.remainingMs()), late.factor());
    }

    private record Made(StoredClass stored, View view, FitForm form, String lengths) {
        FitPage page(String problem, String answer, List<Change> changes, List<String> helps, boolean canTake) {
            return new FitPage(
                    stored.id().toString(),
                    stored.version(),
                    view.word(),
                    stored.plan().settings().title(),
                    form,
                    lengths,
                    problem,
                    answer,
                    changes,
                    helps,
                    canTake);
        }

        FitPage fits(FitAnswer.Fits fits, FitRequest request, String late) {
            boolean otherSlot = form.otherSlot(stored.plan().settings()) > 0 && !form.isLate();
            if (fits.changes().isEmpty()) {
                String answer = "It fits as it is: %s.".formatted(Millis.showWhole(fits.afterMs()));
                return page("", answer + late, List.of(), List.of(), otherSlot);
            }
            int n = fits.changes().size();
            String answer = "With %s it lasts %s instead of %s."
                    .formatted(
                            Words.count(n, "change"),
                            Millis.showWhole(fits.afterMs()),
                            Millis.showWhole(fits.beforeMs()));
            return page(
                    "", answer + late, fits.changes().stream().map(Made::change).toList(), List.of(), true);
        }

        private static Change change(FitAnswer.Change change) {
            long by = change.afterMs() - change.beforeMs();
            return new Change(
                    change.node().value(),
                    change.what(),
                    change.before(),
                    change.after(),
                    (by < 0 ? "−" : "+") + Millis.showWhole(Math.abs(by)));
        }

        FitPage cannot(FitAnswer.CannotFit cannot, FitRequest request, String late) {
            String answer = cannot.missesByMs() == 0
                    ? "Nothing between comes near enough: what may change changes by too much at once."
                    : "It cannot be done with that: it can be from %s to %s long, and misses %s by %s."
                            .formatted(
                                    Millis.showWhole(cannot.shortestMs()),
                                    Millis.showWhole(cannot.longestMs()),
                                    Millis.showWhole(request.targetMs()),
                                    Millis.showWhole(cannot.missesByMs()));
            List<String> helps =
                    cannot.helps().stream().map(FitAnswer.Help::what).toList();
            return page("", answer + late, List.of(), helps, false);
        }
    }
}
