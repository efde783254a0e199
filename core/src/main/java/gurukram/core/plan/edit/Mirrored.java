package gurukram.core.plan.edit;

import gurukram.core.body.Side;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Node;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Stage;
import gurukram.core.plan.settings.Texts;
import gurukram.core.text.TurnedWords;
import java.util.List;

/** The same plan with right and left exchanged, in the words typed as well; twice is the plan itself. */
public final class Mirrored {
    private Mirrored() {}

    public static ClassPlan of(ClassPlan plan) {
        return new ClassPlan(
                plan.settings(),
                plan.sections().stream().map(section -> (Section) of(section)).toList());
    }

    private static Texts texts(Texts texts) {
        return texts.withNote(TurnedWords.of(texts.note()))
                .withThread(TurnedWords.of(texts.thread()))
                .withSay(TurnedWords.of(texts.say()));
    }

    private static Stage stage(Stage stage) {
        return new Stage(
                TurnedWords.of(stage.words()),
                stage.dose(),
                stage.mayStay(),
                stage.prop(),
                TurnedWords.of(stage.wayOut()));
    }

    /** A node with all it holds, under the same names. */
    public static Node of(Node node) {
        Node mirrored = node;
        if (node instanceof Section section) mirrored = section.with(texts(section.texts()));
        if (node instanceof Step step) {
            List<Stage> stages =
                    step.manner().stages().stream().map(Mirrored::stage).toList();
            mirrored = step.withSides(step.sides().mirrored())
                    .with(texts(step.texts()))
                    .with(step.manner().withStages(stages));
        }
        if (node instanceof Flow flow) {
            Side first = flow.settings().sides().first().opposite();
            mirrored = flow.with(flow.settings().withFirstSide(first)).with(texts(flow.texts()));
        }
        if (node instanceof Layer layer && layer.edit() instanceof Layer.Become become && become.sides() != null) {
            Layer.Become other =
                    new Layer.Become(become.pose(), become.sides().mirrored(), become.dose(), become.with());
            mirrored = new Layer(layer.id(), layer.when(), other);
        }
        return node.children().isEmpty()
                ? mirrored
                : mirrored.withChildren(
                        node.children().stream().map(Mirrored::of).toList());
    }
}
