package gurukram.core.score;

import gurukram.core.body.Side;
import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Stage;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment.Kind;
import gurukram.core.score.MomentDraft.Where;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * The work of one visit to a step, as moments in the making.
 *
 * <p>Ours, where the rules are silent: a typed pace also holds in learn rounds; in a flow with a typed pace a hold keeps its
 * own dose; side-to-side repetitions are set up once and each set begins on the start side; repetitions shown on top stand
 * before the first set, on the first side only unless they are shown a side, and count for no side; each turn of attempts is
 * set up anew, with the figure of a pose met before.
 */
final class StepWork {
    private final Pace pace;
    private final Step step;
    private final @Nullable Pose pose;
    private final Dose dose;
    private final Where where;
    private final Consumer<MomentDraft> out;

    /** @param dose a single dose, ranges already read */
    StepWork(Step step, @Nullable Pose pose, Dose dose, Where where, Consumer<MomentDraft> out) {
        this.pace = where.pace();
        this.step = step;
        this.pose = pose;
        this.dose = dose;
        this.where = where;
        this.out = out;
    }

    void unfold(SideRule.Visit visit, boolean first, Breath before) {
        Side side = visit.side();
        stages(visit);
        if (dose instanceof Reps reps) reps(reps, visit, first);
        else if (dose instanceof Attempts attempts) attempts(attempts, visit);
        else if (dose instanceof Dose.Pattern pattern) pattern(pattern, side);
        else if (dose instanceof Dose.Movement movement) movement(movement, side, !first, before);
        else if (dose instanceof Dose.Entered entered) {
            movement(entered.entry(), side, !first, before);
            MomentDraft hold = simple(entered.hold(), visit);
            hold.settledIn = true;
            out.accept(hold);
        } else {
            MomentDraft whole = simple(dose, visit);
            whole.newForm = !step.manner().stages().isEmpty();
            out.accept(whole);
        }
    }

    /** What is held before the whole pose, on each side; the first is got into like the pose, the next like another form of it. */
    private void stages(SideRule.Visit visit) {
        int n = 0;
        for (Stage stage : step.manner().stages()) {
            MomentDraft held = simple(stage.dose(), visit);
            held.stage = ++n;
            held.newForm = n > 1;
            out.accept(held);
        }
    }

    private MomentDraft draft(Kind kind, @Nullable Side side) {
        return new MomentDraft(step, pose, side, where, kind);
    }

    /** Holds and open time: one moment. */
    private MomentDraft simple(Dose amount, SideRule.Visit visit) {
        MomentDraft draft = draft(Kind.HOLD, visit.side());
        draft.direction = visit.direction();
        if (amount instanceof Dose.Breaths hold) {
            draft.breaths = hold.breaths();
            draft.work = hold.breaths() * holdBreath();
            draft.typed = step.timing().breathMillis() != null;
        } else if (amount instanceof Dose.Seconds hold) {
            draft.work = (long) hold.seconds() * Millis.SECOND;
            draft.typed = true;
        } else if (amount instanceof Dose.Counts counts) {
            draft.work = (long) counts.counts() * countMillis();
        } else if (amount instanceof Dose.OwnPace own) {
            draft.kind = Kind.OWN_PACE;
            draft.work = (long) own.seconds() * Millis.SECOND;
        } else {
            draft.kind = Kind.OPEN;
            Dose.Open open = (Dose.Open) amount;
            draft.work = (long) open.seconds() * Millis.SECOND;
            draft.openEnd = open.orLonger();
            draft.typed = true;
        }
        return draft;
    }

    private long holdBreath() {
        Integer typed = step.timing().breathMillis();
        return typed == null ? pace.holdBreath(holdOf()) : typed;
    }

    private Hold holdOf() {
        Hold typed = step.timing().hold();
        return typed == null ? Objects.requireNonNull(pose).hold() : typed;
    }

    private long countMillis() {
        Integer own = where.school().countMillis();
        return own == null ? pace.count() : own;
    }

    private void movement(Dose.Movement movement, @Nullable Side side, boolean secondSide, Breath before) {
        TypedPace typed = where.paceOf(step);
        boolean learn = typed == null && where.isLearning();
        int n = movement.breaths().size();
        Breath last = before;
        for (int i = 0; i < n; i++) {
            MomentDraft draft = draft(Kind.MOVEMENT, side);
            Breath breath = movement.breaths().get(i);
            draft.continued = i == 0 && movement.continued();
            if (breath.isHeld() && isOff(breath)) {
                draft.continued = true;
                breath = last;
            }
            draft.breath = breath;
            draft.typed = typed != null;
            draft.settledIn = i > 0;
            if (movement.counts() != null) draft.work = share(movement.counts() * countMillis(), i, n);
            else if (learn) draft.work = share(pace.learnPosition(), i, n);
            else if (typed != null) draft.work = typed(typed, breath, i, n);
            else draft.work = halfBreath(pace.breathAt(where, secondSide), breath);
            out.accept(draft);
            if (breath != Breath.FREE) last = breath;
        }
    }

    /** One of n half-breaths of a position that lasts so long in all. */
    private static long share(long whole, int i, int n) {
        return whole * (i + 1) / n - whole * i / n;
    }

    private long typed(TypedPace typed, Breath breath, int i, int n) {
        return switch (typed.per()) {
            case POSITION -> share(typed.millis(), i, n);
            case HALF_BREATH -> typed.millis();
            case BREATH -> halfBreath(typed.millis(), breath);
            case IN_AND_OUT -> breath == Breath.EXHALE ? typed.outOf() : typed.millis();
        };
    }

    /** With retention switched off a held breath just goes on. */
    private boolean isOff(Breath held) {
        Dose.Pattern.Holds kept = where.school().holds();
        return kept == Dose.Pattern.Holds.NONE || (kept == Dose.Pattern.Holds.NO_EMPTY && held == Breath.HOLD_OUT);
    }

    private long halfBreath(long whole, Breath breath) {
        long inhale = pace.inhaleOf(whole);
        return breath == Breath.EXHALE ? whole - inhale : inhale;
    }

    /** One moment a stage. */
    private void pattern(Dose.Pattern pattern, @Nullable Side side) {
        School school = where.school();
        Dose.Pattern.Holds kept = stricter(pattern.holds(), school.holds());
        boolean begun = false;
        for (Dose.Pattern.Stage written : pattern.stages()) {
            Dose.Pattern.Stage stage = school.holdCap() == null ? written : written.capped(school.holdCap());
            MomentDraft draft = draft(Kind.PATTERN, side);
            draft.settledIn = begun;
            begun = true;
            draft.breaths = stage.cycles();
            draft.heldCounts = (long) stage.cycles() * stage.retained(kept);
            draft.holds = stage.cycles() * stage.holds(kept);
            draft.work = (long) stage.counts(kept) * countMillis();
            draft.phases = List.of(
                    stage.in(),
                    kept == Dose.Pattern.Holds.NONE ? 0 : stage.holdIn(),
                    stage.out(),
                    kept == Dose.Pattern.Holds.ALL ? stage.holdOut() : 0);
            out.accept(draft);
        }
    }

    private static Dose.Pattern.Holds stricter(Dose.Pattern.Holds a, Dose.Pattern.@Nullable Holds b) {
        return b == null || a.ordinal() >= b.ordinal() ? a : b;
    }

    private void reps(Reps reps, SideRule.Visit visit, boolean first) {
        Reps.Shown show = reps.shown();
        if (show != null && show.onTop() && (first || show.aSide())) shown(show, visit.side());
        if (step.sides() instanceof SideRule.Alternating rule) {
            if (first) alternating(reps, rule);
            return;
        }
        for (int set = 1; set <= reps.sets(); set++) {
            MomentDraft draft = draft(Kind.REPS, visit.side());
            draft.direction = visit.direction();
            draft.reps = reps.reps();
            draft.set = set;
            draft.settledIn = set > 1;
            draft.work = reps.reps() * repMillis(reps);
            draft.typed = isRepTyped(reps);
            out.accept(draft);
            if (set < reps.sets()) rest(reps.restSeconds(), visit.side(), set);
        }
    }

    private void shown(Reps.Shown shown, @Nullable Side side) {
        MomentDraft draft = draft(Kind.SHOWN, side);
        draft.work = (long) shown.reps() * (shown.millis() == null ? pace.shownRep() : shown.millis());
        draft.typed = shown.millis() != null;
        out.accept(draft);
    }

    /** Side to side: one moment a repetition. */
    private void alternating(Reps reps, SideRule.Alternating rule) {
        long one = repMillis(reps);
        for (int set = 1; set <= reps.sets(); set++) {
            for (int n = 0; n < rule.inAll(reps.reps()); n++) {
                MomentDraft sway = draft(Kind.REPS, rule.sideOf(n));
                sway.reps = 1;
                sway.set = set;
                sway.work = one;
                sway.typed = isRepTyped(reps);
                sway.settledIn = n > 0 || set > 1;
                out.accept(sway);
            }
            if (set < reps.sets()) rest(reps.restSeconds(), null, set);
        }
    }

    private boolean isRepTyped(Reps reps) {
        return step.timing().pace() != null || reps.repMillis() != null;
    }

    private long repMillis(Reps reps) {
        TypedPace typed = step.timing().pace();
        if (typed != null) return typed.per() == TypedPace.Per.POSITION ? typed.millis() : typed.breath();
        if (reps.repBreaths() != null) return reps.repBreaths() * pace.breathAt(where, false);
        return reps.repMillis() == null
                ? pace.rep(Objects.requireNonNull(pose).repMillisOrDefault())
                : reps.repMillis();
    }

    private void attempts(Attempts attempts, SideRule.Visit visit) {
        for (int turn = 1; turn <= attempts.turns(); turn++) {
            for (int n = 1; n <= attempts.attempts(); n++) {
                MomentDraft attempt = simple(attempts.each(), visit);
                attempt.kind = Kind.ATTEMPT;
                attempt.set = n;
                attempt.settledIn = n > 1;
                attempt.newTurn = n == 1 && turn > 1;
                if (attempts.turns() > 1) attempt.turn = turn;
                attempt.waiting = attempts.waiting();
                out.accept(attempt);
                if (n < attempts.attempts()) rest(attempts.restSeconds(), visit.side(), n);
            }
        }
    }

    private void rest(int seconds, @Nullable Side side, int set) {
        if (seconds == 0) return;
        MomentDraft pause = draft(Kind.PAUSE, side);
        pause.set = set;
        pause.work = (long) seconds * Millis.SECOND;
        pause.typed = true;
        out.accept(pause);
    }
}
