package gurukram.web.poses;

import static gurukram.web.shared.Typed.one;
import static gurukram.web.shared.Typed.plain;
import static gurukram.web.shared.Typed.take;

import gurukram.core.catalogue.OwnLadder;
import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseText;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.PropUse;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A ladder as it is typed, rung by rung.
 *
 * @param typed every field by its name; those of the second rung as {@code r2-dose}
 */
public record OwnLadderForm(Map<String, String> typed) {
    static final List<String> PROPS = List.of("block", "strap", "blanket", "bolster", "chair", "wall");
    private static final Limit CLASSES = new Limit("Good classes", 1, 12);
    private static final Limit EACH = new Limit("How many for each", 0, 9);
    private static final List<String> OF_RUNG = rungFields();

    private static List<String> rungFields() {
        List<String> fields = new ArrayList<>(List.of("what", "dose", "ready", "with", "classes", "stages"));
        for (String prop : PROPS) fields.add("prop-" + prop);
        return fields;
    }

    static OwnLadderForm fresh() {
        return new OwnLadderForm(
                Map.of("level", "BEGINNER", "classes", "2", "rungs", "4", "back", "", "name", "", "peak", ""));
    }

    static OwnLadderForm of(Ladder ladder, PoseCatalogue catalogue) {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("name", ladder.name());
        typed.put("peak", ladder.peak() == null ? "" : ladder.peak());
        typed.put("level", ladder.level().name());
        typed.put("classes", String.valueOf(ladder.classes()));
        typed.put("back", ladder.back());
        typed.put("wayOut", ladder.wayOut());
        typed.put("rungs", String.valueOf(ladder.rungs().size()));
        int n = 0;
        for (Ladder.Rung rung : ladder.rungs()) {
            String at = "r" + ++n + "-";
            boolean known = rung.pose() != null && catalogue.has(rung.pose());
            typed.put(at + "what", known ? catalogue.pose(rung.pose()).name() : rung.does());
            typed.put(at + "dose", rung.dose().toString());
            typed.put(at + "ready", rung.ready());
            typed.put(at + "with", rung.with().name());
            typed.put(
                    at + "classes", rung.classes() == null ? "" : rung.classes().toString());
            typed.put(at + "stages", String.join("; ", rung.stages()));
            for (PropUse use : rung.props()) typed.put(at + "prop-" + use.prop(), String.valueOf(use.number()));
        }
        return new OwnLadderForm(typed);
    }

    /** Letters nobody types are left out. */
    static OwnLadderForm sent(Map<String, String> sent) {
        return new OwnLadderForm(plain(sent));
    }

    public String value(String field) {
        return typed.getOrDefault(field, "").strip();
    }

    public String value(int rung, String field) {
        return value("r" + rung + "-" + field);
    }

    /** How many rungs there are. */
    public int rungs() {
        try {
            return Math.max(1, Math.min(OwnLadder.MOST, Integer.parseInt(value("rungs"))));
        } catch (NumberFormatException e) {
            return 1;
        }
    }

    /** {@code add}, {@code up-3}, {@code down-3}, {@code out-3}: the same with its rungs otherwise; anything else changes nothing. */
    OwnLadderForm done(String what) {
        int rungs = rungs();
        List<Integer> order = new ArrayList<>();
        for (int n = 1; n <= rungs; n++) order.add(n);
        if (what.equals("add")) {
            if (rungs < OwnLadder.MOST) order.add(0);
        } else {
            String[] parts = what.split("-", 2);
            int n = parts.length == 2 && parts[1].matches("\\d{1,2}") ? Integer.parseInt(parts[1]) : 0;
            if (n < 1 || n > rungs) return this;
            if (parts[0].equals("up") && n < rungs) order.add(n, order.remove(n - 1));
            if (parts[0].equals("down") && n > 1) order.add(n - 2, order.remove(n - 1));
            if (parts[0].equals("out") && rungs > 1) order.remove(n - 1);
        }
        Map<String, String> other = new LinkedHashMap<>();
        typed.forEach((field, value) -> {
            if (!field.matches("r\\d+-.*")) other.put(field, value);
        });
        other.put("rungs", String.valueOf(order.size()));
        for (int n = 1; n <= order.size(); n++)
            for (String field : OF_RUNG)
                if (order.get(n - 1) > 0) other.put("r" + n + "-" + field, value(order.get(n - 1), field));
        return new OwnLadderForm(other);
    }

    /**
     * The ladder, when everything can be taken.
     *
     * @param problems filled with what cannot, by field; those of a rung stand at {@code r2-what} and so on
     * @return null when there are problems
     */
    Ladder read(String id, PoseCatalogue catalogue, Map<String, String> problems) {
        String name =
                take("name", problems, () -> OwnLadder.line(value("name"), "A name", OwnLadder.MOST_LETTERS, true));
        String peak = take("peak", problems, () -> peak(catalogue));
        Level level = take("level", problems, () -> one(Level.class, value("level")));
        Integer classes = take("classes", problems, () -> CLASSES.parse(value("classes")));
        String back = take(
                "back",
                problems,
                () -> OwnLadder.line(value("back"), "The sign to go one rung back", OwnLadder.MOST_WORDS, true));
        String wayOut = take(
                "wayOut", problems, () -> OwnLadder.line(value("wayOut"), "The way out", OwnLadder.MOST_WORDS, false));
        List<Ladder.Rung> rungs = new ArrayList<>();
        for (int n = 1; n <= rungs(); n++) rungs.add(rung(n, catalogue, problems));
        if (!problems.isEmpty()) return null;
        Ladder ladder = new Ladder(id, name, peak.isEmpty() ? null : peak, level, classes, back, wayOut, null, rungs);
        for (OwnLadder.Wrong wrong : OwnLadder.check(ladder, catalogue))
            problems.merge(
                    wrong.rung() == 0 ? "rungs" : "r" + wrong.rung() + "-with", wrong.words(), (a, b) -> a + " " + b);
        return problems.isEmpty() ? ladder : null;
    }

    private String peak(PoseCatalogue catalogue) {
        String peak = value("peak");
        if (!peak.isEmpty() && !catalogue.has(peak)) throw new Refused("Please choose one of the list.");
        return peak;
    }

    private Ladder.Rung rung(int n, PoseCatalogue catalogue, Map<String, String> problems) {
        String at = "r" + n + "-";
        String what = take(
                at + "what",
                problems,
                () -> OwnLadder.line(value(n, "what"), "What is done", OwnLadder.MOST_WORDS, true));
        Optional<Pose> pose = what == null ? Optional.empty() : catalogue.named(what);
        Dose dose = take(at + "dose", problems, () -> DoseText.parse(value(n, "dose")));
        String ready = take(
                at + "ready",
                problems,
                () -> OwnLadder.line(value(n, "ready"), "When the next is open", OwnLadder.MOST_WORDS, true));
        Ladder.With with = take(at + "with", problems, () -> one(Ladder.With.class, value(n, "with")));
        Integer classes = take(
                at + "classes",
                problems,
                () -> value(n, "classes").isEmpty() ? null : CLASSES.parse(value(n, "classes")));
        List<String> stages = take(at + "stages", problems, () -> stages(n));
        List<PropUse> props = new ArrayList<>();
        for (String prop : PROPS) {
            String typed = value(n, "prop-" + prop);
            Integer each = take(at + "prop-" + prop, problems, () -> typed.isEmpty() ? 0 : EACH.parse(typed));
            if (each != null && each > 0) props.add(new PropUse(prop, each, ""));
        }
        if (what == null || dose == null || ready == null || with == null || stages == null) return null;
        return new Ladder.Rung(
                pose.map(Pose::id).orElse(null),
                pose.isPresent() ? "" : what,
                dose,
                ready,
                props,
                with,
                classes,
                stages);
    }

    private List<String> stages(int n) {
        List<String> stages = new ArrayList<>();
        for (String stage : value(n, "stages").split("[;\n]")) {
            String plain = OwnLadder.line(stage, "A stage", OwnLadder.MOST_LETTERS, false);
            if (!plain.isEmpty()) stages.add(plain);
        }
        if (stages.size() > OwnLadder.MOST_STAGES)
            throw new Refused("At most %d stages, please.".formatted(OwnLadder.MOST_STAGES));
        return stages;
    }
}
