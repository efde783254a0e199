package gurukram.core.catalogue.rules;

import gurukram.core.body.Felt;
import gurukram.core.body.SideBehaviour;
import gurukram.core.pose.Pose;
import java.util.stream.Stream;

/** Sides are named where there are any, and nowhere else; what is stretched may be felt. */
final class SideRules {
    private SideRules() {}

    static void check(Entries draft) {
        draft.poses().forEach(pose -> sides(draft, pose));
    }

    private static void sides(Entries draft, Pose pose) {
        boolean named = pose.sideOf() != null;
        boolean sided = pose.sides() != SideBehaviour.SYMMETRIC;
        if (sided && !named) draft.problem(pose, "sides", "has sides, so it needs sideOf");
        if (!sided && named) draft.problem(pose, "sideOf", "is symmetric, so sideOf says nothing");
        Stream.concat(pose.stretches().stream(), pose.works().stream())
                .filter(felt -> felt.where() != Felt.Where.BOTH && !sided)
                .forEach(felt -> draft.problem(
                        pose, "stretches", "is symmetric, so " + felt.area().word() + " is felt on both sides"));
        pose.stretches().stream()
                .filter(felt -> pose.notIn().contains(felt.area()))
                .forEach(felt -> draft.problem(
                        pose,
                        "notIn",
                        "stretches " + felt.area().word() + " and is not to be felt there: one of the two"));
        boolean compound = pose.sides() == SideBehaviour.COMPOUND;
        if (compound && pose.twist() == null) {
            draft.problem(pose, "sides", "is compound, so it needs twist: same or other");
        }
        if (!compound && pose.twist() != null) draft.problem(pose, "twist", "is not compound, so twist says nothing");
    }
}
