package gurukram.core.practice;

import gurukram.core.body.Side;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Question.Choice;
import gurukram.core.practice.Question.Choices;
import gurukram.core.practice.Question.Kind;
import gurukram.core.practice.Question.Shown;
import gurukram.core.practice.Twelve.Place;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Questions about the twelve positions of a list, under a leg rule. */
final class TwelveQuestions {
    private static final int CHOICES = 4;
    /** The breaths that are offered, besides the right one. */
    private static final List<String> BREATHS = List.of("in", "out", "held in", "held out");

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;

    TwelveQuestions(PoseCatalogue catalogue, Unfolder unfolder) {
        this.catalogue = catalogue;
        this.unfolder = unfolder;
    }

    List<Question> of(String list, LegRule legs) {
        List<Question> all = new ArrayList<>();
        for (Side lead : List.of(Side.RIGHT, Side.LEFT)) {
            Twelve twelve = Twelve.of(list, legs, lead, catalogue, unfolder);
            for (int half = 1; half <= 2; half++)
                for (Place place : half == 1 ? twelve.first() : twelve.second())
                    if (place.front() != null) all.add(front(twelve, half, place));
        }
        Twelve twelve = Twelve.of(list, legs, Side.RIGHT, catalogue, unfolder);
        for (Place place : twelve.first()) {
            all.add(breath(twelve, place));
            if (place.n() < Twelve.POSITIONS) all.add(next(twelve, place));
        }
        return all;
    }

    private Question front(Twelve twelve, int half, Place place) {
        Side leads = twelve.leads(half);
        String key = "front/%s/%s/%s/%d/%d"
                .formatted(twelve.list(), word(twelve.legs()), twelve.lead().word(), half, place.n());
        String ask =
                "Twelve positions %s. %s You are in the %s half, led by the %s: the %s foot goes back first. Position %d, %s: which foot is in front?"
                        .formatted(
                                twelve.list().toUpperCase(Locale.ROOT),
                                rule(twelve.legs()),
                                half == 1 ? "first" : "second",
                                leads.word(),
                                leads.word(),
                                place.n(),
                                name(place));
        List<Choice> choices = List.of(new Choice("the right", null), new Choice("the left", null));
        List<Shown> shown = new ArrayList<>();
        for (Place one : half == 1 ? twelve.first() : twelve.second())
            if (one.front() != null)
                shown.add(new Shown(
                        one.pose(),
                        one.front(),
                        "%d: %s in front".formatted(one.n(), one.front().word())));
        String why =
                "Led by the %s, the %s foot goes back at position 4, so the %s is in front. %s So at 9 the %s foot is in front."
                        .formatted(
                                leads.word(),
                                leads.word(),
                                leads.opposite().word(),
                                rule(twelve.legs()),
                                (half == 1 ? twelve.first() : twelve.second())
                                        .stream()
                                                .filter(one -> one.n() == 9)
                                                .map(one -> one.front() == null
                                                        ? ""
                                                        : one.front().word())
                                                .findFirst()
                                                .orElse(""));
        return new Question(
                key, Kind.FRONT_FOOT, ask, null, new Choices(choices, place.front() == Side.RIGHT ? 0 : 1), why, shown);
    }

    private Question breath(Twelve twelve, Place place) {
        String right = place.breath();
        List<Choice> choices = new ArrayList<>();
        if (!BREATHS.contains(right)) choices.add(new Choice(right, null));
        for (String breath : BREATHS) if (choices.size() < CHOICES) choices.add(new Choice(breath, null));
        int at = choices.indexOf(new Choice(right, null));
        return new Question(
                "breath/%s/%d".formatted(twelve.list(), place.n()),
                Kind.BREATH,
                "Twelve positions %s. Position %d, %s: on which breath?"
                        .formatted(twelve.list().toUpperCase(Locale.ROOT), place.n(), name(place)),
                new Shown(place.pose(), place.front(), ""),
                new Choices(choices, at),
                "In this list position %d, %s, is: %s. Other schools have it otherwise."
                        .formatted(place.n(), name(place), right),
                List.of(new Shown(place.pose(), place.front(), place.n() + ": " + right)));
    }

    private Question next(Twelve twelve, Place place) {
        Place after = twelve.at(1, place.n() + 1);
        List<String> poses = new ArrayList<>(List.of(after.pose()));
        for (Place one : twelve.first())
            if (poses.size() < CHOICES
                    && !poses.contains(one.pose())
                    && !one.pose().equals(place.pose())) poses.add(one.pose());
        poses.sort(String::compareTo);
        List<Choice> choices = poses.stream()
                .map(id -> new Choice(catalogue.pose(id).name(), new Shown(id, Side.RIGHT, "")))
                .toList();
        return new Question(
                "next/%s/%d".formatted(twelve.list(), place.n()),
                Kind.NEXT,
                "Twelve positions %s. What comes after position %d, %s?"
                        .formatted(twelve.list().toUpperCase(Locale.ROOT), place.n(), name(place)),
                new Shown(place.pose(), place.front(), ""),
                new Choices(choices, poses.indexOf(after.pose())),
                "Position %d is %s, %s.".formatted(after.n(), name(after), after.breath()),
                List.of(new Shown(after.pose(), after.front(), String.valueOf(after.n()))));
    }

    private String name(Place place) {
        return catalogue.pose(place.pose()).name().toLowerCase(Locale.ROOT);
    }

    private static String word(LegRule legs) {
        return legs == LegRule.SAME_FRONT ? "same-front" : "returning";
    }

    private static String rule(LegRule legs) {
        return legs == LegRule.SAME_FRONT
                ? "Same front: the foot that stayed in front comes to the front again."
                : "Returning: the foot that went back first comes forward first.";
    }
}
