package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.compose.Compositions.COMPOSER;
import static gurukram.core.compose.Compositions.matrix;
import static gurukram.core.compose.Compositions.some;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.check.Finding;
import gurukram.core.check.Severity;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.craft.Measure;
import gurukram.core.group.People;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Every peak, level, slot and style; every need, alone and in pairs. A fixed part of them, all with GURUKRAM_FULL. */
class ComposerMatrixTest {
    /** A number that shares no divisor with the lists of levels, slots and styles, so that all of them come. */
    private static final int ONE_IN = 29;

    private static final List<Draft> DRAFTS = some(matrix(), ONE_IN).stream()
            .map(brief -> COMPOSER.compose(brief, 1))
            .toList();

    @Test
    void everyDraftOfTheMatrixIsAsADraftHasToBe() {
        Worst worst = new Worst();
        DRAFTS.forEach(worst::look);
        worst.tell("peaks, levels, slots and styles");
        assertThat(worst.faults).isEmpty();
    }

    /** How many of a hundred drafts stand within what is usual, at the least; measured, and not to fall. */
    private static final Map<Measure.Kind, Integer> USUAL = Map.of(
            Measure.Kind.REST, 100,
            Measure.Kind.PASSIVE, 100,
            Measure.Kind.COUNTABLE, 90,
            Measure.Kind.FLOWS, 85,
            Measure.Kind.PEAK_AT, 90,
            Measure.Kind.HELD_IN_FLOWS, 95,
            Measure.Kind.BASE_CHANGES, 85,
            Measure.Kind.SHAPES, 95,
            Measure.Kind.THREADS, 90);

    @Test
    void draftsAreBuiltAsGoodClassesAre() {
        List<Draft> drafts = DRAFTS;
        Map<Measure.Kind, CraftReport.Values> built = CraftReport.of(drafts);
        USUAL.forEach((kind, least) ->
                assertThat(built.get(kind).percent()).as(kind.words()).isGreaterThanOrEqualTo(least));
        List<Draft> flowing = drafts.stream()
                .filter(draft ->
                        draft.brief().style() == Style.VINYASA && draft.brief().minutes() >= 45)
                .toList();
        assertThat(CraftReport.of(flowing).get(Measure.Kind.QUOTES).percent())
                .as("two phrases begin alike")
                .isGreaterThanOrEqualTo(90);
        assertThat(CraftReport.of(flowing).get(Measure.Kind.FLOW_SHARE).percent())
                .as("as much flow as is usual")
                .isGreaterThanOrEqualTo(88);
        RULES.forEach((rule, least) -> assertThat(CraftRules.kept(drafts, rule))
                .as("rule " + rule + ", broken by " + CraftRules.example(drafts, rule))
                .isGreaterThanOrEqualTo(least));
    }

    /** How many of a hundred drafts keep a rule of craft, at the least; measured, and not to fall. */
    private static final Map<String, Integer> RULES = Map.ofEntries(
            Map.entry("1", 100),
            Map.entry("2", 100),
            Map.entry("3", 100),
            Map.entry("4", 100),
            Map.entry("5", 100),
            Map.entry("5 trips", 100),
            Map.entry("5.4", 100),
            Map.entry("6", 87),
            Map.entry("8", 100),
            Map.entry("10", 98),
            Map.entry("12", 100),
            Map.entry("13", 100),
            Map.entry("14", 92),
            Map.entry("15", 98),
            Map.entry("19", 100),
            Map.entry("20", 100),
            Map.entry("22", 93),
            Map.entry("28", 93),
            Map.entry("29", 97),
            Map.entry("30 spine", 100),
            Map.entry("30 wrists", 100),
            Map.entry("30 gentle", 100),
            Map.entry("31", 98),
            Map.entry("31 waves", 92),
            Map.entry("32", 85),
            Map.entry("33", 100),
            Map.entry("34", 100),
            Map.entry("35 passive", 100),
            Map.entry("35 lying", 95),
            Map.entry("35 twist", 100),
            Map.entry("36", 100),
            Map.entry("36 roll", 100),
            Map.entry("36 sit", 100),
            Map.entry("36 words", 100),
            Map.entry("38", 93),
            Map.entry("40", 97),
            Map.entry("look", 90));

    @Test
    void underSupervisionThePeaksOffTheFloorAreReachedAndAreAsTheyHaveToBe() {
        Worst worst = new Worst();
        List<Brief> advanced = matrix().stream()
                .filter(brief -> brief.level() == Level.ADVANCED)
                .map(brief -> brief.withSupervised(true))
                .toList();
        for (Brief brief : some(advanced, ONE_IN)) {
            Draft draft = COMPOSER.compose(brief, 2);
            worst.look(draft);
            boolean reached = draft.goal().isAsAsked();
            boolean tooShort = brief.minutes() <= 45 && draft.stops().toString().contains("minutes was found");
            assertThat(reached || tooShort)
                    .as(brief.peak() + " " + draft.stops())
                    .isTrue();
        }
        worst.tell("supervised, advanced");
        assertThat(worst.faults).isEmpty();
    }

    @Test
    void everyNeedAloneAndInPairsIsKept() {
        Worst worst = new Worst();
        for (Brief brief : some(needs(), 29)) {
            Draft draft = COMPOSER.compose(brief, 1);
            worst.look(draft);
            for (Finding finding : draft.report().findings()) {
                boolean open = finding.rule().equals("cautions") && finding.severity() != Severity.INFO;
                if (open) worst.faults.add(brief.group().needs() + ": " + finding.what());
            }
            boolean reached = draft.goal() != null && draft.goal().isAsAsked();
            boolean said = reached || !draft.stops().isEmpty();
            if (!said)
                worst.faults.add(brief.group().needs() + " does not say why " + brief.peak() + " is not reached");
        }
        worst.tell("needs");
        assertThat(worst.faults).isEmpty();
    }

    private static List<Brief> needs() {
        List<Brief> briefs = new ArrayList<>();
        List<String> peaks = Compositions.peaks();
        Need[] needs = Need.values();
        for (int a = 0; a < needs.length; a++) {
            for (int b = a; b < needs.length; b++) {
                Map<Need, Integer> people = new EnumMap<>(Need.class);
                people.put(needs[a], 1);
                people.put(needs[b], 2);
                int n = briefs.size();
                Brief brief = Brief.to(
                        peaks.get(n * 7 % peaks.size()),
                        Compositions.MINUTES[n % 5],
                        Style.values()[n % 2],
                        Level.values()[n % 3]);
                briefs.add(brief.with(new People(10, people, null)));
            }
        }
        return briefs;
    }

    /** The worst of each measure over many drafts, and every fault with the draft it is in. */
    private static final class Worst {
        private final List<String> faults = new ArrayList<>();
        private final Map<Integer, Integer> fewest = new TreeMap<>();
        private final Map<String, Integer> looks = new TreeMap<>();
        private long off;
        private double open;
        private int drafts;
        private int lower;

        void look(Draft draft) {
            Brief brief = draft.brief();
            String name = "%s %d %s %s %s"
                    .formatted(
                            brief.peak(),
                            brief.minutes(),
                            brief.style(),
                            brief.level(),
                            brief.group() == null ? "" : brief.group().needs());
            DraftVerifier.faults(draft).forEach(fault -> faults.add(name + ": " + fault));
            drafts++;
            off = Math.max(off, DraftVerifier.off(draft));
            open = Math.max(open, DraftVerifier.open(draft));
            fewest.merge(brief.minutes(), DraftVerifier.poses(draft), Math::min);
            if (draft.goal() != null && !draft.goal().isAsAsked()) lower++;
            for (Finding finding : draft.report().findings())
                if (finding.severity() == Severity.LOOK) looks.merge(finding.rule(), 1, Integer::sum);
        }

        void tell(String what) {
            assertThat(drafts).isPositive();
            System.out.printf(
                    "Drafts over %s: %d, %d of them to a lower rung. Worst: %.1f s off the slot, %.1f %% open, fewest poses by"
                            + " minutes %s; to look at: %s%n",
                    what, drafts, lower, off / 1000.0, 100 * open, fewest, looks);
        }
    }

    @Test
    void thePeaksThatAreAskedForAreThoseWithALadder() {
        assertThat(Compositions.peaks()).hasSizeGreaterThanOrEqualTo(30).allMatch(CATALOGUE::has);
    }
}
