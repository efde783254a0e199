package gurukram.core.score;

import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Cueing;
import gurukram.core.plan.Flow;
import gurukram.core.plan.FlowSettings.Counting;
import gurukram.core.plan.Item;
import gurukram.core.plan.Join;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SideRule;
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
 * <p>Where the rules are silent, ours are: in a flow with a typed pace a hold keeps its own dose; a link is put in before
 * a shared join takes movements away; side-to-side repetitions are set up once, and each set begins on the start side.
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
        return unfold(plan, level, Dose.Reading.CHOSEN);
    }

    /** The score with every range at its low, chosen or high value. */
    public Score unfold(ClassPlan plan, Level level, Dose.Reading reading) {
        Run run = new Run(plan, level, reading);
        plan.sections().forEach(run::section);
        return Score.of(plan, run.moments);
    }

    /** Where a moment stands: its section and, within a flow, its pass and position. */
    private record Where(NodeId section, Cueing cueing, Flow flow, Pass pass, int position) {
        /** The typed pace, ms a position: the step's own, else the flow's in this round; null when neither is typed. */
        Integer paceOf(Step step) {
            if (step.positionMillis() != null || flow == null) return step.positionMillis();
            return flow.settings().positionMillisIn(pass.round());
        }
    }

    private final class Run {
        private final ClassPlan plan;
        private final Level level;
        private final Dose.Reading reading;
        private final Body body = new Body(pace, transitions);
        private final List<Moment> moments = new ArrayList<>();
        private long now;
        private NodeId flowOfLast;

        Run(ClassPlan plan, Level level, Dose.Reading reading) {
            this.plan = plan;
            this.level = level;
            this.reading = reading;
        }

        void section(Section section) {
            Cueing way = section.cueingIn(plan.settings().style());
            for (Item item : section.items()) {
                if (item instanceof Flow flow) flow(flow, section.id(), way);
                else if (item instanceof Step step) step(step, new Where(section.id(), way, null, null, 0), null);
            }
        }

        private void flow(Flow flow, NodeId section, Cueing way) {
            List<Pass> passes = Pass.of(flow.settings());
            int skipped = 0;
            for (int i = 0; i < passes.size(); i++) {
                Pass pass = passes.get(i);
                List<Step> steps = stepsOf(flow, pass);
                Join join = i == passes.size() - 1 ? new Join.Separate() : joinBehind(flow, pass, passes.get(i + 1));
                int to = join instanceof Join.Shared shared ? steps.size() - shared.end() : steps.size();
                int position = 1 + skipped;
                for (Step step : steps.subList(skipped, to)) {
                    position += step(step, new Where(section, way, flow, pass, position), pass.lead());
                }
                if (join instanceof Join.Rested rest) rest(flow, rest, new Where(section, way, flow, pass, position));
                skipped = join instanceof Join.Shared shared ? shared.start() : 0;
            }
        }

        private static Join joinBehind(Flow flow, Pass pass, Pass next) {
            Join join = flow.settings().joinAfter(next.round() != pass.round());
            if (!(join instanceof Join.Shared)) return join;
            int shorter =
                    Math.min(stepsOf(flow, pass).size(), stepsOf(flow, next).size());
            // a pass may lose its beginning to the join before it and its end to the one behind
            boolean leavesSomething = mostShared(flow) < shorter;
            return leavesSomething ? join : new Join.Separate();
        }

        private static int mostShared(Flow flow) {
            int end = 0;
            int start = 0;
            for (Join join :
                    List.of(flow.settings().joinAfter(false), flow.settings().joinAfter(true))) {
                if (!(join instanceof Join.Shared shared)) continue;
                end = Math.max(end, shared.end());
                start = Math.max(start, shared.start());
            }
            return end + start;
        }

        /** What one pass does: the written steps, with the links that hold on it at the end. */
        private static List<Step> stepsOf(Flow flow, Pass pass) {
            List<Step> steps = new ArrayList<>(flow.steps());
            int passOfRound = flow.settings().counting() == Counting.BOTH_SIDES && pass.secondSide() ? 2 : 1;
            for (Link link : flow.links()) {
                if (!link.when().holds(pass.round(), passOfRound)) continue;
                if (link.replacesLast() && !steps.isEmpty()) steps.remove(steps.size() - 1);
                steps.addAll(link.steps());
            }
            return steps;
        }

        /** The pause between two passes, at the pace of the earlier. */
        private void rest(Flow flow, Join.Rested rest, Where where) {
            if (flow.steps().isEmpty()) return;
            Draft pause = new Draft(flow.steps().get(0), null, null, where);
            pause.kind = Kind.PAUSE;
            pause.typed = rest.unit() == Join.Rested.Unit.SECONDS;
            long breath = breath(where, flow.settings().positionMillisIn(where.pass.round()), false);
            pause.work = switch (rest.unit()) {
                case SECONDS -> (long) rest.amount() * Millis.SECOND;
                case BREATHS -> rest.amount() * breath;
                case HALF_BREATHS -> Millis.half(rest.amount() * breath);
            };
            add(pause);
        }

        /** Unfolds one visit to a step; answers how many positions it took. */
        private int step(Step step, Where where, Side lead) {
            if (step.sides() instanceof SideRule.Alternating rule && doseOf(step) instanceof Dose.Reps reps) {
                alternating(step, reps, rule, catalogue.pose(step.pose()), where);
                return 1;
            }
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

        private Dose doseOf(Step step) {
            return step.doseFor(level).at(reading);
        }

        private void oneSide(Step step, Where where, Side side, boolean secondSideOfStep) {
            Dose dose = doseOf(step);
            Pose pose = step.pose() == null ? null : catalogue.pose(step.pose());
            if (dose instanceof Dose.Reps reps) {
                reps(step, reps, pose, side, where);
                return;
            }
            if (dose instanceof Dose.Pattern pattern) {
                pattern(step, pattern, pose, side, where);
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
            } else if (dose instanceof Dose.Counts counts) {
                draft.kind = Kind.HOLD;
                draft.work = counts.counts() * pace.count();
            } else if (dose instanceof Dose.Open open) {
                draft.kind = Kind.OPEN;
                draft.work = (long) open.seconds() * Millis.SECOND;
                draft.typed = true;
            } else if (dose instanceof Dose.Movement movement) {
                draft.kind = Kind.MOVEMENT;
                draft.breath = movement.breath();
                draft.typed = where.paceOf(step) != null;
                draft.work = halfBreath(movement.breath(), where, where.paceOf(step), secondSideOfStep);
            }
            add(draft);
        }

        private long halfBreath(Breath breath, Where where, Integer typedPace, boolean secondSideOfStep) {
            if (typedPace != null) return typedPace;
            long whole = breath(where, null, secondSideOfStep);
            long inhale = pace.inhaleOf(whole);
            return breath == Breath.INHALE ? inhale : whole - inhale;
        }

        /** One breath of movement, ms. */
        private long breath(Where where, Integer typedPace, boolean secondSideOfStep) {
            if (typedPace != null) return 2L * typedPace;
            return where.pass == null
                    ? pace.flowBreath(secondSideOfStep, 1, where.cueing)
                    : pace.flowBreath(where.pass.secondSide(), where.pass.timeOnSide(), where.cueing);
        }

        /** One moment a stage. */
        private void pattern(Step step, Dose.Pattern dose, Pose pose, Side side, Where where) {
            for (Dose.Pattern.Stage stage : dose.stages()) {
                Draft draft = new Draft(step, pose, side, where);
                draft.kind = Kind.PATTERN;
                draft.breaths = stage.cycles();
                draft.work = stage.counts(dose.holds()) * pace.count();
                add(draft);
            }
        }

        /** Side to side: one moment a repetition. */
        private void alternating(Step step, Dose.Reps dose, SideRule.Alternating rule, Pose pose, Where where) {
            long one = repMillis(step, dose, pose);
            for (int set = 1; set <= dose.sets(); set++) {
                for (int n = 0; n < dose.reps(); n++) {
                    Draft sway = new Draft(step, pose, rule.sideOf(n), where);
                    sway.kind = Kind.REPS;
                    sway.reps = 1;
                    sway.set = set;
                    sway.work = one;
                    sway.typed = step.positionMillis() != null || dose.repMillis() != null;
                    sway.settledIn = n > 0 || set > 1;
                    add(sway);
                }
                restBetweenSets(step, dose, pose, null, where, set);
            }
        }

        private long repMillis(Step step, Dose.Reps dose, Pose pose) {
            if (step.positionMillis() != null) return step.positionMillis();
            return dose.repMillis() == null ? pose.repMillisOrDefault() : dose.repMillis();
        }

        private void restBetweenSets(Step step, Dose.Reps dose, Pose pose, Side side, Where where, int set) {
            if (set == dose.sets() || dose.restSeconds() == 0) return;
            Draft pause = new Draft(step, pose, side, where);
            pause.kind = Kind.PAUSE;
            pause.set = set;
            pause.work = (long) dose.restSeconds() * Millis.SECOND;
            pause.typed = true;
            add(pause);
        }

        private void reps(Step step, Dose.Reps dose, Pose pose, Side side, Where where) {
            for (int set = 1; set <= dose.sets(); set++) {
                Draft draft = new Draft(step, pose, side, where);
                draft.kind = Kind.REPS;
                draft.reps = dose.reps();
                draft.set = set;
                draft.work = dose.reps() * repMillis(step, dose, pose);
                draft.typed = step.positionMillis() != null || dose.repMillis() != null;
                add(draft);
                restBetweenSets(step, dose, pose, side, where, set);
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
            boolean paceTyped = where.paceOf(draft.step) != null;
            if (!movement && !paceTyped && !draft.settledIn) {
                draft.settingUp = body.settingUp(draft.pose, draft.side, where.cueing);
            }
            long whole = body.goTo(draft.pose, draft.side, where.flow != null);
            if (draft.settledIn || (sameFlow && (movement || paceTyped))) whole = 0;
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
        /** In the pose already, whatever its side: no setting up, no transition. */
        boolean settledIn;

        Draft(Step step, Pose pose, Side side, Where where) {
            this.step = step;
            this.pose = pose;
            this.side = side;
            this.where = where;
        }
    }
}
