package gurukram.core.catalogue;

import gurukram.core.body.ActionUse;
import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.figure.FigureText;
import gurukram.core.pose.Caution;
import gurukram.core.pose.CautionFacts;
import gurukram.core.pose.Level;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCues;
import gurukram.core.pose.PropUse;
import gurukram.core.pose.Teaching;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes a pose as the entry that {@link PoseReader} reads back as the same pose. */
final class PoseWriter {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final ObjectNode entry = JSON.createObjectNode();

    private PoseWriter() {}

    static ObjectNode write(Pose pose) {
        PoseWriter writer = new PoseWriter();
        writer.names(pose);
        writer.facts(pose);
        writer.body(pose);
        writer.ties(pose);
        writer.words(pose);
        return writer.entry;
    }

    private void names(Pose pose) {
        entry.put("id", pose.id());
        entry.put("family", pose.family());
        entry.put("name", pose.name());
        text("sanskrit", pose.sanskrit());
        list("also", pose.names().also());
        list("loosely", pose.names().loosely());
        list("misspelt", pose.names().misspelt());
    }

    private void facts(Pose pose) {
        word("base", pose.base());
        word("sides", pose.sides());
        word("sideOf", pose.sideOf());
        word("twist", pose.twist());
        word("hold", pose.hold());
        word("complexity", pose.complexity());
        seconds("settingUpSeconds", pose.settingUpMillis());
        entry.put("effort", pose.effort());
        entry.put("depth", pose.depth());
        word("risk", pose.risk());
        word("level", pose.level());
        word("spine", pose.spine());
        entry.put("headDown", pose.headDown());
        entry.put("wristLoad", pose.wristLoad());
        word("facing", pose.facing());
        word("mat", pose.mat());
        entry.put("peakable", pose.peakable());
        word("breath", pose.breath());
        word("leave", pose.leave());
        seconds("repSeconds", pose.repMillis());
        ArrayNode doses = entry.putArray("doses");
        for (Level level : Level.values()) doses.add(pose.doses().words(level));
        if (!pose.doses().byPart().isEmpty()) {
            ObjectNode parts = entry.putObject("doseIn");
            pose.doses().byPart().forEach((part, dose) -> parts.put(part.word(), dose.toString()));
        }
    }

    private void body(Pose pose) {
        felt("stretches", pose.stretches());
        felt("works", pose.works());
        list("notIn", pose.notIn().stream().map(BodyArea::word).toList());
        list("actions", pose.actions().stream().map(PoseWriter::action).toList());
        ObjectNode figure = entry.putObject("figure");
        FigureText.write(pose.figure()).forEach(figure::put);
    }

    private void ties(Pose pose) {
        list("easier", pose.ties().easier());
        list("harder", pose.ties().harder());
        list("counter", pose.ties().counter());
        list("next", pose.ties().next());
        list("props", pose.props().stream().map(PoseWriter::prop).toList());
        if (pose.gate() != null)
            entry.put("gate", pose.gate().ladder() + " " + pose.gate().rung());
    }

    private static String override(CautionFacts.Override override) {
        String severity = override.severity() == null
                ? "none"
                : override.severity().name().toLowerCase(Locale.ROOT);
        return override.need().word() + " " + severity
                + (override.sentence() == null ? "" : " " + override.sentence())
                + (override.instead() == null ? "" : " → " + override.instead());
    }

    private void words(Pose pose) {
        CautionFacts facts = pose.facts();
        list("mechanisms", facts.mechanisms().stream().map(Mechanism::word).toList());
        list("milder", facts.milder());
        list("overrides", facts.overrides().stream().map(PoseWriter::override).toList());
        list("cautions", facts.written().stream().map(PoseWriter::caution).toList());
        ObjectNode cues = entry.putObject("cues");
        cue(cues, "enter", pose.cues().enter());
        cue(cues, "align", pose.cues().align());
        cue(cues, "leave", pose.cues().leave());
        Teaching teaching = pose.teaching();
        text("gaze", teaching.gaze());
        list("measures", teaching.measures());
        list("faults", teaching.faults().stream().map(Teaching.Fault::toString).toList());
        list("wayIn", teaching.wayIn().stream().map(Teaching.Move::toString).toList());
        text("handsOn", teaching.handsOn());
    }

    private static void cue(ObjectNode cues, String name, PoseCues.Wording wording) {
        cues.putArray(name).add(wording.full()).add(wording.brief());
    }

    private static String action(ActionUse use) {
        return use.action().word() + " " + use.demands() + (use.prepares() == 0 ? "" : "/" + use.prepares());
    }

    private static String prop(PropUse use) {
        return use.prop() + " " + use.number() + (use.standIn().isEmpty() ? "" : " or " + use.standIn());
    }

    private static String caution(Caution c) {
        String text = (low(c.need()) + " " + low(c.severity()) + " " + c.change()).strip();
        return c.instead() == null ? text : text + " → " + c.instead();
    }

    private void felt(String name, List<Felt> felt) {
        list(
                name,
                felt.stream()
                        .map(f -> f.area().word() + " " + f.strength()
                                + (f.where() == Felt.Where.BOTH ? "" : " " + low(f.where())))
                        .toList());
    }

    private void text(String name, String text) {
        if (!text.isEmpty()) entry.put(name, text);
    }

    private void list(String name, List<String> items) {
        if (items.isEmpty()) return;
        ArrayNode list = entry.putArray(name);
        items.forEach(list::add);
    }

    private void word(String name, @Nullable Enum<?> value) {
        if (value != null) entry.put(name, low(value));
    }

    private void seconds(String name, @Nullable Integer millis) {
        if (millis != null) entry.put(name, millis / 1000.0);
    }

    private static String low(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
