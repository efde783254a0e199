package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Plans;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Thresholds;
import gurukram.core.text.Refused;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ChecksTest {
    private static final Path SOURCES = Path.of("src/main/java/gurukram/core/check");
    private static final Path TESTS = Path.of("src/test/java/gurukram/core/check");

    private static List<String> ruleFiles() throws IOException {
        try (Stream<Path> files = Files.list(SOURCES)) {
            return files.filter(file -> read(file).contains("implements Check "))
                    .map(file -> file.getFileName().toString().replace(".java", ""))
                    .sorted()
                    .toList();
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void everyRuleIsRegisteredAndHasItsTestAndItsExample() throws IOException {
        List<String> rules = ruleFiles();
        assertTrue(rules.size() >= 26, "only " + rules.size() + " rules found");
        assertEquals(
                rules,
                Checks.all().stream()
                        .map(c -> c.getClass().getSimpleName())
                        .sorted()
                        .toList());
        for (Check check : Checks.all()) {
            assertTrue(
                    Files.exists(TESTS.resolve(check.getClass().getSimpleName() + "Test.java")),
                    check.getClass() + " has no test");
            assertTrue(
                    Files.exists(MarkedExampleTest.fileOf(check.card())),
                    check.card().rule() + " has no example");
        }
    }

    @Test
    void shortNamesCanBeMutedAndThresholdsAreToldApart() {
        Set<String> rules = new HashSet<>();
        Set<String> thresholds = new HashSet<>();
        for (Check check : Checks.all()) {
            assertTrue(
                    rules.add(new Marks.Mute(check.card().rule(), "").rule()),
                    check.card().rule());
            assertTrue(check.card().why().endsWith("."), check.card().rule());
            for (Threshold threshold : check.card().thresholds()) {
                assertTrue(thresholds.add(threshold.name()), threshold.name());
                new Thresholds(Map.of(
                        threshold.name(),
                        List.of(threshold.beginner(), threshold.intermediate(), threshold.advanced())));
            }
        }
    }

    @Test
    void anEmptyClassIsSilent() {
        assertEquals(
                List.of(),
                Checked.of("class: T\n- 60 min, hatha, beginner\n").report().findings());
    }

    @Test
    void theWorstComesFirstThenTheEarliest() {
        List<Finding> findings = Checked.of(
                        "standing:\ntree, right, 9 breaths\nchair, 9 breaths\nmountain, 9 breaths\n")
                .report()
                .findings();
        List<Severity> severities = findings.stream().map(Finding::severity).toList();
        assertEquals(severities.stream().sorted().toList(), severities);
        assertEquals(Severity.MUST, severities.get(0));
    }

    @Test
    void whatIsMutedAtItsPlaceAroundItOrForTheClassIsKeptApartWithItsReason() {
        String text = "%sstanding:\n%stree, right, 4 breaths\n%s";
        Checked open = Checked.of(text.formatted("", "", ""));
        assertEquals(1, open.of(SidesUneven.class).size());
        for (String muted : List.of(
                text.formatted("", "", "- muted sides-uneven: sore knee today\n"),
                text.formatted("", "- muted sides-uneven: sore knee today\n", ""),
                text.formatted("class: T\n- muted sides-uneven: sore knee today\n", "", ""))) {
            Report report = Checked.of(muted).report();
            assertTrue(report.findings().stream().noneMatch(f -> f.rule().equals("sides-uneven")), muted);
            assertEquals(
                    List.of("sore knee today"),
                    report.muted().stream().map(m -> m.by().why()).toList());
        }
    }

    @Test
    void aMendThatBreaksSomethingElseIsWithheld() {
        Checked lunges = Checked.of(
                "standing:\nflow, 1 round, one side\n  high lunge, lead, in\n  warrior 2, lead, out\nend flow\n");
        assertEquals(
                List.of(),
                lunges.offers(OddSides.class),
                "two rounds would step from lunge to lunge on the other side");
    }

    @Test
    void aRuleNobodyKnowsIsSaidSo() {
        assertTrue(assertThrows(Refused.class, () -> Checks.card("no-such-rule"))
                .getMessage()
                .contains("no check called"));
    }

    /** Needs that each want another line, and one whose line is only words. */
    @Test
    void whatSeveralNeedsWantIsMendedTogetherAsOneAfterTheOther() {
        Checked both = Checked.of(
                "warm-up:\nflow tide, 3 rounds, no sides\ncow, in\ncat, out\nend flow\nthunderbolt seat, 8 breaths\n",
                Checked.group("12 mats, 1 wrist, 1 knee"));
        List<Finding> wanted = both.of(Cautions.class).stream()
                .filter(one -> one.severity() == Severity.LOOK)
                .toList();
        assertEquals(2, wanted.size());
        Checks.Tried all = both.checks()
                .triedTogether(both.subject(), wanted, both.report())
                .orElseThrow();
        assertEquals(all.after().plan(), all.mend().edit().applyTo(both.plan()));
        assertEquals(List.of(), serious(all.report()));
        Checked first = both.mended(both.mends(wanted.get(0)).get(0));
        Finding left = first.of(Cautions.class).stream()
                .filter(one -> one.severity() == Severity.LOOK)
                .findFirst()
                .orElseThrow();
        assertEquals(first.mended(first.mends(left).get(0)).plan(), all.after().plan());
    }

    private static List<Finding> serious(Report report) {
        return report.findings().stream()
                .filter(one -> one.severity() != Severity.INFO && one.rule().equals("cautions"))
                .toList();
    }

    @Test
    void whatARoundDidInsteadIsGoneWhereEverybodyDoesIt() {
        Checked high = Checked.of("class: T\n- 60 min, hatha, beginner\nstanding:\nflow tide, 3 rounds, both sides\n"
                + "high lunge, lead, in\n- rounds 2+: low lunge\nhalf split, lead, out\ndownward dog, out\nend flow\n");
        Finding above = high.of(AboveLevel.class).get(0);
        Mend low = high.mends(above).stream()
                .filter(mend -> mend.label().contains("low lunge"))
                .findFirst()
                .orElseThrow();
        Checked mended = high.mended(low);
        assertEquals("", mended.says(EmptyLayer.class));
        String text = new NotationWriter(Plans.CATALOGUE).write(mended.plan());
        assertTrue(text.contains("low lunge, lead, in\n  half split"), text);
    }
}
