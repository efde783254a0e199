package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.BodyArea;
import gurukram.core.plan.NodeId;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A class that says it is about a part of the body is felt there. */
@AutoService(Check.class)
public final class FocusLeftOut implements Check {
    /** Ours: less than two minutes is no focus. */
    static final Threshold LEAST = Threshold.of("focus-seconds", "seconds felt in each part the class is about", 120);

    private static final Map<String, Set<BodyArea>> WORDS = Map.of(
            "hips", EnumSet.of(BodyArea.OUTER_HIPS, BodyArea.HIP_FRONT),
            "hip", EnumSet.of(BodyArea.OUTER_HIPS, BodyArea.HIP_FRONT),
            "legs", EnumSet.of(BodyArea.HAMSTRINGS, BodyArea.FRONT_THIGHS),
            "thighs", EnumSet.of(BodyArea.FRONT_THIGHS),
            "feet", EnumSet.of(BodyArea.ANKLES_FEET),
            "ankles", EnumSet.of(BodyArea.ANKLES_FEET),
            "back", EnumSet.of(BodyArea.LOWER_BACK, BodyArea.UPPER_BACK),
            "belly", EnumSet.of(BodyArea.CORE_FRONT),
            "core", EnumSet.of(BodyArea.CORE_FRONT),
            "sides", EnumSet.of(BodyArea.CORE_SIDES));
    private static final Card CARD = Card.of(
            "focus-left-out",
            "The class is felt where it says it is about",
            "People who came for their shoulders notice when the class was about legs.",
            LEAST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        String focus = subject.settings().theme().focus();
        if (focus.isEmpty()) return;
        AreaWork work = AreaWork.of(subject);
        for (BodyArea area : areas(focus)) {
            long ms = work.stretch(area) + work.work(area);
            if (ms >= (long) subject.value(LEAST) * Millis.SECOND) continue;
            String what = "The class is about “%s”, and the %s %s."
                    .formatted(focus, Wording.area(area.word()), ms == 0 ? "are left out" : "get " + Wording.time(ms));
            found.look(NodeId.CLASS, area.word(), List.of(), what, "Add poses that are felt there.");
        }
    }

    /** The parts of the body a focus names; empty when it names none. */
    static Set<BodyArea> areas(String focus) {
        Set<BodyArea> areas = EnumSet.noneOf(BodyArea.class);
        String folded = " " + Words.fold(focus) + " ";
        for (BodyArea area : BodyArea.values()) {
            String word = area.word().replace('-', ' ');
            String one = word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
            if (folded.contains(" " + word + " ") || folded.contains(" " + one + " ")) areas.add(area);
        }
        if (!areas.isEmpty()) return areas;
        WORDS.forEach((word, those) -> {
            if (folded.contains(" " + word + " ")) areas.addAll(those);
        });
        return areas;
    }
}
