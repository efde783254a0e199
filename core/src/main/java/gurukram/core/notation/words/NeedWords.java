package gurukram.core.notation.words;

import gurukram.core.pose.Need;
import gurukram.core.text.Words;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/** Needs as teachers name them in a line: {@code wrists}, {@code sore knee}, {@code pregnancy}, {@code blood pressure}. */
public final class NeedWords {
    private static final Map<String, Set<Need>> NEEDS = needs();

    private NeedWords() {}

    private static Map<String, Set<Need>> needs() {
        Map<String, Set<Need>> needs = new HashMap<>();
        for (Need need : Need.values()) {
            needs.put(Words.fold(need.words()), Set.of(need));
            needs.put(Words.fold(need.words()) + "s", Set.of(need));
        }
        needs.put("pregnancy", Set.of(Need.PREGNANCY_EARLY, Need.PREGNANCY_LATER));
        needs.put("pregnant", needs.get("pregnancy"));
        needs.put("late pregnancy", Set.of(Need.PREGNANCY_LATER));
        needs.put("early pregnancy", Set.of(Need.PREGNANCY_EARLY));
        needs.put("after giving birth", Set.of(Need.AFTER_BIRTH));
        needs.put("blood pressure", Set.of(Need.HIGH_BLOOD_PRESSURE));
        needs.put("back", Set.of(Need.LOW_BACK));
        needs.put("lower back", Set.of(Need.LOW_BACK));
        needs.put("si joint", Set.of(Need.SACROILIAC));
        needs.put("eyes", Set.of(Need.EYE_PRESSURE));
        needs.put("glaucoma", Set.of(Need.EYE_PRESSURE));
        needs.put("hip", Set.of(Need.HIP_REPLACEMENT));
        needs.put("hips", Set.of(Need.HIP_REPLACEMENT));
        needs.put("new hip", Set.of(Need.HIP_REPLACEMENT));
        needs.put("hamstring", Set.of(Need.HAMSTRING_ORIGIN));
        needs.put("hamstrings", Set.of(Need.HAMSTRING_ORIGIN));
        needs.put("dizziness", Set.of(Need.VERTIGO));
        needs.put("surgery", Set.of(Need.RECENT_SURGERY));
        needs.put("hypermobile", Set.of(Need.HYPERMOBILITY));
        needs.put("first timer", Set.of(Need.FIRST_TIME));
        needs.put("first timers", Set.of(Need.FIRST_TIME));
        return Map.copyOf(needs);
    }

    /** Empty when it names none. */
    static Set<Need> read(String typed) {
        String folded = Words.fold(typed).replaceFirst("^(?:for )?(?:the |sore |bad |tired |weak )*", "");
        return NEEDS.getOrDefault(folded, Set.of());
    }
}
