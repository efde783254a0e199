package gurukram.web.studio;

import gurukram.core.plan.settings.School;
import gurukram.core.studio.Deed;
import gurukram.core.studio.Rights;
import gurukram.core.text.Refused;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import gurukram.web.sheets.Pdf;
import gurukram.web.sheets.Tonights;
import gurukram.web.studio.HouseClassStore.Shared;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A class that is shared in a studio: read, reviewed, copied, taught in somebody's place. */
@Controller
class HouseClassController {
    private final Houses houses;
    private final HouseClasses shared;
    private final ClassStore classes;

    private final Tonights tonights;
    private final Pdf pdf;

    HouseClassController(Houses houses, HouseClasses shared, ClassStore classes, Tonights tonights, Pdf pdf) {
        this.tonights = tonights;
        this.pdf = pdf;
        this.houses = houses;
        this.shared = shared;
        this.classes = classes;
    }

    /** In which studio a class is to be shared. */
    @GetMapping("/classes/{id}/share-in-studio")
    String where(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, Model model) {
        model.addAttribute("id", id.toString());
        model.addAttribute(
                "name",
                classes.find(teacher, id)
                        .orElseThrow(NotFound::new)
                        .plan()
                        .settings()
                        .title());
        model.addAttribute(
                "studios",
                houses.of(teacher).stream()
                        .filter(house -> Rights.may(house.role(), Deed.SHARE_CLASS))
                        .toList());
        return "studio/share";
    }

    @PostMapping("/classes/{id}/share-in-studio")
    String share(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "") String studio) {
        classes.find(teacher, id).orElseThrow(NotFound::new);
        UUID where = Typed.id(studio);
        return to(where, shared.share(teacher, where, id));
    }

    private static String to(UUID studio, UUID id) {
        return "redirect:/studios/" + studio + "/classes/" + id;
    }

    @GetMapping("/studios/{studio}/classes/{id}")
    String read(
            @AuthenticationPrincipal Teacher teacher, @PathVariable UUID studio, @PathVariable UUID id, Model model) {
        HouseStore.House house = houses.may(teacher, studio, Deed.READ_CLASS);
        Shared one = shared.find(teacher, studio, id, Deed.READ_CLASS);
        boolean makers = one.teacher().equals(teacher.id());
        model.addAttribute("studio", studio);
        model.addAttribute("studioName", house.name());
        model.addAttribute("one", one);
        model.addAttribute("makers", makers);
        List<HouseClasses.Line> lines = shared.lines(teacher, studio, one);
        model.addAttribute("lines", lines);
        Map<Boolean, List<HouseClasses.Saw>> looked = shared.looked(teacher, studio, one, lines).stream()
                .collect(Collectors.partitioningBy(HouseClasses.Saw::isGrave));
        model.addAttribute("looked", looked.get(true));
        model.addAttribute("hints", looked.get(false));
        model.addAttribute("ruled", !houses.rules(teacher, studio).equals(School.UNSET));
        model.addAttribute("mayCopy", Rights.may(house.role(), Deed.COPY_CLASS));
        model.addAttribute("mayTeach", !makers && Rights.may(house.role(), Deed.TEACH_CLASS));
        model.addAttribute("mayTonight", !makers && Rights.may(house.role(), Deed.SEE_NEEDS));
        model.addAttribute("mayRemark", Rights.may(house.role(), Deed.REMARK));
        model.addAttribute("mayEnd", Rights.may(house.role(), Deed.END_SHARE, makers));
        model.addAttribute("mayTemplate", Rights.may(house.role(), Deed.MAKE_TEMPLATE));
        return "studio/class";
    }

    private String again(Teacher teacher, UUID studio, UUID id, Refused e, HttpServletResponse response, Model model) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("problem", e.getMessage());
        return read(teacher, studio, id, model);
    }

    /** A copy of one's own, to keep or to teach in the maker's place, at one's own pace. */
    @PostMapping({"/studios/{studio}/classes/{id}/copy", "/studios/{studio}/classes/{id}/teach"})
    String copy(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID id,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Deed deed = request.getRequestURI().endsWith("/teach") ? Deed.TEACH_CLASS : Deed.COPY_CLASS;
        try {
            return "redirect:/classes/" + shared.copy(teacher, studio, id, deed);
        } catch (Refused e) {
            return again(teacher, studio, id, e, response, model);
        }
    }

    /** What whoever stands in has to know of the maker's group. */
    @Dear
    @GetMapping("/studios/{studio}/classes/{id}/tonight.pdf")
    ResponseEntity<byte[]> tonight(
            @AuthenticationPrincipal Teacher teacher, @PathVariable UUID studio, @PathVariable UUID id) {
        Shared one = shared.find(teacher, studio, id, Deed.SEE_NEEDS);
        byte[] page = pdf.of("tonight", Map.of("page", tonights.of(one.maker(), shared.read(one), null)));
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(page);
    }

    @PostMapping("/studios/{studio}/classes/{id}/template")
    String template(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String yes) {
        shared.template(teacher, studio, id, yes.equals("yes"));
        return to(studio, id);
    }

    @PostMapping("/studios/{studio}/classes/{id}/end")
    String end(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID studio, @PathVariable UUID id) {
        shared.end(teacher, studio, id);
        return "redirect:/studios/" + studio;
    }

    @PostMapping("/studios/{studio}/classes/{id}/remarks")
    String remark(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String node,
            @RequestParam(defaultValue = "") String words,
            HttpServletResponse response,
            Model model) {
        try {
            shared.remark(teacher, studio, id, node, words);
            return to(studio, id) + "#at-" + node;
        } catch (Refused e) {
            model.addAttribute("at", node);
            model.addAttribute("typed", words.replaceAll("\\p{Cc}", " "));
            return again(teacher, studio, id, e, response, model);
        }
    }

    @PostMapping("/studios/{studio}/classes/{id}/remarks/{remark}/resolve")
    String resolve(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID id,
            @PathVariable UUID remark) {
        shared.resolve(teacher, studio, id, remark);
        return to(studio, id);
    }

    @PostMapping("/studios/{studio}/classes/{id}/remarks/{remark}/out")
    String takeBack(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID studio,
            @PathVariable UUID id,
            @PathVariable UUID remark) {
        shared.takeBack(teacher, studio, id, remark);
        return to(studio, id);
    }
}
