package gurukram.web.plans.field;

import gurukram.core.notation.NodeText;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import java.util.List;

/** The one field of a link: when it is done. */
public final class LinkFields {
    private static final int WIDE = 34;

    /** @param flow the flow it belongs to; null where it is only shown */
    record At(Link link, Flow flow, NodeText text) {}

    private static final Fields<At, Link> FIELDS =
            new Fields<>(at -> at.link().id().value());
    private static final Declared<At, Link> WHEN = FIELDS.declare(
            "line",
            "When, such as “link, rounds 3-4:”",
            (at, f) -> f.text(at.text().line(at.link()), "The link’s line", WIDE),
            LinkFields::withWhen);

    private LinkFields() {}

    private static Link withWhen(At at, String typed) {
        Link read = at.text().linkIn(at.flow(), typed);
        return new Link(
                at.link().id(),
                read.when(),
                read.replacesLast(),
                at.link().steps(),
                at.link().marks());
    }

    static Link write(At at, String field, String typed) {
        return FIELDS.write(at, field, typed);
    }

    public static List<Captioned> panel(Link link, NodeText text, Refusal refusal) {
        return List.of(WHEN.captioned(new At(link, null, text), refusal));
    }
}
