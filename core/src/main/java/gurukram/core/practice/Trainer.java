package gurukram.core.practice;

import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Unfolder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** All that can be asked, and what is asked next. */
public final class Trainer {
    /** So many questions nobody was asked before, on one day. */
    public static final int NEW_A_DAY = 6;

    /** So many in all: five minutes, at a quarter of a minute each. What waits longer is asked tomorrow, and nothing new before it. */
    public static final int MOST_A_DAY = 20;

    private final Map<String, Question> questions = new LinkedHashMap<>();

    /** @param own the teacher's own leg rule: of it everything is asked; of the other what the feet do */
    public Trainer(PoseCatalogue catalogue, Unfolder unfolder, LegRule own) {
        TwelveQuestions twelve = new TwelveQuestions(catalogue, unfolder);
        for (LegRule legs : List.of(own, own == LegRule.RETURNING ? LegRule.SAME_FRONT : LegRule.RETURNING))
            for (String list : TwelvePositions.LISTS)
                twelve.of(list, legs).forEach(question -> questions.putIfAbsent(question.key(), question));
        PoseQuestions poses = new PoseQuestions(catalogue, unfolder);
        List<Pose> usual = poses.usual();
        poses.names(usual).forEach(question -> questions.put(question.key(), question));
        poses.lengths(usual).forEach(question -> questions.put(question.key(), question));
        poses.shortSides().forEach(question -> questions.put(question.key(), question));
    }

    public List<Question> all() {
        return List.copyOf(questions.values());
    }

    public Optional<Question> find(String key) {
        return Optional.ofNullable(questions.get(key));
    }

    /**
     * What is asked next: what is due, the lowest box first and in it what waited longest; then something new, of the kind that was
     * asked least, until there were enough new ones that day.
     *
     * @param cards of everything that was asked so far
     * @param newToday how many were asked for the first time today, {@code answeredToday} in all
     * @return empty when nothing is due and enough was new, or when it is enough for a day
     */
    public Optional<Question> next(List<Card> cards, LocalDate today, int newToday, int answeredToday) {
        if (answeredToday >= MOST_A_DAY) return Optional.empty();
        Map<String, Card> known = new LinkedHashMap<>();
        cards.forEach(card -> known.put(card.key(), card));
        Optional<Question> due = cards.stream()
                .filter(card -> card.isDue(today) && questions.containsKey(card.key()))
                .sorted(Comparator.comparingInt(Card::box)
                        .thenComparing(Card::due)
                        .thenComparing(Card::key))
                .findFirst()
                .map(card -> questions.get(card.key()));
        if (due.isPresent() || newToday >= NEW_A_DAY) return due;
        Map<Question.Kind, Integer> asked = new LinkedHashMap<>();
        for (Card card : cards) {
            Question question = questions.get(card.key());
            if (question != null) asked.merge(question.kind(), 1, Integer::sum);
        }
        List<Question> fresh = new ArrayList<>(questions.values());
        fresh.removeIf(question -> known.containsKey(question.key()));
        // the same order for everybody and every day, but not the order of the lists
        return fresh.stream()
                .min(Comparator.comparingInt((Question question) -> asked.getOrDefault(question.kind(), 0))
                        .thenComparingInt(
                                question -> Math.floorMod(question.key().hashCode(), 9_973))
                        .thenComparing(Question::key));
    }
}
