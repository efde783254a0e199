package gurukram.core.course;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.search.Pool;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** A little every day: which part of the body has its turn, and what is done for it. */
public final class Challenge {
    /** One after the other over a week: nothing two days running, and the seventh day is quiet. */
    public static final List<String> AREAS = List.of(
            "hips", "shoulders", "backs of the legs", "balance", "twists", "the middle of the body", "letting go");

    private static final int MOST_EFFORT = 3;
    private static final int MOST_DEPTH = 2;
    private static final int AROUND_MINUTES = 4;
    private static final double MINUTES_EACH = 1.5;
    private static final int NEW = 4;

    private Challenge() {}

    /** The poses that have most of the day's theme in them and that anybody can do, of one family each; others than in the days before come first. @param fewer than there is usually time for */
    static Set<String> poses(Brief brief, PoseCatalogue catalogue, int fewer) {
        Pool pool = new Pool(catalogue, brief);
        Set<String> lately = new LinkedHashSet<>();
        brief.taught().forEach(taught -> lately.addAll(taught.poses()));
        List<Pose> best = pool.poses().stream()
                .filter(pose -> brief.focus().in(pose) > 0 && isSimple(pose, brief))
                .sorted(Comparator.comparingInt(
                                (Pose pose) -> -brief.focus().in(pose) - (lately.contains(pose.id()) ? 0 : NEW))
                        .thenComparing(Pose::id))
                .toList();
        int wanted = (int) Math.max(1, (brief.minutes() - AROUND_MINUTES) / MINUTES_EACH - fewer);
        Set<String> families = new LinkedHashSet<>();
        List<String> chosen = new ArrayList<>();
        for (Pose pose : best) if (chosen.size() < wanted && families.add(pose.family())) chosen.add(pose.id());
        for (Pose pose : best) if (chosen.size() < wanted && !chosen.contains(pose.id())) chosen.add(pose.id());
        return new LinkedHashSet<>(chosen);
    }

    private static boolean isSimple(Pose pose, Brief brief) {
        Dose dose = pose.doseFor(brief.level());
        return pose.effort() <= MOST_EFFORT
                && pose.depth() <= MOST_DEPTH
                && Pool.isHandy(pose, brief.group())
                && !pose.family().equals("breathing")
                && (dose instanceof Dose.Breaths || dose instanceof Reps);
    }
}
