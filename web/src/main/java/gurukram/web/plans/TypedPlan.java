package gurukram.web.plans;

import gurukram.core.notation.LineReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.ClassSettings;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import java.util.List;
import java.util.function.Supplier;

/** A whole class typed line by line, just as on the page; {@code // words} behind a line become its note. */
public final class TypedPlan {
    private TypedPlan() {}

    /** {@link Refused} with the line that is not understood. */
    public static ClassPlan of(
            ClassSettings settings,
            List<String> lines,
            LineReader reader,
            PoseCatalogue catalogue,
            Supplier<NodeId> newIds) {
        ClassPlan plan = new ClassPlan(settings, List.of());
        String at = "";
        for (String typed : lines) {
            if (typed.isBlank()) continue;
            String[] lineAndNote = typed.split("//", 2);
            try {
                LineEdit line = new LineEdit(lineAndNote[0].strip(), at, settings.level(), reader, catalogue, newIds);
                EditRequest.Labelled made = line.on(plan);
                if (made.edit() != null) plan = made.edit().applyTo(plan);
                at = made.at().value();
                if (lineAndNote.length == 2) {
                    FieldEdit note = new FieldEdit(
                            made.at(), "note", lineAndNote[1].strip(), settings.level(), catalogue, newIds);
                    plan = note.on(plan).edit().applyTo(plan);
                }
            } catch (Refused e) {
                throw new Refused("“" + typed + "”: " + e.getMessage());
            }
        }
        return plan;
    }
}
