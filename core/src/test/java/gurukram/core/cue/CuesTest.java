package gurukram.core.cue;

import static gurukram.core.Notation.plan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.AnyPlan;
import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCues;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.text.Refused;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CuesTest {
    private static List<String> words(String text) {
        ClassPlan plan = plan(text);
        return Cues.of(Plans.score(plan), plan, Plans.CATALOGUE, School.UNSET).stream()
                .map(Cue::words)
                .toList();
    }

    @Test
    void thinsOutFromRoundToRound() {
        assertThat(words("""
                        standing:
                        flow, 3 rounds, one side, always right
                          warrior 2, lead, 2 breaths
                          chair, in
                        end flow
                        """))
                .containsExactly(
                        "you may come to warrior 2, right leg in front: bend the right knee over the ankle, arms long, look"
                                + " over the right hand",
                        "inhale, chair: heels heavy",
                        "warrior 2, right front leg",
                        "inhale, chair",
                        "warrior 2, right front leg",
                        "inhale, chair");
        assertThat(words("standing:\nflow, 1 breath, 1 silent, no sides\nchair, in"))
                .containsExactly("inhale, chair: heels heavy", "");
        assertThat(words("standing:\nflow, 2 rounds, no sides, cues silent/short\nchair, in"))
                .containsExactly("", "inhale, chair");
    }

    @Test
    void areShortEverywhereWhereTheTeacherWantsThemShort() {
        ClassPlan plan =
                plan("standing:\nwarrior 2, right, 2 breaths\nflow, 1 breath, 1 silent, no sides\nchair, in\nend flow");
        assertThat(Cues.brief(Plans.score(plan), plan, Plans.CATALOGUE, School.UNSET))
                .extracting(Cue::words)
                .containsExactly("warrior 2, right front leg", "inhale, chair", "");
    }

    @Test
    void aPoseIsNamedByThePartItLeansOnOrLiesOn() {
        assertThat(
                        words(
                                "floor:\nside plank, right, 3 breaths\nside leg lifts, left, 8 reps\nside-lying rest, left, 60 s"))
                .noneMatch(cue -> cue.contains("bend"))
                .anyMatch(cue -> cue.contains("leaning on the right arm"))
                .anyMatch(cue -> cue.contains("lying on the left side"));
    }

    @Test
    void aSunNameIsSaidBesideTheBreathAndThePose() {
        List<String> cues = words("salutations:\ntwelve positions a, 1 round, one side, with sun names\nend flow");
        assertThat(cues.get(1)).isEqualTo("inhale, raised arms: oṃ ravaye namaḥ");
        assertThat(cues.get(2)).startsWith("exhale, ").endsWith(": oṃ sūryāya namaḥ");
    }

    @Test
    void speaksAsTheSchoolDoes() {
        String text = "class: S\n- school: %s\nstanding:\nreclined hand to toe, right, 3 breaths";
        assertThat(words(text.formatted("instructive voice, straight knees, sanskrit names")))
                .containsExactly(
                        "come to Supta pādāṅguṣṭhāsana, right leg lifted: lift the right leg and hold the big toe or the"
                                + " calf, left leg long");
        assertThat(
                        words(
                                "standing:\nflow, 1 round, one side\n- school: english and sanskrit names, instructive\ntree, lead, 2 breaths"))
                .containsExactly(
                        "come to tree, Vṛkṣāsana, standing on the right leg: bring the left foot to the calf or inner"
                                + " thigh of the right leg, not to the knee");
    }

    @Test
    void aStepsOwnWordsTakeThePlaceOfTheUsualOnes() {
        assertThat(words("standing:\ntree, both, 2 breaths\n- say: press the {lead} foot, float the {other} knee"))
                .containsExactly(
                        "press the right foot, float the left knee", "press the left foot, float the right knee");
        assertThat(words("standing:\nchair, 2 breaths\n- say: sit {back")).containsExactly("sit {back");
        assertThat(words("standing:\nchair, 2 breaths\n- say: {lead} what")).containsExactly("{lead} what");
    }

    @Test
    void theFinalRestIsSilentOrGuidedAndLeftByASide() {
        String text = "class: R\n%srest:\nfinal rest, 5 min\nclose:\neasy seat, 1 min open\n";
        assertThat(words(text.formatted("")))
                .containsExactly(
                        "you may come to final rest: lie back, legs apart, palms up",
                        "roll to the right side, you may come to easy seat: sit tall, shoulders easy");
        assertThat(words(text.formatted("- school: guided rest, roll to either side, instructive\n")))
                .containsExactly(
                        "come to final rest: lie back, legs apart, palms up, let the weight sink, from the feet upwards",
                        "roll to either side, come to easy seat: sit tall, shoulders easy");
    }

    /** A pose of several moves is told move by move, each on its breath, where there is time to say it. */
    @Test
    void aWayOfSeveralMovesIsToldOnItsBreaths() {
        assertThat(words("standing:\ncamel, 3 breaths").get(0))
                .endsWith(
                        "hips forward. Inhale, chest up, hands on the pelvis; exhale, one hand back, the other; inhale, hips"
                                + " forward, chest up");
        assertThat(words("standing:\ncamel, 3 breaths\n- setting up 8 s").get(0))
                .doesNotContain("Inhale,");
    }

    @Test
    void nothingIsSaidToThoseWhoAreThereAlready() {
        assertThat(words("strength:\nbridge, 8 reps x 2, rest 10 s"))
                .containsExactly("you may come to bridge: inhale, press the feet down and lift the hips", "", "");
        assertThat(words("floor:\nknees side to side, 2 reps, alternating"))
                .hasSize(2)
                .element(1)
                .asString()
                .isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"press the left foot", "Right arm up", "{leed} foot", "{}", "the {lead} and right leg"})
    void aTemplateThatCouldBeWrongIsRefused(String text) {
        assertThatThrownBy(() -> new CueTemplate(text)).isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @CsvSource({
        "'{lead} foot, {other} arm', RIGHT, 'right foot, left arm'",
        "'{lead} foot, {other} arm', LEFT, 'left foot, right arm'",
        "'turn {twist}', LEFT, 'turn right'",
        "'{knees} at a right angle', RIGHT, 'knees soft at a right angle'",
        "'{you may step / step} to {name}', RIGHT, 'you may step to triangle'"
    })
    void aTemplateTakesItsSide(String text, Side side, String words) {
        CueTemplate template = new CueTemplate(text);
        assertThat(template.words(Plans.CATALOGUE.pose("triangle"), side, side.opposite(), School.USUAL))
                .isEqualTo(words);
    }

    /** No usual cue names a side that is not its moment's, and a teacher who faces the class shows the other one. */
    @Property(tries = 200)
    void noCueNamesTheWrongSide(@ForAll long seed) {
        ClassPlan plan = NodeNames.renamed(AnyPlan.of(seed), id -> id);
        Score score = Plans.score(plan);
        List<Cue> cues = Cues.of(score, plan, Plans.CATALOGUE, School.UNSET);
        assertThat(cues).hasSameSizeAs(score.moments());
        for (int i = 0; i < cues.size(); i++) {
            Moment moment = score.moments().get(i);
            Cue cue = cues.get(i);
            if (moment.side() == null) {
                assertThat(cue.show()).isNull();
                continue;
            }
            assertThat(cue.show()).isEqualTo(moment.side().opposite());
            boolean own = cue.words().startsWith("roll to")
                    || cue.words().contains("rest on the left side") // its name
                    || moment.twistSide() != null
                    || cue.words().contains("note")
                    || cue.words().contains("left first");
            if (!own)
                assertThat(cue.words().split(": ")[0])
                        .doesNotContain(moment.side().opposite().word() + " ");
        }
    }

    /** What a pose says on the right is, word for word, what it says on the left with the sides exchanged. */
    @Test
    void everyPoseSpeaksOfBothSidesAlike() {
        int sided = 0;
        for (Pose pose : Plans.CATALOGUE.poses()) {
            if (pose.sides() == SideBehaviour.SYMMETRIC) continue;
            for (PoseCues.Wording cue : List.of(
                    pose.cues().enter(), pose.cues().align(), pose.cues().leave())) {
                CueTemplate template = new CueTemplate(cue.full());
                String right = template.words(pose, Side.RIGHT, twist(pose, Side.RIGHT), School.USUAL);
                String left = template.words(pose, Side.LEFT, twist(pose, Side.LEFT), School.USUAL);
                assertThat(right.replaceAll("\\bright\\b(?! angle)", "@")
                                .replaceAll("\\bleft\\b", "right")
                                .replace("@", "left"))
                        .isEqualTo(left);
                if (!right.equals(left)) sided++;
            }
        }
        assertThat(sided).isGreaterThan(150);
    }

    private static Side twist(Pose pose, Side side) {
        return pose.twist() == null ? null : pose.twist().of(side);
    }

    @Test
    void countsItsWordsAgainstTheirTime() {
        ClassPlan plan = plan(
                "standing:\nflow, 1 round, no sides, 3.5 s a position\nchair, in\n- say: one two three four five six\n"
                        + "chair, out\n- say: one two three four five six seven");
        List<Cue> cues = Cues.of(Plans.score(plan), plan, Plans.CATALOGUE, School.UNSET);
        assertThat(cues).extracting(Cue::count).containsExactly(6, 7);
        assertThat(cues).extracting(Cue::fits).containsExactly(true, false);
        assertThat(Cues.words(cues)).isEqualTo(13);
    }
}
