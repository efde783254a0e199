package gurukram.core.notation;

import static gurukram.core.Notation.plan;
import static gurukram.core.Notation.read;
import static gurukram.core.Notation.write;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NotationReaderTest {

    /** {@code / } stands for a line break. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "class: A/class: B                           | 2 | 1  | has a title already",
                "standing:/class: B                          | 2 | 1  | before the first section",
                "class: A/- 3 min                            | 2 | 3  | Minutes: a whole number from 5",
                "class: A/- starts 25:00                     | 2 | 3  | a time such as 18:30",
                "class: A/- peak pose: haf moon              | 2 | 14 | I know no pose called “haf moon”",
                "class: A/- theme: B/- theme: C              | 3 | 10 | one “theme” already",
                "class: A/- school: no holds, loud voice     | 2 | 21 | “loud voice” is no setting of a school",
                "class: A/- 1 s a half-breath                 | 2 | 3  | Seconds a half-breath",
                "- wobbly                                    | 1 | 3  | nothing I know about the class",
                "section middle                              | 1 | 9  | no kind of section",
                "standing:/- warm                            | 2 | 3  | nothing I know about the line above",
                "tree, both, 3 breaths/- wobbly              | 2 | 3  | nothing I know about the step above",
                "tree, both, 3 breaths/- round 2: 4 breaths  | 2 | 1  | Only in a flow",
                "tree, both, 3 breaths/- beginner:           | 2 | 12 | What is different then?",
                "tree, both, 3 breaths/- beginner: chiar     | 2 | 13 | I know no pose called “chiar”",
                "tree, both, 3 breaths/- beginner: in in     | 2 | 13 | are 2 doses",
                "tree, both, 3 breaths/-- locked             | 2 | 4  | Two dashes",
                "tree, both, 3 breaths/- priority 12         | 2 | 3  | Priority: a whole number from 1 to 9",
                "tree, both, 3 breaths/- props: 2 blocks, ?  | 2 | 20 | is no prop",
                "tree, both, 3 breaths/- say: a/- say: b     | 3 | 3  | one “say” already",
                "tree, both, 3 breaths/- pace 0.2 s          | 2 | 3  | A pace is from 1 to 60 seconds",
                "tree, lead, 3 breaths                       | 1 | 1  | follows the lead side of its flow",
                "tree, no sides, 3 breaths                   | 1 | 1  | a right and a left",
                "chair, both, 3 breaths                      | 1 | 1  | the same on both sides",
                "tree, both, twist to the same side          | 1 | 1  | no twist with a side of its own",
                "5-8 reps, both                              | 1 | 1  | names none",
                "end flow                                    | 1 | 1  | no flow to end",
                "end link                                    | 1 | 1  | no link to end",
                "link, round 2                               | 1 | 1  | A link stands in a flow",
                "flow, 3 rounds/link, sideways               | 2 | 7  | nothing I know about a link",
                "flow, 3 rounds, one, two                    | 1 | 22 | nothing I know about a flow",
                "flow \"tide, 3 rounds                       | 1 | 6  | is not closed",
                "flow, 109 rounds                            | 1 | 7  | Rounds: a whole number from 1 to 108",
                "flow, 2 learn, 107 breath                   | 1 | 1  | Rounds: a whole number",
                "flow, no sides, 3 rounds/tree, lead, in     | 2 | 1  | so this flow needs sides",
                "tree, both, 8-5 breaths                     | 1 | 7  | from less to more",
                "tree, both, 5 breaths, at 6                 | 1 | 7  | between",
                "chair, in, continued, 5 breaths             | 1 | 8  | are 2 doses",
                "twelve positions z                          | 1 | 1  | “z” is none"
            })
    void saysWhatIsWrongAndWhere(String text, int line, int column, String words) {
        Reading reading = read(text.strip().replace("/", "\n"));
        assertThat(reading.problems()).hasSize(1);
        Located problem = reading.problems().get(0);
        assertThat(problem.toString()).contains(words);
        assertThat(problem.line()).isEqualTo(line);
        assertThat(problem.column()).isEqualTo(column);
    }

    @Test
    void whatIsUnderstoodStandsInThePlanBesideWhatIsNot() {
        Reading reading = read("standing:\ntree, both, 3 breaths\nwobble\nchair, 2 breaths\n\nnonsense: here\n");
        assertThat(reading.problems()).extracting(Located::line).containsExactly(3, 6);
        assertThat(reading.plan().sections().get(0).items()).hasSize(2);
        assertThat(reading.lines()).hasSize(5);
    }

    @Test
    void aFaultInOneLineIsNoneInTheLinesThatBelongToIt() {
        Reading reading = read("""
                standing:
                flow, 600 rounds
                - locked
                  cahir, in
                  - note: low
                  - round 2: then chair, out
                  -- locked
                  link, sideways
                    plank, out
                  end link
                end flow
                """);
        assertThat(reading.problems()).extracting(Located::line).containsExactly(2, 4, 8);
    }

    @Test
    void offersTheLineWithTheNearestPose() {
        Located problem = read("  haf moon, both, 4 breaths").problems().get(0);
        assertThat(problem.problem().offers()).first().isEqualTo("half moon, both, 4 breaths");
        assertThat(problem.column()).isEqualTo(3);
    }

    @Test
    void aTextTooLongIsAnsweredOnce() {
        assertThat(read("x".repeat(NotationReader.MOST_LETTERS + 1)).problems()).hasSize(1);
        assertThat(read("x".repeat(NotationReader.MOST_LINE_LETTERS + 1)).problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.toString()).contains("at most 1,000 letters"));
    }

    @Test
    void aFlowEndsAtItsEndAtADedentAtAHeadingOrAtAnotherFlow() {
        String steps = "  chair, in\n  mountain, out\n";
        for (String end : new String[] {
            "end flow\ntree, both, 3 breaths",
            "tree, both, 3 breaths",
            "standing:\ntree, both, 3 breaths",
            "flow\ntree, lead, in"
        }) {
            ClassPlan plan = plan("standing:\nflow, 2 rounds, no sides\n" + steps + end);
            Flow flow = (Flow) plan.sections().get(0).items().get(0);
            assertThat(flow.steps()).as(end).hasSize(2);
        }
        Flow flat = (Flow) plan("flow, 2 rounds, no sides\nchair, in\nmountain, out")
                .sections()
                .get(0)
                .items()
                .get(0);
        assertThat(flat.steps()).hasSize(2);
    }

    @Test
    void stepsBeforeAnySectionStandInOneOfTheirOwn() {
        Section section = plan("tree, both, 3 breaths").sections().get(0);
        assertThat(section.role()).isEqualTo(SectionRole.STANDING);
    }

    @Test
    void anUnsaidSideFollowsWhatTheLeadNames() {
        String flow = "flow, 2 rounds, both sides, lead is the %s\n  high lunge, in\n  tree, out\n";
        assertThat(write(plan(flow.formatted("foot back first")))).contains("high lunge, other, in", "tree, lead, out");
        assertThat(write(plan(flow.formatted("front leg")))).contains("high lunge, lead, in", "tree, lead, out");
        assertThat(write(plan(flow.formatted("lifted leg")))).contains("tree, other, out");
    }

    @Test
    void anUnsaidBreathTakesItsTurnAlsoBehindALongerPosition() {
        Flow flow = (Flow) plan("flow, 1 round, no sides\n  plank, out then in\n  mountain\n")
                .sections()
                .get(0)
                .items()
                .get(0);
        assertThat(flow.steps().get(1).dose()).hasToString("out");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "flow tide x4 both sides                     | flow \"tide\", 4 rounds, both sides, right first",
                "flow low tide 3 rounds one side left first  | flow \"low tide\", 3 rounds, one side, left first",
                "flow tide, 2 learn 2 silent no sides        | flow \"tide\", 4 rounds, 2 learn, 2 silent, no sides",
                "flow \"high x4\" 3 rounds no sides           | flow \"high x4\", 3 rounds, no sides",
                "flow warrior left                           | flow \"warrior left\", 1 round, both sides, right first",
                "flow “x4 both sides”                        | flow \"x4 both sides\", 1 round, both sides, right first"
            })
    void aFlowIsReadWithoutCommasToo(String typed, String line) {
        assertThat(write(plan("standing:\n" + typed))).contains("\n" + line + "\n");
    }

    @Test
    void severalNotesAreOne() {
        Step step = (Step) plan("tree, both, 3 breaths // one\n- note: two\n// three")
                .sections()
                .get(0)
                .items()
                .get(0);
        assertThat(step.note()).isEqualTo("one\ntwo\nthree");
    }

    @Test
    void aFirstLineIsATitleOnlyWhereItCanBeNothingElse() {
        assertThat(plan("Low tide\n\ntree, both, 3 breaths").settings().title()).isEqualTo("Low tide");
        assertThat(read("haf moon\nchair, 3 breaths").problems()).hasSize(1);
        assertThat(plan("chair\n\nmountain").sections().get(0).items()).hasSize(2);
    }

    @Test
    void longGapsAndManyCommasTakeNoTime() {
        String gaps = "tree" + " ".repeat(400) + ",".repeat(400) + "both, 3 breaths";
        assertThat(write(plan(gaps))).contains("tree, both, 3 breaths");
    }
}
