package gurukram.core.compose.parts;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.compose.brief.Taught;
import gurukram.core.compose.idea.Concept;
import gurukram.core.compose.search.Dice;
import gurukram.core.craft.Firsts;
import gurukram.core.group.People;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * Which phrases of the book a class takes: those that lead to its peak, bring its idea back, meet the theme and suit the
 * group; none twice. Ours: leading to the peak counts 4, what it prepares of the peak up to 4, what it has of the idea up
 * to 10, a word of the theme 3; the dice add up to 8.
 */
final class Phrases {
    /** Two flows begin alike when they share so many first moves; what that is worth to a choice. */
    static final int QUOTED = 2;

    static final double QUOTES = 14;
    /** So much too short, or too long, counts one against a phrase, ms. */
    static final double SHORTER_MS = 15_000;

    private static final double LEADS = 4;
    private static final double MOST = 4;
    /** In a short class that flows there is no time to prepare by holds what its phrases do not. */
    private static final double SHORT = 4;

    private static final double MOST_OF_IDEA = 10;
    private static final double THEME = 3;
    /** For a phrase that stays on a side for two holds before it changes. */
    private static final double STAYS = 9;

    /** For each idea shown before that has it. */
    private static final double SHOWN = 9;

    private static final int MOST_SHOWN = 4;
    /** For a phrase whose rounds no longer grow. */
    private static final double STALE = 100;

    /** By how much a last round is longer than the first where a phrase grows. */
    private static final double GROWS = 1.1;

    /** For a phrase of the class before, and of the one before that. */
    private static final double[] LATELY = {14, 7};

    /** For a step of effort more, or less, on the average; or for some balances in a phrase. */
    private static final double FLAVOUR = 12;

    private static final double MANY_BALANCES = 3;

    private static final double SPARED = 1.5;
    private static final double CHANCE = 16;
    /** For a pose that would come first on half a breath where it should not. */
    private static final double SUDDEN = 12;

    private static final double ENOUGH_MS = 45_000;
    /** What is a movement of every salutation, also where it is the peak (craft.md, rule 3). */
    private static final Set<String> EVERYDAY =
            Set.of("downward-dog", "standing-fold", "plank", "low-push-up", "chair", "low-lunge");

    private static final String FOR_TWO = "pregnancy";
    private static final String SUPPORT = "support";
    /** Movements on the hands in all flows at a level: about three in five of what a class may have. */
    private static final int[] MOST_LOADS = {18, 32, 46};

    private final Attempt attempt;
    private final PhraseUse use;
    private final Dice dice;
    private final Set<String> taken = new HashSet<>();
    /** Those taken so far, each with its moments on the hands. */
    private final Map<PhraseLine, Integer> lines = new LinkedHashMap<>();

    private final Map<String, Optional<Flow>> adapted = new LinkedHashMap<>();
    private final Map<String, Boolean> stale = new LinkedHashMap<>();
    private final Map<String, Firsts> firsts = new HashMap<>();
    private final Map<String, Double> worth = new HashMap<>();
    private final Map<String, List<String>> steps = new HashMap<>();

    /** What the flows are called that stay as they are: none of them comes twice. */
    private final Set<String> kept;

    /** A phrase, and its flow as this class does it. */
    record Taken(PhraseLine line, Flow flow) {}

    Phrases(Attempt attempt) {
        this.attempt = attempt;
        this.use = new PhraseUse(attempt, notYet(attempt));
        this.dice = attempt.dice().of("phrases");
        this.kept = attempt.brief().kept().stream()
                .filter(one -> one.item() instanceof Flow)
                .map(one -> ((Flow) one.item()).settings().name())
                .collect(Collectors.toSet());
    }

    /** The peak itself, and what is above it on its ladder, is taught before it is done on a breath; what every class moves through is not. */
    private static Set<String> notYet(Attempt attempt) {
        Set<String> notYet = new LinkedHashSet<>();
        if (attempt.goal() == null) return notYet;
        notYet.add(attempt.goal().pose().id());
        notYet.add(attempt.goal().asked().id());
        var ladder = attempt.goal().ladder();
        if (ladder != null)
            for (int i = attempt.goal().rung(); i < ladder.rungs().size(); i++) {
                String pose = ladder.rungs().get(i).pose();
                if (pose != null) notYet.add(pose);
            }
        notYet.removeAll(EVERYDAY);
        return notYet;
    }

    /** Those taken so far, in the order they were. */
    List<PhraseLine> taken() {
        return List.copyOf(lines.keySet());
    }

    /** How many were taken, also those that were given back. */
    int tried() {
        return taken.size();
    }

    /** The best phrase of a kind that is left; it is taken. */
    Optional<Taken> take(Predicate<PhraseLine> which, ToDoubleFunction<PhraseLine> more) {
        record Choice(PhraseLine line, double points) {}
        List<Choice> choice = attempt.phrases().at(attempt.brief().level()).stream()
                .filter(line -> !taken.contains(line.phrase().id())
                        && !kept.contains(line.flow().settings().name())
                        && line.phrase().styles().contains(attempt.brief().style())
                        && suitsGroup(line.phrase())
                        && which.test(line))
                .map(line -> new Choice(line, points(line) + more.applyAsDouble(line)))
                .sorted(Comparator.comparingDouble((Choice one) -> -one.points())
                        .thenComparing(one -> one.line().phrase().id()))
                .toList();
        int left = MOST_LOADS[attempt.brief().level().ordinal()] - loads();
        for (Choice one : choice) {
            PhraseLine line = one.line();
            Optional<Flow> adapted = adapted(line);
            if (adapted.isEmpty()) continue;
            Flow flow = adapted.get();
            int loads = line.wristLoads();
            if (loads > left && loads > 0) {
                // without its links it may still be carried
                flow = flow.with(new Link[0]);
                loads = loads(flow);
                if (loads > left && loads > 0) continue;
                // nor does it grow by them then
                if (flow.settings().rounds() > 1 && repeats(flow)) continue;
            }
            taken.add(line.phrase().id());
            lines.put(line, loads);
            return Optional.of(new Taken(line, named(flow, line.phrase())));
        }
        return Optional.empty();
    }

    private int loads() {
        return lines.values().stream().mapToInt(n -> n).sum();
    }

    /** Moments with weight on the hands. */
    private int loads(Flow flow) {
        return (int) attempt.clock().score(flow).moments().stream()
                .filter(moment -> moment.pose() != null
                        && attempt.catalogue().pose(moment.pose()).wristLoad())
                .count();
    }

    void giveBack(PhraseLine line) {
        lines.remove(line);
    }

    /** What leads there, brings the idea and meets the theme; less what would come first on half a breath as the class is now. */
    double points(PhraseLine line) {
        return worth.computeIfAbsent(line.phrase().id(), id -> worth(line)) - SUDDEN * sudden(line);
    }

    /** What a phrase is worth to this class, whatever else is in it. */
    private double worth(PhraseLine line) {
        double points = CHANCE
                * dice.of(line.phrase().part() + " " + line.phrase().kind())
                        .turning(line.phrase().id());
        Concept concept = attempt.concept();
        if (attempt.goal() != null) {
            if (leads(line.phrase())) points += LEADS;
            double prepares = 0;
            for (ActionUse asked : attempt.goal().pose().actions())
                if (asked.demands() >= 2)
                    prepares += Math.min(1, line.preparesMs(asked.action(), asked.demands() - 1) / ENOUGH_MS);
            double weight = attempt.isShortFlow() ? SHORT : 1;
            points += weight * Math.min(MOST, 1.5 * prepares);
        }
        if (concept != null) {
            double sides = line.flow().settings().hasSides() ? 2 : 1;
            double idea = 0;
            for (Action action : concept.actions())
                idea += MOST_OF_IDEA * sides * line.preparesMs(action, 2) / line.lengthMs();
            long shapes = line.poses().stream().filter(concept::has).count();
            points += Math.min(MOST_OF_IDEA, idea + shapes);
        }
        if (meetsTheme(line.phrase())) points += THEME;
        if (attempt.brief().level() != Level.BEGINNER) points += STAYS * Math.min(1, Math.max(0, line.sideRun() - 1));
        points += flavour(line);
        if (isStale(line)) points -= STALE;
        points -= lately(line.flow().settings().name());
        points -= SHOWN
                * Math.min(
                        MOST_SHOWN, attempt.shown().flow(line.flow().settings().name()));
        return points;
    }

    /** How many poses would come first on half a breath with a phrase, of those that should not. */
    private long sudden(PhraseLine line) {
        Firsts now = firsts(line);
        if (now.deep().isEmpty() && now.strong().isEmpty()) return 0;
        Set<String> known = new HashSet<>();
        Set<String> strong = new HashSet<>();
        for (PhraseLine taken : lines.keySet()) {
            known.addAll(taken.poses());
            strong.addAll(firsts(taken).strong());
        }
        long deep = now.deep().stream().filter(pose -> !known.contains(pose)).count();
        long others =
                now.strong().stream().filter(pose -> !known.contains(pose)).count();
        return deep + Math.min(others, Math.max(0, strong.size() + others - Firsts.USUAL_STRONG));
    }

    private Firsts firsts(PhraseLine line) {
        return firsts.computeIfAbsent(line.phrase().id(), id -> {
            Flow flow = adapted(line).orElse(line.flow());
            return Firsts.of(attempt.clock().score(flow).moments(), attempt.catalogue());
        });
    }

    /** What was in the last class, or the one before, gives way to something else; a class that builds on the last keeps it. */
    private double lately(String name) {
        if (attempt.brief().build()) return 0;
        List<Taught> taught = attempt.brief().taught();
        for (int i = 0; i < Math.min(LATELY.length, taught.size()); i++)
            if (taught.get(i).flows().contains(name)) return LATELY[i];
        return 0;
    }

    /** What beginners' hands carry is kept for what leads to the peak; what counts against a phrase that uses it up. */
    double onHands(PhraseLine line) {
        boolean spared = attempt.brief().level() == Level.BEGINNER && Attempt.leadsOffTheFloor(attempt.goal());
        return spared ? SPARED * line.wristLoads() : 0;
    }

    private double flavour(PhraseLine line) {
        double effort = line.poses().stream()
                .mapToInt(id -> attempt.catalogue().pose(id).effort())
                .average()
                .orElse(0);
        return switch (attempt.brief().flavour()) {
            case STEADY -> 0;
            case RESTFUL -> FLAVOUR * (2 - effort) - line.wristLoads() / 10.0;
            case STRONG -> FLAVOUR * (effort - 2);
            case PLAYFUL ->
                line.poses().stream()
                        .mapToDouble(id -> attempt.catalogue().pose(id).demands(Action.ONE_LEG_BALANCE) > 1
                                ? FLAVOUR / MANY_BALANCES
                                : 0)
                        .sum();
        };
    }

    /** The poses of a phrase's steps as this class does them; empty when it cannot. */
    List<String> stepsOf(PhraseLine line) {
        return steps.computeIfAbsent(
                line.phrase().id(), id -> adapted(line).map(Flow::poses).orElse(List.of()));
    }

    /** How many first moves two phrases share as this class does them. */
    int shared(PhraseLine a, PhraseLine b) {
        return shared(stepsOf(a), stepsOf(b));
    }

    static int shared(List<String> one, List<String> other) {
        int same = 0;
        while (same < Math.min(one.size(), other.size()) && one.get(same).equals(other.get(same))) same++;
        return same;
    }

    /** Whether another phrase of its part begins as it does. */
    boolean isQuoted(PhraseLine line, int moves) {
        return attempt.phrases().at(attempt.brief().level()).stream()
                .anyMatch(other -> other != line
                        && isIn(other, line.phrase().part(), Phrase.Kind.FLOW)
                        && other.phrase().styles().contains(attempt.brief().style())
                        && shared(other, line) >= moves);
    }

    /** Whether what this group leaves out takes its growth from a phrase: a round is like the one before. */
    private boolean isStale(PhraseLine line) {
        return stale.computeIfAbsent(line.phrase().id(), id -> {
            Flow flow = adapted(line).orElse(line.flow());
            return !flow.equals(line.flow()) && flow.settings().rounds() > 1 && repeats(flow);
        });
    }

    private boolean repeats(Flow flow) {
        TreeMap<Integer, List<String>> rounds = new TreeMap<>();
        TreeMap<Integer, Long> lengths = new TreeMap<>();
        for (Moment moment : attempt.clock().score(flow).moments()) {
            if (moment.round() == null) continue;
            // half a breath is as long as the round is quick; what is done is the same
            boolean moves = moment.kind() == Moment.Kind.MOVEMENT;
            rounds.computeIfAbsent(moment.round(), r -> new ArrayList<>())
                    .add(moment.pose() + " " + (moves ? "" : moment.workMs()));
            lengths.merge(moment.round(), moment.lengthMs(), Long::sum);
        }
        List<List<String>> done = List.copyOf(rounds.values());
        for (int i = 1; i < done.size(); i++) if (done.get(i).equals(done.get(i - 1))) return true;
        return !lengths.isEmpty()
                && lengths.lastEntry().getValue() < GROWS * lengths.firstEntry().getValue();
    }

    private Optional<Flow> adapted(PhraseLine line) {
        return adapted.computeIfAbsent(line.phrase().id(), id -> use.adapted(line));
    }

    boolean leads(Phrase phrase) {
        if (attempt.goal() == null) return false;
        Pose asked = attempt.goal().asked();
        return phrase.peaks().contains(asked.id())
                || phrase.peaks().contains(attempt.goal().pose().id());
    }

    /** What is made for two is for a group in which somebody expects; what needs chairs or a wall is asked for by name. */
    private boolean suitsGroup(Phrase phrase) {
        People group = attempt.brief().group();
        boolean expecting =
                group != null && (group.people(Need.PREGNANCY_EARLY) > 0 || group.people(Need.PREGNANCY_LATER) > 0);
        if (phrase.themes().contains(FOR_TWO)) return expecting;
        return !phrase.themes().contains(SUPPORT) || meetsTheme(phrase);
    }

    private boolean meetsTheme(Phrase phrase) {
        Set<String> said =
                new HashSet<>(List.of(Words.fold(attempt.brief().theme().title() + " "
                                + attempt.brief().theme().sentence())
                        .split(" ")));
        return phrase.themes().stream()
                .flatMap(theme -> List.of(Words.fold(theme).split(" ")).stream())
                .anyMatch(word -> word.length() > 3 && said.contains(word));
    }

    /** A flow under a name, its parts numbered behind it. */
    static Flow named(Flow flow, NodeId name) {
        int[] number = {0};
        return (Flow) NodeNames.renamed(
                flow, id -> number[0]++ == 0 ? name : new NodeId(name.value() + "-" + (number[0] - 1)));
    }

    /** The flow under names no other part has; beginning on the side of the class, the quiet ones a side first. */
    private Flow named(Flow flow, Phrase phrase) {
        Flow named = named(flow, attempt.sketch().name(phrase.part()));
        FlowSettings settings = named.settings();
        if (!settings.hasSides()) return named;
        settings = settings.withFirstSide(attempt.brief().begins());
        boolean quiet = phrase.part() == SectionRole.WARM_UP || phrase.part() == SectionRole.FLOOR;
        boolean sideFirst = quiet
                && attempt.brief().level() != Level.BEGINNER
                && phrase.kind() == Phrase.Kind.FLOW
                && settings.counting() == FlowSides.Counting.BOTH_SIDES;
        return named.with(sideFirst ? settings.with(settings.sides().with(FlowSides.Order.SIDE_FIRST)) : settings);
    }

    static boolean isIn(PhraseLine line, SectionRole part, Phrase.Kind kind) {
        return line.phrase().part() == part && line.phrase().kind() == kind;
    }

    /** Where a phrase leaves the body, as a pose. */
    static Step last(Flow flow) {
        return flow.steps().get(flow.steps().size() - 1);
    }
}
