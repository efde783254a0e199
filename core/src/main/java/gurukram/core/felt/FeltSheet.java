package gurukram.core.felt;

import gurukram.core.body.Side;
import gurukram.core.caution.Rulebook;
import gurukram.core.felt.Sensation.How;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Everything {@link Feelings} answers about some poses, small enough to lie in a page that has no line. A pose has a letter for each
 * place, way of feeling and side, which is the place of its answer among {@code answers}; a need has a letter for each place and way.
 *
 * <p>Letters stand in the order of the places, then of the ways, then of the side: that of the pose, the other, not said.
 *
 * @param places from the head down
 * @param poses by their ids
 */
public record FeltSheet(
        List<Place> places, List<Way> ways, List<Answer> answers, Map<String, OfPose> poses, List<OfNeed> needs) {
    /** What letters are made of: the first stands for 0. */
    public static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_";

    private static final List<@Nullable Side> SIDES = sides();

    public record Place(String id, String words, boolean sided) {}

    /** @param said as somebody says it */
    public record Way(String word, String said) {}

    /** @param so with {@code %1} for the place and {@code %2} for the side across; {@code sendTo} may be empty */
    public record Answer(String verdict, String so, String ask, String act, String sendTo) {}

    /**
     * @param letters of its answers
     * @param changes by place, what is possible in this very pose
     * @param shapes by place, another shape
     */
    public record OfPose(String letters, Map<String, String> changes, Map<String, String> shapes) {}

    /**
     * @param ask what to ask somebody who has it
     * @param least letters of {@code whys}, the first for none
     * @param whys what the need asks for at least, and why
     * @param leftOut poses that are not for this need at all
     */
    public record OfNeed(String need, String words, String ask, String least, List<Why> whys, List<String> leftOut) {}

    /** @param sendTo empty where nobody is needed */
    public record Why(String verdict, String why, String sendTo) {}

    private static List<@Nullable Side> sides() {
        List<@Nullable Side> sides = new ArrayList<>();
        sides.add(Side.RIGHT);
        sides.add(Side.LEFT);
        sides.add(null);
        return sides;
    }

    static FeltSheet of(Feelings feelings, Collection<Pose> poses, Collection<Need> needs) {
        Map<Answer, Integer> answers = new LinkedHashMap<>();
        Map<String, OfPose> ofPoses = new LinkedHashMap<>();
        for (Pose pose : poses) ofPoses.put(pose.id(), ofPose(feelings, pose, answers));
        return new FeltSheet(
                Spot.all().stream()
                        .map(spot -> new Place(spot.id(), spot.words(), spot.sided()))
                        .toList(),
                List.of(How.values()).stream()
                        .map(how -> new Way(how.word(), how.said()))
                        .toList(),
                List.copyOf(answers.keySet()),
                ofPoses,
                needs.stream().sorted().map(need -> ofNeed(need, poses)).toList());
    }

    private static OfPose ofPose(Feelings feelings, Pose pose, Map<Answer, Integer> answers) {
        StringBuilder letters = new StringBuilder();
        Map<String, String> changes = new LinkedHashMap<>();
        Map<String, String> shapes = new LinkedHashMap<>();
        for (Spot spot : Spot.all()) {
            Feelings.change(pose, spot).ifPresent(change -> changes.put(spot.id(), change));
            feelings.shape(pose, spot).ifPresent(shape -> shapes.put(spot.id(), shape));
            for (How how : How.values())
                for (Side side : SIDES) {
                    Answer answer = Feelings.answer(pose, Side.RIGHT, new Sensation(how, spot, side));
                    Integer at = answers.computeIfAbsent(answer, one -> answers.size());
                    letters.append(LETTERS.charAt(at));
                }
        }
        return new OfPose(letters.toString(), changes, shapes);
    }

    private static OfNeed ofNeed(Need need, Collection<Pose> poses) {
        List<Why> whys = new ArrayList<>();
        StringBuilder least = new StringBuilder();
        for (Spot spot : Spot.all())
            for (How how : How.values()) {
                var why = Feelings.least(need, spot, how);
                if (why.isPresent() && !whys.contains(why.get())) whys.add(why.get());
                least.append(
                        LETTERS.charAt(why.map(one -> 1 + whys.indexOf(one)).orElse(0)));
            }
        return new OfNeed(
                need.word(),
                need.words(),
                Rulebook.shipped().of(need).ask(),
                least.toString(),
                whys,
                poses.stream()
                        .filter(pose -> pose.caution(need)
                                .filter(caution -> caution.severity() == Caution.Severity.BLOCKED)
                                .isPresent())
                        .map(Pose::id)
                        .toList());
    }
}
