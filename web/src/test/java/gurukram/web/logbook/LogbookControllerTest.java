package gurukram.web.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import gurukram.web.account.Zones;
import gurukram.web.groups.TriesStore;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassStore;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.FeltStore;
import gurukram.web.teach.Script;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import gurukram.web.teach.TaughtStore.Entry;
import gurukram.web.teach.TaughtStore.Taught;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.assertj.core.api.Assertions;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;

class LogbookControllerTest {
    private final TaughtStore taught = mock(TaughtStore.class);
    private final Zones zones = mock(Zones.class);
    private final LogbookCare care = mock(LogbookCare.class);
    private final TaughtController controller = new TaughtController(
            mock(LogbookStore.class),
            care,
            taught,
            mock(ClassStore.class),
            mock(CarriedStore.class),
            mock(TriesStore.class),
            mock(Poses.class),
            mock(FeltStore.class),
            zones,
            Clock.systemUTC());
    private final Teacher teacher = new Teacher(UUID.randomUUID(), UUID.randomUUID(), "a@b.example", "A", false);
    private final TaughtId id = new TaughtId(UUID.randomUUID());

    private static Script.Line line(String side, int section) {
        return new Script.Line(
                "n",
                "hold",
                0,
                5_000,
                25_000,
                "Tree",
                "",
                side,
                side == null ? "" : side + " standing leg",
                "5 breaths",
                section,
                "",
                null,
                5,
                null,
                "",
                "",
                List.of(),
                "",
                null,
                null,
                "",
                null,
                null,
                null,
                List.of(),
                "",
                "");
    }

    private Taught taught(Instant ended) {
        Script script = new Script(
                "Tide",
                "beginner",
                90_000,
                List.of(new Script.Part("Standing", 0, 60_000), new Script.Part("Rest", 60_000, 30_000)),
                List.of(line("right", 0), line("left", 0), line(null, 1)),
                List.of(),
                List.of(
                        new Script.Prompted("opening", "opening words", 0, "Feel the floor.", true),
                        new Script.Prompted("affirmation", "affirmation", 0, "Steady is not still.", true)),
                30_000L,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
        return new Taught(
                id,
                null,
                "Tide",
                "beginner",
                90_000,
                script,
                Instant.parse("2026-03-03T18:30:00Z"),
                ended,
                null,
                false,
                false,
                null,
                true,
                List.of("opening"),
                TaughtStore.Said.NOTHING,
                null,
                null,
                List.of());
    }

    private Entry entry(int ordinal, String side, long from, long to, long paused, String outcome) {
        Instant start = Instant.parse("2026-03-03T18:30:00Z");
        return new Entry(
                UUID.randomUUID(),
                ordinal,
                "n",
                side,
                start.plusSeconds(from),
                start.plusSeconds(to),
                paused,
                5,
                outcome);
    }

    @Test
    void plannedAndRealStandSideBySideBySection() {
        Taught done = taught(Instant.parse("2026-03-03T18:32:00Z"));
        List<Entry> entries = List.of(
                entry(0, "right", 0, 40, 10_000, "done"),
                entry(1, "left", 40, 64, 0, "skipped"),
                entry(2, null, 64, 120, 0, "done"));
        LogbookPage.Detail page =
                LogbookPage.detail(done, entries, ZoneOffset.UTC, Instant.parse("2026-03-03T20:00:00Z"), false);
        assertThat(page.when()).isEqualTo("Tuesday 3 March 2026, 18:30");
        assertThat(page.real()).isEqualTo("2:00");
        assertThat(page.difference()).isEqualTo("0:30 longer");
        assertThat(page.paused()).isEqualTo("0:10");
        assertThat(page.parts())
                .extracting(LogbookPage.Part::real, LogbookPage.Part::difference)
                .containsExactly(Assertions.tuple("1:04", "0:04 longer"), Assertions.tuple("0:56", "0:26 longer"));
        assertThat(page.sides()).isEqualTo("right 0:25, left 0:20: 0:05 longer on the right");
        assertThat(page.skipped()).containsExactly("Tree, left standing leg");
    }

    @Test
    void aClassThatWasNotFinishedSaysSo() {
        assertThat(LogbookPage.line(
                                new LogbookStore.Heading(
                                        id, "Tide", "beginner", 90_000, Instant.EPOCH, null, true, null),
                                ZoneOffset.UTC)
                        .real())
                .isEqualTo("not finished");
    }

    @Test
    void whatEndedAtOnceWasOnlyTriedOut() {
        Instant end = Instant.EPOCH.plusSeconds(1);
        var tried = new LogbookStore.Heading(id, "Tide", "beginner", 90_000, Instant.EPOCH, end, false, null);
        assertThat(LogbookPage.line(tried, ZoneOffset.UTC).difference()).isEqualTo("only tried out");
    }

    private static Map<String, String> form(String people, String first, String note) {
        return Map.of("people", people, "firstTimers", first, "note", note);
    }

    @Test
    void whatCannotBeKeptStaysOnThePageWithWhy() {
        when(taught.find(teacher, id)).thenReturn(Optional.of(taught(null)));
        when(zones.of(teacher)).thenReturn(ZoneOffset.UTC);
        MockHttpServletResponse response = new MockHttpServletResponse();
        ExtendedModelMap model = new ExtendedModelMap();
        String note = "n".repeat(LookingBack.MOST_LETTERS + 1);
        assertThat(controller.afterwards(teacher, id, form("nine", "3", note), response, model))
                .isEqualTo("logbook/taught");
        assertThat(response.getStatus()).isEqualTo(422);
        assertThat(model.get("typed"))
                .asInstanceOf(InstanceOfAssertFactories.map(String.class, String.class))
                .containsAllEntriesOf(form("nine", "3", note));
        assertThat(model.get("problems"))
                .asInstanceOf(InstanceOfAssertFactories.map(String.class, String.class))
                .containsEntry("note", "A note has at most 4,000 letters; this one has 4,001.")
                .containsEntry("people", "“nine” is no number of people up to 300.")
                .hasSize(2);
        verify(care, never()).lookBack(any(), any(), any());
    }

    @Test
    void moreThanCameCannotBeNew() {
        assertThat(new LookingBack("9", "10", "", "").problems()).containsOnlyKeys("firstTimers");
        assertThat(new LookingBack("", "2", "", "").problems()).containsOnlyKeys("firstTimers");
        assertThat(new LookingBack("9", "", "", "").problems()).isEmpty();
        assertThat(new LookingBack("-1", "", "", "").problems()).containsOnlyKeys("people");
        assertThat(new LookingBack("9", "2", " calm ", "").said()).isEqualTo(new TaughtStore.Said(9, 2, "calm", ""));
    }

    @Test
    void whatIsSaidAfterwardsIsKeptAndOfNothingIsNotFound() {
        TaughtStore.Said lost = new TaughtStore.Said(null, null, "", "lost");
        doThrow(new NotFound()).when(care).lookBack(teacher, id, lost);
        String answer = controller.afterwards(
                teacher, id, form(" 9 ", "", " kept "), new MockHttpServletResponse(), new ExtendedModelMap());
        assertThat(answer).startsWith("redirect:/logbook/" + id);
        verify(care).lookBack(teacher, id, new TaughtStore.Said(9, null, "", "kept"));
        Assertions.assertThatThrownBy(() -> controller.afterwards(
                        teacher, id, form("", "", "lost"), new MockHttpServletResponse(), new ExtendedModelMap()))
                .isInstanceOf(NotFound.class);
    }
}
