package gurukram.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.Seeds;
import gurukram.core.body.SideBehaviour;
import gurukram.core.plan.NodeNames;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Lines made of known parts in any order, case and abbreviation: each means what its plainest form means, or is refused at its
 * place. None becomes another pose, another number or another side.
 */
class MeaningFuzzTest {
    private static final int LINES = Seeds.of(5_000);

    private record Said(String plain, List<String> ways) {}

    private static final List<Said> SIDES = List.of(
            new Said("both", List.of("both", "both sides", "each side", "R then L", "right first", "l and r")),
            new Said("both, left first", List.of("both, left first", "left first", "L then R", "left then right")),
            new Said("right", List.of("right", "on the right", "right side", "R", "right only")),
            new Said("left", List.of("left", "on the left", "left side", "l")));
    private static final List<Said> DOSES = List.of(
            new Said(
                    "5 breaths",
                    List.of("5 breaths", "5b", "five breaths", "5 br", "5 slow breaths", "for five breaths")),
            new Said("3 breaths", List.of("3 breaths", "a few breaths", "some breaths", "three breaths")),
            new Said("2 breaths", List.of("2 breaths", "a couple of breaths", "two breaths", "2 b")),
            new Said("30 s", List.of("30 s", "30s", "30 seconds", "0:30", "half a minute", "30 sec")),
            new Said("90 s", List.of("90 s", "1:30", "1.5 min", "ninety s".replace("ninety", "90"))),
            new Said("20 counts", List.of("20 counts", "twenty counts", "20 count")),
            new Said("5-8 breaths, at 6", List.of("5-8 breaths, at 6", "5 to 8 breaths, at 6", "5–8 b, at 6")),
            new Said("10 reps", List.of("10 reps", "ten reps", "10 times", "ten times", "10 rep")),
            new Said("2 min open", List.of("2 min open", "two minutes open", "120 s open")));

    @Test
    void everyWayOfSayingMeansTheSameOrIsRefused() {
        List<Pose> poses = List.copyOf(Plans.CATALOGUE.poses());
        int understood = 0;
        for (int seed = 0; seed < LINES; seed++) {
            Random random = new Random(seed);
            Pose pose = poses.get(random.nextInt(poses.size()));
            boolean sided = pose.sides() != SideBehaviour.SYMMETRIC;
            Said side = SIDES.get(random.nextInt(SIDES.size()));
            Said dose = DOSES.get(random.nextInt(DOSES.size()));
            String plain = pose.name() + (sided ? ", " + side.plain() : "") + ", " + dose.plain();
            List<String> parts = new ArrayList<>();
            parts.add(one(dose.ways(), random));
            if (sided) parts.add(random.nextInt(2), one(side.ways(), random));
            String gap = random.nextInt(4) == 0 ? " " : ", ";
            String typed = one(names(pose), random) + gap + String.join(random.nextInt(4) == 0 ? " " : ", ", parts);
            if (random.nextBoolean())
                typed = random.nextBoolean() ? typed.toUpperCase(Locale.ROOT) : typed.toLowerCase(Locale.ROOT);

            Reading meant = read(plain);
            Reading read = read(typed);
            if (!meant.problems().isEmpty() || !read.problems().isEmpty()) continue;
            assertThat(read.plan()).as(typed + " => " + plain).isEqualTo(meant.plan());
            understood++;
        }
        assertThat(understood).isGreaterThan(LINES * 9 / 10);
    }

    private static List<String> names(Pose pose) {
        List<String> names = new ArrayList<>(List.of(pose.name()));
        names.addAll(pose.names().also());
        if (!pose.sanskrit().isEmpty()) names.add(pose.names().plainSanskrit());
        return names;
    }

    private static <T> T one(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    private static Reading read(String line) {
        return new NotationReader(Plans.CATALOGUE, NodeNames.numbers()).read("class: T\n\nstanding:\n" + line);
    }
}
