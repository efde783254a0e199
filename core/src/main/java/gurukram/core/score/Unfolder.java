package gurukram.core.score;

import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.PropsTold;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Use;
import gurukram.core.plan.manner.Way;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Timing;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment.Kind;
import gurukram.core.score.MomentDraft.Where;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Unfolds a plan into its score: every moment in the order it is taught, each as long as its transition, its setting up
 * and its work. Deterministic; one pass, so the cost grows with the moments; the plan must hold the rules of
 * {@code PlanRules}.
 *
 * <p>To follow a plan to its score, read {@link Turn} (the passes of a flow with its layers and links), {@link StepWork} (the
 * work of a step), {@link Body} (transitions and setting up), and this.
 */
public final class Unfolder {
    private final PoseCatalogue catalogue;
    private final Pace pace;
    private final School school;
    private final Transitions transitions;
    private final Runnable before;
    private final @Nullable Remembered remembered;

    public Unfolder(PoseCatalogue catalogue, Pace pace) {
        this(catalogue, pace, School.UNSET);
    }

    private Unfolder(Unfolder other, School school, @Nullable Remembered remembered, Runnable before) {
        this.before = before;
        this.catalogue = other.catalogue;
        this.pace = other.pace;
        this.school = school;
        this.transitions = other.transitions;
        this.remembered = remembered;
    }

    /** @param school the teacher's, for what the class and its flows leave open */
    public Unfolder(PoseCatalogue catalogue, Pace pace, School school) {
        this.catalogue = catalogue;
        this.pace = pace;
        this.school = school.over(School.USUAL);
        this.transitions = Transitions.shipped();
        this.remembered = null;
        this.before = () -> {};
    }

    public Pace pace() {
        return pace;
    }

    PoseCatalogue catalogue() {
        return catalogue;
    }

    /** The same engine for another teacher's school. */
    public Unfolder with(School teachers) {
        return new Unfolder(this, teachers.over(School.USUAL), null, before);
    }

    /**
     * The same engine that gives the score of a plan it has just unfolded without doing it again. For one request in one
     * thread: it knows a plan by being the very same object.
     */
    public Unfolder remembering() {
        return new Unfolder(this, school, new Remembered(), before);
    }

    /**
     * The same engine, which first does something every time it unfolds: long searches unfold hundreds of plans, and whoever has others to
     * serve can let them go first there.
     */
    public Unfolder pausing(Runnable before) {
        return new Unfolder(this, school, remembered, before);
    }

    /** The last few scores. */
    private static final class Remembered {
        private static final int MOST = 8;

        private record Kept(ClassPlan plan, @Nullable Level level, Dose.Reading reading, Score score) {}

        private final Deque<Kept> kept = new ArrayDeque<>();

        Score score(ClassPlan plan, @Nullable Level level, Dose.Reading reading, Supplier<Score> unfold) {
            for (Kept one : kept) {
                if (one.plan() == plan && one.level() == level && one.reading() == reading) return one.score();
            }
            Score score = unfold.get();
            if (kept.size() == MOST) kept.removeFirst();
            kept.addLast(new Kept(plan, level, reading, score));
            return score;
        }
    }

    /** The score of the plan at one level; null is the base line without its level edits. */
    public Score unfold(ClassPlan plan, @Nullable Level level) {
        return unfold(plan, level, Dose.Reading.CHOSEN);
    }

    /** The score with every range at its low, chosen or high value. */
    public Score unfold(ClassPlan plan, @Nullable Level level, Dose.Reading reading) {
        if (remembered == null) return unfolded(plan, level, reading);
        return remembered.score(plan, level, reading, () -> unfolded(plan, level, reading));
    }

    private Score unfolded(ClassPlan plan, @Nullable Level level, Dose.Reading reading) {
        before.run();
        Run run = new Run(plan, level, reading);
        plan.sections().forEach(run::section);
        return Score.of(plan, run.moments, pace.own().likelyPercent());
    }

    private final class Run {
        private final ClassPlan plan;
        private final ClassSettings settings;
        private final School classSchool;
        private final @Nullable Level level;
        private final Dose.Reading reading;
        private final Body body;
        private final Map<String, Integer> crossings = new HashMap<>();
        private final List<Moment> moments = new ArrayList<>();
        private long now;
        private @Nullable NodeId flowOfLast;
        private Breath lastBreath = Breath.FREE;

        Run(ClassPlan plan, @Nullable Level level, Dose.Reading reading) {
            this.plan = plan;
            this.settings = plan.settings();
            this.classSchool = settings.school().over(school);
            this.level = level;
            this.body = new Body(pace, transitions, level);
            this.reading = reading;
        }

        void section(Section section) {
            Cueing way = section.cueingIn(settings.style(), classSchool);
            Pace here = BreathPlaces.of(null, section, settings, school).over(pace);
            for (Item item : section.items()) {
                if (item instanceof Flow flow) {
                    flow(flow, section);
                    continue;
                }
                Where where = new Where(section.id(), way, classSchool, here, null, null, 0, section.way());
                for (Step step : Layered.atLevel((Step) item, level, catalogue)) step(step, where, null);
            }
        }

        private void flow(Flow flow, Section section) {
            School flowSchool = flow.settings().school().over(classSchool);
            Cueing own = flow.settings().school().cueing();
            Cueing way = own == null ? section.cueingIn(settings.style(), classSchool) : own;
            Pace here = BreathPlaces.of(flow, section, settings, school).over(pace);
            List<Turn> turns = Turn.of(flow, level, settings.begins(), catalogue);
            int shortest =
                    turns.stream().mapToInt(turn -> turn.visits().size()).min().orElse(0);
            int skipped = 0;
            for (int i = 0; i < turns.size(); i++) {
                List<Turn.Visit> visits = turns.get(i).visits();
                boolean last = i == turns.size() - 1;
                Join join = last ? new Join.Separate() : turns.get(i).joinTo(turns.get(i + 1), flow, shortest);
                int to = join instanceof Join.Shared shared ? visits.size() - shared.end() : visits.size();
                int position = 1 + skipped;
                for (Turn.Visit visit : visits.subList(skipped, to)) {
                    Where where =
                            new Where(section.id(), way, flowSchool, here, flow, visit.pass(), position, section.way());
                    position += step(visit.step(), where, visit.pass().lead());
                }
                if (join instanceof Join.Rested rest) {
                    Turn.Visit end = turns.get(i).last();
                    rest(
                            end.step(),
                            rest,
                            new Where(section.id(), way, flowSchool, here, flow, end.pass(), position, section.way()));
                }
                skipped = join instanceof Join.Shared shared ? shared.start() : 0;
            }
        }

        /** The pause between two passes, at the pace of the earlier. */
        private void rest(Step after, Join.Rested rest, Where where) {
            MomentDraft pause = new MomentDraft(after, null, null, where, Kind.PAUSE);
            pause.typed = rest.unit() == Join.Rested.Unit.SECONDS;
            TypedPace typed = Objects.requireNonNull(where.flow())
                    .settings()
                    .pace()
                    .typedIn(Objects.requireNonNull(where.pass()).round());
            long breath = typed != null ? typed.breath() : where.pace().breathAt(where, false);
            pause.work = switch (rest.unit()) {
                case SECONDS -> (long) rest.amount() * Millis.SECOND;
                case BREATHS -> rest.amount() * breath;
                case HALF_BREATHS -> Millis.half(rest.amount() * breath);
            };
            add(pause);
        }

        /** Unfolds one visit to a step; answers how many positions it took. */
        private int step(Step step, Where where, @Nullable Side lead) {
            Pose pose = step.pose() == null ? null : catalogue.pose(step.pose());
            int before = 0;
            if (step.sides() instanceof SideRule.Crossing) before = crossings.merge(step.pose(), 1, Integer::sum) - 1;
            Dose dose = step.dose().at(reading);
            int positions = 0;
            for (SideRule.Visit visit : step.sides().visits(lead, before)) {
                new StepWork(step, pose, dose, at(where, positions), this::add)
                        .unfold(visit, positions == 0, lastBreath);
                positions++;
            }
            return step.sides() instanceof SideRule.Alternating ? 1 : positions;
        }

        private static Where at(Where w, int by) {
            if (by == 0) return w;
            return new Where(
                    w.section(), w.cueing(), w.school(), w.pace(), w.flow(), w.pass(), w.position() + by, w.way());
        }

        private void add(MomentDraft draft) {
            if (draft.pose != null && draft.kind != Kind.PAUSE) arrive(draft.pose, draft);
            Where where = draft.where;
            moments.add(new Moment(
                    draft.step.id(),
                    kindOf(draft),
                    now,
                    draft.transition,
                    draft.settingUp,
                    draft.work,
                    draft.pose == null ? null : draft.pose.id(),
                    draft.side,
                    draft.twistSide(),
                    draft.direction,
                    where.section(),
                    where.flow() == null ? null : where.flow().id(),
                    where.pass() == null ? null : where.pass().round(),
                    where.pass() == null ? null : where.pass().index(),
                    where.pass() == null ? null : where.position(),
                    where.pass() == null ? null : where.pass().mode(),
                    draft.breath,
                    draft.continued,
                    draft.breaths,
                    draft.reps,
                    draft.set,
                    draft.heldCounts,
                    draft.holds,
                    draft.typed,
                    draft.settingUpTyped,
                    draft.openEnd,
                    draft.how()));
            now += draft.transition + draft.settingUp + draft.work;
            flowOfLast = where.flow() == null ? null : where.flow().id();
            if (draft.kind == Kind.MOVEMENT) lastBreath = draft.breath;
        }

        /** Rest, demonstration and talk are what they are called, whatever people are in. */
        private static Kind kindOf(MomentDraft draft) {
            Use use = draft.step.manner().use();
            if (use == null || draft.kind == Kind.PAUSE) return draft.kind;
            return switch (use) {
                case REST -> Kind.REST;
                case DEMONSTRATION -> Kind.DEMONSTRATION;
                case TALK -> Kind.TALK;
            };
        }

        /** Transition and setting up. Both were measured from the same first words, so a transition before setting up counts half. */
        private void arrive(Pose pose, MomentDraft draft) {
            Where where = draft.where;
            boolean sameFlow = where.flow() != null && where.flow().id().equals(flowOfLast);
            boolean movement = draft.kind == Kind.MOVEMENT;
            boolean paceTyped = where.flow() != null && where.paceOf(draft.step) != null;
            settingUp(pose, draft);
            fetch(draft, paceTyped);
            long usual = body.goTo(pose, draft.side, where.flow() != null);
            Way way = where.wayTo(draft.step);
            Long named = draft.settledIn || draft.newTurn ? null : body.goBy(way, pose);
            if (named != null) draft.way = Objects.requireNonNull(way).name();
            long whole = named == null ? usual : named;
            boolean typed = named != null && Objects.requireNonNull(way).millis() != null;
            if (draft.settledIn || (!typed && sameFlow && (movement || paceTyped))) whole = 0;
            draft.transition = draft.settingUp > 0 && !typed ? Millis.half(whole) : whole;
            draft.with = body.with(draft.step, pose, draft.side);
            body.arrive(pose, draft.side);
        }

        /** Props that are used the first time are fetched, all in one go (ours); what is typed as setting up holds it. */
        private void fetch(MomentDraft draft, boolean paceTyped) {
            if (draft.settledIn
                    || draft.settingUpTyped
                    || paceTyped
                    || draft.step.props().isEmpty()) return;
            List<String> fetched = body.fetches(draft.step.props());
            if (fetched.isEmpty()) return;
            boolean told = fetched.stream().allMatch(prop -> PropsTold.atTheStart(plan, prop));
            draft.fetching = told ? pace.propReady() : pace.propFetched();
            draft.settingUp += draft.fetching;
        }

        /**
         * What is typed counts as it stands. A movement has none; one that is explained, or has it typed, is got into the first
         * time on a side (ours).
         */
        private void settingUp(Pose pose, MomentDraft draft) {
            Timing timing = draft.step.timing();
            if (draft.settledIn) return;
            boolean typed = timing.settingUpMillis() != null && !draft.newForm && !draft.newTurn;
            boolean movement = draft.kind == Kind.MOVEMENT;
            boolean explained = timing.cueing() == Cueing.EXPLAINED;
            if (movement && ((!typed && !explained) || body.hasDone(pose, draft.side))) return;
            Cueing way = timing.cueing() == null ? draft.where.cueing() : timing.cueing();
            boolean second = body.hasDoneOther(pose, draft.side);
            draft.settingUpTyped = typed;
            if (typed) draft.settingUp = Objects.requireNonNull(timing.settingUpOf(second));
            else if (explained || draft.where.flow() == null || draft.where.paceOf(draft.step) == null)
                draft.settingUp = draft.newTurn
                        ? body.settingUpAgain(pose, way)
                        : body.settingUp(pose, draft.side, draft.kind, way);
        }
    }
}
