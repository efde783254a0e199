package gurukram.core.pose;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** The fields of one catalogue entry, read one by one; what is wrong is collected, not thrown. */
final class PoseFields {
    private final JsonNode entry;
    private final CatalogueProblem place;
    private final List<CatalogueProblem> problems;
    private final Set<String> known = new HashSet<>();

    PoseFields(JsonNode entry, CatalogueProblem place, List<CatalogueProblem> problems) {
        this.entry = entry;
        this.place = place;
        this.problems = problems;
    }

    void problem(String what) {
        problems.add(new CatalogueProblem(place.file(), place.line(), place.pose(), what));
    }

    private JsonNode field(String name) {
        known.add(name);
        return entry.path(name);
    }

    String optional(String name) {
        return field(name).asString("").strip();
    }

    String text(String name) {
        String text = optional(name);
        if (text.isEmpty()) problem(name + " is missing");
        return text;
    }

    List<String> list(String name) {
        List<String> list = new ArrayList<>();
        field(name).forEach(item -> list.add(item.asString("")));
        return list;
    }

    <E extends Enum<E>> E choice(String name, Class<E> type, E otherwise) {
        if (field(name).isMissingNode() && otherwise != null) return otherwise;
        E choice = choiceOrNull(name, type);
        if (choice == null && field(name).isMissingNode()) problem(name + " is missing");
        return choice;
    }

    <E extends Enum<E>> E choiceOrNull(String name, Class<E> type) {
        return field(name).isMissingNode() ? null : constant(name, optional(name), type);
    }

    private <E extends Enum<E>> E constant(String name, String word, Class<E> type) {
        String constant = word.toUpperCase(Locale.ROOT).replace('-', '_').replace(' ', '_');
        for (E value : type.getEnumConstants()) if (value.name().equals(constant)) return value;
        problem("%s: “%s” is none of %s".formatted(name, word, Arrays.toString(type.getEnumConstants())));
        return null;
    }

    int whole(String name, int least, int most) {
        int value = field(name).asInt(Integer.MIN_VALUE);
        if (value < least || value > most) problem("%s must be a number from %d to %d".formatted(name, least, most));
        return value;
    }

    Integer millisOrNull(String name) {
        JsonNode seconds = field(name);
        return seconds.isMissingNode() ? null : (int) Math.round(seconds.asDouble(0) * 1000);
    }

    /** {@code works: [glutes 2 own, core-front 1]}: area, strength, and the side where it is not both. */
    List<Felt> felt(String name) {
        List<Felt> felt = new ArrayList<>();
        for (String line : list(name)) {
            String[] parts = line.strip().split("\\s+");
            boolean strong = parts.length >= 2 && parts[1].matches("[123]");
            if (!strong || parts.length > 3) {
                problem(name + ": “" + line + "” needs an area, a strength from 1 to 3, and maybe a side");
                continue;
            }
            BodyArea area = constant(name, parts[0], BodyArea.class);
            Felt.Where where = parts.length == 3 ? constant(name, parts[2], Felt.Where.class) : Felt.Where.BOTH;
            if (area != null && where != null) felt.add(new Felt(area, Integer.parseInt(parts[1]), where));
        }
        return felt;
    }

    boolean flag(String name) {
        return field(name).asBoolean(false);
    }

    /** {@code cautions: [wrist change fists or forearms, ...]}: need, severity, then the change in words. */
    List<Caution> cautions() {
        List<Caution> cautions = new ArrayList<>();
        for (String line : list("cautions")) {
            String[] parts = line.strip().split("\\s+", 3);
            if (parts.length < 2) {
                problem("cautions: “" + line + "” needs a need and a severity");
                continue;
            }
            Need need = constant("cautions", parts[0], Need.class);
            Caution.Severity severity = constant("cautions", parts[1], Caution.Severity.class);
            if (need == null || severity == null) continue;
            cautions.add(new Caution(need, severity, parts.length == 3 ? parts[2] : ""));
        }
        return cautions;
    }

    void refuseUnknown() {
        entry.propertyNames().stream()
                .filter(name -> !known.contains(name))
                .forEach(name -> problem("unknown field " + name));
    }
}
