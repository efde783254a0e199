package gurukram.core.pose;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.body.Base;
import gurukram.core.body.BodyArea;
import gurukram.core.body.Facing;
import gurukram.core.body.Felt;
import gurukram.core.body.MatDirection;
import gurukram.core.body.SideBehaviour;
import gurukram.core.body.SideOf;
import gurukram.core.body.SpineDirection;
import gurukram.core.body.Twist;
import gurukram.core.dose.Dose;
import gurukram.core.figure.Figure;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One pose or named variation of the catalogue; docs/poses.md tells every field.
 *
 * @param id stable, lower case with hyphens; plans refer to it
 * @param family heading it is filed under
 * @param sideOf the part that names the side; null for symmetric poses
 * @param twist where it twists to; null unless compound
 * @param settingUpMillis getting into it in ms, where its complexity does not say it; null otherwise
 * @param effort 1 (rest) to 5 (strongest)
 * @param depth 1 (anybody's everyday range) to 3 (the end of the range)
 * @param headDown whether the head is below the heart
 * @param wristLoad whether each movement puts weight on bent-back wrists
 * @param peakable whether a class can lead up to it
 * @param breath the half-breath it is entered on, {@code leave} the one it is left on
 * @param repMillis one repetition in ms, where the pose is also done in repetitions; null otherwise
 * @param doses usual doses, by level and part of the class
 * @param stretches where it lengthens, {@code works} where muscles hold
 * @param notIn where it must not be felt
 * @param facts what its cautions are derived from
 * @param teaching gaze, measures, faults and the moves into it
 * @param gate the rung to have reached first; null unless the risk is high
 */
public record Pose(
        String id,
        PoseNames names,
        String family,
        Base base,
        SideBehaviour sides,
        @Nullable SideOf sideOf,
        @Nullable Twist twist,
        Hold hold,
        Complexity complexity,
        @Nullable Integer settingUpMillis,
        int effort,
        int depth,
        Risk risk,
        Level level,
        SpineDirection spine,
        boolean headDown,
        boolean wristLoad,
        Facing facing,
        MatDirection mat,
        boolean peakable,
        BreathAffinity breath,
        BreathAffinity leave,
        @Nullable Integer repMillis,
        UsualDoses doses,
        List<Felt> stretches,
        List<Felt> works,
        List<BodyArea> notIn,
        List<ActionUse> actions,
        Ties ties,
        List<PropUse> props,
        CautionFacts facts,
        List<Caution> cautions,
        PoseCues cues,
        Teaching teaching,
        @Nullable Gate gate,
        Figure figure) {

    /** One repetition where neither the step nor the pose says how long it takes: a slow floor repetition. */
    public static final int DEFAULT_REP_MILLIS = 6_000;

    public Pose {
        stretches = List.copyOf(stretches);
        works = List.copyOf(works);
        notIn = List.copyOf(notIn);
        actions = List.copyOf(actions);
        props = List.copyOf(props);
        cautions = List.copyOf(cautions);
    }

    public String name() {
        return names.english();
    }

    public String sanskrit() {
        return names.sanskrit();
    }

    /** Whether it has a dose at a level; one with a gate is not for beginners. */
    public boolean isFor(Level at) {
        return doses.isFor(at);
    }

    /** The usual dose at a level, with its range; where it is not for that level, that of the next one. */
    public Dose range(Level at) {
        return doses.range(at);
    }

    /** The usual dose at a level, its range settled at the usual value. */
    public Dose doseFor(Level at) {
        return doseFor(at, null);
    }

    /** The usual dose at a level in a part of the class, its range settled at the usual value. */
    public Dose doseFor(Level at, UsualDoses.@Nullable Part in) {
        return doses.range(at, in).at(Dose.Reading.CHOSEN);
    }

    public int repMillisOrDefault() {
        return Optional.ofNullable(repMillis).orElse(DEFAULT_REP_MILLIS);
    }

    Pose alsoEasier(String other) {
        return withTies(ties.alsoEasier(other));
    }

    Pose alsoHarder(String other) {
        return withTies(ties.alsoHarder(other));
    }

    public Pose withCautions(List<Caution> others) {
        return with(ties, facts, others);
    }

    public Pose with(CautionFacts others) {
        return with(ties, others, cautions);
    }

    /** By its id alone, which is quick: poses are looked up in maps all the time. */
    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /** @param foreign its names in another language, the one to show first */
    Pose called(List<String> foreign) {
        return with(names.called(foreign), ties, facts, cautions);
    }

    private Pose withTies(Ties tied) {
        return with(tied, facts, cautions);
    }

    private Pose with(Ties tied, CautionFacts from, List<Caution> derived) {
        return with(names, tied, from, derived);
    }

    private Pose with(PoseNames called, Ties tied, CautionFacts from, List<Caution> derived) {
        return new Pose(
                id,
                called,
                family,
                base,
                sides,
                sideOf,
                twist,
                hold,
                complexity,
                settingUpMillis,
                effort,
                depth,
                risk,
                level,
                spine,
                headDown,
                wristLoad,
                facing,
                mat,
                peakable,
                breath,
                leave,
                repMillis,
                doses,
                stretches,
                works,
                notIn,
                actions,
                tied,
                props,
                from,
                derived,
                cues,
                teaching,
                gate,
                figure);
    }

    /** How much of an action it demands, 0 to 3. */
    public int demands(Action action) {
        return use(action).map(ActionUse::demands).orElse(0);
    }

    /** At what strength it prepares an action, 0 to 3. */
    public int prepares(Action action) {
        return use(action).map(ActionUse::prepares).orElse(0);
    }

    private Optional<ActionUse> use(Action action) {
        return actions.stream().filter(use -> use.action() == action).findFirst();
    }

    /** What a need asks of it, if anything. */
    public Optional<Caution> caution(Need need) {
        return cautions.stream().filter(caution -> caution.need() == need).findFirst();
    }
}
