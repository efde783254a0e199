package gurukram.web.shelf;

import gurukram.core.body.Side;
import gurukram.core.catalogue.OwnPose;
import gurukram.core.caution.Rulebook;
import gurukram.core.cue.CueTemplate;
import gurukram.core.group.Room;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.PoseCues;
import gurukram.core.text.Words;
import gurukram.web.groups.Group;
import gurukram.web.groups.KeptRoom;
import gurukram.web.poses.OwnLadderStore;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a thing on the shelf has in it, as people read it.
 *
 * @param about a few words for its row; may be empty
 * @param lines all of it
 */
record Inside(String about, List<String> lines) {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_LETTERS = 200;

    /** @param content as it lies there. What is not readable any more says so */
    static Inside of(ThingKind kind, String content, PoseCatalogue catalogue) {
        JsonNode row = JSON.readTree(content).path("row");
        try {
            return switch (kind) {
                case ROOM -> room(row);
                case GROUP -> group(row);
                case POSE -> pose(row, catalogue);
                case LADDER -> ladder(OwnLadderStore.read(row.path("entry").toString()), catalogue);
                case FLOW -> flow(row.path("text").asString(""));
                case WORDS -> words(JSON.readTree(content).path("words").asString(""));
            };
        } catch (RuntimeException e) {
            return new Inside("", List.of("It cannot be read here any more: whoever has it can put it here anew."));
        }
    }

    private static Inside in(String about, List<String> lines) {
        String brief = about.length() <= MOST_LETTERS ? about : about.substring(0, MOST_LETTERS - 1) + "…";
        return new Inside(brief, lines);
    }

    private static Inside room(JsonNode row) {
        Map<String, Integer> props = JSON.convertValue(row.path("props"), new TypeReference<Map<String, Integer>>() {});
        Room room = new Room(
                row.path("name").asString(),
                props,
                row.path("wall").asBoolean(),
                row.path("mats").asInt());
        String words = new KeptRoom(new UUID(0, 0), room).words();
        return in(words, List.of(words));
    }

    private static Inside group(JsonNode row) {
        Map<Need, Integer> needs = JSON.convertValue(row.path("needs"), new TypeReference<Map<Need, Integer>>() {});
        Group group = new Group(
                null,
                row.path("name").asString(),
                DayOfWeek.of(row.path("weekday").asInt()),
                LocalTime.parse(row.path("starts_at").asString()),
                row.path("slot_minutes").asInt(),
                Level.valueOf(row.path("level").asString()),
                row.path("mats").asInt(),
                needs,
                null,
                "",
                Group.Touch.UNKNOWN,
                null);
        return in(group.when() + "; " + group.people(), List.of(group.when(), group.people()));
    }

    private static Inside pose(JsonNode row, PoseCatalogue catalogue) {
        Pose pose = OwnPose.stored(row.path("entry").toString(), catalogue).pose();
        if (pose == null) throw new IllegalArgumentException("no pose");
        String about = "%s, effort %d of 5, %s"
                .formatted(
                        pose.base().word().replace('-', ' '),
                        pose.effort(),
                        pose.level().word());
        List<String> lines = new ArrayList<>(List.of(about));
        for (PoseCues.Wording cue :
                List.of(pose.cues().enter(), pose.cues().align(), pose.cues().leave())) lines.add(said(cue, pose));
        for (Caution caution : pose.cautions())
            lines.add("%s: %s".formatted(Rulebook.shipped().of(caution.need()).name(), caution.change()));
        return in(about, lines);
    }

    private static String said(PoseCues.Wording cue, Pose pose) {
        Side side = pose.sideOf() == null ? null : Side.RIGHT;
        return new CueTemplate(cue.full()).words(pose, side, side, School.UNSET);
    }

    private static Inside ladder(Ladder ladder, PoseCatalogue catalogue) {
        List<String> lines = new ArrayList<>();
        int n = 1;
        for (Ladder.Rung rung : ladder.rungs()) {
            String pose = rung.pose() == null
                    ? ""
                    : catalogue.has(rung.pose()) ? catalogue.pose(rung.pose()).name() : rung.pose();
            lines.add("%d %s"
                    .formatted(
                            n++,
                            pose.isEmpty() ? rung.does() : pose + (rung.does().isEmpty() ? "" : ": " + rung.does())));
        }
        return in(
                Words.count(ladder.rungs().size(), "rung") + ", "
                        + ladder.level().word(),
                lines);
    }

    private static Inside flow(String text) {
        List<String> lines = text.lines().toList();
        long steps = lines.stream().filter(line -> line.startsWith("  ")).count();
        return in(Words.count(steps, "step"), lines);
    }

    private static Inside words(String typed) {
        List<String> lines = typed.lines().filter(line -> !line.isBlank()).toList();
        return in(String.join("; ", lines), lines);
    }
}
