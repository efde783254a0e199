package gurukram.web.logbook;

import gurukram.core.pace.Learnt;
import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.OwnPace.Figure;
import gurukram.core.time.Millis;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToLongFunction;

/**
 * A teacher's own pace: what she has taken, and what her logs suggest.
 *
 * @param lessons of how many classes something could be learnt
 * @param of the class whose length is told; empty without one
 * @param band how far her classes may be off, in words
 * @param talk how long talking and showing takes her, in a sentence; empty when nothing is known
 */
public record PacePage(int lessons, String of, String band, String talk, List<Suggestion> suggestions, List<Own> own) {
    /** Nearer than this to what she has is no news. */
    private static final BigDecimal NEWS = new BigDecimal("0.05");

    /**
     * @param evidence {@code from 61 holds in 5 classes}
     * @param length what it does to the class: {@code 58:27 → 61:10}; empty without one
     */
    public record Suggestion(Figure figure, String factor, String words, String evidence, String length) {}

    /** @param now what the logs say by now; empty when they say nothing */
    public record Own(Figure figure, String words, String now) {}

    /**
     * @param lengthWith how long the class taught last would be by a pace; null without one
     */
    static PacePage of(
            Learnt learnt,
            OwnPace own,
            Map<Figure, BigDecimal> refused,
            BreathLengths typed,
            String title,
            ToLongFunction<OwnPace> lengthWith) {
        List<Suggestion> suggestions = new ArrayList<>();
        List<Own> taken = new ArrayList<>();
        for (Figure figure : Figure.values()) {
            Learnt.Estimate estimate = learnt.figures().get(figure);
            BigDecimal factor = estimate == null ? null : rounded(estimate);
            BigDecimal has = own.factor(figure);
            boolean isOwn = own.factors().containsKey(figure);
            if (isOwn)
                taken.add(new Own(
                        figure,
                        "%s: %s times the usual".formatted(figure.words(), has.toPlainString()),
                        factor == null ? "" : "your logs say %s by now".formatted(factor.toPlainString())));
            if (factor == null || isTyped(figure, typed) || !isNews(factor, has)) continue;
            if (refused.containsKey(figure) && !isNews(factor, refused.get(figure))) continue;
            String evidence = "from %d times in %d classes".formatted(estimate.times(), estimate.lessons());
            suggestions.add(new Suggestion(
                    figure,
                    factor.toPlainString(),
                    "%s: %s times the usual".formatted(figure.words(), factor.toPlainString()),
                    evidence,
                    length(own, own.with(figure, factor), lengthWith)));
        }
        String band = learnt.lessons() == 0
                ? ""
                : "Your classes are within %d %% of what is not typed; the usual is %d %%."
                        .formatted(learnt.likelyPercent(), OwnPace.USUAL_PERCENT);
        return new PacePage(learnt.lessons(), title, band, talk(learnt.talk()), suggestions, taken);
    }

    /** What is written as so many minutes stays so; it is told all the same. */
    private static String talk(Learnt.Estimate talk) {
        if (talk == null) return "";
        BigDecimal factor = rounded(talk);
        if (!isNews(factor, BigDecimal.ONE)) return "";
        return "What you talk and show takes %s times what you write for it, from %d times in %d classes; plans keep what you write."
                .formatted(factor.toPlainString(), talk.times(), talk.lessons());
    }

    static BigDecimal rounded(Learnt.Estimate estimate) {
        return BigDecimal.valueOf(estimate.factor()).setScale(2, RoundingMode.HALF_UP);
    }

    private static boolean isNews(BigDecimal factor, BigDecimal has) {
        return factor.subtract(has).abs().compareTo(NEWS) >= 0;
    }

    /** What her school types in seconds has no factor. */
    private static boolean isTyped(Figure figure, BreathLengths typed) {
        return switch (figure) {
            case ACTIVE_BREATH -> typed.activeMillis() != null;
            case PASSIVE_BREATH -> typed.passiveMillis() != null;
            case FIRST_SIDE -> typed.halfMillis() != null;
            case SECOND_SIDE -> typed.secondHalfMillis() != null;
            case SECOND_TIME, LATER_TIMES -> !typed.roundPercents().isEmpty();
            default -> false;
        };
    }

    private static String length(OwnPace before, OwnPace after, ToLongFunction<OwnPace> lengthWith) {
        if (lengthWith == null) return "";
        return Millis.showWhole(lengthWith.applyAsLong(before)) + " → "
                + Millis.showWhole(lengthWith.applyAsLong(after));
    }
}
