package gurukram.web.poses;

import gurukram.core.catalogue.OwnPose;
import gurukram.core.figure.Figure;
import gurukram.core.figure.FigureText;
import gurukram.core.figure.Limb;
import gurukram.core.figure.Part;
import gurukram.core.figure.Poser;
import gurukram.core.figure.Segment;
import gurukram.core.figure.Skeleton;
import gurukram.core.figure.Viewpoint;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCues;
import gurukram.core.pose.Teaching;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A teacher's own pose as a form: what was typed, kept as typed, over the pose it was made from.
 *
 * @param values every field by its name; angles are whole degrees
 */
record OwnPoseForm(Map<String, String> values) {
    /** One slider: what it turns and from where to where. */
    record Slider(String name, String words, int value) {}

    private static final List<String> TEXTS = List.of(
            "name",
            "sanskrit",
            "also",
            "level",
            "hold",
            "effort",
            "dose0",
            "dose1",
            "dose2",
            "enter",
            "enterBrief",
            "align",
            "alignBrief",
            "leave",
            "leaveBrief",
            "gaze",
            "measures",
            "faults",
            "wayIn",
            "handsOn",
            "caution0need",
            "caution0severity",
            "caution0change",
            "caution1need",
            "caution1severity",
            "caution1change");

    static OwnPoseForm of(Pose pose) {
        Map<String, String> values = new LinkedHashMap<>();
        values.put("name", pose.name());
        values.put("sanskrit", pose.sanskrit());
        values.put("also", String.join(", ", pose.names().also()));
        values.put("level", pose.level().name());
        values.put("hold", pose.hold().name());
        values.put("effort", String.valueOf(pose.effort()));
        for (Level level : Level.values())
            values.put("dose" + level.ordinal(), pose.doses().words(level));
        cue(values, "enter", pose.cues().enter());
        cue(values, "align", pose.cues().align());
        cue(values, "leave", pose.cues().leave());
        Teaching teaching = pose.teaching();
        values.put("gaze", teaching.gaze());
        values.put("measures", lines(teaching.measures()));
        values.put("faults", lines(teaching.faults()));
        values.put("wayIn", lines(teaching.wayIn()));
        values.put("handsOn", teaching.handsOn());
        angles(pose.figure()).forEach((name, angle) -> values.put(name, String.valueOf(angle)));
        return new OwnPoseForm(values);
    }

    /** For a new variation: no names of its own yet. */
    OwnPoseForm unnamed() {
        Map<String, String> fresh = new LinkedHashMap<>(values);
        fresh.put("name", "");
        fresh.put("sanskrit", "");
        fresh.put("also", "");
        return new OwnPoseForm(fresh);
    }

    private static String lines(List<?> items) {
        return items.stream().map(Object::toString).collect(Collectors.joining("\n"));
    }

    private static void cue(Map<String, String> values, String name, PoseCues.Wording wording) {
        values.put(name, wording.full());
        values.put(name + "Brief", wording.brief());
    }

    /** What came in; fields that did not come are as in {@code pose}. */
    static OwnPoseForm posted(Map<String, String> came, Pose pose) {
        Map<String, String> values = new LinkedHashMap<>(of(pose).values());
        TEXTS.forEach(name -> {
            if (came.containsKey(name)) values.put(name, came.get(name));
        });
        angles(pose.figure()).keySet().forEach(name -> {
            if (came.getOrDefault(name, "").matches("-?\\d{1,3}")) values.put(name, came.get(name));
        });
        return new OwnPoseForm(values);
    }

    public String get(String name) {
        return values.getOrDefault(name, "");
    }

    /** The directions of all bones a figure is posed by, as whole degrees, by slider name. */
    static Map<String, Integer> angles(Figure figure) {
        Skeleton body = Poser.pose(figure);
        Map<String, Integer> angles = new LinkedHashMap<>();
        angles.put("spineLow", round(figure.low()));
        angles.put("spineHigh", round(figure.high()));
        angles.put("head", round(figure.head()));
        for (Part part : List.of(Part.ARM, Part.ARM2, Part.LEG, Part.LEG2)) {
            Limb.Bent bent = body.limbs().get(part).angles();
            angles.put(part.word() + "Upper", round(bent.upper().degrees()));
            angles.put(part.word() + "Lower", round(bent.lower().degrees()));
            angles.put(part.word() + "End", round(bent.end().degrees()));
        }
        return angles;
    }

    /** Whole degrees above -180 and at most 180. */
    private static int round(double degrees) {
        int whole = (int) Math.round(degrees) % 360;
        return whole > 180 ? whole - 360 : whole <= -180 ? whole + 360 : whole;
    }

    public List<Slider> sliders() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("spineLow", "low back");
        words.put("spineHigh", "upper back");
        words.put("head", "head");
        limb(words, "arm", "lead", "upper arm", "forearm", "hand");
        limb(words, "arm2", "other", "upper arm", "forearm", "hand");
        limb(words, "leg", "lead", "thigh", "shin", "foot");
        limb(words, "leg2", "other", "thigh", "shin", "foot");
        return words.entrySet().stream()
                .map(e -> new Slider(e.getKey(), e.getValue(), Integer.parseInt(get(e.getKey()))))
                .toList();
    }

    private static void limb(
            Map<String, String> words, String part, String side, String upper, String lower, String end) {
        words.put(part + "Upper", side + " " + upper);
        words.put(part + "Lower", side + " " + lower);
        words.put(part + "End", side + " " + end);
    }

    /** The figure of {@code like} with the sliders' angles; one that no slider moved stays exactly as it is. */
    Figure figure(Figure like) {
        Map<String, Integer> were = angles(like);
        boolean moved = were.entrySet().stream().anyMatch(e -> angle(e.getKey()) != e.getValue());
        if (!moved) return like;
        Skeleton body = Poser.pose(like);
        Map<Part, Limb> limbs = new EnumMap<>(Part.class);
        for (Part part : List.of(Part.ARM, Part.ARM2, Part.LEG, Part.LEG2)) {
            Limb.Bent bent = body.limbs().get(part).angles();
            limbs.put(
                    part,
                    new Limb.Bent(
                            new Segment(
                                    angle(part.word() + "Upper"), bent.upper().shown()),
                            new Segment(
                                    angle(part.word() + "Lower"), bent.lower().shown()),
                            new Segment(angle(part.word() + "End"), bent.end().shown())));
        }
        // let down to the mat, whatever the sliders did to the legs
        Double hips = like.view() == Viewpoint.ABOVE ? like.hips() : null;
        return new Figure(
                like.view(),
                hips,
                angle("spineLow"),
                angle("spineHigh"),
                like.spineShown(),
                angle("head"),
                like.face(),
                like.pelvisTurn(),
                like.chestTurn(),
                limbs,
                like.props(),
                like.behind(),
                like.before(),
                like.touches(),
                like.motions());
    }

    private int angle(String name) {
        return Integer.parseInt(get(name));
    }

    /** The entry for {@code id}, made from the pose it is like. */
    OwnPose entry(Pose like, String id, boolean variation) {
        OwnPose own = OwnPose.like(like)
                .put("id", id)
                .put("name", get("name"))
                .put("sanskrit", get("sanskrit"))
                .put("also", list(get("also"), ","))
                .put("level", get("level").toLowerCase(Locale.ROOT))
                .put("hold", get("hold").toLowerCase(Locale.ROOT))
                .put("doses", List.of(get("dose0"), get("dose1"), get("dose2")))
                .put("figure", FigureText.write(figure(like.figure())))
                .put("cautions", cautions(like))
                .put("gaze", get("gaze"))
                .put("measures", list(get("measures"), "\n"))
                .put("faults", list(get("faults"), "\n"))
                .put("wayIn", list(get("wayIn"), "\n"))
                .put("handsOn", get("handsOn"))
                .cue("enter", get("enter"), get("enterBrief"))
                .cue("align", get("align"), get("alignBrief"))
                .cue("leave", get("leave"), get("leaveBrief"));
        own.put("effort", get("effort").matches("[1-5]") ? Integer.parseInt(get("effort")) : 0);
        if (variation) {
            own.put("easier", List.of(like.id())).put("harder", List.of()).put("misspelt", List.of());
            own.put("peakable", "");
        }
        return own;
    }

    private static List<String> list(String typed, String between) {
        return Arrays.stream(typed.split(between))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
    }

    /** Those of the pose it is like, with the teacher's own in the place of one for the same need. */
    private List<String> cautions(Pose like) {
        Map<Need, String> lines = new EnumMap<>(Need.class);
        for (Caution c : like.facts().written()) {
            String instead = c.instead() == null ? "" : " → " + c.instead();
            lines.put(c.need(), line(c.need(), c.severity(), c.change()) + instead);
        }
        for (int i = 0; i < 2; i++) {
            String need = get("caution" + i + "need");
            if (need.isEmpty()) continue;
            Caution.Severity severity = severity(get("caution" + i + "severity"));
            lines.put(
                    Need.valueOf(need),
                    line(
                            Need.valueOf(need),
                            severity,
                            get("caution" + i + "change").strip()));
        }
        return new ArrayList<>(lines.values());
    }

    private static Caution.Severity severity(String word) {
        for (Caution.Severity severity : Caution.Severity.values())
            if (severity.name().equals(word)) return severity;
        return Caution.Severity.CHANGE;
    }

    private static String line(Need need, Caution.Severity severity, String change) {
        return low(need) + " " + low(severity) + " " + change;
    }

    private static String low(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Needs that can be chosen. */
    static boolean isNeed(String name) {
        return name.isEmpty()
                || Arrays.stream(Need.values()).anyMatch(n -> n.name().equals(name));
    }
}
