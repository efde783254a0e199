package gurukram.web.phrases;

import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.plans.MyFlowStore;
import gurukram.web.plans.edit.PastedText;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The phrase book: looked through, opened, and kept from. */
@Controller
class PhrasesController {
    private final PhraseBook book;
    private final Poses poses;
    private final MyFlowStore flows;

    PhrasesController(PhraseBook book, Poses poses, MyFlowStore flows) {
        this.book = book;
        this.poses = poses;
        this.flows = flows;
    }

    @GetMapping("/phrases")
    String browse(
            @AuthenticationPrincipal Teacher teacher,
            PhraseFilter filter,
            @RequestHeader(name = "HX-Request", required = false) String script,
            @RequestHeader(name = "HX-History-Restore-Request", required = false) String restore,
            HttpServletResponse response,
            Model model) {
        response.setHeader("Vary", "HX-Request");
        model.addAttribute("page", PhrasesPage.of(filter, book, poses.of(teacher)));
        return script != null && restore == null ? "phrases/parts/found" : "phrases/browse";
    }

    @GetMapping("/phrases/{id}")
    String phrase(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam(required = false) Level level,
            Model model) {
        Phrase phrase = book.find(id).orElseThrow(NotFound::new);
        PhraseLine line = line(phrase, level);
        PoseCatalogue catalogue = poses.of(teacher);
        model.addAttribute("tile", PhraseTile.of(line, catalogue));
        model.addAttribute(
                "levels", List.of(Level.values()).stream().filter(phrase::isFor).toList());
        model.addAttribute("level", level != null && phrase.isFor(level) ? level : phrase.from());
        model.addAttribute("text", PastedText.write(List.of(line.flow()), catalogue));
        return "phrases/phrase";
    }

    /** Keeps a phrase among the teacher's own flows, as the level does it. */
    @PostMapping("/phrases/{id}/keep")
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam(required = false) Level level,
            RedirectAttributes after) {
        Phrase phrase = book.find(id).orElseThrow(NotFound::new);
        PhraseLine line = line(phrase, level);
        String name = line.flow().settings().name();
        boolean there = flows.of(teacher).stream().anyMatch(kept -> kept.name().equals(name));
        if (!there) flows.keep(teacher, name, PastedText.write(List.of(line.flow()), poses.of(teacher)));
        after.addFlashAttribute(
                "done",
                there
                        ? "“%s” is among your flows already.".formatted(name)
                        : "Kept among your flows. In any class type “%s”, or put it in from the panel."
                                .formatted(name));
        return "redirect:/phrases/" + phrase.id() + (level == null ? "" : "?level=" + level.name());
    }

    private PhraseLine line(Phrase phrase, Level level) {
        Level shown = level != null && phrase.isFor(level) ? level : phrase.from();
        return book.at(shown, phrase.id()).orElseThrow();
    }
}
