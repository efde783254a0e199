package gurukram.core.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Reads and writes a figure as named texts, the way the catalogue keeps it. */
public final class FigureText {
    private final Map<String, String> fields;
    private final List<String> problems = new ArrayList<>();

    private FigureText(Map<String, String> fields) {
        this.fields = new LinkedHashMap<>(fields);
    }

    /** A figure, or what is wrong with it. */
    public record Read(@Nullable Figure figure, List<String> problems) {}

    /** Reads {@code view, hips, spine, head, face, turn, arm, arm2, leg, leg2, props, behind, before, touch, move}; all but spine and limbs may lack. */
    public static Read read(Map<String, String> fields) {
        FigureText text = new FigureText(fields);
        Figure figure = text.figure();
        text.fields.keySet().forEach(name -> text.problems.add("unknown field " + name));
        return new Read(text.problems.isEmpty() ? figure : null, List.copyOf(text.problems));
    }

    private Figure figure() {
        Viewpoint view = constant("view", Viewpoint.class, Viewpoint.SIDE);
        Segment[] spine = spine();
        Double head = number("head");
        double[] turn = numbers("turn", view.turn(), view.turn());
        Map<Part, Limb> limbs = new EnumMap<>(Part.class);
        limb(limbs, Part.ARM, null, view);
        limb(limbs, Part.LEG, null, view);
        limb(limbs, Part.ARM2, Part.ARM, view);
        limb(limbs, Part.LEG2, Part.LEG, view);
        List<DrawnProp> props = items("props", DrawnProp::parse);
        Double hips = number("hips");
        Double face = number("face");
        return new Figure(
                view,
                hips,
                spine[0].degrees(),
                spine[1].degrees(),
                spine[1].shown(),
                head == null ? spine[1].degrees() : head,
                face,
                turn[0],
                turn[1],
                limbs,
                props,
                parts("behind"),
                parts("before"),
                items("touch", Touch::parse),
                items("move", Motion::parse));
    }

    private void limb(Map<Part, Limb> limbs, Part part, @Nullable Part like, Viewpoint view) {
        String text = fields.remove(part.word());
        if (text == null && like == null) {
            problems.add(part.word() + " is missing");
        } else if (text == null) {
            Limb same = limbs.get(like);
            if (same != null) limbs.put(part, view.isEdgewise() ? same : same.mirrored());
        } else {
            try {
                limbs.put(part, Limb.parse(text));
            } catch (IllegalArgumentException e) {
                problems.add(part.word() + ": " + e.getMessage());
            }
        }
    }

    /** Items of a list, each read by itself. */
    private <T> List<T> items(String name, Function<String, T> parse) {
        List<T> items = new ArrayList<>();
        for (String text : split(name)) {
            try {
                items.add(parse.apply(text));
            } catch (IllegalArgumentException e) {
                problems.add(name + ": " + e.getMessage());
            }
        }
        return items;
    }

    private List<Part> parts(String name) {
        List<Part> parts = new ArrayList<>();
        for (String word : split(name)) {
            Part part = constantOf(name, word, Part.class);
            if (part != null) parts.add(part);
        }
        return parts;
    }

    private List<String> split(String name) {
        String text = fields.remove(name);
        return text == null ? List.of() : Arrays.asList(text.strip().split("\\s*,\\s*"));
    }

    private @Nullable Double number(String name) {
        String text = fields.remove(name);
        if (text == null) return null;
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            problems.add(name + ": “" + text + "” is not a number");
            return null;
        }
    }

    /** {@code 90}, {@code 60 120} or {@code 90*.4}: at the pelvis and at the neck, and how much of it is seen. */
    private Segment[] spine() {
        String text = fields.getOrDefault("spine", "90").strip();
        fields.remove("spine");
        List<Segment> ends =
                Arrays.stream(text.split("\\s+")).map(Segment::parse).toList();
        if (ends.size() > 2 || ends.contains(null)) {
            problems.add("spine: “" + text + "” is not one or two directions");
            return new Segment[] {new Segment(90, 1), new Segment(90, 1)};
        }
        return new Segment[] {ends.get(0), ends.get(ends.size() - 1)};
    }

    /** One number for both, or two. */
    private double[] numbers(String name, double first, double second) {
        String text = fields.remove(name);
        if (text == null) return new double[] {first, second};
        try {
            double[] given = Arrays.stream(text.strip().split("\\s+"))
                    .mapToDouble(Double::parseDouble)
                    .toArray();
            if (given.length == 1) return new double[] {given[0], given[0]};
            if (given.length == 2) return given;
        } catch (NumberFormatException e) {
            // told below
        }
        problems.add(name + ": “" + text + "” is not one or two numbers");
        return new double[] {first, second};
    }

    private <E extends Enum<E>> E constant(String name, Class<E> type, E otherwise) {
        String text = fields.remove(name);
        E value = text == null ? otherwise : constantOf(name, text, type);
        return value == null ? otherwise : value;
    }

    private <E extends Enum<E>> @Nullable E constantOf(String name, String text, Class<E> type) {
        try {
            return Enum.valueOf(type, text.strip().toUpperCase(Locale.ROOT).replace(' ', '_'));
        } catch (IllegalArgumentException e) {
            problems.add(name + ": “" + text + "” is none of "
                    + Arrays.toString(type.getEnumConstants()).toLowerCase(Locale.ROOT));
            return null;
        }
    }

    /** The texts that {@link #read} reads back as the same figure. */
    public static Map<String, String> write(Figure f) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("view", f.view().name().toLowerCase(Locale.ROOT).replace('_', ' '));
        if (f.hips() != null) fields.put("hips", Numbers.plain(f.hips()));
        fields.put("spine", Numbers.plain(f.low()) + " " + new Segment(f.high(), f.spineShown()));
        fields.put("head", Numbers.plain(f.head()));
        if (f.face() != null) fields.put("face", Numbers.plain(f.face()));
        fields.put("turn", Numbers.plain(f.pelvisTurn()) + " " + Numbers.plain(f.chestTurn()));
        f.limbs().forEach((part, limb) -> fields.put(part.word(), limb.toString()));
        put(fields, "props", f.props().stream().map(DrawnProp::toString).toList());
        put(fields, "behind", f.behind().stream().map(Part::word).toList());
        put(fields, "before", f.before().stream().map(Part::word).toList());
        put(fields, "touch", f.touches().stream().map(Touch::toString).toList());
        put(fields, "move", f.motions().stream().map(Motion::toString).toList());
        return fields;
    }

    private static void put(Map<String, String> fields, String name, List<String> items) {
        if (!items.isEmpty()) fields.put(name, String.join(", ", items));
    }
}
