package gurukram.core.group;

import gurukram.core.pose.Need;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * The people of a weekly class as far as planning needs to know them: how many, and how many of them have which need.
 * Counts only; nobody's name stands with a condition.
 *
 * @param mats how many people usually come
 * @param needs how many of them have a need; what is not there nobody has
 * @param room where they practise; null when it does not matter
 */
public record People(int mats, Map<Need, Integer> needs, Room room) {
    public static final Limit MATS = new Limit("Mats", 1, 200);
    public static final Limit PEOPLE = new Limit("How many people", 0, 200);

    public People {
        MATS.check(mats);
        EnumMap<Need, Integer> counted = new EnumMap<>(Need.class);
        if (needs != null) {
            needs.forEach((need, people) -> {
                if (PEOPLE.check(people) > 0) counted.put(need, people);
            });
        }
        for (Map.Entry<Need, Integer> each : counted.entrySet()) {
            if (each.getValue() > mats) {
                throw new Refused("%d people with “%s” are more than the %d who come."
                        .formatted(each.getValue(), each.getKey().words(), mats));
            }
        }
        needs = Collections.unmodifiableMap(counted);
    }

    public int people(Need need) {
        return needs.getOrDefault(need, 0);
    }
}
