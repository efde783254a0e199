package gurukram.core.pose;

import gurukram.core.dose.Dose;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One pose or named variation of the catalogue.
 *
 * @param id stable, lower case with hyphens; plans refer to it
 * @param name English name
 * @param sanskrit in IAST with diacritics; empty where there is none in use
 * @param also other names, by school or habit
 * @param family heading it is filed under
 * @param sideOf the part that names the side; null for symmetric poses
 * @param twist where it twists to; null unless compound
 * @param settingUpMillis getting into it in ms, where its complexity does not say it; null otherwise
 * @param effort 1 (rest) to 5 (strongest)
 * @param breath the half-breath it is entered on
 * @param repMillis one repetition in ms, where the pose is also done in repetitions; null otherwise
 * @param doses usual dose at each level
 * @param stretches where it lengthens, {@code works} where muscles hold
 * @param wristLoad whether hands carry weight with bent-back wrists
 */
public record Pose(
        String id,
        String name,
        String sanskrit,
        List<String> also,
        String family,
        Base base,
        SideBehaviour sides,
        SideOf sideOf,
        Twist twist,
        Hold hold,
        Complexity complexity,
        Integer settingUpMillis,
        int effort,
        Level level,
        BreathAffinity breath,
        Integer repMillis,
        Map<Level, Dose> doses,
        List<Felt> stretches,
        List<Felt> works,
        boolean wristLoad,
        List<Caution> cautions) {

    /** One repetition where neither the step nor the pose says how long it takes: a slow floor repetition. */
    public static final int DEFAULT_REP_MILLIS = 6_000;

    public Pose {
        also = List.copyOf(also);
        doses = java.util.Collections.unmodifiableMap(new EnumMap<>(doses));
        stretches = List.copyOf(stretches);
        works = List.copyOf(works);
        cautions = List.copyOf(cautions);
    }

    public Dose doseFor(Level at) {
        return doses.get(at);
    }

    public int repMillisOrDefault() {
        return Optional.ofNullable(repMillis).orElse(DEFAULT_REP_MILLIS);
    }
}
