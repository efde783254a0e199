package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Plans;
import gurukram.core.body.SideBehaviour;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.Layer;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PropUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What people with a need do beside the others, as a teacher would write it down. */
class LinesForNeedTest {
    /** The class with the first change that is offered for its group's need, line by line. */
    private static List<String> lined(String group, String text) {
        Checked asked = Checked.of(text, Checked.group(group));
        Finding change = asked.of(Cautions.class).stream()
                .filter(one -> one.severity() == Severity.LOOK)
                .findFirst()
                .orElseThrow();
        Mend first = asked.mends(change).get(0);
        assertTrue(first.label().startsWith("Give them"), first.label());
        Checked mended = asked.mended(first);
        assertEquals(
                List.of(),
                mended.of(Cautions.class).stream()
                        .filter(one -> one.severity() != Severity.INFO)
                        .toList());
        assertEquals("", mended.says(MixedClock.class));
        assertEquals("", mended.says(EmptyLayer.class));
        return new NotationWriter(Plans.CATALOGUE)
                .write(mended.plan())
                .lines()
                .map(String::strip)
                .dropWhile(line -> !line.endsWith(":"))
                .filter(line -> !line.isEmpty())
                .toList();
    }

    private static List<String> flow(String... steps) {
        return flowFor("wrist", steps);
    }

    private static List<String> flowFor(String need, String... steps) {
        String text = "warm-up:\nflow tide, 3 rounds, no sides\n" + String.join("\n", steps) + "\nend flow\n";
        List<String> all = lined("12 mats, 1 " + need, text);
        return all.subList(all.indexOf("flow \"tide\", 3 rounds, no sides") + 1, all.indexOf("end flow"));
    }

    @Test
    void catAndCowAreDoneOnTheForearms() {
        assertEquals(
                List.of("cow, in", "- wrist: with forearms down", "cat, out", "- wrist: with forearms down"),
                flow("cow, in", "cat, out"));
    }

    /** A seat is another line for the whole flow, or for none of it. */
    @Test
    void theWholeLineGoesFromOnePoseToTheNext() {
        assertEquals(
                List.of("cow, in", "- knee: seated cow", "cat, out", "- knee: seated cat"),
                flowFor("knee", "cow, in", "cat, out"));
        List<String> up = lined(
                "12 mats, 1 knee",
                "warm-up:\nflow tide, 3 rounds, no sides\ncow, in\ncat, out\ncow, in\ndownward dog, out\nend flow\nthunderbolt seat, 8 breaths\n");
        assertTrue(up.stream().noneMatch(line -> line.contains("seated c")), up.toString());
        assertTrue(up.stream().anyMatch(line -> line.startsWith("- note: Knee:")), up.toString());
    }

    /** From the way in to the hold nobody changes from one shape to another. */
    @Test
    void aDogInAFlowIsTheSameWhereItIsComeToAndWhereItIsHeld() {
        assertEquals(
                List.of(
                        "wide child’s pose, in",
                        "downward dog, out",
                        "- wrist: with forearms down",
                        "downward dog, 3 breaths",
                        "- wrist: with forearms down"),
                flow("wide child's pose, in", "downward dog, out", "downward dog, 3 breaths"));
    }

    @Test
    void whatIsHeldByItselfMayBeAnotherShapeAndNoLongerThanTheClock() {
        assertEquals(
                List.of("standing:", "plank, 3 breaths", "- wrist: forearm plank"),
                lined("12 mats, 1 wrist", "standing:\nplank, 3 breaths\n"));
        assertEquals(
                List.of("cool-down:", "reclined figure four, both, 8 breaths", "- pregnancy later: seated figure four"),
                lined("12 mats, 1 pregnancy later", "cool-down:\nreclined figure four, both, 8 breaths\n"));
    }

    /** What a later round makes of it for the others is not for them. */
    @Test
    void theLineHoldsInEveryRound() {
        List<String> lines = flow("cat, out", "puppy, in", "- round 3: cow", "childs pose, out");
        assertEquals(List.of("cat, out", "- wrist: with forearms down"), lines.subList(0, 2));
        assertTrue(lines.contains("- wrist, round 3: cow, with forearms down"), lines.toString());
        lines = flow("cat, out", "childs pose, in", "- round 3: plank", "childs pose, out");
        assertTrue(lines.contains("- wrist, round 3: child’s pose"), lines.toString());
    }

    @Test
    void anotherPoseIsDoneInEveryRoundToo() {
        List<String> lines = flowFor("knee", "cow, in", "- round 3: hands and knees", "cat, out");
        assertTrue(lines.containsAll(List.of("- knee: seated cow", "- knee, round 3: seated cow")), lines.toString());
    }

    /** What also lifts an arm and a leg is left on forearms and knees. */
    @Test
    void whereTheForearmsAreNotEnoughTheRestIsLeftOut() {
        List<String> all = lined(
                "12 mats, 1 wrist",
                "warm-up:\nflow tide, 3 rounds, both sides\nbird dog, lead, in\ncat, out\nend flow\n");
        assertTrue(all.contains("- wrist: hands and knees, with forearms down, no sides"), all.toString());
    }

    /** Every pose whose usual change is at a wall or on a chair, in a flow for people who are not there. */
    @Test
    void nobodyGoesToAWallInTheMiddleOfAFlow() {
        List<String> gone = new ArrayList<>();
        int looked = 0;
        for (Pose pose : Plans.CATALOGUE.poses()) {
            for (Caution caution : pose.cautions()) {
                if (caution.severity() != Caution.Severity.CHANGE || caution.instead() == null) continue;
                if (away(Plans.CATALOGUE.pose(caution.instead())).stream().allMatch(away(pose)::contains)) continue;
                String group = "12 mats, 1 "
                        + caution.need().name().toLowerCase(Locale.ROOT).replace('_', ' ');
                String step = pose.names().english()
                        + (pose.sides() == SideBehaviour.SYMMETRIC ? "" : ", lead")
                        + ", 3 breaths";
                Checked asked = Checked.of(
                        "standing:\nflow tide, 2 rounds, both sides\n" + step + "\n" + step + "\nend flow\n",
                        Checked.group(group));
                for (Finding finding : asked.of(Cautions.class)) {
                    for (Mend mend : asked.mends(finding)) {
                        if (!mend.label().startsWith("Give them")) continue;
                        looked++;
                        Set<String> fetched = new TreeSet<>();
                        asked.mended(mend).plan().walk(node -> {
                            if (node instanceof Layer layer
                                    && layer.edit() instanceof Layer.Become become
                                    && become.pose() != null) fetched.addAll(away(Plans.CATALOGUE.pose(become.pose())));
                        });
                        fetched.removeAll(away(pose));
                        if (!fetched.isEmpty()) gone.add(group + ": " + step + " goes to the " + fetched);
                    }
                }
            }
        }
        assertEquals(List.of(), gone.stream().limit(5).toList());
        assertTrue(looked > 3, "there are " + looked);
    }

    private static Set<String> away(Pose pose) {
        return pose.props().stream()
                .map(PropUse::prop)
                .filter(prop -> prop.equals("wall") || prop.equals("chair"))
                .collect(Collectors.toSet());
    }
}
