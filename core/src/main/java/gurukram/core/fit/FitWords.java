package gurukram.core.fit;

import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Node;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What fitting changes, in a teacher's words. */
record FitWords(PoseCatalogue catalogue, @Nullable Level level) {
    String name(Node node) {
        return new Naming(catalogue).inSentence(node);
    }

    private String heading(Node node) {
        return Words.capital(name(node));
    }

    /** @param before the class as it is written, unfolded */
    FitAnswer.Change leftOut(List<Node> nodes, Score before) {
        long ms = 0;
        for (Node node : nodes) {
            NodeTotal total = before.totals().get(node.id());
            if (total != null) ms += total.lengthMs();
        }
        return new FitAnswer.Change(nodes.get(0).id(), heading(nodes.get(0)), "done", "left out", ms, 0);
    }

    FitAnswer.Change change(Node before, Node after, long beforeMs, long afterMs) {
        List<String> was = new ArrayList<>();
        List<String> is = new ArrayList<>();
        if (before instanceof Step step) {
            was.add(dose(step));
            is.add(dose((Step) after));
        } else {
            changes((Flow) before, (Flow) after, was, is);
        }
        return new FitAnswer.Change(
                after.id(), heading(after), String.join(", ", was), String.join(", ", is), beforeMs, afterMs);
    }

    private void changes(Flow before, Flow after, List<String> was, List<String> is) {
        if (before.settings().rounds() != after.settings().rounds()) {
            was.add(Words.count(before.settings().rounds(), "round"));
            is.add(Words.count(after.settings().rounds(), "round"));
        }
        for (int i = 0; i < after.steps().size(); i++) {
            Step old = before.steps().get(i);
            Step now = after.steps().get(i);
            if (dose(old).equals(dose(now))) continue;
            was.add(name(now) + " " + dose(old));
            is.add(name(now) + " " + dose(now));
        }
    }

    private String dose(Step step) {
        return ChosenDose.of(step, level).toString();
    }
}
