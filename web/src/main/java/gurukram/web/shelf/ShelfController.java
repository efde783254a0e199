package gurukram.web.shelf;

import gurukram.core.studio.Deed;
import gurukram.core.studio.Rights;
import gurukram.core.studio.Role;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.WrongRequest;
import gurukram.web.shelf.ShelfStore.Thing;
import gurukram.web.studio.Houses;
import gurukram.web.takeaway.Pieces.Piece;
import jakarta.servlet.http.HttpServletResponse;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page of what belongs to a studio. */
@Controller
class ShelfController {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM).withLocale(Locale.UK);

    private final Shelf shelf;
    private final Houses houses;
    private final Zones zones;

    ShelfController(Shelf shelf, Houses houses, Zones zones) {
        this.shelf = shelf;
        this.houses = houses;
        this.zones = zones;
    }

    /** @param has whether who looks has it, {@code newer} whether the studio's is another one since */
    public record Row(
            UUID id,
            String name,
            String about,
            String by,
            String when,
            boolean has,
            boolean newer,
            boolean mayTake,
            boolean mayClear) {
        public String take() {
            return newer ? "Take the newer one" : "Take it";
        }
    }

    public record Board(String name, List<Row> rows) {}

    public record Choice(String value, String name) {}

    public record Choices(String name, List<Choice> all) {}

    @GetMapping("/studios/{studio}/shelf")
    String shelf(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID studio, Model model) {
        Role role = houses.asked(teacher, studio, Deed.SEE_SHELF, false);
        List<Thing> all = shelf.all(teacher, studio);
        List<Board> boards = new ArrayList<>();
        for (ThingKind kind : ThingKind.values()) {
            List<Row> rows = all.stream()
                    .filter(thing -> thing.kind() == kind)
                    .map(thing -> row(teacher, role, thing))
                    .toList();
            if (!rows.isEmpty()) boards.add(new Board(kind.many(), rows));
        }
        boolean puts = Rights.may(role, Deed.PUT_ON_SHELF);
        model.addAttribute("studio", studio);
        model.addAttribute("studioName", houses.name(teacher, studio));
        model.addAttribute("boards", boards);
        model.addAttribute("puts", puts);
        model.addAttribute("mine", puts ? mine(teacher) : List.of());
        return "studio/shelf";
    }

    private Row row(Teacher teacher, Role role, Thing thing) {
        boolean own = teacher.id().equals(thing.putBy());
        return new Row(
                thing.id(),
                thing.name(),
                thing.about(),
                thing.by(),
                DAY.format(thing.at().atZone(zones.of(teacher))),
                thing.mine() > 0,
                thing.isNewer(),
                Rights.may(role, Deed.TAKE_FROM_SHELF, own) && (thing.mine() == 0 || thing.isNewer()),
                Rights.may(role, Deed.CLEAR_SHELF, own));
    }

    @GetMapping("/studios/{studio}/shelf/{thing}")
    String look(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID thing,
            Model model) {
        Role role = houses.asked(teacher, studio, Deed.SEE_SHELF, false);
        Shelf.Looked looked = shelf.look(teacher, studio, thing);
        model.addAttribute("studio", studio);
        model.addAttribute("kind", looked.thing().kind().word());
        model.addAttribute("row", row(teacher, role, looked.thing()));
        model.addAttribute("lines", looked.lines());
        return "studio/thing";
    }

    private List<Choices> mine(Teacher teacher) {
        List<Choices> all = new ArrayList<>();
        for (Map.Entry<ThingKind, List<Piece>> one : shelf.mine(teacher).entrySet())
            all.add(new Choices(
                    one.getKey().many(),
                    one.getValue().stream()
                            .map(piece -> new Choice(one.getKey().word() + " " + piece.key(), piece.name()))
                            .toList()));
        return all;
    }

    private String again(Teacher teacher, UUID studio, Refused e, HttpServletResponse response, Model model) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("problem", e.getMessage());
        return shelf(teacher, studio, model);
    }

    private static String back(UUID studio, String told, RedirectAttributes next) {
        if (!told.isEmpty()) next.addFlashAttribute("told", told);
        return "redirect:/studios/" + studio + "/shelf";
    }

    /** @param what kind and key, as chosen */
    @PostMapping("/studios/{studio}/shelf")
    String put(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @RequestParam(defaultValue = "") String what,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        houses.asked(teacher, studio, Deed.PUT_ON_SHELF, false);
        int gap = what.indexOf(' ');
        try {
            if (what.isBlank()) throw new Refused("Choose something of yours first.");
            ThingKind kind = ThingKind.find(gap < 0 ? what : what.substring(0, gap))
                    .orElseThrow(() -> new WrongRequest("no such kind"));
            return back(studio, shelf.put(teacher, studio, kind, what.substring(gap + 1)), next);
        } catch (Refused e) {
            return again(teacher, studio, e, response, model);
        }
    }

    @PostMapping("/studios/{studio}/shelf/{thing}/take")
    String take(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID thing,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        try {
            return back(studio, shelf.take(teacher, studio, thing), next);
        } catch (Refused e) {
            return again(teacher, studio, e, response, model);
        }
    }

    @PostMapping("/studios/{studio}/shelf/{thing}/away")
    String away(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID studio, @PathVariable UUID thing) {
        shelf.away(teacher, studio, thing);
        return "redirect:/studios/" + studio + "/shelf";
    }
}
