package gurukram.core.compose;

import gurukram.core.body.ActionUse;
import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.check.Preparation;
import gurukram.core.check.Subject;
import gurukram.core.compose.brief.Focus;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Why each part of a class is there, read off the class itself: what of the peak it prepares, which rung it is, what it
 * balances, what it answers, what of the theme is in it, what it works. True of any class, however it came about, and of every
 * change made to it since.
 */
public final class Why {
    private static final int MOST = 4;
    private static final int HARD_WORK = 2;
    private static final long WORTH_SAYING_MS = Millis.MINUTE;
    private static final Set<SectionRole> FRAME =
            EnumSet.of(SectionRole.ARRIVE, SectionRole.BREATHE, SectionRole.REST, SectionRole.CLOSE);

    private final Subject subject;
    private static final String LEADS_ON = "Leads on to the next pose.";

    private final PoseCatalogue catalogue;
    private final @Nullable Preparation preparation;
    private final Focus focus;
    private @Nullable Map<BodyArea, Long> worked;

    /** @param focus what the theme comes to; {@link Focus#NONE} without one */
    public Why(Subject subject, PoseCatalogue catalogue, Focus focus) {
        this.subject = subject;
        this.catalogue = catalogue;
        this.preparation = Preparation.of(subject);
        this.focus = focus;
    }

    /** The reasons of every step and flow, by its name. */
    public Map<NodeId, List<String>> all() {
        Map<NodeId, List<String>> all = new LinkedHashMap<>();
        for (Section section : subject.plan().sections()) {
            for (Item item : section.items()) {
                all.put(item.id(), of(item.id()));
                if (item instanceof Flow flow) flow.steps().forEach(step -> all.put(step.id(), of(step.id())));
            }
        }
        return all;
    }

    /** At most {@value #MOST} reasons of a step or a flow: whole sentences, the weightiest first; empty for other parts. */
    public List<String> of(NodeId node) {
        for (Section section : subject.plan().sections()) {
            for (Item item : section.items()) {
                if (item.id().equals(node))
                    return item instanceof Flow flow ? flow(section, flow) : step(section, (Step) item, false);
                if (!(item instanceof Flow flow)) continue;
                for (Step step : flow.steps()) if (step.id().equals(node)) return step(section, step, true);
            }
        }
        return List.of();
    }

    private List<String> step(Section section, Step step, boolean inFlow) {
        List<String> why = new ArrayList<>();
        if (step.pose() == null) return List.of("Time for whatever is needed.");
        Pose pose = catalogue.pose(step.pose());
        boolean frame = FRAME.contains(section.role());
        if (frame) role(section, why);
        rung(pose, why);
        if (!frame) prepares(step, pose, why);
        if (isAfterPeak(step)) after(section, pose, why);
        theme(pose, why);
        if (!frame) role(section, why);
        if (why.isEmpty()) why.add(felt(pose));
        if (why.get(0).isEmpty()) why = List.of(inFlow ? LEADS_ON : "A moment to feel what came before.");
        return List.copyOf(why.subList(0, Math.min(MOST, why.size())));
    }

    private void rung(Pose pose, List<String> why) {
        if (preparation == null) return;
        Pose peak = preparation.peak();
        if (pose.equals(peak)) {
            List<String> asks = peak.actions().stream()
                    .filter(use -> use.demands() >= 2)
                    .map(use -> use.action().words() + " (" + use.demands() + ")")
                    .toList();
            why.add("The peak" + (asks.isEmpty() ? "." : ": asks for " + String.join(", ", asks) + "."));
            return;
        }
        for (Ladder ladder : catalogue.laddersWith(peak.id())) {
            int rung = ladder.rungOf(pose.id());
            if (rung == 0 || rung > ladder.rungOf(peak.id())) continue;
            why.add("Rung %d of the ladder to %s, which is rung %d."
                    .formatted(rung, name(peak), ladder.rungOf(peak.id())));
            return;
        }
    }

    private void prepares(Step step, Pose pose, List<String> why) {
        if (preparation == null || pose.equals(preparation.peak()) || isAfterPeak(step)) return;
        preparation.demands().stream()
                .filter(demand -> demand.poses().contains(pose.id()))
                .sorted(Comparator.comparing((Preparation.Demand demand) -> -demand.strength()))
                .forEach(demand -> why.add("Prepares %s (%d of 3), asked for by %s: %d of 3."
                        .formatted(
                                demand.action().words(),
                                pose.prepares(demand.action()),
                                name(preparation.peak()),
                                demand.strength())));
        if (!why.isEmpty()) return;
        for (ActionUse use : preparation.peak().actions()) {
            if (use.demands() >= 2 && pose.prepares(use.action()) > 0)
                why.add("A gentle beginning of %s, asked for by %s."
                        .formatted(use.action().words(), name(preparation.peak())));
        }
    }

    private boolean isAfterPeak(Step step) {
        if (preparation == null) return false;
        return subject.momentsOf(step.id()).stream().allMatch(i -> i > preparation.at())
                && !subject.momentsOf(step.id()).isEmpty();
    }

    private void after(Section section, Pose pose, List<String> why) {
        if (preparation == null) return;
        if (preparation.peak().ties().counter().contains(pose.id()))
            why.add("Balances " + name(preparation.peak()) + ".");
        if (section.role() != SectionRole.COOL_DOWN && section.role() != SectionRole.FLOOR) return;
        Map<BodyArea, Long> worked = worked(preparation.at());
        pose.stretches().stream()
                .filter(felt -> worked.getOrDefault(felt.area(), 0L) >= WORTH_SAYING_MS)
                .max(Comparator.comparing(felt -> felt.strength() * worked.getOrDefault(felt.area(), 0L)))
                .ifPresent(felt -> why.add("Lets go of the %s, which worked for %s before."
                        .formatted(words(felt.area()), Millis.showWhole(worked.getOrDefault(felt.area(), 0L)))));
    }

    /** How long each area worked hard up to a moment, ms. */
    private Map<BodyArea, Long> worked(int peak) {
        if (worked != null) return worked;
        worked = new EnumMap<>(BodyArea.class);
        for (Moment moment : subject.moments().subList(0, peak + 1)) {
            if (moment.pose() == null) continue;
            for (Felt felt : catalogue.pose(moment.pose()).works()) {
                if (felt.strength() >= HARD_WORK) worked.merge(felt.area(), moment.workMs(), Long::sum);
            }
        }
        return worked;
    }

    private void theme(Pose pose, List<String> why) {
        if (focus.in(pose) >= 3 && !focus.words().isEmpty())
            why.add("Meets the theme: " + String.join(", ", focus.words()) + ".");
    }

    private static void role(Section section, List<String> why) {
        String words = switch (section.role()) {
            case ARRIVE -> "Lets people arrive.";
            case BREATHE -> "Brings the breath into view before the body moves.";
            case SALUTATIONS -> "Warms the whole body, breath by breath.";
            case REST -> "The rest at the end: what the class was for.";
            case CLOSE -> "Time to sit up, and a last word.";
            default -> "";
        };
        if (!words.isEmpty()) why.add(words);
    }

    /** What it works and lengthens: what it is for, else whatever there is a little of. */
    private static String felt(Pose pose) {
        String much = felt(pose, 2);
        return much.isEmpty() ? felt(pose, 1) : much;
    }

    private static String felt(Pose pose, int least) {
        List<Felt> works =
                pose.works().stream().filter(f -> f.strength() >= least).toList();
        List<Felt> stretches =
                pose.stretches().stream().filter(f -> f.strength() >= least).toList();
        List<String> said = new ArrayList<>();
        if (!works.isEmpty()) said.add((least > 1 ? "works " : "wakes up ") + areas(works));
        if (!stretches.isEmpty()) said.add((least > 1 ? "lengthens " : "loosens ") + areas(stretches));
        if (said.isEmpty()) return "";
        String all = String.join(", ", said);
        return Character.toUpperCase(all.charAt(0)) + all.substring(1) + ".";
    }

    private static String areas(List<Felt> felt) {
        return String.join(
                " and ",
                felt.stream()
                        .map(f -> "the " + words(f.area()))
                        .distinct()
                        .limit(2)
                        .toList());
    }

    private static String words(BodyArea area) {
        return area == BodyArea.ANKLES_FEET ? "ankles and feet" : area.word().replace('-', ' ');
    }

    /** Of a chain of holds what its poses are there for, the peak's first; of a flow how it grows. */
    private List<String> flow(Section section, Flow flow) {
        Set<String> held = new LinkedHashSet<>();
        if (flow.settings().rounds() == 1) {
            for (Step step : flow.steps()) if (isPeak(step)) held.addAll(step(section, step, true));
            for (Step step : flow.steps()) held.addAll(step(section, step, true));
            held.remove(LEADS_ON);
        }
        if (!held.isEmpty()) return held.stream().limit(MOST).toList();
        List<String> why = new ArrayList<>();
        for (Step step : flow.steps()) {
            for (Layer layer : step.layers()) {
                if (layer.when().rounds() == null
                        || !(layer.edit() instanceof Layer.Become become)
                        || become.pose() == null
                        || step.pose() == null) continue;
                why.add("Round %s: %s grows into %s."
                        .formatted(
                                layer.when().rounds(),
                                name(catalogue.pose(step.pose())),
                                name(catalogue.pose(become.pose()))));
            }
        }
        if (why.isEmpty()) why.add("Warms the whole body, breath by breath.");
        return List.copyOf(why.subList(0, Math.min(MOST, why.size())));
    }

    private boolean isPeak(Step step) {
        return preparation != null && preparation.peak().id().equals(step.pose());
    }

    private static String name(Pose pose) {
        return pose.name().toLowerCase(Locale.ROOT);
    }
}
