package gurukram.web.practice;

import gurukram.core.plan.settings.School;
import gurukram.core.practice.Card;
import gurukram.core.practice.Question;
import gurukram.core.practice.Question.Judged;
import gurukram.core.practice.Trainer;
import gurukram.web.account.Zones;
import gurukram.web.plans.ClassEditor;
import gurukram.web.poses.Poses;
import gurukram.web.practice.PracticeStore.Kept;
import gurukram.web.shared.Once;
import gurukram.web.shared.Teacher;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a teacher is asked, with her own school, poses and pace. */
@Service
public class Practice {
    /** What a device kept longer than this is counted as of today. */
    private static final int LATEST_DAYS = 30;

    private final PracticeStore store;
    private final Poses poses;
    private final ClassEditor editor;
    private final Zones zones;

    Practice(PracticeStore store, Poses poses, ClassEditor editor, Zones zones) {
        this.store = store;
        this.poses = poses;
        this.editor = editor;
        this.zones = zones;
    }

    /**
     * How it stands today.
     *
     * @param asked what is asked today, in order; empty when it is enough
     * @param answered how many were answered today, {@code due} how many still wait
     * @param boxes how many are in each box
     */
    record Standing(List<Question> asked, int answered, int due, List<Integer> boxes) {}

    Trainer trainer(Teacher teacher) {
        return Once.aRequest(Trainer.class, teacher.id(), () -> {
            School school = editor.schoolOf(teacher).over(School.USUAL);
            return new Trainer(poses.of(teacher), editor.unfolderOf(teacher), school);
        });
    }

    Standing standing(Teacher teacher) {
        LocalDate today = zones.today(teacher);
        List<Kept> kept = store.all(teacher);
        List<Card> cards = kept.stream().map(Kept::card).toList();
        int fresh =
                (int) kept.stream().filter(one -> one.firstOn().equals(today)).count();
        List<Integer> boxes = new ArrayList<>();
        for (int box = 1; box <= Card.BOXES; box++) {
            int at = box;
            boxes.add((int) cards.stream().filter(card -> card.box() == at).count());
        }
        int answered = answered(kept, today);
        return new Standing(
                trainer(teacher).today(cards, today, fresh, answered),
                answered,
                waiting(cards, today, fresh, answered),
                boxes);
    }

    private static int answered(List<Kept> kept, LocalDate today) {
        return (int) kept.stream().filter(one -> one.lastOn().equals(today)).count();
    }

    private static int waiting(List<Card> cards, LocalDate today, int fresh, int answered) {
        int due = (int) cards.stream().filter(card -> card.isDue(today)).count();
        return Math.min(due + Math.max(0, Trainer.NEW_A_DAY - fresh), Trainer.MOST_A_DAY - answered);
    }

    /** How many questions wait today, without making them. */
    public int waiting(Teacher teacher) {
        LocalDate today = zones.today(teacher);
        List<Kept> kept = store.all(teacher);
        int fresh =
                (int) kept.stream().filter(one -> one.firstOn().equals(today)).count();
        return waiting(kept.stream().map(Kept::card).toList(), today, fresh, answered(kept, today));
    }

    Optional<Question> find(Teacher teacher, String key) {
        return trainer(teacher).find(key);
    }

    /** Counts an answer of today; one that was counted today already counts no second time. */
    @Transactional
    public Judged answer(Teacher teacher, Question question, String given) {
        return answer(teacher, question, given, zones.today(teacher));
    }

    /**
     * Counts an answer that was given on a day and may come later, from a device that had no line. A day to come, or one before what
     * was counted last, is taken as that.
     */
    @Transactional
    public Judged answer(Teacher teacher, Question question, String given, LocalDate on) {
        LocalDate today = zones.today(teacher);
        Judged judged = question.judge(given);
        Optional<Kept> before = store.hold(teacher, question.key());
        LocalDate day = on.isAfter(today) || on.isBefore(today.minusDays(LATEST_DAYS)) ? today : on;
        if (before.isPresent() && before.get().lastOn().isAfter(day))
            day = before.get().lastOn();
        if (before.isPresent() && !before.get().card().isDue(day)) return judged;
        LocalDate counted = day;
        Card card = before.map(Kept::card).orElseGet(() -> Card.fresh(question.key(), counted));
        store.put(teacher, card.answered(judged.right(), counted), counted);
        return judged;
    }
}
