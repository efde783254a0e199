package gurukram.bench;

import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** Classes of known size, written as a teacher would. */
final class Classes {
    private Classes() {}

    /** The ninety minutes with a sentence at every step, and as many mountains with one more as make it {@value #SENTENCES}. */
    static ClassPlan spoken(PoseCatalogue catalogue) {
        StringBuilder text = new StringBuilder();
        int said = 0;
        for (String line : ninetyMinutes().split("\n")) {
            text.append(line).append('\n');
            boolean step = line.matches("(  )*[a-z].*, (in|out|both.*|\\d+ breaths?.*)") && !line.contains("flow");
            if (!step) continue;
            String indent = line.replaceAll("\\S.*", "");
            text.append(indent)
                    .append("- say: ")
                    .append(SAID.get(said++ % SAID.size()))
                    .append('\n');
        }
        text.append("\nclose:\n");
        while (said < SENTENCES)
            text.append("mountain, 1 breath\n- say: ")
                    .append(SAID.get(said++ % SAID.size()))
                    .append('\n');
        return read(text.toString(), catalogue);
    }

    private static final int SENTENCES = 150;
    private static final List<String> SAID = List.of(
            "{lead} foot forward, {other} heel down, both hips to the front",
            "stay for five breaths and let the shoulders drop",
            "inhale and lengthen, exhale and turn a little more",
            "two more, then come up slowly",
            "both feet press, and the top arm floats to the ceiling");

    /** A vinyasa class of about 90 minutes and 400 moments, with layers, links and levels. */
    static String ninetyMinutes() {
        StringBuilder text = new StringBuilder("class: Ninety minutes\n- 90 min, vinyasa, intermediate\n\nwarm-up:\n");
        text.append("flow \"cat and cow\", 20 rounds, no sides\n  cow, in\n  cat, out\nend flow\n");
        text.append("\nsalutations:\ntwelve positions b, 8 rounds\nend flow\n\nstanding:\n");
        for (int i = 0; i < 2; i++) {
            text.append(
                            "flow \"side wall\", 4 rounds, both sides, shared 0 1\n  high lunge, lead, in\n  - round 1: low lunge\n")
                    .append("  warrior 2, lead, out\n  reverse warrior, lead, in\n  side angle, lead, out\n")
                    .append("  - rounds 3+: then triangle, lead, in\n  - rounds 3+: then side angle, lead, out\n")
                    .append(
                            "  high lunge, lead, in\n  link, rounds 3-4\n    plank, out\n    upward dog, in\n    downward dog, out\n")
                    .append("  end link\nend flow\n");
        }
        for (String pose : List.of(
                "tree",
                "warrior 3",
                "half moon",
                "triangle",
                "pyramid",
                "warrior 1",
                "side angle",
                "eagle",
                "low lunge",
                "dancer")) {
            text.append(pose).append(", both, 8-10 breaths\n- beginner: 3 breaths\n- advanced: 8 breaths\n");
        }
        text.append(
                "\nstrength:\nbird dog, both, 8 reps x 2, rest 20 s\nknees side to side, 30 reps, alternating\n\nfloor:\n");
        for (String pose : List.of(
                "half pigeon",
                "head to knee",
                "seated half twist",
                "reclined figure four",
                "lying twist",
                "reclined hand to toe",
                "seated side bend")) {
            text.append(pose).append(", both, 16 breaths\n");
        }
        return text.append("\nrest:\nfinal rest, 12 min\n").toString();
    }

    /** About 90 minutes with 60 doses that may change, four flows and three optional steps. */
    static String sixtyDoses() {
        StringBuilder text = new StringBuilder("class: Sixty doses\n- 90 min, vinyasa, intermediate\n\nstanding:\n");
        List<String> sided =
                List.of("tree", "warrior 2", "triangle", "pyramid", "side angle", "low lunge", "eagle", "warrior 1");
        List<String> plain =
                List.of("chair", "standing fold", "child's pose", "bound angle", "downward dog", "boat", "goddess");
        for (int i = 0; i < 4; i++) {
            text.append("flow \"tide %d\", 3 rounds, both sides\n  high lunge, lead, in\n".formatted(i))
                    .append("  warrior 2, lead, out\n  reverse warrior, lead, in\n  side angle, lead, out\nend flow\n");
        }
        for (int i = 0; i < 60; i++) {
            String pose = i % 3 == 0 ? sided.get(i % sided.size()) + ", both" : plain.get(i % plain.size());
            text.append("%s, %d-%d breaths, at %d\n".formatted(pose, 3 + i % 3, 8 + i % 4, 5 + i % 3));
            if (i % 20 == 19) text.append("- optional\n");
        }
        return text.append("\nrest:\nfinal rest, 8 min\n").toString();
    }

    static ClassPlan read(String text, PoseCatalogue catalogue) {
        return new NotationReader(catalogue, NodeNames.numbers()).read(text).planOrRefused();
    }

    /** The salutation flow again and again, until there are so many moments; more than the rules let a class have. */
    static ClassPlan ofMoments(int moments, PoseCatalogue catalogue) {
        ClassPlan one = read("salutations:\ntwelve positions b, 108 rounds\nend flow\n", catalogue);
        Flow flow = (Flow) one.sections().get(0).items().get(0);
        Supplier<NodeId> ids = NodeNames.numbers();
        FlowSettings settings = flow.settings().withRounds(100);
        List<Item> items = new ArrayList<>();
        for (int i = 0; i <= moments / (12 * 2 * 100); i++)
            items.add((Item) NodeNames.renamed(flow.with(settings), id -> ids.get()));
        return ClassPlan.of(
                one.settings(), Section.of(new NodeId("all"), SectionRole.SALUTATIONS, items.toArray(new Item[0])));
    }
}
