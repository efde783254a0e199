package gurukram.web.plans.field;

import java.util.List;

/** Fields of a panel, mostly one, with the words that stand before them. */
public record Captioned(String caption, List<Field> fields) {}
