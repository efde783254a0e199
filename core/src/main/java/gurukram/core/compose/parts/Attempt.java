package gurukram.core.compose.parts;

import gurukram.core.body.Base;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.idea.Concept;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Doses;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Shown;
import gurukram.core.compose.search.Sketch;
import gurukram.core.dose.Dose;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.Item;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import org.jspecify.annotations.Nullable;

/**
 * One try at a class: what all that make a part of it have in common.
 *
 * @param goal null when the class leads to no pose
 * @param concept the idea of the class; null when the group can do none
 * @param shown what the ideas before it are made of
 * @param merit how well poses suit, as this try's dice have it
 * @param tightness 0 for all that belongs to a class; each more leaves something out that could be missed
 */
public record Attempt(
        Brief brief,
        Pool pool,
        PhraseBook phrases,
        @Nullable Goal goal,
        @Nullable Concept concept,
        Clock clock,
        Shown shown,
        Dice dice,
        Merit merit,
        Sketch sketch,
        int tightness) {
    /** From so many minutes on there is room for more than a salutation and the way to the peak. */
    static final int ROOMY = 45;

    boolean isVinyasa() {
        return brief.style() == Style.VINYASA;
    }

    /** A vinyasa class in which there is hardly time for more than what flows and the lesson. */
    boolean isShortFlow() {
        return isVinyasa() && brief.minutes() < ROOMY;
    }

    PoseCatalogue catalogue() {
        return pool.catalogue();
    }

    /** Null when the class leads to no pose. */
    @Nullable
    Pose peak() {
        return goal == null ? null : goal.pose();
    }

    boolean peakIsLow() {
        return goal != null && Places.isLow(goal.pose());
    }

    /** Whether something stays as the teacher has it. */
    public boolean isKept(Item item) {
        return brief.kept().stream().anyMatch(one -> one.item().equals(item));
    }

    boolean has(SectionRole role) {
        return !sketch.entries(role).isEmpty();
    }

    /** A step of a part with its usual range. */
    Step wide(SectionRole role, Pose pose) {
        return Doses.wide(sketch.name(role), pose, brief.level(), brief.begins());
    }

    /** A step of a part that is not to be shortened below the usual. */
    Step usual(SectionRole role, Pose pose) {
        return Doses.atLeastUsual(sketch.name(role), pose, brief.level(), brief.begins());
    }

    Step step(SectionRole role, Pose pose, Dose dose) {
        return Doses.step(sketch.name(role), pose, dose, brief.begins());
    }

    /** How long a pose is usually held a side, s. */
    double sideSeconds(Pose pose) {
        return Cover.sideSeconds(pose, pose.doseFor(brief.level()));
    }

    /** Where people watch the lesson, and rest before it: who is to stand in the peak stands, who is to be on the floor sits. */
    @Nullable
    String watchedFrom() {
        String from = peakIsLow() ? "easy-seat" : "mountain";
        return pool.has(from) ? from : null;
    }

    /** The first of these poses that may be planned; the first of all when none may. */
    Pose firstAllowed(String... ids) {
        for (String id : ids) if (pool.has(id)) return catalogue().pose(id);
        return catalogue().pose(ids[0]);
    }

    /** Whether a pose can be done without things nobody knows to be there; a block is always found. */
    boolean isHandy(Pose pose) {
        return Pool.isHandy(pose, brief.group());
    }

    /** Whether what is asked for is carried by the hands or stands on its head, also where a class only comes near it. */
    public static boolean leadsOffTheFloor(@Nullable Goal goal) {
        return goal != null && (isOffTheFloor(goal.pose()) || isOffTheFloor(goal.asked()));
    }

    private static boolean isOffTheFloor(Pose pose) {
        return isCarried(pose) || pose.base() == Base.PLANK;
    }

    /** Whether the hands or the head carry all of somebody. */
    static boolean isCarried(Pose pose) {
        return pose.base() == Base.ARM_BALANCE || pose.base() == Base.INVERTED;
    }
}
