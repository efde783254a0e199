package gurukram.web.drafts;

import gurukram.core.check.Preparation;
import gurukram.core.check.Severity;
import gurukram.core.check.Subject;
import gurukram.core.compose.Why;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.LeftOut;
import gurukram.core.compose.brief.Wish;
import gurukram.core.craft.Craft;
import gurukram.core.craft.Measure;
import gurukram.core.dose.Dose;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Naming;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.EffortCurve;
import gurukram.core.score.Moment;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import gurukram.web.drafts.DraftStore.Kept;
import gurukram.web.drawing.Figures;
import gurukram.web.drawing.Overview;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * One draft with its reasons: all that the templates may see.
 *
 * @param leadsTo the pose it leads to, {@code stops} why it is not another
 * @param prepared how many of the peak's demands are prepared, in words
 * @param sentence what the class is about, {@code flowing} how much of it are flows, {@code rising} its waves of effort,
 *     {@code lesson} how the peak is taught, {@code builtFrom} the names of its flows
 * @param left the first poses that are left out, {@code more} how many there are besides
 */
public record DraftPage(
        String id,
        String set,
        int number,
        String title,
        String about,
        String length,
        String leadsTo,
        String figure,
        List<String> stops,
        int poses,
        String effort,
        String prepared,
        String lookAt,
        String sentence,
        String flowing,
        String rising,
        String lesson,
        List<String> builtFrom,
        Overview overview,
        List<Part> parts,
        List<PreparationMap.Demand> demands,
        List<Out> left,
        int more,
        List<Offer> wishes,
        List<String> prompts) {
    private static final int MOST_LEFT = 8;

    /** A section. */
    public record Part(String id, String name, String length, List<Line> lines) {}

    /**
     * A step or a flow.
     *
     * @param moves the positions of a flow; empty for a step
     * @param why the reasons, the weightiest first
     * @param thread what of the theme is said at it, {@code notes} what is noted there or in its steps
     * @param phrase id of the phrase it is; empty for none
     */
    public record Line(
            String id,
            String figure,
            String name,
            String dose,
            String length,
            boolean locked,
            boolean peak,
            List<Position> moves,
            List<String> why,
            String thread,
            List<String> notes,
            String phrase) {
        /** With what is said and noted at it, and the phrase it is. */
        Line and(Item item, PhraseBook book) {
            Texts texts = item instanceof Flow flow ? flow.texts() : ((Step) item).texts();
            List<String> notes = new ArrayList<>(texts.note().lines().toList());
            if (item instanceof Flow flow)
                flow.steps()
                        .forEach(step -> step.note()
                                .lines()
                                .filter(line -> !notes.contains(line))
                                .forEach(notes::add));
            String phrase = item instanceof Flow flow
                    ? book.called(flow.settings().name()).map(Phrase::id).orElse("")
                    : "";
            return new Line(id, figure, name, dose, length, locked, peak, moves, why, texts.thread(), notes, phrase);
        }

        Line(
                String id,
                String figure,
                String name,
                String dose,
                String length,
                boolean locked,
                boolean peak,
                List<Position> moves,
                List<String> why) {
            this(id, figure, name, dose, length, locked, peak, moves, why, "", List.of(), "");
        }

        public boolean isFlow() {
            return !moves.isEmpty();
        }
    }

    /** A position of a flow, and what it becomes round by round. */
    public record Position(String figure, String name, String breath, List<String> grows) {}

    public record Out(String name, String words) {}

    /** A wish, and whether it is granted already. */
    public record Offer(String value, String words, boolean on) {}

    static DraftPage of(Kept kept, Draft draft, Subject subject, PoseCatalogue catalogue, PhraseBook book) {
        Score score = subject.score();
        Map<NodeId, List<String>> why =
                new Why(subject, catalogue, draft.brief().focus()).all();
        Map<NodeId, NodeTotal> totals = score.totals();
        Preparation preparation = draft.goal() == null ? null : Preparation.of(subject);
        List<Part> parts = new ArrayList<>();
        for (Section section : draft.plan().sections()) {
            List<Line> lines = section.items().stream()
                    .map(item -> line(item, draft, catalogue, why, totals).and(item, book))
                    .toList();
            parts.add(new Part(section.id().value(), section.title(), minutes(totals.get(section.id())), lines));
        }
        List<PreparationMap.Demand> demands = preparation == null
                ? List.of()
                : PreparationMap.of(preparation, subject, draft.report().findings());
        long met = demands.stream().filter(PreparationMap.Demand::met).count();
        Brief brief = draft.brief();
        return new DraftPage(
                kept.id().toString(),
                kept.set().toString(),
                kept.ordinal() + 1,
                draft.plan().settings().title(),
                "%d min %s, %s"
                        .formatted(
                                brief.minutes(),
                                brief.style().word(),
                                brief.mixed() ? "mixed room" : brief.level().word()),
                Millis.showWhole(draft.totalMs()),
                draft.goal() == null ? "" : draft.goal().pose().name(),
                draft.goal() == null ? "" : Figures.small(draft.goal().pose(), null),
                draft.stops(),
                poses(score),
                effort(EffortCurve.of(score, catalogue)),
                demands.isEmpty()
                        ? "asks for nothing special"
                        : "%d of %d demands prepared".formatted(met, demands.size()),
                lookAt(draft),
                draft.plan().settings().theme().sentence(),
                flowing(draft.plan(), score, catalogue),
                rising(draft.plan(), score, catalogue),
                lesson(draft),
                builtFrom(draft.plan()),
                Overview.of(draft.plan(), score, catalogue),
                parts,
                demands,
                draft.leftOut().stream()
                        .limit(MOST_LEFT)
                        .map(out -> out(out, catalogue))
                        .toList(),
                Math.max(0, draft.leftOut().size() - MOST_LEFT),
                wishes(brief),
                prompts(draft.plan().settings().theme()));
    }

    private static String minutes(NodeTotal total) {
        return total == null ? "0:00" : Millis.showWhole(total.lengthMs());
    }

    private static String flowing(ClassPlan plan, Score score, PoseCatalogue catalogue) {
        var measures = Craft.of(plan, score, catalogue);
        Measure share = Objects.requireNonNull(measures.get(Measure.Kind.FLOW_SHARE));
        String told = share.shown() + " in flows, the rest held";
        boolean little = share.value() != null && share.least() != null && share.value() < share.least();
        // where the slot and the way to the peak leave no room for more of them, it is said
        return little && plan.settings().peak() != null
                ? told
                        + ": less than is usual, as %d minutes leave no more beside what leads to the peak"
                                .formatted(plan.settings().slotMinutes())
                : told;
    }

    private static String rising(ClassPlan plan, Score score, PoseCatalogue catalogue) {
        Measure waves = Objects.requireNonNull(Craft.of(plan, score, catalogue).get(Measure.Kind.WAVES));
        String number = waves.shown();
        return number.equals("1") ? "rises in one wave" : "rises in " + number + " waves";
    }

    /** How many stages the peak has, and how often it is tried. */
    private static String lesson(Draft draft) {
        if (draft.goal() == null) return "";
        String peak = draft.goal().pose().id();
        int goes = 0;
        int stages = 0;
        for (Section section : draft.plan().sections()) {
            if (section.role() != SectionRole.PEAK) continue;
            for (Item item : section.items()) {
                List<Step> steps = item instanceof Flow flow ? flow.steps() : List.of((Step) item);
                for (Step step : steps) {
                    if (step.pose() == null) continue;
                    if (step.pose().equals(peak)) goes++;
                    else if (goes == 0) stages++;
                }
            }
        }
        String taught = stages == 0 ? "" : " in " + Words.count(stages + 1, "stage");
        return "%s%s, %s"
                .formatted(
                        draft.goal().pose().name(),
                        taught,
                        goes > 1 ? "tried " + (goes == 2 ? "twice" : goes + " times") : "tried once");
    }

    private static List<String> builtFrom(ClassPlan plan) {
        List<String> names = new ArrayList<>();
        for (Section section : plan.sections())
            for (Item item : section.items())
                if (item instanceof Flow flow && !flow.settings().name().isEmpty()) names.add(Naming.of(flow));
        return names.stream().distinct().toList();
    }

    private static int poses(Score score) {
        return (int) score.moments().stream()
                .map(Moment::pose)
                .filter(pose -> pose != null)
                .distinct()
                .count();
    }

    /** The mean of the minutes, and the hardest of them. */
    private static String effort(List<Double> minutes) {
        double mean = minutes.stream().mapToDouble(d -> d).average().orElse(0);
        double most = minutes.stream().mapToDouble(d -> d).max().orElse(0);
        return "effort %.1f, at most %.1f of 5".formatted(mean, most);
    }

    private static String lookAt(Draft draft) {
        long look = draft.report().count(Severity.MUST) + draft.report().count(Severity.LOOK);
        return look == 0 ? "nothing to mend" : look == 1 ? "1 thing to look at" : look + " things to look at";
    }

    private static Line line(
            Item item,
            Draft draft,
            PoseCatalogue catalogue,
            Map<NodeId, List<String>> why,
            Map<NodeId, NodeTotal> totals) {
        List<String> reasons = why.getOrDefault(item.id(), List.of());
        String length = minutes(totals.get(item.id()));
        boolean locked = Drafts.isLocked(item);
        if (item instanceof Flow flow) {
            String rounds = Words.count(flow.settings().rounds(), "round") + ", "
                    + flow.settings().counting().words();
            List<Position> moves =
                    flow.steps().stream().map(step -> position(step, catalogue)).toList();
            String name = flow.settings().name();
            return new Line(
                    flow.id().value(),
                    "",
                    Words.capital(Naming.of(flow)),
                    rounds,
                    length,
                    locked,
                    false,
                    moves,
                    reasons);
        }
        Step step = (Step) item;
        if (step.pose() == null)
            return new Line(
                    step.id().value(),
                    "",
                    Naming.of((Pose) null),
                    dose(step),
                    length,
                    locked,
                    false,
                    List.of(),
                    reasons);
        Pose pose = catalogue.pose(step.pose());
        boolean peak = draft.goal() != null && pose.equals(draft.goal().pose());
        return new Line(
                step.id().value(),
                Figures.small(pose, null),
                pose.name(),
                dose(step),
                length,
                locked,
                peak,
                List.of(),
                reasons);
    }

    private static String dose(Step step) {
        String sides = step.sides().isSided() ? " " + step.sides().words() : "";
        return step.dose().at(Dose.Reading.CHOSEN) + (sides.isEmpty() ? "" : "," + sides);
    }

    private static Position position(Step step, PoseCatalogue catalogue) {
        Pose pose = catalogue.pose(step.pose());
        List<String> grows = step.layers().stream()
                .filter(layer -> layer.when().rounds() != null
                        && layer.edit() instanceof Layer.Become become
                        && become.pose() != null)
                .map(layer -> "round %s: %s"
                        .formatted(
                                layer.when().rounds(),
                                catalogue
                                        .pose(((Layer.Become) layer.edit()).pose())
                                        .name()
                                        .toLowerCase(Locale.ROOT)))
                .toList();
        return new Position(Figures.small(pose, null), pose.name(), step.dose().toString(), grows);
    }

    private static Out out(LeftOut out, PoseCatalogue catalogue) {
        return new Out(catalogue.pose(out.pose()).name(), out.words());
    }

    private static List<Offer> wishes(Brief brief) {
        List<Offer> offers = new ArrayList<>();
        if (brief.minutes() > Brief.MINUTES.least()) offers.add(new Offer("SHORTER", "shorter", false));
        Stream.of(Wish.values())
                .forEach(wish -> offers.add(
                        new Offer(wish.name(), wish.words(), brief.wishes().contains(wish))));
        return offers;
    }

    /** Plain questions where the theme has its places; the words are the teacher's. */
    private static List<String> prompts(Theme theme) {
        List<String> prompts = new ArrayList<>();
        if (theme.title().isEmpty()) return prompts;
        String name = "“" + theme.title() + "”";
        if (theme.open().isEmpty()) prompts.add("Open: what will you say about " + name + " when they arrive?");
        prompts.add("Thread: what will you say when they fold? And when they hold the peak?");
        if (theme.close().isEmpty()) prompts.add("Close: how will you come back to " + name + " after the rest?");
        return prompts;
    }
}
