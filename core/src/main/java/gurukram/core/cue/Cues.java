package gurukram.core.cue;

import gurukram.core.body.Side;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.CueLevel;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Teaching;
import gurukram.core.score.How;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.text.CuePlaces;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The words of a whole score, moment by moment.
 *
 * <p>A movement has its half-breath for its words, anything else its transition and setting up; where those are nothing,
 * people are in the pose already and nothing has to be said to get them there. What a step says itself takes the place of
 * the usual words; in silence nothing is said.
 */
public final class Cues {
    private final Map<NodeId, Node> nodes = new HashMap<>();
    private final PoseCatalogue catalogue;
    private final Map<NodeId, SectionRole> roles = new HashMap<>();
    private final School classSchool;
    private final Map<Said, String> said = new HashMap<>();
    private final Map<String, CueTemplate> templates = new HashMap<>();

    /** All that the words of a movement depend on. */
    private record Said(
            NodeId node,
            String pose,
            @Nullable Side side,
            @Nullable Side twist,
            Breath breath,
            boolean continued,
            CueLevel level,
            long ms,
            How how) {}

    private final boolean brief;

    private Cues(ClassPlan plan, PoseCatalogue catalogue, School teachers, boolean brief) {
        this.catalogue = catalogue;
        this.brief = brief;
        this.classSchool = plan.settings().school().over(teachers.over(School.USUAL));
        plan.walk(node -> nodes.put(node.id(), node));
        plan.sections().forEach(section -> roles.put(section.id(), section.role()));
    }

    /** One cue for every moment of the score, in its order. */
    public static List<Cue> of(Score score, ClassPlan plan, PoseCatalogue catalogue, School teachers) {
        return new Cues(plan, catalogue, teachers, false).all(score);
    }

    /** The same with the short words everywhere. */
    public static List<Cue> brief(Score score, ClassPlan plan, PoseCatalogue catalogue, School teachers) {
        return new Cues(plan, catalogue, teachers, true).all(score);
    }

    private List<Cue> all(Score score) {
        List<Cue> all = new ArrayList<>(score.moments().size());
        Moment before = null;
        for (Moment moment : score.moments()) {
            all.add(cue(moment, before));
            before = moment;
        }
        return all;
    }

    /** Words of all cues together. */
    public static int words(List<Cue> cues) {
        return cues.stream().mapToInt(Cue::count).sum();
    }

    private Cue cue(Moment moment, @Nullable Moment before) {
        Flow flow = moment.flow() == null ? null : (Flow) nodes.get(moment.flow());
        boolean movement = moment.kind() == Moment.Kind.MOVEMENT;
        long ms = movement ? moment.workMs() : moment.transitionMs() + moment.settingUpMs();
        int speed = movement ? Speech.flowCuesInRound(moment.round() == null ? 1 : moment.round()) : Speech.EXPLAINING;
        String words = words(moment, flow, before);
        return new Cue(
                words,
                Speech.words(words),
                ms,
                Speech.fits(words, ms, speed),
                moment.side() == null ? null : moment.side().opposite());
    }

    private String words(Moment moment, @Nullable Flow flow, @Nullable Moment before) {
        if (moment.kind() == Moment.Kind.PAUSE || moment.pose() == null) return "";
        CueLevel level = level(moment, flow);
        if (level == CueLevel.SILENT || isIn(moment, before)) return "";
        if (moment.kind() != Moment.Kind.MOVEMENT) return spoken(moment, flow, before, level);
        // rounds say the same again and again
        Said same = new Said(
                moment.node(),
                moment.pose(),
                moment.side(),
                moment.twistSide(),
                moment.breath(),
                moment.continued(),
                level,
                level == CueLevel.LONG ? moment.workMs() : 0,
                moment.how());
        return said.computeIfAbsent(same, key -> spoken(moment, flow, before, level));
    }

    private CueLevel level(Moment moment, @Nullable Flow flow) {
        CueLevel level =
                flow == null ? CueLevel.LONG : flow.settings().pace().cueIn(Objects.requireNonNull(moment.round()));
        return brief && level == CueLevel.LONG ? CueLevel.SHORT : level;
    }

    private String spoken(Moment moment, @Nullable Flow flow, @Nullable Moment before, CueLevel level) {
        School school = flow == null ? classSchool : flow.settings().school().over(classSchool);
        Pose pose = catalogue.pose(Objects.requireNonNull(moment.pose()));
        String own = ((Step) Objects.requireNonNull(nodes.get(moment.node())))
                .texts()
                .say();
        if (!own.isEmpty()) return own(own, moment, pose, school);
        if (moment.how().staged() != null) return moment.how().staged().words();
        boolean movement = moment.kind() == Moment.Kind.MOVEMENT;
        boolean whole = level == CueLevel.LONG && !movement;
        String words =
                UsualCues.of(pose, moment.side() != null, whole).words(pose, moment.side(), moment.twistSide(), school);
        words = HowWords.way(moment.how()) + words + namedSide(moment, pose) + HowWords.with(moment.how());
        if (movement) return inBreath(breath(moment) + words, level, moment, pose, school);
        String start = afterRest(moment, before, school) + words;
        return (whole ? withWayIn(start, moment, pose, school) : start) + guiding(moment, school);
    }

    /** Which part is on which side, in a pose that has none by itself. */
    private static String namedSide(Moment moment, Pose pose) {
        boolean named = moment.side() != null
                && pose.sideOf() == null
                && !moment.how().sideNames().isEmpty();
        return named ? ", " + ShortCue.side(moment, pose) : "";
    }

    /** The pose's own way in as well, where there is time to say it. */
    private String withWayIn(String start, Moment moment, Pose pose, School school) {
        Teaching teaching = pose.teaching();
        boolean moves = !teaching.wayIn().isEmpty();
        String entered = moves || pose.breath() == BreathAffinity.EITHER
                ? ""
                : pose.breath().spoken() + ", ";
        String enter =
                start + ": " + entered + template(pose.cues().enter().full()).after(pose, moment, school);
        long ms = moment.transitionMs() + moment.settingUpMs();
        if (!Speech.fits(enter, ms, Speech.EXPLAINING)) return start;
        String all = enter + ". " + Words.capital(teaching.spokenWayIn());
        return moves && Speech.fits(all, ms, Speech.EXPLAINING) ? all : enter;
    }

    /** A movement said at length has the pose's own brief word to it as well, where its breath has room for that. */
    private String inBreath(String words, CueLevel level, Moment moment, Pose pose, School school) {
        if (level != CueLevel.LONG) return words;
        String more = template(pose.cues().align().brief()).after(pose, moment, school);
        String both = words + ": " + more;
        int speed = Speech.flowCuesInRound(moment.round() == null ? 1 : moment.round());
        return Speech.fits(both, moment.workMs(), speed) ? both : words;
    }

    /** Looked over once; {@link Refused} when the text is no template. */
    private CueTemplate template(String text) {
        return templates.computeIfAbsent(text, CueTemplate::new);
    }

    /** The way out of the final rest. */
    private String afterRest(Moment moment, @Nullable Moment before, School school) {
        boolean rested = before != null && isRest(before) && !isRest(moment);
        if (!rested) return "";
        return school.roll() == School.Roll.RIGHT ? "roll to the right side, " : "roll to either side, ";
    }

    /** A guided rest begins with words to rest by. */
    private String guiding(Moment moment, School school) {
        return isRest(moment) && Boolean.TRUE.equals(school.restGuided())
                ? ", let the weight sink, from the feet upwards"
                : "";
    }

    private boolean isRest(Moment moment) {
        return roles.get(moment.section()) == SectionRole.REST;
    }

    /** In the pose already: the next sway, set, stage or attempt. */
    private static boolean isIn(Moment moment, @Nullable Moment before) {
        boolean samePlace = before != null && moment.node().equals(before.node()) && moment.side() == before.side();
        return samePlace && moment.kind() != Moment.Kind.MOVEMENT && moment.settingUpMs() == 0;
    }

    /** The teacher's own words: with places for sides when they have any, else as they are. */
    private String own(String text, Moment moment, Pose pose, School school) {
        try {
            CueTemplate template = template(text);
            boolean lacksSide = template.isSided() && moment.side() == null;
            if (lacksSide) return text;
            String words = template.words(pose, moment.side(), moment.twistSide(), school);
            return words.replace(CuePlaces.BREATH, breath(moment));
        } catch (Refused e) {
            return text;
        }
    }

    private static String breath(Moment moment) {
        if (moment.continued()) return "";
        if (moment.breath() == Breath.INHALE) return "inhale, ";
        if (moment.breath() == Breath.EXHALE) return "exhale, ";
        return moment.breath().isHeld() ? "hold, " : "";
    }
}
