package gurukram.web.sheets;

import gurukram.core.body.Side;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.pose.Ladder;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.Script;
import gurukram.web.teach.Scripts;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Sheets of paper. */
@Controller
class SheetsController {
    private static final List<String> SIZES = List.of("one", "a4", "a5");
    private static final List<String> WORDS = List.of("all", "short", "none");

    private final ClassStore classes;
    private final Scripts scripts;
    private final Drawn drawn;
    private final Homes homes;
    private final Tonights tonights;
    private final Twelves twelves;
    private final Poses poses;
    private final Pdf pdf;

    SheetsController(
            ClassStore classes,
            Scripts scripts,
            Drawn drawn,
            Homes homes,
            Tonights tonights,
            Twelves twelves,
            Poses poses,
            Pdf pdf) {
        this.classes = classes;
        this.scripts = scripts;
        this.drawn = drawn;
        this.homes = homes;
        this.tonights = tonights;
        this.twelves = twelves;
        this.poses = poses;
        this.pdf = pdf;
    }

    /** One to read from the mat. @param size {@code one}: all on one A4 where that can be read; {@code a4} and {@code a5}: larger, on more pages */
    @Dear
    @GetMapping("/classes/{id}/sheets/card.pdf")
    ResponseEntity<byte[]> card(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "one") String size,
            @RequestParam(required = false) String level) {
        if (!SIZES.contains(size)) throw new NotFound();
        StoredClass stored = find(teacher, id);
        Sheet sheet = sheet(teacher, stored, level);
        if (!size.equals("one")) return file("card", stored, pdf.of("card", Map.of("sheet", sheet, "size", size)));
        return file("card", stored, pdf.onOnePage("one", Map.of("sheet", sheet)));
    }

    /** The running order with words. @param words {@code all}, {@code short} or {@code none} */
    @Dear
    @GetMapping("/classes/{id}/sheets/running.pdf")
    ResponseEntity<byte[]> running(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "all") String words,
            @RequestParam(required = false) String level) {
        if (!WORDS.contains(words)) throw new NotFound();
        StoredClass stored = find(teacher, id);
        Running running = Running.of(scripts.of(teacher, stored, level), words);
        return file("running", stored, pdf.of("running", Map.of("sheet", running)));
    }

    /**
     * For people at home: without the studio's words and nobody's needs.
     *
     * @param part the sections that are meant, by their place from 0; all of them where none is named
     * @param name whether the teacher's name stands on it, {@code words} whether the words of the steps do
     */
    @Dear
    @GetMapping("/classes/{id}/sheets/home.pdf")
    ResponseEntity<byte[]> home(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "") List<String> part,
            @RequestParam(required = false) String name,
            @RequestParam(required = false) String words,
            @RequestParam(defaultValue = "") String often,
            @RequestParam(required = false) String level) {
        StoredClass stored = find(teacher, id);
        return file(
                "home",
                stored,
                pdf.of(
                        "home",
                        Map.of(
                                "sheet",
                                homes.of(
                                        teacher,
                                        stored,
                                        new Homes.Asked(
                                                Set.copyOf(part),
                                                name == null ? "" : teacher.name(),
                                                words != null,
                                                often,
                                                level)))));
    }

    /** The figures of a flow in a row, as a drawing. */
    @Dear
    @GetMapping("/classes/{id}/flows/{flow}/figures.svg")
    ResponseEntity<String> flow(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @PathVariable String flow,
            @RequestParam(required = false) String level) {
        Script script = scripts.of(teacher, find(teacher, id), level);
        return FlowDrawing.of(script, flow, (pose, side) -> drawn.of(teacher, pose, side))
                .map(svg -> ResponseEntity.ok()
                        .contentType(MediaType.valueOf("image/svg+xml;charset=UTF-8"))
                        .header(HttpHeaders.CACHE_CONTROL, "no-store")
                        .body(svg))
                .orElseThrow(NotFound::new);
    }

    /** What to lay out, say and watch tonight. */
    @Dear
    @GetMapping("/classes/{id}/sheets/tonight.pdf")
    ResponseEntity<byte[]> tonight(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(required = false) String level) {
        StoredClass stored = find(teacher, id);
        return file("tonight", stored, pdf.of("tonight", Map.of("page", tonights.of(teacher, stored, level))));
    }

    /** The twelve positions with their breath, their legs and the names of the sun. */
    @Dear
    @GetMapping("/sheets/twelve.pdf")
    ResponseEntity<byte[]> twelve(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "a") String list,
            @RequestParam(required = false) LegRule legs,
            @RequestParam(defaultValue = "RIGHT") Side lead) {
        if (!TwelvePositions.LISTS.contains(list)) throw new NotFound();
        return Pdf.answer(
                "twelve positions " + list,
                pdf.onOnePage("twelve", Map.of("sheet", twelves.of(teacher, list, legs, lead))));
    }

    @Dear
    @GetMapping("/ladders/{id}/sheet.pdf")
    ResponseEntity<byte[]> ladder(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
        Ladder ladder = poses.of(teacher).ladder(id).orElseThrow(NotFound::new);
        return Pdf.answer(
                ladder.name() + ", rung by rung",
                pdf.of(
                        "ladder",
                        Map.of(
                                "sheet",
                                LadderSheet.of(
                                        ladder, poses.of(teacher), (pose, side) -> drawn.of(teacher, pose, side)))));
    }

    private StoredClass find(Teacher teacher, ClassId id) {
        return classes.find(teacher, id).orElseThrow(NotFound::new);
    }

    private Sheet sheet(Teacher teacher, StoredClass stored, String level) {
        ClassSettings settings = stored.plan().settings();
        Script script = scripts.of(teacher, stored, level);
        String about = "%s, %s, %d min".formatted(settings.style().word(), script.level(), settings.slotMinutes());
        return Sheet.of(script, settings.theme().title(), about, (pose, side) -> drawn.of(teacher, pose, side));
    }

    private ResponseEntity<byte[]> file(String what, StoredClass stored, byte[] sheet) {
        return Pdf.answer(stored.plan().settings().title() + ", " + what, sheet);
    }
}
