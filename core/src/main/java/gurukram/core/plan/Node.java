package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/** A part of the plan that can be named, changed and moved. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Section.class, name = "section"),
    @JsonSubTypes.Type(value = Flow.class, name = "flow"),
    @JsonSubTypes.Type(value = Step.class, name = "step"),
    @JsonSubTypes.Type(value = Link.class, name = "link"),
    @JsonSubTypes.Type(value = Layer.class, name = "layer")
})
public sealed interface Node permits Section, Item, Link, Layer {
    NodeId id();

    /** The nodes inside, in order. */
    List<? extends Node> children();

    /** The same node around other children; {@link IllegalArgumentException} when one of them cannot stand in it. */
    Node withChildren(List<? extends Node> children);

    /** The same node under another name. */
    Node named(NodeId other);
}
