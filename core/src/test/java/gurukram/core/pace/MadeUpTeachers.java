package gurukram.core.pace;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.OwnPace.Figure;
import gurukram.core.plan.settings.School;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Teachers with known paces, and classes as they would take them. */
final class MadeUpTeachers {
    private static final double NOISE_OF_GETTING_IN = 0.3;
    private static final double NOISE_OF_HOLDS = 0.1;
    private static final double NOISE_OF_MOVEMENTS = 0.12;
    private static final double NOISE_OF_CLASSES = 0.02;
    /** Somebody asks, a phone rings: so often, and so long on average. */
    private static final double SOMETHING_ELSE = 0.02;

    private static final double SOMETHING_ELSE_MS = 20_000;

    static final List<ClassPlan> CLASSES = classes();

    private MadeUpTeachers() {}

    private static List<ClassPlan> classes() {
        try (Stream<Path> files = Files.list(Path.of("src/test/resources/checks/clean"))) {
            List<ClassPlan> plans = new ArrayList<>();
            for (Path file : files.sorted().toList()) {
                String text = Files.readString(file);
                plans.add(Notation.plan(text.substring(text.indexOf("class:"))));
            }
            return plans;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Score score(ClassPlan plan, OwnPace own) {
        return new Unfolder(Plans.CATALOGUE, Pace.defaults().with(own))
                .unfold(plan, plan.settings().level());
    }

    /** Slower or quicker than the usual in everything, and in each thing by itself. */
    static OwnPace anyPace(Random random) {
        double settingUp = Math.exp(0.12 + 0.2 * random.nextGaussian());
        double flow = Math.exp(0.12 * random.nextGaussian());
        OwnPace own = OwnPace.NONE;
        for (Figure figure : Figure.values()) {
            double factor = switch (figure) {
                case SETTING_UP_SIMPLE, SETTING_UP_MEDIUM, SETTING_UP_COMPLEX, SETTING_UP_EXPLAINED ->
                    settingUp * Math.exp(0.1 * random.nextGaussian());
                case FIRST_SIDE, SECOND_SIDE -> flow * Math.exp(0.04 * random.nextGaussian());
                case SECOND_TIME, LATER_TIMES -> Math.exp(0.05 * random.nextGaussian());
                case SETTING_UP_AGAIN, SETTING_UP_BY_BREATH, SETTING_UP_BEGINNERS, SETTING_UP_ADVANCED ->
                    Math.exp(0.08 * random.nextGaussian());
                case CHANGING_BASE -> Math.exp(0.15 * random.nextGaussian());
                case ACTIVE_BREATH, PASSIVE_BREATH, REPETITION -> Math.exp(0.12 * random.nextGaussian());
            };
            own = own.with(figure, BigDecimal.valueOf(factor).setScale(3, RoundingMode.HALF_UP));
        }
        return own;
    }

    /** How long each moment of a class really is with such a teacher. */
    static Map<Integer, Long> taught(ClassPlan plan, OwnPace truth, Random random) {
        double day = Math.exp(NOISE_OF_CLASSES * random.nextGaussian());
        Map<Integer, Long> real = new HashMap<>();
        List<Moment> moments = score(plan, truth).moments();
        for (int i = 0; i < moments.size(); i++) {
            Moment moment = moments.get(i);
            boolean movement = moment.kind() == Moment.Kind.MOVEMENT;
            long typed = moment.typed() ? moment.workMs() : 0;
            long work = moment.workMs() - typed;
            long into = moment.lengthMs() - moment.workMs();
            double other = into * noisy(NOISE_OF_GETTING_IN, random)
                    + work * noisy(movement ? NOISE_OF_MOVEMENTS : NOISE_OF_HOLDS, random);
            other *= day;
            if (random.nextDouble() < SOMETHING_ELSE) other += -SOMETHING_ELSE_MS * Math.log(1 - random.nextDouble());
            real.put(i, typed + Math.round(other));
        }
        return real;
    }

    private static double noisy(double noise, Random random) {
        return Math.exp(noise * random.nextGaussian());
    }

    /** How long a class takes such a teacher on average, ms. */
    static double asARule(ClassPlan plan, OwnPace truth) {
        double ms = 0;
        for (Moment moment : score(plan, truth).moments()) {
            boolean movement = moment.kind() == Moment.Kind.MOVEMENT;
            long typed = moment.typed() ? moment.workMs() : 0;
            ms += typed + (moment.lengthMs() - moment.workMs()) * average(NOISE_OF_GETTING_IN);
            ms += (moment.workMs() - typed) * average(movement ? NOISE_OF_MOVEMENTS : NOISE_OF_HOLDS);
            ms += SOMETHING_ELSE * SOMETHING_ELSE_MS;
        }
        return ms;
    }

    private static double average(double noise) {
        return Math.exp(noise * noise / 2);
    }

    static List<Observed> observed(String lesson, ClassPlan plan, Map<Integer, Long> real) {
        Set<NodeId> byBreath = plan.sections().stream()
                .filter(section -> section.cueingIn(
                                plan.settings().style(),
                                plan.settings().school().over(School.USUAL))
                        == Cueing.BY_THE_BREATH)
                .map(Section::id)
                .collect(Collectors.toSet());
        return Observed.of(
                lesson,
                Observed.planned(
                        score(plan, OwnPace.NONE),
                        plan.settings().level(),
                        moment -> byBreath.contains(moment.section())),
                real,
                Plans.CATALOGUE);
    }

    /** What a teacher has who takes over everything that was learnt. */
    static OwnPace taken(Learnt learnt) {
        OwnPace own = OwnPace.NONE.withLikely(learnt.likelyPercent());
        for (var figure : learnt.figures().entrySet()) {
            own = own.with(
                    figure.getKey(),
                    BigDecimal.valueOf(figure.getValue().factor()).setScale(2, RoundingMode.HALF_UP));
        }
        return own;
    }
}
