package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** docs/checks.md is made of the cards, the example classes and the slips; GURUKRAM_WRITE_DOCS=yes writes it. */
class CheckDocTest {
    private static final Path DOC = Path.of("../docs/checks.md");

    @Test
    void thePageIsMadeOfTheCards() throws IOException {
        String made = page();
        if ("yes".equals(System.getenv("GURUKRAM_WRITE_DOCS"))) Files.writeString(DOC, made);
        assertEquals(made, Files.readString(DOC), "write it with GURUKRAM_WRITE_DOCS=yes");
    }

    private static String page() throws IOException {
        StringBuilder page = new StringBuilder("""
                # Checks

                What a teacher trainer would say about a class, at once and with reasons. Every finding has a place, a weight (must mend,
                should look, for your information), what there is with its numbers, and where possible mends that have been tried
                out: a mend is offered only when its finding is gone in the mended class and not merely somewhere else, nothing that must
                be mended is new, there is no more to look at than before, and nothing that was typed is lost.

                Typed words are read by a small reader (`core/.../said`, its words in `resources/said`): a sentence is cut into clauses, and
                what it states of a side, a limb, a number, the breath or a pose is held against the moment it stands at. Which limb is where
                comes from the part a pose is named by, from its own words, and from its figure. It speaks only where a sentence cannot be
                true and would be with the other side; a word it does not know is passed over.

                *For tonight* (`/classes/…/tonight`) is what a class asks of one group: what to lay out, what to say before which pose, who is
                watched; and all that a need forbids can be swapped there at once.

                A finding can be muted where it stands, or a rule for a class, with a reason: `- muted sides-uneven: sore knee today`.
                Where the judgement begins is a setting of the school, for a teacher or for one class, with one value or three for the
                levels: `- school: threshold one-leg 60/90/120`.

                This page is made of the rules' own cards and examples. In an example a line with a finding ends in `<<`; behind the
                dashes stands the same class without it, in which the rule is silent.

                """);
        page.append("| rule | what must hold |\n|---|---|\n");
        for (Check check : Checks.all()) {
            page.append("| [`%s`](#%s) | %s |\n"
                    .formatted(
                            check.card().rule(),
                            check.card().rule(),
                            check.card().title()));
        }
        for (Check check : Checks.all()) page.append(rule(check.card()));
        return page.append(measured()).append(slips()).toString();
    }

    private static String rule(Card card) throws IOException {
        StringBuilder text =
                new StringBuilder("\n## %s\n\n**%s.** %s\n".formatted(card.rule(), card.title(), card.why()));
        if (!card.thresholds().isEmpty())
            text.append("\n| threshold | what | beginner | intermediate | advanced |\n|---|---|---|---|---|\n");
        for (Threshold t : card.thresholds()) {
            text.append("| `%s` | %s | %d | %d | %d |\n"
                    .formatted(t.name(), t.words(), t.beginner(), t.intermediate(), t.advanced()));
        }
        text.append("\n```\n" + Files.readString(MarkedExampleTest.fileOf(card)).strip() + "\n```\n");
        String mends = mends(card);
        return mends.isEmpty()
                ? text.toString()
                : text.append("\nOffered here: ").append(mends).append(".\n").toString();
    }

    /** What the rule offers in its own example, as a teacher reads it. */
    private static String mends(Card card) throws IOException {
        String example = Files.readString(MarkedExampleTest.fileOf(card)).split("(?m)^----+$")[0];
        Checked checked =
                Checked.of(example.replaceAll("(?m)^# .*$", "").replace(" <<", ""), MarkedExampleTest.group(example));
        return checked.report().findings().stream()
                .filter(finding -> finding.rule().equals(card.rule()))
                .flatMap(finding -> checked.mends(finding).stream())
                .map(mend -> "“" + mend.label() + "”")
                .distinct()
                .limit(6)
                .collect(Collectors.joining(", "));
    }

    private static String measured() throws IOException {
        OwnSlipsTest.Measured first = OwnSlipsTest.Measured.of("own-slips.txt");
        OwnSlipsTest.Measured second = OwnSlipsTest.Measured.of("own-slips-2.txt");
        CleanClassesTest.Measured clean = CleanClassesTest.Measured.all();
        return """

                ## Measured

                %d slips were written down before the rules that find them and put into clean classes: **%d are found, %d %%**; of those in
                words %d of %d. The first build of the checks found 78. Another %d in words were written after the rules, in other words:
                31 of 37 were found at first, and what was missing was added; today %d. %d sentences that are right where they stand
                (`said-right.txt`) are passed over.

                | kind | found | of |
                |---|---|---|
                %s
                Missed: %s.

                **%d clean classes** of eight manners (two hatha schools, vinyasa, restorative, chair, prenatal, power, children, ten minutes
                in the morning, and ten of the phrase book): %d findings that must be mended, %.1f a class to look at. The limits: none, and one.
                `tools/check-messages.sh` prints every message and mend of them, to be read.
                """.formatted(
                        first.all(""),
                        first.found(""),
                        100 * first.found("") / first.all(""),
                        first.found("words"),
                        first.all("words"),
                        second.all(""),
                        second.found(""),
                        SaidRightTest.sentences().size(),
                        first.byKind().entrySet().stream()
                                .map(kind -> "| %s | %d | %d |\n"
                                        .formatted(kind.getKey(), kind.getValue()[0], kind.getValue()[1]))
                                .collect(Collectors.joining()),
                        first.missed().isEmpty() ? "none" : String.join("; ", first.missed()),
                        clean.classes(),
                        clean.must(),
                        (double) clean.look() / clean.classes());
    }

    private static String slips() throws IOException {
        StringBuilder text = new StringBuilder("""

                ## Slips, and what finds them

                The slips teachers make most. Each is put into two classes in which nothing is found, and then exactly its rule speaks
                (`core/src/test/resources/checks/slips.txt`). What only the teaching shows is not in a plan: the room counts along, and
                the logbook compares.

                | slip | found by | put into |
                |---|---|---|
                """);
        for (SlipsTest.Slip slip : SlipsTest.slips()) {
            String rule = slip.rule().isEmpty() ? "only the teaching shows it" : "`" + slip.rule() + "`";
            String classes = String.join(
                    ", ",
                    slip.changes().stream()
                            .map(SlipsTest.Change::base)
                            .distinct()
                            .toList());
            text.append("| %s | %s | %s |\n".formatted(slip.what(), rule, classes));
        }
        return Arrays.stream(text.toString().split("\n"))
                        .reduce((a, b) -> a + "\n" + b)
                        .orElse("") + "\n";
    }
}
