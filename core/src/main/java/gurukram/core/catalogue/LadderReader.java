package gurukram.core.catalogue;

import gurukram.core.catalogue.rules.Places;
import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseText;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.PropUse;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads one ladder from its entry. */
final class LadderReader {
    private static final int MOST_CLASSES = 20;

    private LadderReader() {}

    /** The ladder, or null when something of it cannot be read; what is wrong is told to {@code places}. */
    static @Nullable Ladder read(JsonNode entry, String id, Places places) {
        int before = places.count();
        PoseFields fields = new PoseFields(entry, id, places);
        String peak = fields.optional("peak");
        boolean skill = fields.flag("skill");
        if (peak.isEmpty() != skill) fields.problem("peak", "needs either a peak or skill: true");
        List<Ladder.Rung> rungs = new ArrayList<>();
        for (JsonNode rung : fields.field("rungs")) {
            Ladder.Rung read = rung(rung, rungs.size() + 1, id, places);
            if (read != null) rungs.add(read);
        }
        Level level = fields.choice("level", Level.class, null);
        String nearest = fields.optional("nearest");
        int classes = fields.whole("classes", 1, MOST_CLASSES);
        Ladder ladder = new Ladder(
                fields.text("id"),
                fields.text("name"),
                skill ? null : peak,
                level,
                classes,
                fields.text("back"),
                fields.optional("wayOut"),
                nearest.isEmpty() ? null : nearest,
                rungs);
        fields.refuseUnknown();
        return places.count() == before ? ladder : null;
    }

    private static Ladder.@Nullable Rung rung(JsonNode node, int number, String id, Places places) {
        PoseFields fields = new PoseFields(node, id, places);
        String pose = fields.optional("pose");
        String does = fields.optional("does");
        if (pose.isEmpty() == does.isEmpty()) {
            fields.problem("rungs", "rung " + number + " needs either a pose or what is done");
        }
        Dose dose = null;
        try {
            dose = DoseText.parse(fields.text("dose"));
        } catch (Refused e) {
            fields.problem("rungs", "rung " + number + ": " + e.getMessage());
        }
        String ready = fields.text("ready");
        Ladder.With with = fields.choice("with", Ladder.With.class, Ladder.With.ALONE);
        List<PropUse> props = fields.props();
        Integer classes = fields.field("classes").isMissingNode()
                ? null
                : Integer.valueOf(node.path("classes").asInt(0));
        if (classes != null && (classes < 1 || classes > MOST_CLASSES))
            fields.problem("rungs", "rung %d: classes must be a number from 1 to %d".formatted(number, MOST_CLASSES));
        fields.refuseUnknown();
        return dose == null
                ? null
                : new Ladder.Rung(pose.isEmpty() ? null : pose, does, dose, ready, props, with, classes, List.of());
    }
}
