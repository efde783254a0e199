package gurukram.core.compose.idea;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.compose.brief.Focus;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Ladder;
import gurukram.core.text.Claims;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ConceptsTest {
    static List<Concept> all() {
        return Concepts.all();
    }

    private static int words(String text) {
        return text.split("\\s+").length;
    }

    private static Set<String> longWords(String text) {
        Set<String> words = new HashSet<>();
        Arrays.stream(text.toLowerCase().split("\\W+"))
                .filter(word -> word.length() > 3)
                .forEach(words::add);
        return words;
    }

    @ParameterizedTest
    @MethodSource("all")
    void itsWordsAreFewAndItsShapesThere(Concept concept) {
        assertThat(Stream.of(concept.small(), concept.breath(), concept.held(), concept.lying())
                        .flatMap(List::stream))
                .allMatch(CATALOGUE::has);
        assertThat(words(concept.openTo("half moon"))).isLessThanOrEqualTo(40);
        assertThat(concept.openTo("half moon").length()).isLessThan(Theme.MOST_LETTERS);
        assertThat(concept.threads()).hasSizeBetween(3, 5).allMatch(line -> words(line) <= 10);
        Set<String> shared = longWords(concept.close());
        shared.retainAll(longWords(concept.open() + concept.sentence()));
        assertThat(shared).as("the closing words come back to the opening").isNotEmpty();
        assertThat(concept.sentence()).contains("{peak}");
        for (String text : List.of(concept.sentence(), concept.open(), concept.close()))
            assertThat(Claims.in(text)).as(text).isEmpty();
    }

    @Test
    void aLessonIsForThePoseAndItsFormsAndNotForAnyRungBelow() {
        assertThat(Lesson.of("crow")).isPresent();
        assertThat(Lesson.of(CATALOGUE.pose("crow-ready"), CATALOGUE.pose("crow")))
                .isEqualTo(Lesson.of("crow"));
        assertThat(Lesson.of(CATALOGUE.pose("camel-ready"), CATALOGUE.pose("camel")))
                .isEqualTo(Lesson.of("camel"));
        assertThat(Lesson.of(CATALOGUE.pose("dolphin-press"), CATALOGUE.pose("headstand")))
                .isEmpty();
        assertThat(Lesson.of(CATALOGUE.pose("bridge"), CATALOGUE.pose("upward-bow")))
                .isEmpty();
        assertThat(Lesson.of(CATALOGUE.pose("garland"), CATALOGUE.pose("noose")))
                .as("its own")
                .isEqualTo(Lesson.of("garland"));
    }

    @Test
    void everyPeakHasThreeIdeasAndTheFirstIsMadeOfWhatItAsksFor() {
        for (Ladder ladder : CATALOGUE.ladders()) {
            if (ladder.peak() == null) continue;
            var ideas = Concepts.towards(CATALOGUE.pose(ladder.peak()), Focus.NONE, "", id -> true);
            assertThat(ideas).hasSizeGreaterThanOrEqualTo(3).doesNotHaveDuplicates();
        }
        assertThat(Concepts.towards(CATALOGUE.pose("camel"), Focus.NONE, "", id -> true)
                        .get(0)
                        .id())
                .isIn("front", "heart");
        assertThat(Concepts.towards(CATALOGUE.pose("tree"), Focus.NONE, "", id -> true)
                        .get(0)
                        .id())
                .isEqualTo("standing-leg");
    }

    @Test
    void aWordOfTheThemeBringsItsIdeaFirst() {
        assertThat(Concepts.towards(CATALOGUE.pose("half-moon"), Focus.NONE, "Roots in the wind", id -> true)
                        .subList(0, 2))
                .extracting(Concept::id)
                .contains("standing-leg");
        assertThat(Concepts.towards(null, Focus.NONE, "A quiet evening", id -> true)
                        .get(0)
                        .id())
                .isEqualTo("low");
    }

    @Test
    void anIdeaNobodyCanDoIsNone() {
        assertThat(Concepts.towards(CATALOGUE.pose("tree"), Focus.NONE, "", id -> false))
                .isEmpty();
    }

    @Test
    void everyLessonIsOfAPoseWithALadder() {
        Set<String> peaks = new HashSet<>();
        CATALOGUE.ladders().forEach(ladder -> peaks.add(ladder.peak()));
        assertThat(Lesson.all()).hasSizeGreaterThan(30).allSatisfy(lesson -> {
            assertThat(peaks).contains(lesson.peak());
            assertThat(lesson.tries()).isBetween(1, 3);
            assertThat(List.of(lesson.show(), lesson.turns(), lesson.stop(), lesson.out(), lesson.after()))
                    .noneMatch(String::isBlank);
        });
    }
}
