package gurukram.core.felt;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.core.felt.Sensation.How;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.text.Claims;
import gurukram.core.text.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What people say, and what a careful teacher does. */
class FeelingsTest {
    private static final Feelings FEELINGS = new Feelings(CATALOGUE);

    private static Spot spot(String words) {
        return Spot.all().stream()
                .filter(spot -> spot.id().equals(words) || spot.words().contains(words))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(words));
    }

    private static Side side(String word) {
        return word.isEmpty() ? null : Side.valueOf(word.toUpperCase(java.util.Locale.ROOT));
    }

    @Test
    void whatPeopleSayIsAnsweredAsACarefulTeacherWould() {
        List<String> wrong = new ArrayList<>();
        for (Table.Row row : Table.of("/felt/answers.txt", "|", 7)) {
            Pose pose = CATALOGUE.pose(row.cell(0));
            How how = How.find(row.cell(2)).orElseThrow();
            Sensation said = new Sensation(how, spot(row.cell(3)), side(row.cell(4)));
            List<Need> needs = row.cell(5).isEmpty() ? List.of() : List.of(Need.parse(row.cell(5)));
            Reply reply = FEELINGS.reply(pose, side(row.cell(1)), said, needs);
            if (!reply.verdict().word().equals(row.cell(6))) wrong.add(row.cells() + " → " + reply);
        }
        assertThat(wrong).isEmpty();
    }

    private static Reply reply(String pose, Side side, How how, String spot, Side on, Need... needs) {
        return FEELINGS.reply(CATALOGUE.pose(pose), side, new Sensation(how, spot(spot), on), Set.of(needs));
    }

    @Test
    void backOfTheLegWithSciaticaStopsAndTheFrontOfTheThighInTriangleIsAsItShouldBe() {
        Reply stop = reply("triangle", Side.RIGHT, How.STRETCH, "back-thigh", Side.RIGHT, Need.SCIATICA);
        assertThat(stop.verdict()).isEqualTo(Verdict.STOP);
        assertThat(stop.needs().get(0).why()).contains("not stretched");
        assertThat(stop.needs().get(0).sendTo()).contains("practitioner");
        Reply keep = reply("triangle", Side.RIGHT, How.WORK, "front-thigh", Side.RIGHT, Need.SCIATICA);
        assertThat(keep.verdict()).isEqualTo(Verdict.KEEP);
        assertThat(keep.so()).isEqualTo("It should work here: the front of the thigh, right.");
        assertThat(keep.sendTo()).isEmpty();
    }

    @Test
    void aNeedHasItsSayAlsoWhereEverybodyStops() {
        Reply sharp = reply("triangle", Side.RIGHT, How.SHARP, "back-thigh", Side.RIGHT, Need.SCIATICA);
        assertThat(sharp.needs()).hasSize(1);
        assertThat(sharp.needs().get(0).sendTo()).isNotEmpty();
        assertThat(reply("triangle", Side.RIGHT, How.SHARP, "neck", null, Need.SCIATICA)
                        .needs())
                .isEmpty();
    }

    @Test
    void whatIsLeftOutForANeedIsNoChangeForOthers() {
        for (Pose pose : CATALOGUE.poses())
            for (Spot spot : Spot.all())
                assertThat(FEELINGS.reply(pose, null, new Sensation(How.PINCH, spot, null), List.of())
                                .act())
                        .as("%s at %s", pose.id(), spot.id())
                        .doesNotContain("Leave this one out", "Leave it out");
    }

    @Test
    void anotherShapeIsOneInWhichThatPlaceIsFree() {
        assertThat(reply("scale", null, How.PINCH, "knee-side", Side.RIGHT).act())
                .as("lotus is easier, and worse for a knee")
                .doesNotContain("lotus");
        for (Pose pose : CATALOGUE.poses())
            FEELINGS.shape(pose, spot("wrist"))
                    .ifPresent(shape -> assertThat(
                                    CATALOGUE.named(shape).orElseThrow().notIn())
                            .as(pose.id() + " " + shape)
                            .doesNotContain(gurukram.core.body.BodyArea.WRISTS));
    }

    @Test
    void theSideIsThatOfThePose() {
        assertThat(reply("triangle", Side.RIGHT, How.STRETCH, "back-thigh", Side.LEFT)
                        .so())
                .contains("for the other side, right");
        assertThat(reply("triangle", Side.LEFT, How.STRETCH, "back-thigh", Side.LEFT)
                        .so())
                .startsWith("It should lengthen here");
        for (Pose pose : CATALOGUE.poses())
            for (Spot spot : Spot.all())
                for (How how : How.values())
                    for (Side on : Side.values()) {
                        String mirrored = Feelings.about(pose, Side.LEFT, new Sensation(how, spot, on.opposite()));
                        assertThat(Feelings.about(pose, Side.RIGHT, new Sensation(how, spot, on)))
                                .as("%s %s at %s", pose.id(), how, spot.id())
                                .isEqualTo(mirrored);
                    }
    }

    /** For every pose, place, way of feeling and need: what holds for all of them. */
    @Test
    void whatHoldsEverywhere() {
        int needed = 0;
        List<Pose> poses = List.copyOf(CATALOGUE.poses());
        for (int i = 0; i < poses.size(); i += 6)
            for (Spot spot : Spot.all())
                for (How how : How.values()) {
                    Pose pose = poses.get(i);
                    Sensation said = new Sensation(how, spot, null);
                    Reply without = FEELINGS.reply(pose, Side.RIGHT, said, List.of());
                    if (how == How.SHARP) assertThat(without.verdict()).isEqualTo(Verdict.STOP);
                    if (how == How.PINCH || how == How.TINGLE)
                        assertThat(without.verdict()).isNotEqualTo(Verdict.KEEP);
                    if (how == How.NOTHING) assertThat(without.verdict()).isEqualTo(Verdict.KEEP);
                    if (without.verdict() == Verdict.STOP)
                        assertThat(without.sendTo()).isNotEmpty();
                    assertThat(without.ask()).contains("?");
                    assertThat(without.so()).doesNotContain("%");
                    for (Need need : Need.values()) {
                        Reply reply = FEELINGS.reply(pose, Side.RIGHT, said, List.of(need));
                        assertThat(reply.verdict()).isGreaterThanOrEqualTo(without.verdict());
                        assertThat(FEELINGS.verdict(pose, Side.RIGHT, said, List.of(need)))
                                .isEqualTo(reply.verdict());
                        boolean blocked = pose.caution(need)
                                .filter(caution -> caution.severity() == Caution.Severity.BLOCKED)
                                .isPresent();
                        if (blocked) assertThat(reply.verdict()).isEqualTo(Verdict.STOP);
                        if (reply.verdict() != without.verdict()) {
                            needed++;
                            assertThat(reply.needs()).hasSize(1);
                        }
                    }
                }
        assertThat(needed).isGreaterThan(1_000);
    }

    @Test
    void everyNeedThatAPlaceSpeaksOfHasALineAndNoSentencePromisesOrPushes() {
        Set<Need> without = Set.of(Need.NO_FLOOR, Need.FIRST_TIME);
        for (Need need : Need.values()) {
            boolean says = Spot.all().stream()
                    .anyMatch(spot -> List.of(How.values()).stream()
                            .anyMatch(how -> !FEELINGS.reply(
                                            CATALOGUE.pose("mountain"),
                                            null,
                                            new Sensation(how, spot, null),
                                            List.of(need))
                                    .needs()
                                    .isEmpty()));
            assertThat(says).as(need.word()).isEqualTo(!without.contains(need));
        }
        for (String file : List.of("answers", "needs")) {
            String text = Table.text("/felt/" + file + ".tsv").replaceAll("(?m)^#.*$", "");
            assertThat(Claims.in(text)).as(file).isEmpty();
            assertThat(text).doesNotContain("deeper than").doesNotContainIgnoringCase("you have a ");
        }
    }

    @Test
    void everyAreaAPoseIsFeltInHasAPlaceAndEveryChangeIsOfThisVeryPose() {
        for (var area : gurukram.core.body.BodyArea.values())
            assertThat(Spot.all().stream().anyMatch(spot -> spot.areas().contains(area)))
                    .as(area.word())
                    .isTrue();
        String wrist = reply("plank", null, How.PINCH, "wrist", Side.RIGHT).act();
        Caution caution = CATALOGUE.pose("plank").caution(Need.WRIST).orElseThrow();
        assertThat(wrist).contains(caution.first()).contains("Another shape: forearm plank.");
    }

    @Test
    void theSheetSaysTheSameAsTheAnswers() {
        List<Pose> poses = List.of(CATALOGUE.pose("triangle"), CATALOGUE.pose("plank"), CATALOGUE.pose("plough"));
        List<Need> needs = List.of(Need.WRIST, Need.NECK);
        FeltSheet sheet = FEELINGS.sheet(poses, needs);
        assertThat(sheet.answers().size()).isLessThan(FeltSheet.LETTERS.length());
        assertThat(FEELINGS.sheet(CATALOGUE.poses(), needs).answers().size())
                .as("of all poses together")
                .isLessThan(FeltSheet.LETTERS.length());
        for (Pose pose : poses) {
            String letters = sheet.poses().get(pose.id()).letters();
            int at = 0;
            int plain = 0;
            for (Spot spot : Spot.all())
                for (How how : How.values()) {
                    FeltSheet.OfNeed need = sheet.needs().get(0);
                    int why = FeltSheet.LETTERS.indexOf(need.least().charAt(plain++));
                    for (Side on : new Side[] {Side.RIGHT, Side.LEFT, null}) {
                        Sensation said = new Sensation(how, spot, on);
                        var answer = sheet.answers().get(FeltSheet.LETTERS.indexOf(letters.charAt(at++)));
                        Reply reply = FEELINGS.reply(pose, Side.RIGHT, said, List.of());
                        assertThat(answer.verdict()).isEqualTo(reply.verdict().word());
                        assertThat(answer.ask()).isEqualTo(reply.ask());
                        assertThat(answer.sendTo()).isEqualTo(reply.sendTo());
                        Reply neck = FEELINGS.reply(
                                pose,
                                Side.RIGHT,
                                said,
                                List.of(Need.valueOf(need.need().toUpperCase())));
                        if (why > 0 && !need.leftOut().contains(pose.id()))
                            assertThat(neck.needs().get(0).why())
                                    .isEqualTo(need.whys().get(why - 1).why());
                    }
                }
            assertThat(at).isEqualTo(letters.length());
        }
        assertThat(sheet.needs().get(0).leftOut()).contains("plough");
    }
}
