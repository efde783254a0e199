package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the needs of the group ask: poses to leave out, changes to make, things to tell. A change or a word counts as made
 * when it stands in the note or the words of the first step with the pose that has no line of its own for the need; such a line
 * counts where it stands.
 */
@AutoService(Check.class)
public final class Cautions implements Check {
    private static final int NAMED = 4;
    private static final Card CARD = Card.of(
            "cautions",
            "What the group’s needs ask is planned",
            "The usual cautions, no medical advice: a doctor, a licensed practitioner and the studio’s own rules come first.");

    /** A pose of the class that a need speaks about, where it first comes. */
    private record Place(int moment, Caution caution) {}

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        if (subject.group() == null || subject.group().needs().isEmpty()) return;
        blocked(subject, found);
        for (Caution.Severity severity : List.of(Caution.Severity.CHANGE, Caution.Severity.TELL)) {
            byNeed(subject, severity).forEach((need, places) -> told(subject, severity, need, places, found));
        }
    }

    private static void blocked(Subject subject, Findings found) {
        Map<List<Object>, List<Integer>> places = new LinkedHashMap<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i) || blocking(subject, i).isEmpty()) continue;
            places.computeIfAbsent(
                            List.of(subject.moment(i).node(), subject.pose(i).id()), p -> new ArrayList<>())
                    .add(i);
        }
        places.forEach((place, moments) -> {
            Pose pose = subject.pose(moments.get(0));
            List<Caution> cautions = blocking(subject, moments.get(0));
            String people = Wording.and(cautions.stream()
                    .map(c -> Needs.people(subject.group(), c.need()))
                    .toList());
            String what = "%s is left out for somebody in this group: %s.".formatted(pose.name(), people);
            found.must((NodeId) place.get(0), pose.id(), moments, what, advice(subject, cautions.get(0)));
        });
    }

    /** What forbids the pose of a moment to somebody who has no line of their own there. */
    private static List<Caution> blocking(Subject subject, int moment) {
        Step step = subject.step(moment);
        return Needs.cautions(subject.asDone(moment), subject.group()).stream()
                .filter(c -> c.severity() == Caution.Severity.BLOCKED && !NeedLine.answers(step, c.need()))
                .toList();
    }

    private static String advice(Subject subject, Caution caution) {
        if (caution.instead() != null) return "Usual instead: " + subject.name(caution.instead()) + ".";
        return caution.change();
    }

    /** Poses with a caution that is not written down yet, by need, each where it first comes. */
    private static Map<Need, List<Place>> byNeed(Subject subject, Caution.Severity severity) {
        Map<Need, List<Place>> byNeed = new LinkedHashMap<>();
        Set<List<Object>> settled = new HashSet<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            for (Caution caution : Needs.cautions(subject.asDone(i), subject.group())) {
                if (caution.severity() != severity || NeedLine.answers(subject.step(i), caution.need())) continue;
                // what was said once holds for the pose; a line of their own holds where it stands
                if (!settled.add(List.of(subject.pose(i).id(), caution.need(), words(caution)))) continue;
                if (!Swap.tells(subject.step(i), words(caution)))
                    byNeed.computeIfAbsent(caution.need(), n -> new ArrayList<>())
                            .add(new Place(i, caution));
            }
        }
        return byNeed;
    }

    private static String words(Caution caution) {
        return caution.texts().isEmpty() ? caution.need().words() : caution.first();
    }

    private static void told(
            Subject subject, Caution.Severity severity, Need need, List<Place> places, Findings found) {
        boolean change = severity == Caution.Severity.CHANGE;
        int poses = places.size();
        String what = "For %s %s at %s."
                .formatted(
                        Needs.people(subject.group(), need),
                        change ? "a change is wanted" : "there is something to say",
                        poses == 1
                                ? subject.name(
                                        subject.pose(places.get(0).moment()).id())
                                : poses + " poses");
        List<Integer> moments = places.stream().map(Place::moment).toList();
        NodeId node = subject.moment(moments.get(0)).node();
        found.add(
                change ? Severity.LOOK : Severity.INFO,
                node,
                about(need, change),
                moments,
                what,
                String.join(" ", byChange(subject, places)));
    }

    /** {@code Cow, cat and 3 more: You may put a blanket under the knees.} */
    private static List<String> byChange(Subject subject, List<Place> places) {
        Map<String, List<String>> poses = new LinkedHashMap<>();
        for (Place place : places) {
            poses.computeIfAbsent(words(place.caution()), w -> new ArrayList<>())
                    .add(subject.name(subject.pose(place.moment()).id()));
        }
        List<String> said = new ArrayList<>();
        poses.forEach((words, names) -> {
            int more = names.size() - NAMED;
            List<String> some = new ArrayList<>(names.subList(0, Math.min(NAMED, names.size())));
            if (more > 0) some.add(more + " more");
            said.add(Words.capital(Wording.and(some)) + ": " + Wording.sentence(words));
        });
        return said;
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        if (finding.severity() != Severity.MUST) {
            // another pose changes more for a body than a word beside it
            List<Mend> softer = new ArrayList<>();
            if (finding.severity() == Severity.LOOK) softer.addAll(lines(subject, finding));
            softer.addAll(writtenDown(subject, finding));
            return softer;
        }
        Step step = subject.step(finding.node());
        Pose pose = subject.catalogue().pose(finding.about());
        List<Pose> others = new ArrayList<>();
        for (Caution caution : Needs.cautions(pose, subject.group())) {
            if (caution.instead() != null) others.add(subject.catalogue().pose(caution.instead()));
        }
        others.addAll(Swap.easier(subject, pose));
        List<Mend> mends = new ArrayList<>(ownLine(subject, step, pose));
        others.stream()
                .distinct()
                .filter(other -> !Needs.isBlocked(other, subject.group()))
                .limit(4)
                .forEach(other -> mends.add(new Mend(
                        "Do %s instead".formatted(subject.name(other.id())), Swap.edit(subject, step, pose, other))));
        mends.add(new Mend("Leave %s out".formatted(subject.name(pose.id())), new PlanEdit.Remove(step.id())));
        return mends;
    }

    /** Those who must leave a pose out do what takes its place, beside the others; each need has its own line. */
    private static List<Mend> ownLine(Subject subject, Step step, Pose pose) {
        if (!pose.id().equals(step.pose())) return List.of();
        Step with = step;
        Set<String> names = new LinkedHashSet<>();
        for (Caution caution : Needs.cautions(pose, subject.group())) {
            if (caution.severity() != Caution.Severity.BLOCKED || NeedLine.answers(with, caution.need())) continue;
            if (caution.instead() == null) return List.of();
            Pose other = subject.catalogue().pose(caution.instead());
            Optional<Step> more = NeedLine.fitting(subject, with, caution.need(), other);
            if (more.isEmpty()) return List.of();
            with = more.get();
            names.add(subject.name(other.id()));
        }
        String label = "Give them %s, beside the others".formatted(Wording.and(List.copyOf(names)));
        return names.isEmpty() ? List.of() : List.of(new Mend(label, PlanEdit.instead(subject.plan(), with)));
    }

    /** A line of their own wherever a change is wanted for a need. */
    private static List<Mend> lines(Subject subject, Finding finding) {
        Need need = subject.group().needs().keySet().stream()
                .filter(one -> about(one, true).equals(finding.about()))
                .findFirst()
                .orElseThrow();
        LinesForNeed.Lines lines = LinesForNeed.of(subject, need);
        if (lines.steps().isEmpty()) return List.of();
        Map<NodeId, Step> steps = new LinkedHashMap<>(lines.steps());
        wordsBeside(subject, need, steps);
        String label = lines.names().size() == 1 && steps.size() == 1
                ? "Give them " + lines.names().iterator().next()
                : "Give them another pose at %d places".formatted(lines.steps().size());
        List<PlanEdit> edits = new ArrayList<>();
        steps.values().forEach(step -> edits.add(PlanEdit.instead(subject.plan(), step)));
        return List.of(new Mend(label, PlanEdit.all(edits)));
    }

    /** Where no line fits, the change is said at the first place of each pose. @param steps with lines already; words are put in */
    private static void wordsBeside(Subject subject, Need need, Map<NodeId, Step> steps) {
        Set<String> said = new HashSet<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            Step step = steps.getOrDefault(subject.moment(i).node(), subject.step(i));
            if (NeedLine.answers(step, need)) continue;
            for (Caution caution : Needs.cautions(subject.asDone(i), subject.group())) {
                boolean change = caution.need() == need && caution.severity() == Caution.Severity.CHANGE;
                if (!change || !said.add(subject.pose(i).id()) || Swap.tells(step, words(caution))) continue;
                Swap.noted(step, Words.capital(need.words()) + ": " + words(caution))
                        .ifPresent(noted -> steps.put(noted.id(), noted));
            }
        }
    }

    private static String about(Need need, boolean change) {
        return need.word() + (change ? "" : "-tell");
    }

    private static List<Mend> writtenDown(Subject subject, Finding finding) {
        boolean change = finding.severity() == Severity.LOOK;
        Caution.Severity severity = change ? Caution.Severity.CHANGE : Caution.Severity.TELL;
        List<PlanEdit> edits = new ArrayList<>();
        Map<NodeId, Step> steps = new LinkedHashMap<>();
        byNeed(subject, severity).forEach((need, places) -> {
            if (!about(need, change).equals(finding.about())) return;
            for (Place place : places) {
                Step step = steps.getOrDefault(subject.moment(place.moment()).node(), subject.step(place.moment()));
                String line = Words.capital(need.words()) + ": " + words(place.caution());
                Swap.noted(step, line).ifPresent(noted -> steps.put(noted.id(), noted));
            }
        });
        steps.values().forEach(step -> edits.add(new PlanEdit.Change(step)));
        if (edits.isEmpty()) return List.of();
        String label =
                edits.size() == 1 ? "Write it beside the pose" : "Write it beside the %d poses".formatted(edits.size());
        return List.of(new Mend(label, PlanEdit.all(edits)));
    }
}
