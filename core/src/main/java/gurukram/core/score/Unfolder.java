package gurukram.core.score;

import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Cueing;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Side;
import gurukram.core.score.Moment.Kind;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;

/**
 * Unfolds a plan into its score: every moment in the order it is taught, each as long as its transition, its setting up
 * and its work. Deterministic; one pass; the plan must hold the rules of {@code PlanRules}.
 *
 * <p>In a flow with a typed pace every half-breath lasts just that, and nothing inside has setting up or a transition;
 * a hold in such a flow keeps its own dose (ours, where the rules are silent).
 */
public final class Unfolder {
    private final PoseCatalogue catalogue;
    private final Pace pace;
    private final Transitions transitions;

    public Unfolder(PoseCatalogue catalogue, Pace pace) {
        this.catalogue = catalogue;
        this.pace = pace;
        this.transitions = Transitions.shipped();
    }

    /** The score of the plan at one level. */
    public Score unfold(ClassPlan plan, Level level) {
        Run run = new Run(plan, level);
        plan.sections().forEach(run::section);
        return Score.of(plan, run.moments);
    }

    /** Where a moment stands: its section and, within a flow, its pass and position. */
    private record Where(NodeId section, Cueing cueing, Flow flow, Pass pass, int position) {
        boolean paceTyped() {
            return flow != null && flow.settings().positionMillis() != null;
        }
    }

    private final class Run {
        private final ClassPlan plan;
        private final Level level;
        private final Body body = new Body(pace, transitions);
        private final List<Moment> moments = new ArrayList<>();
        private long now;
        private NodeId flowOfLast;

        Run(ClassPlan plan, Level level) {
            this.plan = plan;
            this.level = level;
        }

        void section(Section section) {
            Cueing way = section.cueingIn(plan.settings().style());
            for (Item item : section.items()) {
                if (item instanceof Flow flow) flow(flow, section.id(), way);
                else if (item instanceof Step step) step(step, new Where(section.id(), way, null, null, 0), null);
            }
        }

        private void flow(Flow flow, NodeId section, Cueing way) {
            for (Pass pass : Pass.of(flow.settings())) {
                int position = 1;
                for (Step step : flow.steps()) {
                    Where where = new Where(section, way, flow, pass, position);
                    position += step(step, where, pass.lead());
                }
            }
        }

        /** Unfolds one visit to a step; answers how many positions it took. */
        private int step(Step step, Where where, Side lead) {
            int positions = 0;
            for (Side side : step.sides().sides(lead)) {
                oneSide(step, positions == 0 ? where : next(where, positions), side, positions > 0);
                positions++;
            }
            return positions;
        }

        private Where next(Where w, int by) {
            return new Where(w.section, w.cueing, w.flow, w.pass, w.position + by);
        }

        private void oneSide(Step step, Where where, Side side, boolean secondSideOfStep) {
            Dose dose = step.doseFor(level);
            Pose pose = step.pose() == null ? null : catalogue.pose(step.pose());
            if (dose instanceof Dose.Reps reps) {
                reps(step, reps, pose, side, where);
                return;
            }
            Draft draft = new Draft(step, pose, side, where);
            if (dose instanceof Dose.Breaths hold) {
                draft.kind = Kind.HOLD;
                draft.breaths = hold.breaths();
                draft.work = hold.breaths() * pace.holdBreath(pose.hold());
            } else if (dose instanceof Dose.Seconds hold) {
                draft.kind = Kind.HOLD;
                draft.work = (long) hold.seconds() * Millis.SECOND;
                draft.typed = true;
            } else if (dose instanceof Dose.Open open) {
                draft.kind = Kind.OPEN;
                draft.work = (long) open.seconds() * Millis.SECOND;
                draft.typed = true;
            } else if (dose instanceof Dose.Movement movement) {
                draft.kind = Kind.MOVEMENT;
                draft.breath = movement.breath();
                draft.typed = where.paceTyped();
                draft.work = halfBreath(movement.breath(), where, secondSideOfStep);
            }
            add(draft);
        }

        private long halfBreath(Breath breath, Where where, boolean secondSideOfStep) {
            if (where.paceTyped()) return where.flow.settings().positionMillis();
            long whole = where.pass == null
                    ? pace.flowBreath(secondSideOfStep, 1, where.cueing)
                    : pace.flowBreath(where.pass.secondSide(), where.pass.timeOnSide(), where.cueing);
            long inhale = pace.inhaleOf(whole);
            return breath == Breath.INHALE ? inhale : whole - inhale;
        }

        private void reps(Step step, Dose.Reps dose, Pose pose, Side side, Where where) {
            int repMillis = dose.repMillis() == null ? pose.repMillisOrDefault() : dose.repMillis();
            for (int set = 1; set <= dose.sets(); set++) {
                Draft draft = new Draft(step, pose, side, where);
                draft.kind = Kind.REPS;
                draft.reps = dose.reps();
                draft.set = set;
                draft.work = (long) dose.reps() * repMillis;
                draft.typed = dose.repMillis() != null;
                add(draft);
                if (set < dose.sets() && dose.restSeconds() > 0) {
                    Draft pause = new Draft(step, pose, side, where);
                    pause.kind = Kind.PAUSE;
                    pause.set = set;
                    pause.work = (long) dose.restSeconds() * Millis.SECOND;
                    pause.typed = true;
                    add(pause);
                }
            }
        }

        private void add(Draft draft) {
            if (draft.pose != null && draft.kind != Kind.PAUSE) arrive(draft);
            Where where = draft.where;
            moments.add(new Moment(
                    draft.step.id(),
                    draft.kind,
                    now,
                    draft.transition,
                    draft.settingUp,
                    draft.work,
                    draft.pose == null ? null : draft.pose.id(),
                    draft.side,
                    where.section,
                    where.flow == null ? null : where.flow.id(),
                    where.pass == null ? null : where.pass.round(),
                    where.pass == null ? null : where.pass.index(),
                    where.pass == null ? null : where.position,
                    draft.breath,
                    draft.breaths,
                    draft.reps,
                    draft.set,
                    draft.typed));
            now += draft.transition + draft.settingUp + draft.work;
            flowOfLast = where.flow == null ? null : where.flow.id();
        }

        /** Transition and setting up. Both were measured from the same first words, so a transition before setting up counts half. */
        private void arrive(Draft draft) {
            Where where = draft.where;
            boolean sameFlow = where.flow != null && where.flow.id().equals(flowOfLast);
            boolean movement = draft.kind == Kind.MOVEMENT;
            if (!movement && !where.paceTyped()) {
                draft.settingUp = body.settingUp(draft.pose, draft.side, where.cueing);
            }
            long whole = body.goTo(draft.pose, draft.side, where.flow != null);
            if (sameFlow && (movement || where.paceTyped())) whole = 0;
            draft.transition = draft.settingUp > 0 ? Millis.half(whole) : whole;
            body.arrive(draft.pose, draft.side);
        }
    }

    /** A moment in the making. */
    private static final class Draft {
        final Step step;
        final Pose pose;
        final Side side;
        final Where where;
        Kind kind;
        Breath breath = Breath.FREE;
        Integer breaths;
        Integer reps;
        Integer set;
        long transition;
        long settingUp;
        long work;
        boolean typed;

        Draft(Step step, Pose pose, Side side, Where where) {
            this.step = step;
            this.pose = pose;
            this.side = side;
            this.where = where;
        }
    }
}
