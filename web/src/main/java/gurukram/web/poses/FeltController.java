package gurukram.web.poses;

import gurukram.core.body.Side;
import gurukram.core.caution.Rulebook;
import gurukram.core.felt.Feelings;
import gurukram.core.felt.Reply;
import gurukram.core.felt.Sensation;
import gurukram.core.felt.Sensation.How;
import gurukram.core.felt.Spot;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.drawing.Figures;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** What do they feel in a pose, and what to do about it. */
@Controller
class FeltController {
    private final Poses poses;

    FeltController(Poses poses) {
        this.poses = poses;
    }

    /** One to choose. */
    public record Choice(String value, String words, boolean chosen) {}

    /** What a need changes. */
    public record ByNeed(String need, String verdict, String why, String sendTo) {}

    /** @param look the verdict as one word */
    public record Told(
            String look,
            String verdict,
            String said,
            String so,
            String ask,
            String act,
            String sendTo,
            List<ByNeed> needs) {
        static Told of(Reply reply, Sensation said) {
            return new Told(
                    reply.verdict().word(),
                    reply.verdict().words(),
                    said.words(),
                    reply.so(),
                    reply.ask(),
                    reply.act(),
                    reply.sendTo(),
                    reply.needs().stream()
                            .map(one ->
                                    new ByNeed(one.need().words(), one.verdict().words(), one.why(), one.sendTo()))
                            .toList());
        }
    }

    @GetMapping("/poses/{id}/felt")
    String felt(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String how,
            @RequestParam(defaultValue = "") String where,
            @RequestParam(defaultValue = "") String side,
            @RequestParam(defaultValue = "") String need,
            @RequestHeader(name = "HX-Request", required = false) String script,
            @RequestHeader(name = "HX-History-Restore-Request", required = false) String restore,
            HttpServletResponse response,
            Model model) {
        response.setHeader("Vary", "HX-Request");
        PoseCatalogue catalogue = poses.of(teacher);
        if (!catalogue.has(id)) throw new NotFound();
        Pose pose = catalogue.pose(id);
        boolean sided = pose.sides().hasSides();
        Side done = !sided ? null : side(on).orElse(Side.RIGHT);
        Need known = need.isEmpty() ? null : Typed.named(Need.class, need);
        Optional<How> way = How.find(how);
        Optional<Spot> spot = Spot.find(where);
        model.addAttribute("id", id);
        model.addAttribute("name", pose.name());
        model.addAttribute("map", Figures.felt(pose));
        model.addAttribute("figure", Figures.small(pose, done));
        model.addAttribute("sided", sided);
        model.addAttribute(
                "part", pose.sideOf() == null ? "side" : pose.sideOf().words());
        model.addAttribute("on", done == null ? "" : done.word());
        model.addAttribute("side", side);
        model.addAttribute("stretches", Feelings.expected(pose.stretches(), done));
        model.addAttribute("works", Feelings.expected(pose.works(), done));
        model.addAttribute(
                "never",
                pose.notIn().stream().map(area -> area.word().replace('-', ' ')).toList());
        model.addAttribute(
                "hows",
                Arrays.stream(How.values())
                        .map(one ->
                                new Choice(one.word(), one.said(), one.word().equals(how)))
                        .toList());
        model.addAttribute(
                "spots",
                Spot.all().stream()
                        .map(one -> new Choice(one.id(), one.words(), one.id().equals(where)))
                        .toList());
        model.addAttribute("needs", needs(known));
        model.addAttribute("told", told(pose, done, way, spot, side(side), known, catalogue));
        model.addAttribute("asked", !how.isEmpty() || !where.isEmpty());
        return script != null && restore == null ? "poses/parts/felt" : "poses/felt";
    }

    private static Told told(
            Pose pose,
            Side done,
            Optional<How> how,
            Optional<Spot> spot,
            Optional<Side> side,
            Need need,
            PoseCatalogue catalogue) {
        if (how.isEmpty() || spot.isEmpty()) return null;
        Sensation said = new Sensation(how.get(), spot.get(), side.orElse(null));
        return Told.of(new Feelings(catalogue).reply(pose, done, said, need == null ? List.of() : List.of(need)), said);
    }

    private static Optional<Side> side(String word) {
        return Arrays.stream(Side.values())
                .filter(side -> side.word().equals(word.toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    private static List<Choice> needs(Need chosen) {
        List<Choice> needs = new ArrayList<>();
        for (Need need : Need.values())
            needs.add(new Choice(need.word(), Rulebook.shipped().of(need).name(), need == chosen));
        return needs;
    }
}
