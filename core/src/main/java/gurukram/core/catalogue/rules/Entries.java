package gurukram.core.catalogue.rules;

import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A catalogue as read, before its rules have been checked; what is wrong is told at its place. */
public record Entries(List<Pose> poses, List<Ladder> ladders, Places places, Map<String, Pose> byId) {
    public Entries(List<Pose> poses, List<Ladder> ladders, Places places) {
        this(List.copyOf(poses), List.copyOf(ladders), places, new HashMap<>());
        poses.forEach(pose -> byId.putIfAbsent(pose.id(), pose));
    }

    void problem(Pose pose, String field, String what) {
        places.problem(pose.id(), field, what);
    }

    void problem(Ladder ladder, String field, String what) {
        places.problem(ladder.id(), field, what);
    }

    boolean has(String pose) {
        return byId.containsKey(pose);
    }
}
