package gurukram.core;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.notation.NotationReader;
import gurukram.core.notation.NotationWriter;
import gurukram.core.notation.Reading;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.json.PlanJson;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.util.List;
import java.util.stream.Collectors;

/** Short ways from text to score in tests. */
public final class Notation {
    private Notation() {}

    public static Reading read(String text) {
        return new NotationReader(Plans.CATALOGUE, NodeNames.numbers()).read(text);
    }

    /** The plan of a text in which everything must be understood. */
    public static ClassPlan plan(String text) {
        return read(text).planOrRefused();
    }

    /** The plan of some lines; it writes and reads back as the same, as text and as JSON. */
    public static ClassPlan roundTrip(String... lines) {
        Reading reading = read(String.join("\n", lines));
        assertThat(reading.problems()).isEmpty();
        String written = write(reading.plan());
        assertThat(NodeNames.numbered(plan(written))).as(written).isEqualTo(NodeNames.numbered(reading.plan()));
        assertThat(PlanJson.read(PlanJson.write(reading.plan()))).isEqualTo(reading.plan());
        return reading.plan();
    }

    public static String write(ClassPlan plan) {
        return new NotationWriter(Plans.CATALOGUE).write(plan);
    }

    /** With a way of cueing of 1, as the worked examples ask. */
    public static Score score(String text) {
        return Plans.scoreWithoutCueing(plan(text));
    }

    public static Unfolder unfolder() {
        return new Unfolder(Plans.CATALOGUE, Pace.defaults().withoutCueing());
    }

    /** The poses in the order they are done, with their sides: {@code tree R, chair}. */
    public static String order(Score score) {
        return score.moments().stream().map(Notation::name).collect(Collectors.joining(", "));
    }

    private static String name(Moment moment) {
        String pose = moment.kind() == Moment.Kind.PAUSE ? "pause" : moment.pose();
        return moment.side() == null ? pose : pose + " " + moment.side().letter();
    }

    public static List<Long> works(Score score) {
        return score.moments().stream().map(Moment::workMs).toList();
    }
}
