package gurukram.core.room;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.check.Checks;
import gurukram.core.check.Subject;
import gurukram.core.group.People;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Need;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a teacher has to think of, when. */
class PromptsTest {
    private static final String EVENING = """
            class: Evening
            - 45 min, hatha, intermediate
            - theme: Letting the rope go
            - affirmation: I can put it down.
            - image: A rope that slides through the hand.
            - quotation: What is held lightly stays.
            - opening words: Feel what you hold on to.
            - closing words: Leave the rope here.
            arrive:
            easy seat, 2 min open
            easy seat twist, both, 3 breaths
            standing:
            mountain, 3 breaths
            tree, both, 5 breaths
            - thread: Hold on with less.
            triangle, both, 4 breaths
            - props: 1 block
            half moon, both, 3 breaths
            - props: 1 block
            crow, 2 breaths
            rest:
            final rest, 5 min
            close:
            easy seat, 1 min open
            """;

    private static Subject subject(String text, People group) {
        Unfolder unfolder = new Unfolder(Plans.CATALOGUE, Pace.defaults());
        return new Checks(Plans.CATALOGUE, unfolder, School.UNSET, group).subject(Notation.plan(text));
    }

    private static List<Prompt> of(Prompt.Kind kind, List<Prompt> prompts) {
        return prompts.stream().filter(prompt -> prompt.kind() == kind).toList();
    }

    private static String poseAt(Subject subject, Prompt prompt) {
        return subject.moments().get(prompt.at()).pose();
    }

    @Test
    void theThemeHasItsPlaces() {
        Subject subject = subject(EVENING, null);
        List<Prompt> prompts = Prompts.of(subject);
        assertThat(prompts).isSortedAccordingTo((a, b) -> Integer.compare(a.at(), b.at()));
        assertThat(of(Prompt.Kind.OPENING, prompts)).singleElement().satisfies(said -> {
            assertThat(said.at()).isZero();
            assertThat(said.words()).isEqualTo("Feel what you hold on to.");
        });
        assertThat(of(Prompt.Kind.AFFIRMATION, prompts))
                .singleElement()
                .satisfies(said -> assertThat(poseAt(subject, said)).isEqualTo("easy-seat-twist"));
        assertThat(of(Prompt.Kind.IMAGE, prompts))
                .singleElement()
                .satisfies(said -> assertThat(poseAt(subject, said)).isEqualTo("mountain"));
        assertThat(of(Prompt.Kind.THREAD, prompts)).singleElement().satisfies(said -> {
            assertThat(poseAt(subject, said)).isEqualTo("tree");
            assertThat(said.words()).isEqualTo("Hold on with less.");
        });
        assertThat(of(Prompt.Kind.QUOTATION, prompts))
                .singleElement()
                .satisfies(said -> assertThat(poseAt(subject, said)).isEqualTo("corpse"));
        assertThat(of(Prompt.Kind.CLOSING, prompts))
                .singleElement()
                .satisfies(said ->
                        assertThat(said.at()).isEqualTo(subject.moments().size() - 1));
        assertThat(of(Prompt.Kind.MANTRA, prompts)).isEmpty();
    }

    @Test
    void aSentenceOpensWhereThereAreNoOpeningWords() {
        String text = EVENING.replace(
                "- opening words: Feel what you hold on to.", "- sentence: Less is held than we think.");
        assertThat(of(Prompt.Kind.OPENING, Prompts.of(subject(text, null)))
                        .get(0)
                        .words())
                .isEqualTo("Less is held than we think.");
    }

    @Test
    void whatIsFetchedIsNamedOnePoseAheadAndOnce() {
        Subject subject = subject(EVENING, null);
        assertThat(of(Prompt.Kind.FETCH, Prompts.of(subject))).singleElement().satisfies(fetch -> {
            assertThat(poseAt(subject, fetch)).as("before the triangle").isEqualTo("tree");
            assertThat(fetch.words()).isEqualTo("1 block");
        });
    }

    @Test
    void whatLiesAtTheMatIsNotFetchedAgainAndWhatAPoseIsNamedByIsFetchedUnsaid() {
        String text = """
                class: Evening
                - 45 min, hatha, intermediate
                standing:
                mountain, 3 breaths
                triangle, both, 4 breaths
                - props: 2 blocks
                half moon, both, 3 breaths
                - props: 1 block
                tree, both, 3 breaths
                camel on blocks, 3 breaths
                half moon at the wall, both, 3 breaths
                pyramid, both, 3 breaths
                - props: 3 blocks
                mountain, 3 breaths
                boat with a strap, 3 breaths
                """;
        assertThat(of(Prompt.Kind.FETCH, Prompts.of(subject(text, null))).stream()
                        .map(Prompt::words))
                .containsExactly("2 blocks", "3 blocks", "1 strap");
    }

    @Test
    void aPoseThatIsWatchedIsToldBeforeItComes() {
        Subject subject = subject(EVENING, null);
        assertThat(of(Prompt.Kind.WATCH, Prompts.of(subject)))
                .allSatisfy(watch -> assertThat(poseAt(subject, watch)).isNotEqualTo("crow"))
                .anySatisfy(watch -> {
                    assertThat(watch.words()).startsWith("Crow comes: ");
                    assertThat(poseAt(subject, watch)).isEqualTo("half-moon");
                });
    }

    @Test
    void whoHasANeedIsCountedAndNeverNamed() {
        Subject subject = subject(EVENING, new People(10, Map.of(Need.WRIST, 2), null));
        assertThat(of(Prompt.Kind.NEED, Prompts.of(subject))).anySatisfy(need -> {
            assertThat(poseAt(subject, need)).isEqualTo("crow");
            assertThat(need.words()).startsWith(Need.WRIST.words() + " (2): ");
        });
        assertThat(of(Prompt.Kind.NEED, Prompts.of(subject(EVENING, null)))).isEmpty();
    }

    @Test
    void theSameWordsForANeedComeAgainOnlyAfterAWhile() {
        String seats =
                "class: Seats\n- 60 min, hatha, beginner\narrive:\neasy seat, 2 min open\neasy seat twist, both, 3 breaths\n"
                        + "standing:\nmountain, 15 min open\nclose:\nclosing seat, 5 breaths\n";
        Subject subject = subject(seats, new People(10, Map.of(Need.KNEE, 1), null));
        assertThat(of(Prompt.Kind.NEED, Prompts.of(subject)))
                .extracting(need -> poseAt(subject, need))
                .containsExactly("easy-seat", "seated-close");
    }

    @Test
    void everyNeedHasALineOfItsOwn() {
        Subject subject = subject(EVENING, new People(10, Map.of(Need.WRIST, 2, Need.SHOULDER, 1), null));
        List<Prompt> needs = of(Prompt.Kind.NEED, Prompts.of(subject));
        assertThat(needs).allSatisfy(need -> assertThat(need.words()).doesNotContain(" · "));
        assertThat(needs).extracting(Prompt::id).doesNotHaveDuplicates();
        assertThat(needs).extracting(Prompt::words).anyMatch(words -> words.startsWith(Need.SHOULDER.words() + " (1)"));
    }

    @Test
    void whatTheNoteSaysAlreadyIsNotToldTwice() {
        People wrists = new People(10, Map.of(Need.WRIST, 2), null);
        Prompt crow = of(Prompt.Kind.NEED, Prompts.of(subject(EVENING, wrists))).stream()
                .filter(need -> need.words().contains(": "))
                .reduce((a, b) -> b)
                .orElseThrow();
        String words = crow.words().substring(crow.words().indexOf(": ") + 2);
        String noted = EVENING.replace("crow, 2 breaths", "crow, 2 breaths\n- note: Wrist: " + words);
        assertThat(of(Prompt.Kind.NEED, Prompts.of(subject(noted, wrists))))
                .extracting(Prompt::words)
                .doesNotContain(crow.words());
    }

    @Test
    void whereHandsAreMeantToHelpEachOneIsAskedFirst() {
        String helped = EVENING.replace(
                "tree, both, 5 breaths",
                "tree, both, 5 breaths\n- note: Hands-on for those who like it: steady the hips.");
        assertThat(of(Prompt.Kind.HANDS, Prompts.of(subject(helped, null))))
                .singleElement()
                .satisfies(hands -> {
                    assertThat(hands.words()).startsWith("ask each one before a hand goes on");
                    assertThat(hands.kind().isSaid()).isFalse();
                });
        assertThat(of(Prompt.Kind.HANDS, Prompts.of(subject(EVENING, null)))).isEmpty();
        String hands =
                EVENING.replace("tree, both, 5 breaths", "tree, both, 5 breaths\n- note: Both hands on the hips.");
        assertThat(of(Prompt.Kind.HANDS, Prompts.of(subject(hands, null))))
                .as("people's own hands are no help of hers")
                .isEmpty();
    }

    @Test
    void aClassOfNothingAsksForNothing() {
        assertThat(Prompts.of(subject("class: Empty\n- 30 min, hatha, beginner\n", null)))
                .isEmpty();
    }
}
