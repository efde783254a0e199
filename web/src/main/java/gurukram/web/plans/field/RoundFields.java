package gurukram.web.plans.field;

import gurukram.core.plan.Flow;
import gurukram.core.plan.settings.FlowPace;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.TypedPace;
import gurukram.web.shared.Typed;
import gurukram.web.shared.WrongRequest;
import java.util.List;

/** The fields of one round of a flow; in a request their names end on its number. */
final class RoundFields {
    private record At(Flow flow, int round) {
        FlowPace pace() {
            return flow.settings().pace();
        }

        TypedPace typed() {
            return pace().byRound().isEmpty() ? null : pace().typedIn(round);
        }
    }

    private static final Fields<At, Flow> FIELDS =
            new Fields<>(at -> at.flow().id().value());

    private static final Declared<At, Flow> MODE = FIELDS.declare(
            "mode",
            "Round",
            (at, f) -> f.of(at.round())
                    .choice(
                            at.pace().modeIn(at.round()).name(),
                            "Mode of round " + at.round(),
                            Options.of(Mode.values(), Mode::word)),
            (at, typed) -> {
                int rounds = at.flow().settings().rounds();
                FlowPace pace = at.pace().withModeIn(at.round(), rounds, Typed.named(Mode.class, typed));
                return at.flow().with(at.flow().settings().with(pace));
            });
    private static final Declared<At, Flow> PACE = FIELDS.declare(
            "pace",
            "",
            (at, f) -> f.of(at.round())
                    .text(FlowFields.words(at.typed()), "Pace in round " + at.round(), 16)
                    .between("", ""),
            (at, typed) -> {
                FlowPace pace = at.pace().withTypedIn(at.round(), FlowFields.pace(typed));
                return at.flow().with(at.flow().settings().with(pace));
            });

    private RoundFields() {}

    static Flow write(Flow flow, int round, String field, String typed) {
        if (round < 1 || round > flow.settings().rounds()) throw new WrongRequest("no such round");
        return FIELDS.write(new At(flow, round), field, typed);
    }

    static Captioned captioned(Flow flow, int round, Refusal refusal) {
        At at = new At(flow, round);
        List<Field> both = List.of(
                MODE.of(at).inPanel().orRefused(refusal), PACE.of(at).inPanel().orRefused(refusal));
        return new Captioned("Round " + round, both);
    }
}
