package gurukram.core.practice;

import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Question.Kind;
import gurukram.core.score.Unfolder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** All that can be asked, and what is asked next. */
public final class Trainer {
    /** So many questions nobody was asked before, on one day. */
    public static final int NEW_A_DAY = 6;

    /** So many in all: five minutes, at a quarter of a minute each. What waits longer is asked tomorrow, and nothing new before it. */
    public static final int MOST_A_DAY = 20;

    private final Map<String, Question> questions = new LinkedHashMap<>();

    /** @param school the teacher's own: of its leg rule everything is asked, of the other what the feet do; cues are in its words */
    public Trainer(PoseCatalogue catalogue, Unfolder unfolder, School school) {
        LegRule own = school.legRule() == null ? LegRule.RETURNING : school.legRule();
        TwelveQuestions twelve = new TwelveQuestions(catalogue, unfolder);
        for (LegRule legs : List.of(own, own == LegRule.RETURNING ? LegRule.SAME_FRONT : LegRule.RETURNING))
            for (String list : TwelvePositions.LISTS)
                twelve.of(list, legs).forEach(question -> questions.putIfAbsent(question.key(), question));
        PoseQuestions poses = new PoseQuestions(catalogue, unfolder);
        List<Pose> usual = poses.usual();
        poses.names(usual).forEach(question -> questions.put(question.key(), question));
        poses.lengths(usual).forEach(question -> questions.put(question.key(), question));
        poses.shortSides().forEach(question -> questions.put(question.key(), question));
        poses.otherSides(usual, school).forEach(question -> questions.put(question.key(), question));
        new FeltQuestions(catalogue).of(usual).forEach(question -> questions.put(question.key(), question));
    }

    public List<Question> all() {
        return List.copyOf(questions.values());
    }

    public Optional<Question> find(String key) {
        return Optional.ofNullable(questions.get(key));
    }

    /**
     * What is asked today, in order: what is due, the lowest box first and in it what waited longest; then something new, of the kind
     * that was asked least, until there were enough new ones that day. What waits longer than there is time for is asked tomorrow.
     *
     * @param cards of everything that was asked so far
     * @param newToday how many were asked for the first time today, {@code answeredToday} in all
     */
    public List<Question> today(List<Card> cards, LocalDate today, int newToday, int answeredToday) {
        List<Question> asked = new ArrayList<>();
        cards.stream()
                .filter(card -> card.isDue(today) && questions.containsKey(card.key()))
                .sorted(Comparator.comparingInt(Card::box)
                        .thenComparing(Card::due)
                        .thenComparing(Card::key))
                .forEach(card -> asked.add(questions.get(card.key())));
        Map<Kind, Integer> kinds = new EnumMap<>(Kind.class);
        Set<String> known = new HashSet<>();
        for (Card card : cards) {
            known.add(card.key());
            Question question = questions.get(card.key());
            if (question != null) kinds.merge(question.kind(), 1, Integer::sum);
        }
        int most = Math.max(0, MOST_A_DAY - answeredToday);
        for (int n = newToday; n < NEW_A_DAY && asked.size() < most; n++) {
            Optional<Question> fresh = fresh(known, kinds);
            if (fresh.isEmpty()) break;
            asked.add(fresh.get());
            known.add(fresh.get().key());
            kinds.merge(fresh.get().kind(), 1, Integer::sum);
        }
        return List.copyOf(asked.subList(0, Math.min(most, asked.size())));
    }

    /** The same order for everybody and every day, but not the order of the lists. */
    private Optional<Question> fresh(Set<String> known, Map<Kind, Integer> kinds) {
        return questions.values().stream()
                .filter(question -> !known.contains(question.key()))
                .min(Comparator.comparingInt((Question question) -> kinds.getOrDefault(question.kind(), 0))
                        .thenComparingInt(
                                question -> Math.floorMod(question.key().hashCode(), 9_973))
                        .thenComparing(Question::key));
    }
}
