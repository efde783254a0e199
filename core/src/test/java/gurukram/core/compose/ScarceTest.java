package gurukram.core.compose;

import static gurukram.core.compose.Compositions.COMPOSER;
import static gurukram.core.compose.Compositions.UNFOLDER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.check.Severity;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.compose.brief.Wish;
import gurukram.core.group.People;
import gurukram.core.group.Room;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Groups with a great many needs, bare rooms, wishes and long slots: little is left to choose from, and a class there is. */
class ScarceTest {
    private static final int[] MINUTES = {20, 30, 60, 90, 120};

    @Test
    void evenWhereLittleIsLeftThereIsAClassThatNothingMustBeMendedIn() {
        Random random = new Random(5);
        for (int i = 0; i < (Compositions.FULL ? 400 : 9); i++) {
            Brief brief = brief(random, i);
            Draft draft = COMPOSER.compose(brief, 1);
            String name = "%d: %s %d %s %s %s %s"
                    .formatted(
                            i,
                            brief.peak(),
                            brief.minutes(),
                            brief.style(),
                            brief.level(),
                            brief.wishes(),
                            brief.group().needs().keySet());
            assertThat(PlanRules.brokenIn(draft.plan(), Plans.CATALOGUE))
                    .as(name)
                    .isEmpty();
            assertThat(draft.report().findings()).as(name).noneMatch(f -> f.severity() == Severity.MUST);
            assertThat(UNFOLDER.unfold(draft.plan(), null).isEven()).as(name).isTrue();
            assertThat(Math.abs(draft.totalMs() - brief.minutes() * 60_000L))
                    .as(name)
                    .isLessThanOrEqualTo(30_000);
        }
    }

    private static Brief brief(Random random, int i) {
        List<Need> needs = new ArrayList<>(List.of(Need.values()));
        Collections.shuffle(needs, random);
        Map<Need, Integer> people = new EnumMap<>(Need.class);
        int many = i % 8 == 0 ? needs.size() : 3 + random.nextInt(10);
        needs.subList(0, many).forEach(need -> people.put(need, 1));
        Set<Wish> wishes = EnumSet.noneOf(Wish.class);
        for (Wish wish : Wish.values()) if (random.nextInt(3) == 0) wishes.add(wish);
        Room room = random.nextBoolean() ? null : new Room("bare", Map.of(), false, 30);
        String peak =
                Compositions.peaks().get(random.nextInt(Compositions.peaks().size()));
        return Brief.to(
                        peak,
                        MINUTES[random.nextInt(MINUTES.length)],
                        Style.values()[random.nextInt(2)],
                        Level.values()[random.nextInt(3)])
                .with(new People(30, people, room))
                .with(wishes)
                .with(Flavour.values()[random.nextInt(4)])
                .withMixed(random.nextInt(4) == 0);
    }
}
