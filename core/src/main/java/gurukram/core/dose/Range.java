package gurukram.core.dose;

import gurukram.core.text.Refused;

/**
 * A dose that may be from {@code low} to {@code high}, all three of one kind and alike but for their amount: breaths,
 * seconds, counts, repetitions, attempts, open time, own pace, or the cycles of a one-stage pattern. The score takes the
 * chosen value; fitting moves within the range.
 */
public record Range(Dose low, Dose chosen, Dose high) implements Dose {
    public Range {
        if (low == null || chosen == null || high == null)
            throw new Refused("A range has two ends and a chosen value.");
        if (!low.upTo(chosen) || !chosen.upTo(high)) {
            throw new Refused("A range goes from less to more, with its chosen value between: %s, %s, %s."
                    .formatted(low, chosen, high));
        }
        if (low.equals(high)) throw new Refused("A range has two different ends.");
    }

    @Override
    public Dose at(Reading reading) {
        return reading == Reading.LOW ? low : reading == Reading.HIGH ? high : chosen;
    }

    /** {@code 5-8 breaths}, {@code 5-8 breaths, at 6}, {@code 8-10 reps x 2-3, rest 40 s, at 9 x 2}. */
    @Override
    public String toString() {
        String at = chosen.equals(low) ? "" : ", at " + number(chosen);
        if (high instanceof Reps b) {
            Reps a = (Reps) low;
            String sets = b.sets() == 1 ? "" : " x " + span(a.sets(), b.sets());
            return span(a.reps(), b.reps()) + " reps" + sets + b.rest() + b.extras() + at;
        }
        String both = number(low) + "-" + number(high);
        if (high instanceof Attempts b) return both + " attempts" + b.rest() + at;
        if (high instanceof OwnPace) return "own pace, about " + both + " s" + at;
        if (high instanceof Open) return both + " s open" + at;
        if (high instanceof Pattern b) {
            Pattern only = (Pattern) low;
            String holds = b.toString().substring(b.stages().get(0).toString().length());
            return only.stages().get(0) + "-" + number(high) + holds + at;
        }
        String unit = low instanceof Breaths ? " breaths" : low instanceof Seconds ? " s" : " counts";
        return both + unit + at;
    }

    private static String span(int low, int high) {
        return low == high ? String.valueOf(low) : low + "-" + high;
    }

    private static String number(Dose dose) {
        if (dose instanceof Breaths hold) return String.valueOf(hold.breaths());
        if (dose instanceof Seconds hold) return String.valueOf(hold.seconds());
        if (dose instanceof Counts hold) return String.valueOf(hold.counts());
        if (dose instanceof Open open) return String.valueOf(open.seconds());
        if (dose instanceof OwnPace own) return String.valueOf(own.seconds());
        if (dose instanceof Attempts tries) return String.valueOf(tries.attempts());
        if (dose instanceof Pattern pattern)
            return String.valueOf(pattern.stages().get(0).cycles());
        Reps reps = (Reps) dose;
        return reps.reps() + " x " + reps.sets();
    }
}
