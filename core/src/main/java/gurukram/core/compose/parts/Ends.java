package gurukram.core.compose.parts;

import gurukram.core.body.Side;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.compose.search.Sketch;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Pose;
import gurukram.core.time.Millis;

/** How a class begins, and how it ends: arriving, breathing, the rest and the close. */
public final class Ends {
    /** A minute of rest for so many minutes of class. */
    private static final int REST_IN = 12;

    private static final int LEAST_OPEN_SECONDS = 30;
    private static final int OPEN_PERCENT = 4;
    private static final int SHORT_MINUTES = 45;
    private static final int CLOSE_SECONDS = 60;
    private static final String RETURN =
            "Wake fingers and toes. Roll to the right side and stay there for half a minute, then come up to sit.";
    private static final String RETURN_FROM_THE_SIDE = "Wake fingers and toes, then come up to sit, the head last.";
    private static final String LAST_WORDS = "Half a minute quiet, then the closing words, and thanks.";

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;

    public Ends(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
    }

    /** How much more than the least the open time at the beginning can be, ms: 4 % of the class, at least a minute. */
    static long openMs(int minutes) {
        return Math.max(Millis.MINUTE, (long) minutes * Millis.MINUTE * OPEN_PERCENT / 100);
    }

    /** A seat with open time, the one range that makes every minute reachable; then the breath. */
    public void arrive(Filling filling) {
        if (!attempt.has(SectionRole.ARRIVE)) {
            int most = LEAST_OPEN_SECONDS + (int) (openMs(brief.minutes()) / Millis.SECOND);
            Dose least = new Dose.Open(LEAST_OPEN_SECONDS);
            Dose open = new Range(least, least, new Dose.Open(most));
            Pose seat = attempt.firstAllowed("easy-seat", "thunderbolt", "chair-seat", "constructive-rest", "mountain");
            sketch.put(SectionRole.ARRIVE, attempt.step(SectionRole.ARRIVE, seat, open));
        }
        if (attempt.pool().has("breath-watching")
                && sketch.entries(SectionRole.ARRIVE).size() == 1
                && brief.minutes() >= SHORT_MINUTES) {
            Pose watching = attempt.catalogue().pose("breath-watching");
            sketch.put(SectionRole.ARRIVE, attempt.wide(SectionRole.ARRIVE, watching));
        }
        boolean breathe = brief.style() == Style.HATHA || brief.minutes() >= 75 || brief.flavour() == Flavour.RESTFUL;
        if (breathe && !attempt.has(SectionRole.BREATHE) && attempt.tightness() < 2) {
            filling.best(SectionRole.BREATHE)
                    .ifPresent(pose -> sketch.put(SectionRole.BREATHE, attempt.wide(SectionRole.BREATHE, pose)));
        }
    }

    /** A final rest of whole minutes, five an hour and one more in a restful class, and a close; who cannot lie on the back lies on the side, left first. */
    public void rest() {
        if (!attempt.has(SectionRole.REST)) {
            int minutes = (brief.minutes() + REST_IN - 1) / REST_IN + (brief.flavour() == Flavour.RESTFUL ? 1 : 0);
            int seconds = minutes * 60;
            Pose pose = attempt.firstAllowed(
                    "corpse",
                    "side-lying-rest",
                    "bolster-under-knees",
                    "legs-on-chair",
                    "supported-bound-angle",
                    "easy-seat");
            SideRule sides = new SideRule.None();
            if (pose.sides().hasSides()) {
                seconds = seconds / 2;
                sides = new SideRule.Both(Side.LEFT);
            }
            String back = pose.sides().hasSides() ? RETURN_FROM_THE_SIDE : RETURN;
            sketch.put(
                    SectionRole.REST,
                    Step.of(sketch.name(SectionRole.REST), pose.id(), sides, new Dose.Seconds(seconds))
                            .withNote(back));
        }
        if (!attempt.has(SectionRole.CLOSE)) {
            Pose seat = attempt.firstAllowed("seated-close", "easy-seat", "thunderbolt", "chair-seat", "mountain");
            Step close = attempt.step(SectionRole.CLOSE, seat, new Dose.Open(CLOSE_SECONDS));
            sketch.put(SectionRole.CLOSE, close.withNote(LAST_WORDS));
        }
    }
}
