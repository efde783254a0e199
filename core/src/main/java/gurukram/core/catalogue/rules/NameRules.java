package gurukram.core.catalogue.rules;

import gurukram.core.pose.Caution;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.PoseCues;
import gurukram.core.text.Claims;
import gurukram.core.text.Words;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Every id is used once, every name means one pose, and no text states a benefit. */
final class NameRules {
    private NameRules() {}

    static void check(Entries draft) {
        Map<String, Pose> names = new HashMap<>();
        Set<String> ids = new HashSet<>();
        for (Pose pose : draft.poses()) {
            if (!ids.add(pose.id())) draft.problem(pose, "id", "the id is used twice");
            for (String name : PoseCatalogue.names(pose)) {
                Pose other = names.putIfAbsent(name, pose);
                if (other != null && !other.id().equals(pose.id())) {
                    draft.problem(pose, "name", "the name “" + name + "” is also a name of " + other.id());
                }
            }
            for (String word : pose.names().loosely()) {
                if (pose.names().own().contains(Words.fold(word))) {
                    draft.problem(pose, "loosely", "“" + word + "” is its own name already");
                }
            }
            Set<String> once = new HashSet<>(Set.of(Words.fold(pose.name())));
            for (String word : pose.names().also()) {
                if (!once.add(Words.fold(word))) draft.problem(pose, "also", "“" + word + "” is its own name already");
            }
            claims(draft, pose);
        }
        ids.clear();
        draft.ladders().stream()
                .filter(ladder -> !ids.add(ladder.id()))
                .forEach(ladder -> draft.problem(ladder, "id", "the id is used twice"));
    }

    /** Names that other poses have already. */
    static void taken(Entries one, Iterable<Pose> others) {
        for (Pose pose : one.poses()) {
            Set<String> own = pose.names().own();
            for (Pose other : others) {
                PoseCatalogue.names(other).stream()
                        .filter(own::contains)
                        .findFirst()
                        .ifPresent(name -> one.problem(
                                pose,
                                "name",
                                "“%s” already means %s; take another name".formatted(name, other.name())));
            }
        }
    }

    private static void claims(Entries draft, Pose pose) {
        if (Words.fold(pose.name()).isEmpty()) draft.problem(pose, "name", "the name needs some plain letters");
        for (Caution caution : pose.cautions()) claim(draft, pose, "cautions", caution.change());
        PoseCues cues = pose.cues();
        for (PoseCues.Wording cue : List.of(cues.enter(), cues.align(), cues.leave())) {
            claim(draft, pose, "cues", cue.full() + " " + cue.brief());
        }
        claim(draft, pose, "faults", pose.teaching().faults().toString());
        claim(draft, pose, "handsOn", pose.teaching().handsOn());
        claim(draft, pose, "also", String.join(", ", pose.names().also()));
    }

    private static void claim(Entries draft, Pose pose, String field, String text) {
        Claims.in(text).forEach(word -> draft.problem(pose, field, "“" + word + "” states a benefit as a fact"));
    }
}
