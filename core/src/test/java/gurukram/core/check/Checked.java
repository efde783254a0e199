package gurukram.core.check;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.group.People;
import gurukram.core.group.Room;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Need;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** A class written as text, and what one rule says about it. */
final class Checked {
    private final Checks checks;
    private final Subject subject;
    private final Report report;

    private Checked(ClassPlan plan, School school, People group) {
        checks = new Checks(Plans.CATALOGUE, new Unfolder(Plans.CATALOGUE, Pace.defaults()), school, group);
        subject = checks.subject(plan);
        report = checks.report(subject);
    }

    List<Moment> moments() {
        return subject.moments();
    }

    static Checked of(String text) {
        return of(Notation.plan(text), null);
    }

    static Checked of(String text, People group) {
        return of(Notation.plan(text), group);
    }

    static Checked of(ClassPlan plan, People group) {
        return new Checked(plan, School.UNSET, group);
    }

    static Checked of(String text, School school) {
        return new Checked(Notation.plan(text), school, null);
    }

    /** {@code 12 mats, 2 wrist, 1 pregnancy early}. */
    static People group(String words) {
        return group(words, null);
    }

    static People group(String words, Room room) {
        Map<Need, Integer> needs = new EnumMap<>(Need.class);
        int mats = 1;
        for (String part : words.split(",")) {
            String[] number = part.strip().split(" ", 2);
            int n = Integer.parseInt(number[0]);
            if (number[1].equals("mats")) mats = n;
            else needs.put(Need.valueOf(number[1].toUpperCase(Locale.ROOT).replace(' ', '_')), n);
        }
        return new People(mats, needs, room);
    }

    /** {@code 10 mats, 8 block, 0 chair, 1 wall}. */
    static Room room(String words) {
        Map<String, Integer> props = new TreeMap<>();
        for (String part : words.split(",")) {
            String[] number = part.strip().split(" ", 2);
            props.put(number[1], Integer.parseInt(number[0]));
        }
        int mats = props.remove("mats");
        boolean wall = props.remove("wall") != null;
        return new Room("the loft", props, wall, mats);
    }

    long totalMs() {
        return subject.score().totalMs();
    }

    Checks checks() {
        return checks;
    }

    Report report() {
        return report;
    }

    Subject subject() {
        return subject;
    }

    ClassPlan plan() {
        return subject.plan();
    }

    List<Finding> of(Class<? extends Check> rule) {
        String name = Checks.all().stream()
                .filter(rule::isInstance)
                .findFirst()
                .orElseThrow()
                .card()
                .rule();
        return report.findings().stream().filter(f -> f.rule().equals(name)).toList();
    }

    /** What a rule says, one sentence after the other; empty when it is silent. */
    String says(Class<? extends Check> rule) {
        return String.join(" | ", of(rule).stream().map(Finding::what).toList());
    }

    Finding only(Class<? extends Check> rule) {
        List<Finding> all = of(rule);
        if (all.size() != 1) throw new AssertionError("one finding wanted, there are " + all);
        return all.get(0);
    }

    List<Mend> mends(Finding finding) {
        return checks.mends(subject, finding);
    }

    List<String> offers(Class<? extends Check> rule) {
        return mends(only(rule)).stream().map(Mend::label).toList();
    }

    /** The class with a rule's only finding mended by its first offer. */
    Checked mended(Class<? extends Check> rule) {
        return mended(mends(only(rule)).get(0));
    }

    Checked mended(Mend mend) {
        return new Checked(mend.edit().applyTo(subject.plan()), School.UNSET, subject.group());
    }
}
