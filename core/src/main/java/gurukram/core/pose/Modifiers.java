package gurukram.core.pose;

import gurukram.core.body.Base;
import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.figure.Figure;
import gurukram.core.figure.Limb;
import gurukram.core.figure.Viewpoint;
import gurukram.core.text.ByName;
import gurukram.core.text.Refused;
import gurukram.core.text.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What may be different about a pose at a step, a closed list: arms, binds, supports, knees, heels. The list stands in
 * {@code resources/catalogue/modifiers.txt}.
 */
public final class Modifiers {
    /** Of one kind one holds at a time, but for supports. */
    public enum Kind {
        ARMS,
        BIND,
        SUPPORT,
        KNEES,
        HEELS
    }

    /**
     * One of them.
     *
     * @param also other names it is typed by
     * @param fits bases of the poses it can be done in
     * @param felt what is felt more than in the pose itself
     * @param adds mechanisms it brings, {@code eases} those it takes away
     * @param say as it is said in the room
     * @param drawn the lead arm of an upright body, by view; empty where it is not drawn
     */
    public record Modifier(
            String name,
            Kind kind,
            List<String> also,
            Set<Base> fits,
            List<Felt> felt,
            List<Mechanism> adds,
            List<Mechanism> eases,
            String say,
            Map<Viewpoint, Limb> drawn) {
        /** A bind is not let go by itself: the next pose keeps it while it can. */
        public boolean isCarried() {
            return kind == Kind.BIND;
        }
    }

    private static final Set<Mechanism> CARRIED_BY_ARMS = EnumSet.of(
            Mechanism.HANDS_PART, Mechanism.HANDS_STRONG, Mechanism.FOREARMS, Mechanism.HAND_FLOOR, Mechanism.ONE_HAND);

    private final ByName<Modifier> byName = new ByName<>();
    private final List<Modifier> all = new ArrayList<>();

    private Modifiers(List<Table.Row> rows) {
        for (Table.Row row : rows) {
            Modifier modifier = new Modifier(
                    row.cell(0),
                    Kind.valueOf(row.cell(1).toUpperCase(Locale.ROOT)),
                    row.list(2, ";"),
                    bases(row.list(3, " ")),
                    row.list(4, ",").stream().map(Modifiers::felt).toList(),
                    mechanisms(row.list(5, ",")),
                    mechanisms(row.list(6, ",")),
                    row.cell(7),
                    drawn(row.list(8, ";")));
            all.add(modifier);
            byName.put(modifier.name(), modifier.also(), modifier);
        }
    }

    private static Set<Base> bases(List<String> words) {
        return words.stream().map(Base::parse).collect(Collectors.toCollection(() -> EnumSet.noneOf(Base.class)));
    }

    private static List<Mechanism> mechanisms(List<String> words) {
        return words.stream().map(Mechanism::parse).toList();
    }

    private static Felt felt(String typed) {
        String[] parts = typed.split(" ");
        BodyArea area = Arrays.stream(BodyArea.values())
                .filter(a -> a.word().equals(parts[0]))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("modifiers.txt: no area " + parts[0]));
        return new Felt(area, Integer.parseInt(parts[1]), Felt.Where.BOTH);
    }

    private static Map<Viewpoint, Limb> drawn(List<String> views) {
        Map<Viewpoint, Limb> drawn = new EnumMap<>(Viewpoint.class);
        for (String view : views) {
            String[] parts = view.split(" ", 2);
            drawn.put(Viewpoint.valueOf(parts[0].toUpperCase(Locale.ROOT)), Limb.parse(parts[1]));
        }
        return drawn;
    }

    /** The pose's figure with what is different, where that can be drawn: arms that carry nothing, on an upright body. */
    public Figure drawn(Pose pose, List<String> names) {
        Figure figure = pose.figure();
        boolean carries = pose.facts().mechanisms().stream().anyMatch(CARRIED_BY_ARMS::contains);
        if (carries || !figure.isUpright()) return figure;
        for (String name : names) {
            Limb arm = named(name).map(one -> one.drawn().get(figure.view())).orElse(null);
            if (arm != null) return figure.withArms(arm, figure.view().isEdgewise() ? arm : arm.mirrored());
        }
        return figure;
    }

    /** The list that ships with the app. */
    public static Modifiers shipped() {
        return Shipped.ALL;
    }

    public List<Modifier> all() {
        return List.copyOf(all);
    }

    /** By its name or another, in any case. */
    public Optional<Modifier> named(String typed) {
        return byName.find(typed, "with");
    }

    /** Whether one takes the other's place. */
    public boolean exclude(String one, String other) {
        Optional<Modifier> a = named(one);
        Optional<Modifier> b = named(other);
        if (a.isEmpty() || b.isEmpty()) return false;
        if (a.get().equals(b.get())) return true;
        return group(a.get().kind()) == group(b.get().kind()) && a.get().kind() != Kind.SUPPORT;
    }

    /** Arms that are bound are nowhere else. */
    private static Kind group(Kind kind) {
        return kind == Kind.BIND ? Kind.ARMS : kind;
    }

    /** {@link Refused} where two of them cannot be done at once. */
    public void checkTogether(List<String> names) {
        for (int i = 0; i < names.size(); i++) {
            for (String other : names.subList(i + 1, names.size())) {
                if (exclude(names.get(i), other))
                    throw new Refused("“" + names.get(i) + "” and “" + other + "” cannot be done at once; keep one.");
            }
        }
    }

    private static final class Shipped {
        static final Modifiers ALL = new Modifiers(Table.of("/catalogue/modifiers.txt", "|", 9));
    }
}
