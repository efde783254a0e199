package gurukram.web.takeaway;

import gurukram.core.catalogue.OwnPose;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.json.PlanJson;
import gurukram.core.score.Moment;
import gurukram.core.text.Refused;
import gurukram.web.account.OwnPaceStore;
import gurukram.web.courses.Courses;
import gurukram.web.groups.GroupStore;
import gurukram.web.groups.MatsStore;
import gurukram.web.groups.TriesStore;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.poses.OwnLadderStore;
import gurukram.web.poses.OwnWords;
import gurukram.web.poses.Poses;
import gurukram.web.practice.Brought;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.CoveredLog;
import gurukram.web.teach.RehearsalStore;
import gurukram.web.teach.Script;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import gurukram.web.teach.TaughtStore.Taught;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whether what was brought back can be read by the rest of the app: nothing stays that would break a page later. */
@Component
class Checker {
    private static final Set<String> SIDES = Set.of("right", "left");
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String FIGURES = "/poses/";

    private final ClassStore classes;
    private final TaughtStore taught;
    private final GroupStore groups;
    private final TriesStore tries;
    private final Poses poses;
    private final OwnWords words;
    private final OwnPaceStore ownPace;
    private final Courses courses;
    private final TakeawayStore store;
    private final MatsStore mats;

    Checker(
            ClassStore classes,
            TaughtStore taught,
            GroupStore groups,
            TriesStore tries,
            Poses poses,
            OwnWords words,
            OwnPaceStore ownPace,
            Courses courses,
            TakeawayStore store,
            MatsStore mats) {
        this.mats = mats;
        this.store = store;
        this.courses = courses;
        this.tries = tries;
        this.words = words;
        this.ownPace = ownPace;
        this.classes = classes;
        this.taught = taught;
        this.groups = groups;
        this.poses = poses;
    }

    /** Throws something when it cannot be read; {@link Refused} with words where there are some. */
    void check(Teacher teacher, Kind kind, String key, JsonNode content) {
        switch (kind) {
            case ROOM -> groups.room(teacher, UUID.fromString(key)).orElseThrow();
            case GROUP -> {
                groups.group(teacher, UUID.fromString(key)).orElseThrow();
                groups.people(teacher, UUID.fromString(key));
                tries.of(teacher, UUID.fromString(key));
                mats.check(teacher, UUID.fromString(key));
            }
            case POSE -> {
                OwnPose.Read read =
                        OwnPose.stored(content.path("row").path("entry").toString(), poses.shipped());
                if (read.pose() == null)
                    throw new Refused(String.join(" ", read.problems().toString()));
            }
            case LADDER -> OwnLadderStore.read(content.path("row").path("entry").toString());
            case FLOW -> {
                // text is text; what cannot be read of it calls nothing
            }
            case CLASS -> checkClass(teacher, new ClassId(UUID.fromString(key)), content);
            case MEETING -> belongs(teacher, Kind.GROUP, content, "group_id");
            case CARD -> {
                // a question that is not asked any more is not asked
            }
            case RECITED -> Brought.recited(content.path("row").path("said").toString());
            case SLIPS -> {
                ClassPlan plan = PlanJson.read(content.path("row").path("plan").toString());
                whole(plan, teacher);
                Brought.slips(
                        plan,
                        content.path("row").path("slips").toString(),
                        content.path("row").path("marked").toString());
            }
            case EVENT -> {
                // its columns say all there is to it
            }
            case WAY -> {
                belongs(teacher, Kind.ROOM, content, "from_room");
                belongs(teacher, Kind.ROOM, content, "to_room");
            }
            case COURSE -> courses.check(teacher, UUID.fromString(key));
            case DRAFT -> {
                whole(PlanJson.read(content.path("row").path("plan").toString()), teacher);
                content.path("row").path("brief").properties().forEach(field -> {
                    if (!field.getValue().isString()) throw new Refused("its brief is damaged");
                });
            }
            case LOG -> {
                checkLog(teacher, new TaughtId(UUID.fromString(key)));
                JsonNode covered = content.path("row").path("covered");
                if (covered.isObject()) CoveredLog.read(covered.toString());
            }
        }
    }

    /** What every page reads. */
    void checkSettings(Teacher teacher, JsonNode row) {
        if (row.path("zone").isString()) ZoneId.of(row.path("zone").asString());
        SchoolWords.read(row.path("school").asString(""));
        for (String pace : List.of("own_pace", "own_pace_before"))
            if (row.path(pace).isObject()) OwnPaceStore.check(row.path(pace).toString());
        ownPace.refused(teacher);
        words.of(teacher);
    }

    private void belongs(Teacher teacher, Kind kind, JsonNode content, String field) {
        String key = content.path("row").path(field).asString("");
        if (!store.has(teacher, kind, key)) throw new Refused("what it belongs to is not here");
    }

    private void whole(ClassPlan plan, Teacher teacher) {
        List<PlanRules.Broken> broken = PlanRules.brokenIn(plan, poses.of(teacher));
        if (!broken.isEmpty()) throw new Refused(broken.get(0).problem().toString());
    }

    private void checkClass(Teacher teacher, ClassId id, JsonNode content) {
        StoredClass stored = classes.find(teacher, id).orElseThrow();
        whole(stored.plan(), teacher);
        Set<Integer> there = new HashSet<>();
        for (JsonNode revision : content.path("revision")) {
            there.add(revision.path("seq").asInt());
            // history goes back, never round
            boolean back = revision.path("parent").isNull()
                    || revision.path("parent").asInt() < revision.path("seq").asInt();
            if (!back) throw new Refused("its history is damaged");
            if (!revision.path("edit").isNull())
                PlanJson.readEdit(revision.path("edit").toString());
            if (!revision.path("inverse").isNull())
                PlanJson.readEdit(revision.path("inverse").toString());
            if (!revision.path("snapshot").isNull())
                PlanJson.read(revision.path("snapshot").toString());
        }
        for (JsonNode redo : content.path("row").path("redo"))
            if (!there.contains(redo.asInt())) throw new Refused("its history is damaged");
        for (JsonNode move : content.path("head_move"))
            for (JsonNode node : move.path("nodes")) new NodeId(node.asString());
        for (JsonNode rehearsal : content.path("rehearsal"))
            for (JsonNode place : rehearsal.path("places")) JSON.treeToValue(place, RehearsalStore.Place.class);
        int head = content.path("row").path("head").asInt();
        ClassPlan now = classes.planAt(teacher, id, head).orElseThrow(() -> new Refused("its history is damaged"));
        if (!now.equals(stored.plan())) throw new Refused("its history does not lead to what it is");
    }

    private void checkLog(Teacher teacher, TaughtId id) {
        Taught log = taught.find(teacher, id).orElseThrow();
        Script script = log.script();
        for (Script.Line line : script.moments()) {
            Moment.Kind.valueOf(line.kind().toUpperCase(Locale.ROOT));
            boolean placed = line.section() >= 0
                    && line.section() < script.sections().size()
                    && line.name() != null
                    && line.node() != null;
            boolean sided = line.side() == null || SIDES.contains(line.side());
            if (!placed || !sided || !isFigure(script, line.figure()) || !isFigure(script, line.shown()))
                throw new Refused("its script is damaged");
        }
        if (script.figures().stream().anyMatch(address -> !address.startsWith(FIGURES)))
            throw new Refused("its script is damaged");
        int moments = script.moments().size();
        boolean told = script.prompts().stream().allMatch(prompt -> prompt.at() >= 0 && prompt.at() < moments);
        boolean logged = taught.entries(teacher, id).stream()
                .allMatch(entry -> entry.ordinal() >= 0 && entry.ordinal() < moments);
        if (!told || !logged) throw new Refused("its moments are not those of its script");
    }

    private static boolean isFigure(Script script, Integer figure) {
        return figure == null || figure >= 0 && figure < script.figures().size();
    }
}
