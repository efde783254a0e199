package gurukram.core.fit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What would make a fit possible that is not: the single lock, freedom or range that stands in its way. */
record FitHelps(PoseCatalogue catalogue, Unfolder unfolder) {

    /** Each lock that alone stands in the way, and each freedom not given that alone would do. */
    List<FitAnswer.Help> of(ClassPlan plan, FitRequest request, FitSearch failed) {
        List<FitAnswer.Help> helps = new ArrayList<>();
        FitWords words = new FitWords(catalogue, request.level());
        for (Node lock : new Choices(plan, request, catalogue, Set.of()).locks()) {
            if (can(plan, request, Set.of(lock.id()))) {
                helps.add(new FitAnswer.Help(lock.id(), "Unlock " + words.name(lock)));
            }
        }
        FitRequest.Freedom f = request.freedom();
        Map<String, FitRequest.Freedom> wider = new LinkedHashMap<>();
        if (!f.rounds())
            wider.put(
                    "Let rounds change",
                    new FitRequest.Freedom(true, f.usualRanges(), f.openTime(), f.optional(), f.rest()));
        if (!f.usualRanges())
            wider.put(
                    "Let holds move within their usual range",
                    new FitRequest.Freedom(f.rounds(), true, f.openTime(), f.optional(), f.rest()));
        if (!f.openTime())
            wider.put(
                    "Let open time change",
                    new FitRequest.Freedom(f.rounds(), f.usualRanges(), true, f.optional(), f.rest()));
        if (!f.optional())
            wider.put(
                    "Let optional parts be left out",
                    new FitRequest.Freedom(f.rounds(), f.usualRanges(), f.openTime(), true, f.rest()));
        if (!f.rest())
            wider.put(
                    "Let the final rest change",
                    new FitRequest.Freedom(f.rounds(), f.usualRanges(), f.openTime(), f.optional(), true));
        wider.forEach((what, freedom) -> {
            FitRequest other = new FitRequest(
                    request.targetMs(), request.toleranceMs(), request.level(), freedom, request.begun());
            if (can(plan, other, Set.of())) helps.add(new FitAnswer.Help(NodeId.CLASS, what));
        });
        helps.addAll(ranges(plan, request, failed));
        return helps;
    }

    private boolean can(ClassPlan plan, FitRequest request, Set<NodeId> unlocked) {
        return FitSearch.of(catalogue, unfolder, plan, request, unlocked).hasFound();
    }

    /** Written ranges that would do if their end went on: what is missing fits into half as much again of the step. */
    private List<FitAnswer.Help> ranges(ClassPlan plan, FitRequest request, FitSearch failed) {
        List<FitAnswer.Help> helps = new ArrayList<>();
        FitWords words = new FitWords(catalogue, request.level());
        boolean tooShort = failed.longest() < request.shortestMs();
        long missing = tooShort ? request.shortestMs() - failed.longest() : failed.shortest() - request.longestMs();
        if (missing <= 0) return helps;
        for (Choices.Part part : failed.parts()) {
            Node node = part.forms().get(0).get(0);
            if (!(node instanceof Step step) || Choices.marks(step).locked()) continue;
            long most = part.forms().stream()
                    .mapToLong(form -> failed.work(form))
                    .max()
                    .orElse(0);
            long least = part.forms().stream()
                    .mapToLong(form -> failed.work(form))
                    .min()
                    .orElse(0);
            boolean would = tooShort ? most / 2 >= missing : least / 2 >= missing;
            if (would)
                helps.add(new FitAnswer.Help(
                        step.id(), (tooShort ? "Let it go further: " : "Let it go lower: ") + words.name(step)));
        }
        return helps;
    }
}
