package gurukram.core.catalogue;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.catalogue.rules.Places;
import gurukram.core.pose.Caution;
import gurukram.core.pose.CautionFacts;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Need;
import gurukram.core.pose.PropUse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** The fields of one catalogue entry, read one by one; what is wrong is collected, not thrown. */
final class PoseFields {
    private final JsonNode entry;
    private final String id;
    private final Places places;
    private final Set<String> known = new HashSet<>();

    PoseFields(JsonNode entry, String id, Places places) {
        this.entry = entry;
        this.id = id;
        this.places = places;
    }

    void problem(String field, String what) {
        places.problem(id, field, what);
    }

    JsonNode field(String name) {
        known.add(name);
        return entry.path(name);
    }

    String optional(String name) {
        return field(name).asString("").strip();
    }

    String text(String name) {
        String text = optional(name);
        if (text.isEmpty()) problem(name, name + " is missing");
        return text;
    }

    List<String> list(String name) {
        List<String> list = new ArrayList<>();
        field(name).forEach(item -> list.add(item.asString("").strip()));
        return list;
    }

    /** A field with fields of its own, as texts. */
    Map<String, String> texts(String name) {
        Map<String, String> texts = new LinkedHashMap<>();
        JsonNode node = field(name);
        node.propertyNames().forEach(key -> texts.put(key, node.path(key).asString("")));
        return texts;
    }

    @SuppressWarnings("NullAway") // null only beside a problem, and what has problems is not given out
    <E extends Enum<E>> E choice(String name, Class<E> type, @Nullable E otherwise) {
        if (field(name).isMissingNode() && otherwise != null) return otherwise;
        E choice = choiceOrNull(name, type);
        if (choice == null && field(name).isMissingNode()) problem(name, name + " is missing");
        return choice;
    }

    <E extends Enum<E>> @Nullable E choiceOrNull(String name, Class<E> type) {
        return field(name).isMissingNode() ? null : constant(name, optional(name), type);
    }

    <E extends Enum<E>> @Nullable E constant(String name, String word, Class<E> type) {
        String constant = word.toUpperCase(Locale.ROOT).replace('-', '_').replace(' ', '_');
        for (E value : type.getEnumConstants()) if (value.name().equals(constant)) return value;
        problem(name, "%s: “%s” is none of %s".formatted(name, word, Arrays.toString(type.getEnumConstants())));
        return null;
    }

    int whole(String name, int least, int most) {
        int value = field(name).asInt(Integer.MIN_VALUE);
        if (value < least || value > most) {
            problem(name, "%s must be a number from %d to %d".formatted(name, least, most));
        }
        return value;
    }

    @Nullable
    Integer millisOrNull(String name) {
        JsonNode seconds = field(name);
        return seconds.isMissingNode() ? null : (int) Math.round(seconds.asDouble(0) * 1000);
    }

    boolean flag(String name) {
        return field(name).asBoolean(false);
    }

    /** {@code works: [glutes 2 own, core-front 1]}: area, strength, and the side where it is not both. */
    List<Felt> felt(String name) {
        List<Felt> felt = new ArrayList<>();
        for (String line : list(name)) {
            String[] parts = line.split("\\s+");
            boolean strong = parts.length >= 2 && parts[1].matches("[123]");
            if (!strong || parts.length > 3) {
                problem(name, name + ": “" + line + "” needs an area, a strength from 1 to 3, and maybe a side");
                continue;
            }
            BodyArea area = constant(name, parts[0], BodyArea.class);
            Felt.Where where = parts.length == 3 ? constant(name, parts[2], Felt.Where.class) : Felt.Where.BOTH;
            if (area != null && where != null) felt.add(new Felt(area, Integer.parseInt(parts[1]), where));
        }
        return felt;
    }

    /** {@code actions: [hamstring-length 2/1, core-front 1]}: what it demands, and after the stroke what it prepares. */
    List<ActionUse> actions() {
        List<ActionUse> uses = new ArrayList<>();
        for (String line : list("actions")) {
            String[] parts = line.split("\\s+");
            if (parts.length != 2 || !parts[1].matches("[123](/[123])?")) {
                problem("actions", "actions: “" + line + "” needs an action and a strength such as 2 or 2/1");
                continue;
            }
            Action action = constant("actions", parts[0], Action.class);
            String[] strengths = parts[1].split("/");
            int prepares = strengths.length == 2 ? Integer.parseInt(strengths[1]) : 0;
            if (action != null) uses.add(new ActionUse(action, Integer.parseInt(strengths[0]), prepares));
        }
        return uses;
    }

    List<BodyArea> areas(String name) {
        List<BodyArea> areas = new ArrayList<>();
        for (String word : list(name)) {
            BodyArea area = constant(name, word, BodyArea.class);
            if (area != null) areas.add(area);
        }
        return areas;
    }

    List<PropUse> props() {
        List<PropUse> props = new ArrayList<>();
        for (String line : list("props")) {
            try {
                props.add(PropUse.parse(line));
            } catch (IllegalArgumentException e) {
                problem("props", "props: " + e.getMessage());
            }
        }
        return props;
    }

    /** {@code cautions: [wrist change forearms instead → dolphin]}: need, severity, the change, and what takes its place. */
    List<Caution> cautions() {
        List<Caution> cautions = new ArrayList<>();
        for (String line : list("cautions")) {
            String[] halves = line.split("→", 2);
            String[] parts = halves[0].strip().split("\\s+", 3);
            if (parts.length < 2) {
                problem("cautions", "cautions: “" + line + "” needs a need and a severity");
                continue;
            }
            Need need = constant("cautions", parts[0], Need.class);
            Caution.Severity severity = constant("cautions", parts[1], Caution.Severity.class);
            if (need == null || severity == null) continue;
            String instead = halves.length == 2 ? halves[1].strip() : null;
            cautions.add(new Caution(need, severity, parts.length == 3 ? parts[2] : "", instead));
        }
        return cautions;
    }

    List<Mechanism> mechanisms() {
        List<Mechanism> mechanisms = new ArrayList<>();
        for (String word : list("mechanisms")) {
            Mechanism mechanism = constant("mechanisms", word, Mechanism.class);
            if (mechanism != null) mechanisms.add(mechanism);
        }
        return mechanisms;
    }

    /** {@code overrides: [knee blocked x-knee-twist → chair-seat]}: need, severity or none, key of the sentence, replacement. */
    List<CautionFacts.Override> overrides() {
        List<CautionFacts.Override> overrides = new ArrayList<>();
        for (String line : list("overrides")) {
            String[] halves = line.split("→", 2);
            String[] parts = halves[0].strip().split("\\s+");
            if (parts.length < 2 || parts.length > 3) {
                problem("overrides", "overrides: “" + line + "” needs a need, a severity and maybe a sentence");
                continue;
            }
            Need need = constant("overrides", parts[0], Need.class);
            boolean none = parts[1].equals("none");
            Caution.Severity severity = none ? null : constant("overrides", parts[1], Caution.Severity.class);
            if (need == null || (severity == null && !none)) continue;
            String instead = halves.length == 2 ? halves[1].strip() : null;
            overrides.add(new CautionFacts.Override(need, severity, parts.length == 3 ? parts[2] : null, instead));
        }
        return overrides;
    }

    void refuseUnknown() {
        entry.propertyNames().stream()
                .filter(name -> !known.contains(name))
                .forEach(name -> problem(name, "unknown field " + name));
    }
}
