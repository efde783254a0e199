package gurukram.core.practice;

import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.body.Side;
import gurukram.core.caution.Rulebook;
import gurukram.core.felt.Feelings;
import gurukram.core.felt.Reply;
import gurukram.core.felt.Sensation;
import gurukram.core.felt.Sensation.How;
import gurukram.core.felt.Spot;
import gurukram.core.felt.Verdict;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Question.Choice;
import gurukram.core.practice.Question.Choices;
import gurukram.core.practice.Question.Kind;
import gurukram.core.practice.Question.Shown;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What somebody made up says in a pose; the teacher says what to do about it. */
final class FeltQuestions {
    private static final List<Choice> CHOICES = Arrays.stream(Verdict.values())
            .map(verdict -> new Choice(verdict.words(), null))
            .toList();

    private final Feelings feelings;

    FeltQuestions(PoseCatalogue catalogue) {
        this.feelings = new Feelings(catalogue);
    }

    /** @param need of that person; null for none */
    private record Said(
            Pose pose,
            @Nullable Side side,
            Sensation sensation,
            @Nullable Need need) {
        String key() {
            String side = sensation.side() == null ? "" : sensation.side().word();
            String known = need == null ? "" : need.word();
            return "felt/" + pose.id() + "/" + sensation.how().word() + "/"
                    + sensation.spot().id() + "/" + side + "/" + known;
        }
    }

    /** Something that may be said, and its place among the others. */
    private record Drawn(int place, String key, Said said) {
        static Drawn of(Said said) {
            String key = said.key();
            return new Drawn(Math.floorMod(key.hashCode() * 31, 9_973), key, said);
        }
    }

    /** One a pose, the four verdicts in turn, so that none of them is a good guess. */
    List<Question> of(List<Pose> poses) {
        List<Question> all = new ArrayList<>();
        for (Pose pose : poses) {
            if (pose.stretches().isEmpty() && pose.works().isEmpty()) continue;
            Verdict wanted = Verdict.values()[Math.floorMod(pose.id().hashCode(), Verdict.values().length)];
            // the order of no list, and the same every day
            candidates(pose).stream()
                    .map(Drawn::of)
                    .sorted(Comparator.comparingInt(Drawn::place).thenComparing(Drawn::key))
                    .map(Drawn::said)
                    .filter(said -> feelings.verdict(said.pose(), said.side(), said.sensation(), needs(said)) == wanted)
                    .findFirst()
                    .map(this::question)
                    .ifPresent(all::add);
        }
        return all;
    }

    private Reply reply(Said said) {
        return feelings.reply(said.pose(), said.side(), said.sensation(), needs(said));
    }

    private static List<Need> needs(Said said) {
        return Optional.ofNullable(said.need()).stream().toList();
    }

    /** What somebody may well say there: at the places the pose speaks of, and beside them. */
    private static List<Said> candidates(Pose pose) {
        Side side = pose.sides().hasSides() ? Side.RIGHT : null;
        List<Said> all = new ArrayList<>();
        for (Spot spot : places(pose)) {
            List<@Nullable Side> on = new ArrayList<>();
            on.add(spot.sided() ? Side.RIGHT : null);
            if (spot.sided() && side != null) on.add(Side.LEFT);
            for (Side one : on)
                for (How how : How.values()) {
                    if (!isSaid(how, spot)) continue;
                    Sensation sensation = new Sensation(how, spot, one);
                    all.add(new Said(pose, side, sensation, null));
                    for (Need need : spot.needs())
                        if (pose.caution(need)
                                .filter(caution -> caution.severity() != Caution.Severity.BLOCKED)
                                .isPresent()) all.add(new Said(pose, side, sensation, need));
                }
        }
        return all;
    }

    /** Nobody says that her head stretches. */
    private static boolean isSaid(How how, Spot spot) {
        return switch (spot.kind()) {
            case HEAD, FLOOR -> how == How.PRESSURE;
            case LINE -> how == How.STRETCH || how == How.TINGLE;
            case END -> how == How.TINGLE || how == How.PINCH;
            case ROOT, JOINT -> how != How.NOTHING && how != How.PRESSURE;
            case CHEST, BELLY -> how != How.TINGLE && how != How.PINCH;
            case MUSCLE -> how != How.TINGLE && how != How.PRESSURE;
            case SPINE -> how != How.NOTHING;
        };
    }

    private static Set<Spot> places(Pose pose) {
        Set<BodyArea> areas = EnumSet.noneOf(BodyArea.class);
        Stream.concat(pose.stretches().stream(), pose.works().stream())
                .map(Felt::area)
                .forEach(areas::add);
        areas.addAll(pose.notIn());
        Set<Spot> places = new LinkedHashSet<>();
        for (Spot spot : Spot.all()) if (spot.areas().stream().anyMatch(areas::contains)) places.add(spot);
        if (areas.contains(BodyArea.HAMSTRINGS)) add(places, "sitting-bone", "behind-knee", "leg-line");
        if (areas.contains(BodyArea.HIP_FRONT) || areas.contains(BodyArea.OUTER_HIPS)) add(places, "groin");
        if (areas.contains(BodyArea.INNER_THIGHS)) add(places, "inner-root");
        if (areas.contains(BodyArea.WRISTS)) add(places, "fingers");
        if (areas.contains(BodyArea.SHOULDERS)) add(places, "shoulder-deep");
        if (pose.facts().has(Mechanism.HEAD_FULL) || pose.facts().has(Mechanism.HEAD_HALF)) add(places, "head");
        return places;
    }

    private static void add(Set<Spot> places, String... ids) {
        for (String id : ids) places.add(Spot.of(id));
    }

    private Question question(Said said) {
        Reply reply = reply(said);
        Sensation sensation = said.sensation();
        String place = sensation.spot().at();
        String where = sensation.side() == null
                ? place
                : place + ", on the " + sensation.side().word();
        String name = said.pose().name() + sided(said);
        String words = sensation.how() == How.NOTHING
                ? "%s. Somebody says: “I feel nothing %s.”".formatted(name, where)
                : "%s. Somebody says: “%s %s.”".formatted(name, first(sensation.how()), where);
        String need = said.need() == null
                ? ""
                : " You know of her: %s."
                        .formatted(Rulebook.shipped().of(said.need()).name());
        StringBuilder why = new StringBuilder();
        for (Reply.ByNeed by : reply.needs())
            why.append("With ")
                    .append(by.need().words())
                    .append(": ")
                    .append(by.why())
                    .append(' ');
        why.append(reply.so());
        why.append(" Ask: “").append(reply.ask()).append("” ").append(reply.act());
        if (!reply.sendTo().isEmpty()) why.append(' ').append(reply.sendTo());
        for (Reply.ByNeed by : reply.needs())
            if (!by.sendTo().isEmpty() && reply.sendTo().isEmpty())
                why.append(" Send to: ").append(by.sendTo()).append('.');
        return new Question(
                said.key(),
                Kind.FELT,
                words + need + " What do you do?",
                new Shown(said.pose().id(), said.side(), ""),
                new Choices(CHOICES, reply.verdict().ordinal()),
                why.toString(),
                List.of());
    }

    private static String first(How how) {
        return how == How.PRESSURE ? "It presses" : "It " + verb(how);
    }

    private static String verb(How how) {
        return switch (how) {
            case STRETCH -> "stretches";
            case WORK -> "works";
            case PINCH -> "pinches";
            case TINGLE -> "tingles";
            case SHARP -> "is sharp";
            case PRESSURE, NOTHING -> "presses";
        };
    }

    private static String sided(Said said) {
        if (said.side() == null || said.pose().sideOf() == null) return "";
        String part = said.pose().sideOf().words();
        return part.endsWith(" to")
                ? ", " + part.toLowerCase(Locale.ROOT) + " the right"
                : ", right " + part.toLowerCase(Locale.ROOT);
    }
}
