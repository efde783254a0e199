package gurukram.core.check;

import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** How long every part of the body is lengthened and how long it works in a class, ms; where a pose is felt at all clearly (2 or 3). */
record AreaWork(Map<BodyArea, Long> lengthened, Map<BodyArea, Long> working) {
    private static final int CLEARLY = 2;

    static AreaWork of(Subject subject) {
        AreaWork work = new AreaWork(new EnumMap<>(BodyArea.class), new EnumMap<>(BodyArea.class));
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            long ms = subject.moment(i).workMs();
            add(work.lengthened, subject.pose(i).stretches(), ms, CLEARLY);
            add(work.working, subject.pose(i).works(), ms, 1);
        }
        return work;
    }

    private static void add(Map<BodyArea, Long> all, List<Felt> felt, long ms, int least) {
        for (Felt each : felt) if (each.strength() >= least) all.merge(each.area(), ms, Long::sum);
    }

    long stretch(BodyArea area) {
        return lengthened.getOrDefault(area, 0L);
    }

    long work(BodyArea area) {
        return working.getOrDefault(area, 0L);
    }
}
