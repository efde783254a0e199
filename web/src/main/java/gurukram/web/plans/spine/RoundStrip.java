package gurukram.web.plans.spine;

import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.FlowPace;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;

/** What each round of a flow is: its mode, its pace, and what its layers change. Rounds that are the same stand together. */
public final class RoundStrip {
    private final Flow flow;
    private final Level level;
    private final PoseCatalogue catalogue;
    private final NotationWriter writer;

    private RoundStrip(Flow flow, Level level, PoseCatalogue catalogue) {
        this.flow = flow;
        this.level = level;
        this.catalogue = catalogue;
        this.writer = new NotationWriter(catalogue);
    }

    /** Empty when all rounds are the same, on the breath at the teacher's own pace. */
    public static List<Row.RoundCell> of(Flow flow, Level level, PoseCatalogue catalogue) {
        int rounds = flow.settings().rounds();
        if (rounds == 1) return List.of();
        RoundStrip strip = new RoundStrip(flow, level, catalogue);
        List<Row.RoundCell> cells = new ArrayList<>();
        int from = 1;
        for (int round = 1; round <= rounds; round++) {
            boolean ends = round == rounds || !strip.cell(round, "").equals(strip.cell(round + 1, ""));
            if (!ends) continue;
            cells.add(strip.cell(round, from == round ? "" + round : from + "–" + round));
            from = round + 1;
        }
        boolean usual = cells.size() == 1 && cells.get(0).isUsual();
        return usual ? List.of() : cells;
    }

    /** Narrow: what a position lasts needs no words. */
    private static String shown(TypedPace typed) {
        if (typed == null) return "";
        return typed.per() == TypedPace.Per.POSITION ? Millis.seconds(typed.millis()) + " s" : typed.toString();
    }

    private Row.RoundCell cell(int round, String words) {
        FlowPace pace = flow.settings().pace();
        TypedPace typed = pace.typedIn(round);
        List<String> changes = new ArrayList<>();
        for (Step step : flow.steps()) {
            step.layers().stream()
                    .filter(layer -> layer.when().needsFlow() && holds(layer.when(), round))
                    .map(layer -> change(step, layer))
                    .forEach(changes::add);
        }
        for (Link link : flow.links()) {
            if (link.when().needsFlow() && holds(link.when(), round)) changes.add("with a link");
        }
        return new Row.RoundCell(words, pace.modeIn(round).word(), shown(typed), changes);
    }

    private boolean holds(When when, int round) {
        boolean ofRound = when.rounds() == null
                || when.rounds().has(round, flow.settings().rounds());
        return ofRound && when.holdsAt(level);
    }

    /** {@code high lunge for low lunge}, {@code without chair}, {@code then plank, out}. */
    private String change(Step step, Layer layer) {
        String written = writer.words(layer);
        String what = written.substring(written.indexOf(": ") + 2);
        String side = layer.when().pass() == null ? "" : layer.when().pass() == 1 ? ", first side" : ", second side";
        if (layer.edit() instanceof Layer.Omit) return "without " + nameOf(step) + side;
        boolean same = layer.edit() instanceof Layer.Become become && become.pose() == null;
        if (same) return nameOf(step) + " " + what + side;
        if (layer.edit() instanceof Layer.Become) return what + " for " + nameOf(step) + side;
        return what + " at " + nameOf(step) + side;
    }

    private String nameOf(Step step) {
        return new Naming(catalogue).poseInSentence(step.pose());
    }
}
