package gurukram.core.check;

import gurukram.core.body.Side;
import gurukram.core.body.SideOf;
import gurukram.core.pose.Pose;
import gurukram.core.said.LimbClaim;
import gurukram.core.said.PoseFacts;
import gurukram.core.said.PoseFacts.Role;
import gurukram.core.said.Sides;
import gurukram.core.said.WayClaim;
import gurukram.core.score.Moment;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * Whether the sides a text names are those of the pose it stands at: it speaks only where the text cannot be true and would be with
 * the other side.
 */
final class SaidSides {
    /** States one limb cannot be in at once. */
    private static final List<Set<String>> APART = List.of(
            Set.of("up", "down"),
            Set.of("up", "lowered"),
            Set.of("forward", "back"),
            Set.of("across", "back"),
            Set.of("under", "up"),
            Set.of("standing", "up"),
            Set.of("standing", "thigh"),
            Set.of("bent", "straight"));

    private static final Set<String> FEET = Set.of("ankle", "foot", "sole", "heel", "toes", "toe");
    private static final Set<String> LEGS = Set.of("knee", "thigh", "shin", "calf", "ankle");
    private static final Set<String> LINKS = Set.of(
            "on", "over", "to", "onto", "against", "across", "holds", "hold", "holding", "takes", "take", "around",
            "at");

    private final String text;
    private final Pose pose;
    private final Sides said;
    private final PoseFacts facts;

    private SaidSides(String text, Pose pose) {
        this.text = text;
        this.pose = pose;
        this.said = Sides.of(text);
        this.facts = PoseFacts.of(pose);
    }

    static SaidSides of(String text, Pose pose) {
        return new SaidSides(text, pose);
    }

    /** Whether it names left or right. */
    boolean hasFixed() {
        return said.hasFixed();
    }

    /** What it says of a side that is the other one, as written; empty when nothing is wrong. */
    Optional<String> wrong(@Nullable Side side, @Nullable Side twist) {
        for (LimbClaim claim : said.limbs()) {
            Role role = role(claim.side(), side);
            if (role != null && facts.contradicts(claim, role))
                return Optional.of(text.substring(claim.from(), claim.to()));
        }
        for (WayClaim claim : said.ways()) {
            Role is = role(claim.side(), side);
            Role should = way(claim.kind(), side, twist);
            if (is != null && should != null && is != should)
                return Optional.of(text.substring(claim.from(), claim.to()));
        }
        return Optional.empty();
    }

    private static @Nullable Role role(String word, @Nullable Side side) {
        if (word.equals("{lead}")) return Role.LEAD;
        if (word.equals("{other}")) return Role.OTHER;
        if (side == null || word.equals("{twist}")) return null;
        return side == Side.valueOf(word.toUpperCase(Locale.ROOT)) ? Role.LEAD : Role.OTHER;
    }

    /** Where the pose turns, bends or lies, seen from the side it is named by; null where that is not known. */
    private @Nullable Role way(String kind, @Nullable Side side, @Nullable Side twist) {
        if (kind.equals("turn")) {
            if (twist != null && side != null) return twist == side ? Role.LEAD : Role.OTHER;
            if (pose.sideOf() == SideOf.TWIST_TO) return Role.LEAD;
        }
        if (kind.equals("bend") && pose.sideOf() == SideOf.BEND_TO) return Role.LEAD;
        if (kind.equals("bend") && pose.sideOf() == SideOf.KNEES_TO) return Role.LEAD;
        if (kind.equals("part")) return null;
        if (kind.equals("lie")) return pose.sideOf() == SideOf.SIDE_BELOW ? Role.LEAD : null;
        for (WayClaim way : Sides.of(pose.cues().enter().full()).ways()) {
            if (way.kind().equals(kind)) return role(way.side(), null);
        }
        return null;
    }

    /** A limb that is told to be in two places, or at itself: as a sentence; empty when none is. */
    Optional<String> twice() {
        List<LimbClaim> limbs = said.limbs();
        for (int i = 0; i < limbs.size(); i++) {
            LimbClaim a = limbs.get(i);
            for (LimbClaim b : limbs.subList(i + 1, limbs.size())) {
                if (!a.side().equals(b.side()) || a.arm() != b.arm()) continue;
                if (isAtItself(a, b)) return Optional.of(told("“%s” cannot be at its own %s", a, b.part()));
                if (isApart(a, b) || isApart(b, a))
                    return Optional.of("The words move the %s twice: “%s”.".formatted(name(a), text));
            }
        }
        return Optional.empty();
    }

    private String told(String words, LimbClaim a, String own) {
        return words.formatted(text.substring(a.from(), a.to()), own) + ".";
    }

    private static String name(LimbClaim claim) {
        return claim.side() + " " + (claim.part().isEmpty() ? "limb" : claim.part());
    }

    private boolean isAtItself(LimbClaim a, LimbClaim b) {
        if (a.clause() != b.clause()) return false;
        String between = text.substring(a.to(), b.from()).toLowerCase(Locale.ROOT);
        boolean linked = List.of(between.strip().split("\\s+")).stream().anyMatch(LINKS::contains);
        if (!linked) return false;
        return a.arm() || (FEET.contains(a.part()) && LEGS.contains(b.part()));
    }

    private static boolean isApart(LimbClaim a, LimbClaim b) {
        for (Set<String> apart : APART) {
            List<String> both = List.copyOf(apart);
            boolean one = a.states().contains(both.get(0)) && b.states().contains(both.get(1));
            if (one && !a.states().equals(b.states())) return true;
        }
        boolean arms = a.arm() && a.states().contains("up") && b.states().contains("back");
        return arms && !b.states().contains("up");
    }

    /** The text with its fixed sides as places that are right on both sides; those that would be wrong are left out. */
    List<String> withPlaces() {
        List<String> ways = new ArrayList<>();
        for (Map<String, String> places :
                List.of(Map.of("right", "{lead}", "left", "{other}"), Map.of("left", "{lead}", "right", "{other}"))) {
            ways.add(replaced(word -> places.getOrDefault(word, word)));
        }
        return ways.stream()
                .filter(way -> of(way, pose).wrong(Side.RIGHT, null).isEmpty())
                .toList();
    }

    /** The text with every side that is named turned; and with only the wrong ones turned. */
    List<String> turned(@Nullable Side side, @Nullable Side twist) {
        List<String> ways = new ArrayList<>();
        ways.add(replaced(SaidSides::opposite));
        if (side != null) ways.add(onlyWrong(side, twist));
        ways.addAll(withOtherLimb());
        // of those that are right the first: it turns what belongs together together
        return ways.stream()
                .filter(way -> of(way, pose).wrong(side, twist).isEmpty())
                .limit(1)
                .toList();
    }

    private String onlyWrong(Side side, @Nullable Side twist) {
        Set<Integer> wrong = new HashSet<>();
        for (LimbClaim claim : said.limbs()) {
            Role role = role(claim.side(), side);
            if (role != null && facts.contradicts(claim, role)) wrong.add(claim.from());
        }
        for (WayClaim claim : said.ways()) {
            Role is = role(claim.side(), side);
            Role should = way(claim.kind(), side, twist);
            if (is != null && should != null && is != should) wrong.add(claim.from());
        }
        return replacedAt(wrong, SaidSides::opposite);
    }

    /** The text with the second of two mentions of a limb given to the other side. */
    List<String> withOtherLimb() {
        List<LimbClaim> limbs = said.limbs();
        List<String> ways = new ArrayList<>();
        for (LimbClaim claim : limbs.subList(Math.min(1, limbs.size()), limbs.size())) {
            String way = replacedAt(Set.of(claim.from()), SaidSides::opposite);
            if (of(way, pose).twice().isEmpty()) ways.add(way);
        }
        return ways;
    }

    static String opposite(String word) {
        return switch (word) {
            case "left" -> "right";
            case "right" -> "left";
            case "{lead}" -> "{other}";
            case "{other}" -> "{lead}";
            default -> word;
        };
    }

    private String replaced(UnaryOperator<String> by) {
        Set<Integer> all = new HashSet<>();
        said.limbs().forEach(claim -> all.add(claim.from()));
        said.ways().forEach(claim -> all.add(claim.from()));
        return replacedAt(all, by);
    }

    private String replacedAt(Set<Integer> places, UnaryOperator<String> by) {
        StringBuilder out = new StringBuilder();
        int from = 0;
        for (int at : places.stream().sorted().toList()) {
            int end = at;
            while (end < text.length()
                    && !Character.isWhitespace(text.charAt(end))
                    && ",.;".indexOf(text.charAt(end)) < 0) end++;
            String word = text.substring(at, end).toLowerCase(Locale.ROOT);
            String other = by.apply(word);
            boolean capital = Character.isUpperCase(text.charAt(at)) && !other.startsWith("{");
            out.append(text, from, at).append(capital ? Words.capital(other) : other);
            from = end;
        }
        return out.append(text.substring(from)).toString();
    }

    /** The sides a step is done on, as far as moments tell. */
    static Set<Side> sidesOf(Subject subject, List<Integer> moments) {
        Set<Side> sides = EnumSet.noneOf(Side.class);
        for (int i : moments) {
            Moment moment = subject.moment(i);
            if (moment.side() != null) sides.add(moment.side());
        }
        return sides;
    }
}
