package gurukram.web.practice;

import gurukram.core.plan.settings.School;
import gurukram.core.practice.Card;
import gurukram.core.practice.Question;
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
     * @param next what is asked now; null when it is enough for today
     * @param answered how many were answered today, {@code due} how many still wait
     * @param boxes how many are in each box
     */
    record Standing(Question next, int answered, int due, List<Integer> boxes) {}

    Trainer trainer(Teacher teacher) {
        return Once.aRequest(Trainer.class, teacher.id(), () -> {
            School school = editor.schoolOf(teacher).over(School.USUAL);
            return new Trainer(poses.of(teacher), editor.unfolderOf(teacher), school.legRule());
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
                trainer(teacher).next(cards, today, fresh, answered).orElse(null),
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

    /** Counts an answer; one that was counted today already counts no second time. */
    @Transactional
    public void answer(Teacher teacher, Question question, int choice) {
        LocalDate today = zones.today(teacher);
        Optional<Kept> before = store.hold(teacher, question.key());
        if (before.isPresent() && !before.get().card().isDue(today)) return;
        Card card = before.map(Kept::card).orElseGet(() -> Card.fresh(question.key(), today));
        store.put(teacher, card.answered(question.isRight(choice), today), today);
    }
}
