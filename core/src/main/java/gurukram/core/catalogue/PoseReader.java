package gurukram.core.catalogue;

import gurukram.core.body.Base;
import gurukram.core.body.Facing;
import gurukram.core.body.MatDirection;
import gurukram.core.body.SideBehaviour;
import gurukram.core.body.SideOf;
import gurukram.core.body.SpineDirection;
import gurukram.core.body.Twist;
import gurukram.core.catalogue.rules.Places;
import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseText;
import gurukram.core.figure.Figure;
import gurukram.core.figure.FigureText;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.CautionFacts;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Gate;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCues;
import gurukram.core.pose.PoseNames;
import gurukram.core.pose.Risk;
import gurukram.core.pose.Teaching;
import gurukram.core.pose.Ties;
import gurukram.core.pose.UsualDoses;
import gurukram.core.text.Refused;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads one pose from its entry. */
final class PoseReader {
    private final PoseFields fields;

    private PoseReader(PoseFields fields) {
        this.fields = fields;
    }

    /** The pose, or null when something of it cannot be read; what is wrong is told to {@code places}. */
    static @Nullable Pose read(JsonNode entry, String id, String family, Places places) {
        int before = places.count();
        PoseReader reader = new PoseReader(new PoseFields(entry, id, places));
        Pose pose = reader.pose(family);
        reader.fields.refuseUnknown();
        return places.count() == before ? pose : null;
    }

    private Pose pose(String family) {
        return new Pose(
                fields.text("id"),
                new PoseNames(
                        fields.text("name"),
                        fields.optional("sanskrit"),
                        fields.list("also"),
                        fields.list("loosely"),
                        fields.list("misspelt")),
                family,
                fields.choice("base", Base.class, null),
                fields.choice("sides", SideBehaviour.class, SideBehaviour.SYMMETRIC),
                fields.choiceOrNull("sideOf", SideOf.class),
                fields.choiceOrNull("twist", Twist.class),
                fields.choice("hold", Hold.class, null),
                fields.choice("complexity", Complexity.class, null),
                fields.millisOrNull("settingUpSeconds"),
                fields.whole("effort", 1, 5),
                fields.whole("depth", 1, 3),
                fields.choice("risk", Risk.class, null),
                fields.choice("level", Level.class, null),
                fields.choice("spine", SpineDirection.class, null),
                fields.flag("headDown"),
                fields.flag("wristLoad"),
                fields.choice("facing", Facing.class, null),
                fields.choice("mat", MatDirection.class, MatDirection.ALONG),
                fields.flag("peakable"),
                fields.choice("breath", BreathAffinity.class, null),
                fields.choice("leave", BreathAffinity.class, null),
                fields.millisOrNull("repSeconds"),
                doses(),
                fields.felt("stretches"),
                fields.felt("works"),
                fields.areas("notIn"),
                fields.actions(),
                new Ties(fields.list("easier"), fields.list("harder"), fields.list("counter"), fields.list("next")),
                fields.props(),
                facts(),
                fields.cautions(),
                cues(),
                teaching(),
                gate(),
                figure());
    }

    private CautionFacts facts() {
        return new CautionFacts(fields.mechanisms(), fields.list("milder"), fields.overrides(), fields.cautions());
    }

    /** {@code doses: [none, "3-5 breaths, at 4", 10 breaths]}: beginner, intermediate, advanced; {@code doseIn: {cool-down: 8 breaths}}. */
    private UsualDoses doses() {
        return new UsualDoses(dosesByLevel(), dosesByPart());
    }

    private Map<Level, Dose> dosesByLevel() {
        Map<Level, Dose> doses = new EnumMap<>(Level.class);
        List<String> texts = fields.list("doses");
        if (texts.size() != 3) {
            fields.problem("doses", "doses: three are needed, for beginner, intermediate and advanced");
            return doses;
        }
        for (Level level : Level.values()) {
            String text = texts.get(level.ordinal());
            if (text.equalsIgnoreCase(UsualDoses.NONE)) {
                if (level == Level.ADVANCED) fields.problem("doses", "doses: the advanced need one");
                else if (!doses.isEmpty()) fields.problem("doses", "doses: what is for a level is for those above");
                continue;
            }
            dose("doses", text).ifPresent(dose -> doses.put(level, dose));
        }
        return doses;
    }

    private Map<UsualDoses.Part, Dose> dosesByPart() {
        Map<UsualDoses.Part, Dose> doses = new EnumMap<>(UsualDoses.Part.class);
        fields.texts("doseIn").forEach((word, text) -> {
            UsualDoses.Part part = fields.constant("doseIn", word, UsualDoses.Part.class);
            if (part != null) dose("doseIn", text).ifPresent(dose -> doses.put(part, dose));
        });
        return doses;
    }

    private Optional<Dose> dose(String field, String text) {
        try {
            return Optional.of(DoseText.parse(text));
        } catch (Refused e) {
            fields.problem(field, field + ": " + e.getMessage());
            return Optional.empty();
        }
    }

    private Teaching teaching() {
        return new Teaching(
                fields.optional("gaze"),
                fields.list("measures"),
                fields.list("faults").stream().map(this::fault).toList(),
                fields.list("wayIn").stream().map(this::move).toList(),
                fields.optional("handsOn"));
    }

    /** {@code the front knee locks: soften it}. */
    private Teaching.Fault fault(String text) {
        String[] halves = text.split(":", 2);
        if (halves.length < 2 || halves[1].isBlank()) {
            fields.problem("faults", "faults: “" + text + "” needs what is seen, a colon, and what helps");
            return new Teaching.Fault(text, "");
        }
        return new Teaching.Fault(halves[0].strip(), halves[1].strip());
    }

    /** {@code in arms wide}, {@code either place the foot}. */
    private Teaching.Move move(String text) {
        String[] parts = text.split(" ", 2);
        BreathAffinity breath = fields.constant("wayIn", parts[0], BreathAffinity.class);
        if (parts.length < 2) fields.problem("wayIn", "wayIn: “" + text + "” needs a breath and a move");
        return new Teaching.Move(
                breath == null ? BreathAffinity.EITHER : breath, parts.length < 2 ? "" : parts[1].strip());
    }

    private PoseCues cues() {
        JsonNode node = fields.field("cues");
        if (node.isMissingNode()) fields.problem("cues", "cues are missing");
        return new PoseCues(wording(node, "enter"), wording(node, "align"), wording(node, "leave"));
    }

    private PoseCues.Wording wording(JsonNode cues, String name) {
        JsonNode pair = cues.path(name);
        if (pair.size() == 2)
            return new PoseCues.Wording(pair.get(0).asString(""), pair.get(1).asString(""));
        if (!cues.isMissingNode()) fields.problem("cues", "cues: " + name + " needs a full and a brief wording");
        return new PoseCues.Wording("", "");
    }

    /** {@code gate: headstand 5}. */
    private @Nullable Gate gate() {
        String text = fields.optional("gate");
        if (text.isEmpty()) return null;
        if (text.matches("\\S+ [1-9]")) {
            int space = text.indexOf(' ');
            return new Gate(text.substring(0, space), Integer.parseInt(text.substring(space + 1)));
        }
        fields.problem("gate", "gate: “" + text + "” is not a ladder and its rung");
        return null;
    }

    @SuppressWarnings("NullAway") // null only beside a problem, and what has problems is not given out
    private Figure figure() {
        Map<String, String> texts = fields.texts("figure");
        if (texts.isEmpty()) {
            fields.problem("figure", "figure is missing");
            return null;
        }
        FigureText.Read read = FigureText.read(texts);
        read.problems().forEach(what -> fields.problem("figure", "figure: " + what));
        return read.figure();
    }
}
