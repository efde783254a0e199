package gurukram.core.catalogue;

import gurukram.core.body.Base;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Risk;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a ladder of a teacher's own must be: what holds for those that ship with the app, in words for her. */
public final class OwnLadder {
    public static final int FEWEST = 2;
    public static final int MOST = 12;
    public static final int MOST_LETTERS = 80;
    public static final int MOST_WORDS = 160;
    public static final int MOST_STAGES = 8;

    private OwnLadder() {}

    /**
     * What is wrong with it.
     *
     * @param rung from 1; 0 for the whole ladder
     */
    public record Wrong(int rung, String words) {}

    /** @return everything that is wrong; empty when it can be kept */
    public static List<Wrong> check(Ladder ladder, PoseCatalogue catalogue) {
        List<Wrong> wrong = new ArrayList<>();
        int rungs = ladder.rungs().size();
        if (rungs < FEWEST || rungs > MOST)
            wrong.add(new Wrong(0, "A ladder has %d to %d rungs; this one has %d.".formatted(FEWEST, MOST, rungs)));
        if (ladder.peak() != null && catalogue.has(ladder.peak()) && ladder.rungOf(ladder.peak()) == 0)
            wrong.add(new Wrong(
                    0,
                    "%s is on none of its rungs."
                            .formatted(catalogue.pose(ladder.peak()).name())));
        for (int n = 1; n <= rungs; n++) {
            int number = n;
            watched(ladder.rungs().get(n - 1), catalogue).ifPresent(words -> wrong.add(new Wrong(number, words)));
        }
        return wrong;
    }

    /** What leaves the floor or is of high risk wants somebody there at first tries, whatever a teacher writes. */
    private static Optional<String> watched(Ladder.Rung rung, PoseCatalogue catalogue) {
        if (rung.pose() == null || !catalogue.has(rung.pose()) || rung.with() != Ladder.With.ALONE)
            return Optional.empty();
        Pose pose = catalogue.pose(rung.pose());
        boolean off = pose.base() == Base.INVERTED || pose.base() == Base.ARM_BALANCE || pose.risk() == Risk.HIGH;
        boolean elsewhere = catalogue.ladders().stream()
                .flatMap(ladder -> ladder.rungs().stream())
                .anyMatch(other -> rung.pose().equals(other.pose()) && other.with() != Ladder.With.ALONE);
        return off && elsewhere
                ? Optional.of("First tries of %s want a teacher watching, or a person beside each mat."
                        .formatted(pose.name()))
                : Optional.empty();
    }

    /** A line of it, as it is kept. */
    public static String line(String typed, String what, int most, boolean needed) {
        String plain = Plain.line(typed, what, most);
        if (needed && plain.isEmpty()) throw new Refused(what + " is wanted.");
        return plain;
    }
}
