package gurukram.web.poses;

import gurukram.core.catalogue.OwnPose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.json.PlanJson;
import gurukram.core.text.Refused;
import gurukram.web.shared.Once;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Poses of a teacher's own that a class carries along to another account. */
@Service
public class CarriedPoses {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST = 100;

    private final OwnPoseStore store;
    private final Poses poses;

    CarriedPoses(OwnPoseStore store, Poses poses) {
        this.store = store;
        this.poses = poses;
    }

    /** What happens to a pose of the same id that is another one here. */
    public enum Same {
        /** nothing is done before it is said */
        ASK,
        /** the one that is here */
        MINE,
        /** the one that comes */
        THEIRS
    }

    /** The entries of own poses a class uses, by their ids. */
    public Map<String, String> usedBy(Teacher teacher, ClassPlan plan) {
        String text = PlanJson.write(plan);
        Map<String, String> used = new LinkedHashMap<>();
        for (OwnPoseStore.Row row : store.of(teacher))
            if (text.contains("\"" + row.pose() + "\"")) used.put(row.pose(), row.entry());
        return used;
    }

    /**
     * Takes in what is not there yet; {@link Refused} when one cannot be read.
     *
     * @return the names of those that are other ones here; then nothing was taken in
     */
    public List<String> bring(Teacher teacher, Map<String, String> entries, Same same) {
        if (entries.size() > MOST) throw new Refused("A class carries at most %d poses along.".formatted(MOST));
        List<String> others = new ArrayList<>();
        entries.forEach((id, entry) -> {
            check(id, entry);
            boolean other = poses.shipped().has(id)
                    || store.find(teacher, id)
                            .filter(mine -> !isSame(mine.entry(), entry))
                            .isPresent();
            if (other) others.add(poses.of(teacher).pose(id).name());
        });
        if (same == Same.ASK && !others.isEmpty()) return others;
        entries.forEach((id, entry) -> take(teacher, id, entry, same));
        Once.forget(Poses.class, "own " + teacher.id());
        Once.forget(Poses.class, "all " + teacher.id());
        return List.of();
    }

    /** One of the catalogue's is never taken in the place of the catalogue's own. */
    private void take(Teacher teacher, String id, String entry, Same same) {
        if (poses.shipped().has(id)) return;
        Optional<OwnPoseStore.Row> mine = store.find(teacher, id);
        if (mine.isEmpty()) store.add(teacher, id, entry);
        else if (same == Same.THEIRS && !isSame(mine.get().entry(), entry))
            store.change(teacher, id, entry, mine.get().version());
    }

    private void check(String id, String entry) {
        OwnPose.Read read = id.matches("[a-z0-9-]{1,60}") ? OwnPose.stored(entry, poses.shipped()) : null;
        if (read == null || read.pose() == null || !read.pose().id().equals(id))
            throw new Refused("The pose “%s” that the class carries along cannot be read.".formatted(id));
    }

    private static boolean isSame(String a, String b) {
        return JSON.readTree(a).equals(JSON.readTree(b));
    }
}
