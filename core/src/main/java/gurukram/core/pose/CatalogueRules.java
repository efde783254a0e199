package gurukram.core.pose;

import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What must hold across the catalogue once every entry can be read. */
final class CatalogueRules {
    private final Map<String, CatalogueProblem> places;
    private final List<CatalogueProblem> problems = new ArrayList<>();

    private CatalogueRules(Map<String, CatalogueProblem> places) {
        this.places = places;
    }

    static List<CatalogueProblem> check(List<Pose> poses, Map<String, CatalogueProblem> places) {
        CatalogueRules rules = new CatalogueRules(places);
        Map<String, Pose> names = new HashMap<>();
        Map<String, Pose> ids = new HashMap<>();
        for (Pose pose : poses) {
            if (ids.put(pose.id(), pose) != null) rules.problem(pose, "the id is used twice");
            for (String name : PoseCatalogue.names(pose)) {
                Pose other = names.putIfAbsent(name, pose);
                if (other != null && !other.id().equals(pose.id())) {
                    rules.problem(pose, "the name “" + name + "” is also a name of " + other.id());
                }
            }
            rules.sides(pose);
            rules.doses(pose);
            rules.cautions(pose);
        }
        return rules.problems;
    }

    private void sides(Pose pose) {
        boolean named = pose.sideOf() != null;
        if (pose.sides().hasSides() && !named) problem(pose, "has sides, so it needs sideOf");
        if (pose.sides() == SideBehaviour.SYMMETRIC && named) problem(pose, "is symmetric, so sideOf says nothing");
        boolean sided = pose.sides() != SideBehaviour.SYMMETRIC;
        java.util.stream.Stream.concat(pose.stretches().stream(), pose.works().stream())
                .filter(felt -> felt.where() != Felt.Where.BOTH && !sided)
                .forEach(felt -> problem(pose, "is symmetric, so " + felt.area().word() + " is felt on both sides"));
        boolean compound = pose.sides() == SideBehaviour.COMPOUND;
        if (compound && pose.twist() == null) problem(pose, "is compound, so it needs twist: same or other");
        if (!compound && pose.twist() != null) problem(pose, "is not compound, so twist says nothing");
        Integer settingUp = pose.settingUpMillis();
        if (settingUp != null && (settingUp < 0 || settingUp > 600_000)) {
            problem(pose, "settingUpSeconds must be from 0 to 600");
        }
    }

    private void doses(Pose pose) {
        for (Dose dose : pose.doses().values()) {
            if (dose.at(Dose.Reading.LOW) instanceof Reps reps
                    && reps.repMillis() == null
                    && pose.repMillis() == null) {
                problem(pose, "is done in repetitions, so it needs repSeconds");
                return;
            }
        }
        if (pose.repMillis() != null && (pose.repMillis() < 500 || pose.repMillis() > 60_000)) {
            problem(pose, "repSeconds must be from 0.5 to 60");
        }
    }

    private void cautions(Pose pose) {
        for (Caution caution : pose.cautions()) {
            if (caution.severity() == Caution.Severity.CHANGE
                    && caution.change().isBlank()) {
                problem(pose, "the caution for " + caution.need().words() + " says change but not to what");
            }
        }
    }

    private void problem(Pose pose, String what) {
        CatalogueProblem place = places.getOrDefault(pose.id(), new CatalogueProblem("?", 0, pose.id(), ""));
        problems.add(new CatalogueProblem(place.file(), place.line(), pose.id(), what));
    }
}
