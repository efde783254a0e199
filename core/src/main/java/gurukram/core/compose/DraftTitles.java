package gurukram.core.compose;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Item;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Drafts of one brief told apart by their titles: where they lead to, and by way of which poses that the others do not hold.
 * {@code Half moon, by way of pyramid and tree}.
 */
public final class DraftTitles {
    private static final int MOST = 2;
    private static final Set<SectionRole> WAY =
            Set.of(SectionRole.WARM_UP, SectionRole.STANDING, SectionRole.BALANCE, SectionRole.FLOOR);

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;

    public DraftTitles(PoseCatalogue catalogue, Unfolder unfolder) {
        this.catalogue = catalogue;
        this.unfolder = unfolder;
    }

    /** The same classes, each with what sets it apart from {@code others} and from one another in its title. */
    public List<ClassPlan> told(List<ClassPlan> plans, List<ClassPlan> others) {
        List<Map<String, Long>> held = plans.stream().map(this::held).toList();
        List<String> titles = Stream.concat(plans.stream(), others.stream())
                .map(plan -> plan.settings().title())
                .toList();
        Set<String> elsewhere = new HashSet<>();
        others.forEach(plan -> elsewhere.addAll(held(plan).keySet()));
        List<ClassPlan> told = new ArrayList<>();
        for (int i = 0; i < plans.size(); i++) {
            Set<String> taken = new HashSet<>(elsewhere);
            for (int k = 0; k < plans.size(); k++)
                if (k != i) taken.addAll(held.get(k).keySet());
            boolean alone = titles.stream()
                            .filter(plans.get(i).settings().title()::equals)
                            .count()
                    < 2;
            told.add(alone ? plans.get(i) : titled(plans.get(i), way(held.get(i), taken)));
        }
        return told;
    }

    /** The longest held that nobody else holds; the longest of all where there is none. */
    private static List<String> way(Map<String, Long> held, Set<String> taken) {
        List<String> longest = held.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<String, Long> each) -> -each.getValue())
                        .thenComparing(Map.Entry::getKey))
                .map(Map.Entry::getKey)
                .toList();
        List<String> own =
                longest.stream().filter(pose -> !taken.contains(pose)).toList();
        List<String> way = own.isEmpty() ? longest : own;
        return way.subList(0, Math.min(MOST, way.size()));
    }

    private ClassPlan titled(ClassPlan plan, List<String> way) {
        if (way.isEmpty()) return plan;
        Naming naming = new Naming(catalogue);
        List<String> names = way.stream().map(naming::poseInSentence).toList();
        String title = plan.settings().title() + ", by way of " + String.join(" and ", names);
        boolean fits = title.length() <= ClassSettings.MOST_LETTERS;
        return fits ? plan.with(plan.settings().withTitle(title)) : plan;
    }

    /** How long each pose is held on the way to the peak, ms; flows, and the peak itself, are no part of it. */
    private Map<String, Long> held(ClassPlan plan) {
        Score score = unfolder.unfold(plan, null);
        var totals = score.totals();
        Map<String, Long> held = new LinkedHashMap<>();
        for (Section section : plan.sections()) {
            if (!WAY.contains(section.role())) continue;
            for (Item item : section.items()) {
                boolean counts = item instanceof Step step
                        && step.pose() != null
                        && !step.pose().equals(plan.settings().peak())
                        && totals.containsKey(step.id())
                        && isWorth(catalogue.pose(step.pose()));
                if (counts)
                    held.merge(
                            ((Step) item).pose(),
                            Objects.requireNonNull(totals.get(item.id())).workMs(),
                            Long::sum);
            }
        }
        return held;
    }

    /** Standing and resting poses are on the way to anywhere. */
    private static boolean isWorth(Pose pose) {
        return pose.effort() > 1 && !pose.actions().isEmpty();
    }
}
