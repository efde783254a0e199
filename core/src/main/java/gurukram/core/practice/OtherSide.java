package gurukram.core.practice;

import gurukram.core.body.Side;
import gurukram.core.pose.Pose;
import gurukram.core.practice.Question.Judged;
import gurukram.core.said.LimbClaim;
import gurukram.core.said.PoseFacts;
import gurukram.core.said.Sides;
import gurukram.core.said.WayClaim;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;

/**
 * Whether words say a cue for the other side: what they say of sides is read as in a class, and laid beside the cue as the engine
 * says it. Other words may be chosen and a second mention left out; no limb may be on the wrong side, and neither arms nor legs
 * that should do something may be lost. What is said beyond the cue is not judged.
 */
public final class OtherSide {
    private static final Set<String> ENDS = Set.of(
            "foot", "sole", "heel", "toe", "toes", "ankle", "hand", "palm", "wrist", "fingers", "fingertips", "fist");

    private OtherSide() {}

    /**
     * @param mirrored the cue for the side that is asked for
     * @param side that side, of the part the pose is named by
     */
    public static Judged judge(Pose pose, Side side, String mirrored, String typed) {
        Sides should = Sides.of(mirrored);
        String text = spelled(typed);
        Sides said = Sides.of(text);
        if (!said.hasFixed()) return new Judged(false, "Your words name neither left nor right of anything.");
        PoseFacts facts = PoseFacts.of(pose);
        List<LimbClaim> open = new ArrayList<>();
        for (LimbClaim claim : said.limbs()) {
            if (!claim.isFixed()) continue;
            PoseFacts.Role role = claim.side().equals(side.word()) ? PoseFacts.Role.LEAD : PoseFacts.Role.OTHER;
            if (facts.contradicts(claim, role)) return wrong(text.substring(claim.from(), claim.to()));
            if (!facts.confirms(claim, role)) open.add(claim);
        }
        Match<LimbClaim> limbs = new Match<>(should.limbs(), open);
        limbs.take((a, b) -> a.arm() == b.arm() && a.part().equals(b.part()), OtherSide::isSameSide);
        limbs.take((a, b) -> end(a).equals(end(b)), OtherSide::isSameSide);
        limbs.take((a, b) -> a.arm() == b.arm(), OtherSide::isSameSide);
        Match<WayClaim> ways = new Match<>(should.ways(), said.ways());
        ways.take((a, b) -> a.kind().equals(b.kind()), (a, b) -> a.side().equals(b.side()));
        if (!limbs.turned.isEmpty()) {
            LimbClaim claim = limbs.turned.get(0);
            return wrong(text.substring(claim.from(), claim.to()));
        }
        if (!ways.turned.isEmpty()) {
            WayClaim claim = ways.turned.get(0);
            return wrong(text.substring(claim.from(), claim.to()));
        }
        List<String> lost = new ArrayList<>();
        if (isLost(should.limbs(), said.limbs(), LimbClaim::arm)) lost.add("an arm");
        if (isLost(should.limbs(), said.limbs(), claim -> !claim.arm())) lost.add("a leg");
        return lost.isEmpty()
                ? new Judged(true, "")
                : new Judged(false, "Nothing of it is wrong, but %s is missing.".formatted(String.join(" and ", lost)));
    }

    private static Judged wrong(String words) {
        return new Judged(false, "“%s” is on the wrong side.".formatted(words.strip()));
    }

    private static boolean isSameSide(LimbClaim a, LimbClaim b) {
        return a.side().equals(b.side());
    }

    /** Which end of which limb: a sole is a foot, a palm a hand. */
    private static String end(LimbClaim claim) {
        return (claim.arm() ? "arm " : "leg ") + ENDS.contains(claim.part());
    }

    /** Whether a sort of limb is told to do something and nothing was said of it. */
    private static boolean isLost(List<LimbClaim> should, List<LimbClaim> said, Predicate<LimbClaim> sort) {
        return should.stream().filter(sort).anyMatch(claim -> !claim.states().isEmpty())
                && said.stream().noneMatch(sort);
    }

    /** Letters for sides as words; “R” and “L” stand for nothing else in a cue. */
    private static String spelled(String typed) {
        return typed.replaceAll("(?i)\\bR\\b\\.?", "right").replaceAll("(?i)\\bL\\b\\.?", "left");
    }

    /** What should be said and what was said, each found once. */
    private static final class Match<T> {
        private final List<T> should;
        private final List<T> said;
        private final List<T> turned = new ArrayList<>();

        Match(List<T> should, List<T> said) {
            this.should = new ArrayList<>(should);
            this.said = new ArrayList<>(said);
        }

        /** Pairs what speaks of the same and is on the same side; what speaks of it and is turned stays, and is no other one's. */
        void take(BiPredicate<T, T> same, BiPredicate<T, T> side) {
            for (T one : List.copyOf(should)) {
                for (T other : List.copyOf(said)) {
                    if (!same.test(one, other) || !side.test(one, other)) continue;
                    should.remove(one);
                    said.remove(other);
                    break;
                }
            }
            for (T other : List.copyOf(said)) {
                for (T one : should) {
                    if (!same.test(one, other)) continue;
                    said.remove(other);
                    turned.add(other);
                    break;
                }
            }
        }
    }
}
