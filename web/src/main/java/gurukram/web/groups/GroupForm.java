package gurukram.web.groups;

import static gurukram.web.shared.Typed.clock;
import static gurukram.web.shared.Typed.one;
import static gurukram.web.shared.Typed.take;

import gurukram.core.group.People;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;

/**
 * A group as it was typed.
 *
 * @param typed every field by its name; needs as {@code need-WRIST}
 */
public record GroupForm(Map<String, String> typed) {
    private static final Limit MATS = People.MATS;
    private static final Limit PEOPLE = People.PEOPLE;
    private static final int MOST_NAME_LETTERS = 80;

    static GroupForm of(Group group) {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("name", group.name());
        typed.put("day", group.day().name());
        typed.put("starts", group.startsAt().toString());
        typed.put("slot", String.valueOf(group.slotMinutes()));
        typed.put("level", group.level().name());
        typed.put("mats", String.valueOf(group.mats()));
        typed.put("style", group.style() == null ? "" : group.style().name());
        typed.put("school", group.school());
        typed.put("welcome", String.valueOf(group.touch().welcome()));
        typed.put("ask", String.valueOf(group.touch().ask()));
        typed.put("none", String.valueOf(group.touch().none()));
        typed.put("room", group.room() == null ? "" : group.room().toString());
        group.needs().forEach((need, people) -> typed.put("need-" + need.name(), String.valueOf(people)));
        return new GroupForm(typed);
    }

    public String value(String field) {
        return typed.getOrDefault(field, "").strip();
    }

    /**
     * The group, when everything can be taken.
     *
     * @param problems filled with what cannot, by field
     * @return null when there are problems
     */
    Group read(UUID id, Map<String, String> problems) {
        String name = take("name", problems, this::name);
        LocalTime starts = take("starts", problems, () -> clock(value("starts")));
        Integer slot = take("slot", problems, () -> ClassSettings.SLOT.parse(value("slot")));
        Integer mats = take("mats", problems, () -> MATS.parse(value("mats")));
        DayOfWeek day = take("day", problems, () -> one(DayOfWeek.class, value("day")));
        Level level = take("level", problems, () -> one(Level.class, value("level")));
        Style style = value("style").isEmpty() ? null : take("style", problems, () -> one(Style.class, value("style")));
        String school = take("school", problems, () -> SchoolWords.write(SchoolWords.read(value("school"))));
        UUID room = value("room").isEmpty() ? null : take("room", problems, () -> uuid(value("room")));
        Map<Need, Integer> needs = needs(problems);
        Group.Touch touch = touch(problems);
        if (problems.isEmpty()) {
            take("needs", problems, () -> new People(mats, needs, null));
            int told = touch.welcome() + touch.ask() + touch.none();
            if (told > mats) problems.put("touch", "%d say how they like touch, and %d come.".formatted(told, mats));
        }
        if (!problems.isEmpty()) return null;
        return new Group(id, name, day, starts, slot, level, mats, needs, style, school, touch, room);
    }

    private String name() {
        String name = Plain.line(value("name"), "A group’s name", MOST_NAME_LETTERS);
        if (name.isEmpty()) throw new Refused("A group needs a name, such as “Tuesday early tide”.");
        return name;
    }

    private static UUID uuid(String id) {
        try {
            return UUID.fromString(id);
        } catch (IllegalArgumentException e) {
            throw new Refused("Please choose one of the list.");
        }
    }

    private Map<Need, Integer> needs(Map<String, String> problems) {
        Map<Need, Integer> needs = new EnumMap<>(Need.class);
        for (Need need : Need.values()) {
            String field = "need-" + need.name();
            if (value(field).isEmpty()) continue;
            Integer people = take(field, problems, () -> PEOPLE.parse(value(field)));
            if (people != null && people > 0) needs.put(need, people);
        }
        return needs;
    }

    private Group.Touch touch(Map<String, String> problems) {
        int[] counts = new int[3];
        String[] fields = {"welcome", "ask", "none"};
        for (int i = 0; i < fields.length; i++) {
            String field = fields[i];
            if (value(field).isEmpty()) continue;
            Integer count = take(field, problems, () -> PEOPLE.parse(value(field)));
            if (count != null) counts[i] = count;
        }
        return new Group.Touch(counts[0], counts[1], counts[2]);
    }
}
