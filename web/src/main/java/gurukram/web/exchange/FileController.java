package gurukram.web.exchange;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Section;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import gurukram.web.account.AccountStore;
import gurukram.web.drawing.Overview;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.poses.CarriedPoses;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Classes as files: taken away in several forms, and opened as text or JSON. */
@Controller
class FileController {
    private final ClassStore classes;
    private final ClassEditor editor;
    private final ClassDocuments documents;
    private final AccountStore accounts;
    private final Poses poses;
    private final ITemplateEngine templates;

    FileController(
            ClassStore classes,
            ClassEditor editor,
            ClassDocuments documents,
            AccountStore accounts,
            Poses poses,
            ITemplateEngine templates) {
        this.classes = classes;
        this.editor = editor;
        this.documents = documents;
        this.accounts = accounts;
        this.poses = poses;
        this.templates = templates;
    }

    /** A section or a flow. @param practice whether people move in it */
    public record Part(String title, String node, boolean practice) {}

    @GetMapping("/classes/{id}/files")
    String files(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, Model model) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        model.addAttribute("id", id.toString());
        model.addAttribute("name", stored.plan().settings().title());
        model.addAttribute("level", stored.plan().settings().level().word());
        model.addAttribute(
                "sections",
                stored.plan().sections().stream()
                        .map(section -> new Part(
                                section.title(),
                                section.id().value(),
                                section.role().isPractice()))
                        .toList());
        List<Part> flows = new ArrayList<>();
        stored.plan().walk(node -> {
            if (node instanceof Flow flow)
                flows.add(new Part(Naming.of(flow), flow.id().value(), true));
        });
        model.addAttribute("flows", flows);
        model.addAttribute("forms", List.of(FileForm.values()));
        return "exchange/files";
    }

    @GetMapping("/classes/{id}/files/{ending}")
    ResponseEntity<byte[]> file(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @PathVariable String ending,
            @RequestParam(required = false) Level level) {
        FileForm form = FileForm.withEnding(ending);
        if (form == null) throw new NotFound();
        ClassPlan plan = classes.find(teacher, id).orElseThrow(NotFound::new).plan();
        Level shown = level == null ? plan.settings().level() : level;
        String name = fileName(plan.settings().title()) + "." + form.ending();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, form.media())
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(content(teacher, plan, shown, form).getBytes(StandardCharsets.UTF_8));
    }

    private String content(Teacher teacher, ClassPlan plan, Level level, FileForm form) {
        return switch (form) {
            case TEXT -> documents.text(teacher, plan);
            case JSON -> documents.json(teacher, plan);
            case CSV ->
                ScoreTable.of(
                        ScoreAnswer.of(
                                plan, level, editor.unfolderOf(teacher), accounts.school(teacher), poses.of(teacher)),
                        titles(plan));
            case SVG ->
                Overview.of(plan, editor.unfold(teacher, plan, level), poses.of(teacher))
                        .file();
            case MARKDOWN -> Markdown.of(outline(teacher, plan, level));
            case CARD -> card(outline(teacher, plan, level));
        };
    }

    private static Map<String, String> titles(ClassPlan plan) {
        Map<String, String> titles = new HashMap<>();
        plan.walk(node -> {
            if (node instanceof Section section) titles.put(section.id().value(), section.title());
            if (node instanceof Flow flow && !flow.settings().name().isEmpty()) {
                titles.put(flow.id().value(), flow.settings().name());
            }
        });
        return titles;
    }

    private Outline outline(Teacher teacher, ClassPlan plan, Level level) {
        return Outline.of(plan, editor.unfold(teacher, plan, level), level, poses.of(teacher));
    }

    private String card(Outline outline) {
        Context context = new Context(Locale.ENGLISH);
        context.setVariable("card", outline);
        context.setVariable("leavesOut", FileForm.CARD.leavesOut());
        return templates.process("exchange/card", context);
    }

    /** Letters and digits of any script; everything else becomes a hyphen. */
    private static String fileName(String title) {
        String plain = title.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{M}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() ? "class" : plain;
    }

    @Dear
    @GetMapping("/classes/open")
    String open(Model model) {
        return openPage(model, "", List.of());
    }

    /** A file, or the same pasted into the box; text and JSON are told apart by their first letter. */
    @Dear
    @PostMapping("/classes/open")
    String open(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(required = false) CarriedPoses.Same same,
            HttpServletResponse response,
            Model model)
            throws IOException {
        boolean hasFile = file != null && !file.isEmpty();
        String content = hasFile ? Letters.of(file.getBytes()) : text;
        try {
            if (content.isBlank()) throw new Refused("Choose a file, or paste a class into the box.");
            boolean json = content.strip().startsWith("{");
            ClassPlan plan = json
                    ? documents.ofJson(teacher, content, same == null ? CarriedPoses.Same.ASK : same)
                    : documents.ofText(teacher, content);
            return "redirect:/classes/" + editor.create(teacher, plan, null);
        } catch (ClassDocuments.OtherPoses e) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("others", e.names());
            return openPage(model, content, List.of());
        } catch (Unreadable e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return openPage(model, content, e.faults());
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return openPage(model, content, List.of(Fault.at("", e.getMessage())));
        }
    }

    private static String openPage(Model model, String text, List<Fault> faults) {
        model.addAttribute("text", "\n" + text);
        model.addAttribute("faults", faults);
        return "exchange/open";
    }
}
