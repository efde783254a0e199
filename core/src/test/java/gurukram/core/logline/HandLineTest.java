package gurukram.core.logline;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.core.logline.HandLine.Left;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How teachers write down a class they taught without the room. */
class HandLineTest {
    /** A Sunday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 29);

    private static HandLine read(String line) {
        HandLine read = HandLine.read(line, TODAY);
        assertThat(read.problems()).as(line).isEmpty();
        return read;
    }

    private static List<String> problems(String line) {
        HandLine read = HandLine.read(line, TODAY);
        assertThat(read.problems()).as(line).isNotEmpty();
        return read.problems();
    }

    @Test
    void theLineOfTheFirstExample() {
        HandLine line = read("Thursday, 62 min, left out dancer, 9 people");
        assertThat(line.day()).isEqualTo("2026-11-26");
        assertThat(line.time()).isNull();
        assertThat(line.minutes()).isEqualTo(62);
        assertThat(line.leftOut()).containsExactly(new Left("dancer", null));
        assertThat(line.people()).isEqualTo(9);
        assertThat(line.firstTimers()).isNull();
        assertThat(line.note()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "today, 60 min | 2026-11-29",
                "yesterday, 60 min | 2026-11-28",
                "the day before yesterday, 60 min | 2026-11-27",
                "Sunday, 60 min | 2026-11-29",
                "last Sunday, 60 min | 2026-11-22",
                "Tue, 60 min | 2026-11-24",
                "last Tuesday, 60 min | 2026-11-24",
                "on thursday, 60 min | 2026-11-26",
                "26 Nov, 60 min | 2026-11-26",
                "Nov 26, 60 min | 2026-11-26",
                "26th of November, 60 min | 2026-11-26",
                "26.11.2026, 60 min | 2026-11-26",
                "26.11., 60 min | 2026-11-26",
                "26/11, 60 min | 2026-11-26",
                "11/26, 60 min | 2026-11-26",
                "2026-11-26, 60 min | 2026-11-26",
                "Mon 23 November, 60 min | 2026-11-23",
                "20 Dec, 60 min, 2025 |",
                "3 days ago, 60 min | 2026-11-26",
                "two weeks ago, 60 min | 2026-11-15",
                "23 August, 60 min | 2026-08-23",
            })
    void daysAsTheyAreCalled(String line, String day) {
        if (day == null) problems(line);
        else assertThat(read(line).day()).isEqualTo(day);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "62 min | 62",
                "62 minutes | 62",
                "62min | 62",
                "62' | 62",
                "an hour | 60",
                "1 h | 60",
                "1 h 5 | 65",
                "1h05 | 65",
                "1:02 | 62",
                "1 hour 15 minutes | 75",
                "an hour and a half | 90",
                "one and a half hours | 90",
                "1.5 h | 90",
                "90 mins | 90",
                "half an hour | 30",
                "took 58 min | 58",
                "sixty minutes | 60",
                "three quarters of an hour | 45",
            })
    void lengthsAsTheyAreCalled(String length, int minutes) {
        assertThat(read("yesterday, " + length + ", 9 people").minutes()).isEqualTo(minutes);
        assertThat(read("9 people, " + length + " yesterday").minutes()).isEqualTo(minutes);
    }

    /** Found by making the reader wrong on purpose. */
    @Test
    void theEdgesAreWhereTheyShouldBe() {
        assertThat(read("26.11, 60 min").day()).isEqualTo("2026-11-26");
        LocalDate january = LocalDate.of(2026, 1, 10);
        assertThat(HandLine.read("20 Dec, 60 min", january).day()).isEqualTo("2025-12-20");
        assertThat(HandLine.read("20 June, 60 min", january).problems()).hasSize(1);
        assertThat(read("12/12/2025, 60 min").day()).isEqualTo("2025-12-12");
        assertThat(read("yesterday, sixty-two minutes").minutes()).isEqualTo(62);
        assertThat(read("yesterday, 1.2 h").minutes()).isEqualTo(72);
        assertThat(read("yesterday, 2 h 10").minutes()).isEqualTo(130);
        assertThat(read("yesterday, 4:30").minutes()).isEqualTo(270);
        assertThat(read("yesterday 5:00, 60 min").time()).isEqualTo(LocalTime.of(5, 0));
        assertThat(read("yesterday 12:15 pm, 60 min").time()).isEqualTo(LocalTime.of(12, 15));
        assertThat(read("yesterday at 12 am, 60 min").time()).isEqualTo(LocalTime.MIDNIGHT);
        HandLine most = read("yesterday, 300 min, 300 people, 300 new");
        assertThat(most.minutes()).isEqualTo(300);
        assertThat(most.people()).isEqualTo(300);
        assertThat(most.firstTimers()).isEqualTo(300);
        assertThat(problems("yesterday, 60 min, 2 new")).containsExactly("How many came in all?");
        assertThat(read("yesterday, 60 min, nobody new").firstTimers()).isNull();
        assertThat(problems("31 June, 60 min")).containsExactly("There is no such day as “31 June”.");
    }

    @Test
    void fromAndToSayBoth() {
        HandLine line = read("Thursday 18:30-19:32, 9 people");
        assertThat(line.time()).isEqualTo(LocalTime.of(18, 30));
        assertThat(line.minutes()).isEqualTo(62);
        assertThat(read("Thursday from 18.30 to 19.45").minutes()).isEqualTo(75);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "yesterday 18:30, 62 min | 18:30", "yesterday at 18.30, 62 min | 18:30",
                        "yesterday at 7, 62 min | 07:00",
                "yesterday at 7 pm, 62 min | 19:00", "yesterday 7:15 am, 62 min | 07:15",
                        "yesterday 6.30pm, 62 min | 18:30",
                "26.11. at 18.30, 62 min | 18:30", "yesterday at noon, 62 min | 12:00",
            })
    void timesAsTheyAreCalled(String line, LocalTime time) {
        assertThat(read(line).time()).isEqualTo(time);
        assertThat(read(line).minutes()).isEqualTo(62);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "9 people | 9 |",
                "9 came | 9 |",
                "nine people | 9 |",
                "9 students | 9 |",
                "9 ppl | 9 |",
                "9 mats | 9 |",
                "12 came, 2 new | 12 | 2",
                "7 people, 1 first-timer | 7 | 1",
                "9 people, three first timers | 9 | 3",
                "9 people, nobody new | 9 | 0",
                "9 people (2 of them new) | 9 | 2",
                "twelve of us | 12 |",
                "9 people, 2 for the first time | 9 | 2",
                "9 yogis | 9 |",
            })
    void peopleAsTheyAreCalled(String people, int came, Integer first) {
        HandLine line = read("yesterday, 62 min, " + people);
        assertThat(line.people()).isEqualTo(came);
        assertThat(line.firstTimers()).isEqualTo(first);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "left out headstand and crow",
                "without headstand or crow",
                "skipped headstand, skipped crow",
                "no headstand, no crow",
                "left headstand and crow out",
                "we skipped headstand & crow",
                "dropped headstand and crow"
            })
    void whatWasLeftOut(String words) {
        assertThat(read("yesterday, 62 min, " + words + ", 9 people").leftOut())
                .containsExactly(new Left("headstand", null), new Left("crow", null));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "left out dancer on the left",
                "skipped dancer left",
                "without the left side of dancer",
                "left out dancer (left)",
                "no left dancer"
            })
    void aSideOfItAlone(String words) {
        assertThat(read("yesterday, 62 min, " + words).leftOut()).containsExactly(new Left("dancer", Side.LEFT));
    }

    @Test
    void namesWithNumbersAreNoPeople() {
        HandLine line = read("yesterday, 62 min, left out warrior 2, 9 people");
        assertThat(line.leftOut()).containsExactly(new Left("warrior 2", null));
        assertThat(line.people()).isEqualTo(9);
        assertThat(read("yesterday, 62 min, 9 people, no salutation b").leftOut())
                .containsExactly(new Left("salutation b", null));
    }

    @Test
    void aNoteIsKeptAsItIs() {
        HandLine line = read("Thursday, 62 min, 9 people, note: they loved the harbour flow, 2 people left at 19:00");
        assertThat(line.note()).isEqualTo("they loved the harbour flow, 2 people left at 19:00");
        assertThat(line.people()).isEqualTo(9);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "62 min, 9 people | Which day",
                "Thursday, 9 people | How long",
                "tomorrow, 60 min | has not come yet",
                "1 December, 60 min | has not come yet",
                "Tuesday 23 November, 60 min | is a Monday",
                "31 November, 60 min | no such day",
                "today, 62 min, 9 | “9”",
                "12.11, 60 min, 9 people | day or a time",
                "5/6, 60 min | month",
                "Thursday, 62 min, they were tired | “they were tired”",
                "Thursday, 62 min, 58 min | two lengths",
                "Thursday, Friday, 62 min | two days",
                "Thursday, 62 min, 9 people, 8 people | two numbers",
                "Thursday, 62 min, 9 people, 12 new | more",
                "Thursday, 62 min, 900 people | 300",
                "Thursday, 900 min | 300",
                "Thursday evening, 62 min | “evening”",
                "Donnerstag, 62 min | “Donnerstag”",
                "Thursday, 0 min | minute",
                "Thursday, 62 min, left out | What was left out",
            })
    void whatCannotBeTakenIsAnswered(String line, String says) {
        assertThat(problems(line)).anySatisfy(problem -> assertThat(problem).contains(says));
    }

    /** Written after the reader, by other hands. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Sat 9am 75min 14 students | 2026-11-28 | 09:00 | 75 | 14 |",
                "yesterday evening 6:30 pm 60 min | 2026-11-28 | 18:30 | 60 | |",
                "62 min Thursday without half moon on the left. Note: sore wrists | 2026-11-26 | | 62 | | half moon LEFT",
                "Thursday: 62 minutes; nine people; triangle on the right was skipped | 2026-11-26 | | 62 | 9 | triangle RIGHT",
                "Thu, 1h, 8 ppl, crow and headstand left out | 2026-11-26 | | 60 | 8 | crow, headstand",
                "friday 62 mins, only 4 people, didn't do crow | 2026-11-27 | | 62 | 4 | crow",
                "friday 62 mins, nobody came | 2026-11-27 | | 62 | 0 |",
                "yesterday, 62 min, no time for crow, 9 people including 2 new | 2026-11-28 | | 62 | 9 | crow",
                "yesterday, 62 min, nothing left out | 2026-11-28 | | 62 | |",
                "yesterday, 62 min, left out nothing, 9 people | 2026-11-28 | | 62 | 9 |",
                "Wed 25 Nov 2026 17:00 to 18:15 10 people | 2026-11-25 | 17:00 | 75 | 10 |",
                "on Saturday we were 7, 62 min | | | | |",
                "yesterday, 62 min, 11 people + 1 new | | | | |",
                "friday, 62 min, 4 people, it rained | | | | |",
                "monday and tuesday, 62 min | | | | |",
                "yesterday, 62 min, skipped dancer, too cold | | | | |",
            })
    void otherHands(String line, LocalDate day, LocalTime time, Integer minutes, Integer people, String left) {
        if (day == null) {
            problems(line);
            return;
        }
        HandLine read = read(line);
        assertThat(read.day()).isEqualTo(day);
        assertThat(read.time()).isEqualTo(time);
        assertThat(read.minutes()).isEqualTo(minutes);
        assertThat(read.people()).isEqualTo(people);
        assertThat(read.leftOut().stream()
                        .map(one -> one.name() + (one.side() == null ? "" : " " + one.side()))
                        .toList())
                .isEqualTo(left == null ? List.of() : List.of(left.split(", ")));
    }

    @Test
    void nothingAtAllIsAnswered() {
        assertThat(problems("")).hasSize(2);
        assertThat(problems("   ,,  ")).hasSize(2);
    }
}
