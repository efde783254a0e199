package gurukram.core.said;

import gurukram.core.text.Remembered;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * What a text says of sides. “All right”, “right away” and “what is left” name no limb and no direction, and are no sides.
 *
 * @param limbs in the order of the text
 */
public record Sides(List<LimbClaim> limbs, List<WayClaim> ways) {
    /** Between the side and its part: “left big toe”, “right back foot”. */
    private static final Set<String> ADJECTIVES = Set.of(
            "big",
            "long",
            "front",
            "back",
            "bent",
            "straight",
            "inner",
            "outer",
            "upper",
            "lower",
            "top",
            "bottom",
            "lifted",
            "standing",
            "own",
            "free",
            "whole");

    private static final Set<String> BEFORE_DIRECTION =
            Set.of("to", "towards", "toward", "over", "on", "onto", "at", "from");
    private static final Set<String> ARTICLES = Set.of("the", "your", "our");

    public Sides {
        limbs = List.copyOf(limbs);
        ways = List.copyOf(ways);
    }

    private static final Remembered<String, Sides> READ = new Remembered<>(Sides::read);

    public static Sides of(String text) {
        return READ.of(text);
    }

    private static Sides read(String text) {
        Reader reader = new Reader();
        List<List<Sentence.Word>> clauses = Sentence.of(text).clauses();
        for (int i = 0; i < clauses.size(); i++) reader.read(clauses.get(i), i);
        return new Sides(reader.limbs, reader.ways);
    }

    /** Whether it names left or right of anything. */
    public boolean hasFixed() {
        return limbs.stream().anyMatch(LimbClaim::isFixed) || ways.stream().anyMatch(WayClaim::isFixed);
    }

    private static final class Reader {
        private final List<LimbClaim> limbs = new ArrayList<>();
        private final List<WayClaim> ways = new ArrayList<>();

        void read(List<Sentence.Word> clause, int number) {
            List<int[]> found = new ArrayList<>(); // side, last word of the part
            for (int i = 0; i < clause.size(); i++) {
                if (!isSide(clause.get(i).text())) continue;
                int part = partAfter(clause, i);
                if (part >= 0) {
                    found.add(new int[] {i, part});
                    i = part;
                } else {
                    way(clause, i);
                    if (i + 1 < clause.size()
                            && Lexicon.shipped().at(clause, i + 1, "torso").isPresent()) part(clause, i);
                    else if (isStoodOn(clause, i)) stood(clause, i, number);
                }
            }
            for (int k = 0; k < found.size(); k++) {
                int from = k == 0 ? 0 : found.get(k - 1)[1] + 1;
                int to = k + 1 < found.size() ? found.get(k + 1)[0] : clause.size();
                limb(clause, found.get(k), from, to, number);
            }
        }

        /** A part of the trunk: nothing is concluded from it, but it has a side. */
        private void part(List<Sentence.Word> clause, int side) {
            Sentence.Word word = clause.get(side);
            ways.add(new WayClaim("part", word.text().toLowerCase(Locale.ROOT), word.from(), word.to()));
        }

        /** “stand on the right”: of the leg. */
        private static boolean isStoodOn(List<Sentence.Word> clause, int side) {
            int verb = side
                    - (side > 0 && ARTICLES.contains(clause.get(side - 1).text().toLowerCase(Locale.ROOT)) ? 3 : 2);
            boolean last = side + 1 == clause.size();
            return last
                    && verb >= 0
                    && Lexicon.shipped()
                            .at(clause, verb, "state")
                            .filter(entry -> entry.value().equals("standing")
                                    && entry.words().size() == 2)
                            .isPresent();
        }

        private void stood(List<Sentence.Word> clause, int side, int number) {
            Sentence.Word word = clause.get(side);
            limbs.add(new LimbClaim(
                    word.text().toLowerCase(Locale.ROOT),
                    false,
                    "leg",
                    Set.of("standing"),
                    number,
                    word.from(),
                    word.to()));
        }

        private static boolean isSide(String word) {
            String low = word.toLowerCase(Locale.ROOT);
            return low.equals("left")
                    || low.equals("right")
                    || low.equals("{lead}")
                    || low.equals("{other}")
                    || low.equals("{twist}");
        }

        /** The place of the part a side belongs to; -1 where none follows. */
        private static int partAfter(List<Sentence.Word> clause, int side) {
            for (int i = side + 1; i < clause.size() && i <= side + 3; i++) {
                if (isPart(clause, i)) return i;
                if (!ADJECTIVES.contains(clause.get(i).text().toLowerCase(Locale.ROOT))) return -1;
            }
            return -1;
        }

        private static boolean isPart(List<Sentence.Word> clause, int i) {
            return Lexicon.shipped().at(clause, i, "leg").isPresent()
                    || Lexicon.shipped().at(clause, i, "arm").isPresent();
        }

        /**
         * What is said of a limb stands behind it in its clause, or before it where no other limb is: “lift the left leg”, “left
         * leg up”.
         */
        private void limb(List<Sentence.Word> clause, int[] at, int from, int to, int number) {
            boolean arm = Lexicon.shipped().at(clause, at[1], "arm").isPresent();
            Set<String> states = new LinkedHashSet<>(states(clause, at[1] + 1, to));
            boolean aims = isOwner(clause, at[0]);
            if (!aims && (states.isEmpty() || from == 0)) states.addAll(states(clause, from, at[0]));
            Sentence.Word side = clause.get(at[0]);
            Sentence.Word part = clause.get(at[1]);
            limbs.add(new LimbClaim(
                    side.text().toLowerCase(Locale.ROOT),
                    arm,
                    part.text().toLowerCase(Locale.ROOT),
                    states,
                    number,
                    side.from(),
                    part.to()));
        }

        /** “the thigh of the left leg” moves another limb. */
        private static boolean isOwner(List<Sentence.Word> clause, int side) {
            int before = side - 1;
            while (before >= 0 && ARTICLES.contains(clause.get(before).text().toLowerCase(Locale.ROOT))) before--;
            return before >= 0 && clause.get(before).text().equalsIgnoreCase("of");
        }

        private static Set<String> states(List<Sentence.Word> clause, int from, int to) {
            Set<String> states = new LinkedHashSet<>();
            for (int i = from; i < to; i++) {
                var entry = Lexicon.shipped().at(clause, i, "state");
                if (entry.isEmpty()) continue;
                states.add(entry.get().value());
                i += entry.get().words().size() - 1;
            }
            return states;
        }

        /** “turn to the left”, “gaze over your left shoulder”, “lie on your left side”. */
        private void way(List<Sentence.Word> clause, int side) {
            int before = side - 1;
            while (before >= 0 && ARTICLES.contains(clause.get(before).text().toLowerCase(Locale.ROOT))) before--;
            String next = side + 1 < clause.size() ? clause.get(side + 1).text().toLowerCase(Locale.ROOT) : "";
            boolean body = next.equals("side") || next.equals("shoulder") || next.equals("hip");
            boolean led = before >= 0
                    && BEFORE_DIRECTION.contains(clause.get(before).text().toLowerCase(Locale.ROOT));
            String kind = kind(clause, side);
            if (kind.isEmpty() || !(led || (kind.equals("turn") && next.isEmpty()))) return;
            if (!next.isEmpty() && !body && !next.equals("first") && !next.equals("again")) return;
            if (kind.equals("lie") && !next.equals("side")) return;
            Sentence.Word word = clause.get(side);
            ways.add(new WayClaim(kind, word.text().toLowerCase(Locale.ROOT), word.from(), word.to()));
        }

        private static String kind(List<Sentence.Word> clause, int side) {
            for (int i = side - 1; i >= 0; i--) {
                for (String kind : List.of("turn", "bend", "lie")) {
                    if (Lexicon.shipped().at(clause, i, kind).isPresent()
                            && !(kind.equals("lie") && !hasLying(clause, side))) return kind;
                }
            }
            return "";
        }

        private static boolean hasLying(List<Sentence.Word> clause, int side) {
            return clause.subList(0, side).stream()
                    .map(word -> word.text().toLowerCase(Locale.ROOT))
                    .anyMatch(word -> word.startsWith("lie")
                            || word.startsWith("lying")
                            || word.startsWith("roll")
                            || word.startsWith("rest"));
        }
    }
}
