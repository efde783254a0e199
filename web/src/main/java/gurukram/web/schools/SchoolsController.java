package gurukram.web.schools;

import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Report;
import gurukram.core.check.Severity;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.schools.SideBySide;
import gurukram.core.schools.SideBySide.Asked;
import gurukram.core.schools.Switch;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.EditRequest;
import gurukram.web.plans.MyFlows;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.WrongRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.json.JsonMapper;

/** Ways of a salutation beside each other, and what a class becomes. */
@Controller
class SchoolsController {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_ROUNDS = 54;

    private final MyFlows flows;
    private final ClassEditor editor;
    private final ClassStore classes;
    private final Poses poses;
    private final ClassChecks checks;

    SchoolsController(MyFlows flows, ClassEditor editor, ClassStore classes, Poses poses, ClassChecks checks) {
        this.checks = checks;
        this.flows = flows;
        this.editor = editor;
        this.classes = classes;
        this.poses = poses;
    }

    /** What can stand in a column. */
    public record Choice(String value, String words) {}

    /** A column of the form. */
    public record Column(int n, String list, String legs, String round, String join, String first, String title) {}

    @GetMapping("/schools")
    String beside(@AuthenticationPrincipal Teacher teacher, @RequestParam Map<String, String> fields, Model model) {
        List<Flow> own = flows.flows(teacher);
        School school = editor.schoolOf(teacher).over(School.USUAL);
        Map<String, String> asked =
                fields.keySet().stream().anyMatch(name -> name.startsWith("list")) ? fields : usual(school.legRule());
        List<Asked> columns = new ArrayList<>();
        List<Column> form = new ArrayList<>();
        for (int n = 1; n <= SideBySide.MOST; n++) {
            WayForm way = WayForm.of(asked, String.valueOf(n));
            String title = "";
            if (!way.list().isEmpty()) {
                Flow flow = way.flow() < 0 ? null : own(own, way.flow());
                title = flow == null ? way.list().toUpperCase(Locale.ROOT) : Naming.of(flow);
                List<String> words = way.words();
                columns.add(
                        new Asked(words.isEmpty() ? title : title + ": " + String.join(", ", words), way.way(), flow));
            }
            form.add(new Column(n, way.list(), way.legs(), way.round(), way.join(), way.first(), title));
        }
        int rounds = rounds(asked.getOrDefault("rounds", "4"));
        SideBySide beside =
                SideBySide.of(columns, FlowSettings.of(rounds), poses.of(teacher), editor.unfolderOf(teacher));
        SchoolsPage page = SchoolsPage.of(beside, poses.of(teacher));
        model.addAttribute("form", form);
        model.addAttribute("rounds", rounds);
        model.addAttribute("lists", lists(own));
        model.addAttribute("page", page);
        model.addAttribute(
                "played", JSON.writeValueAsString(page).replace("<", "\\u003c").replace(">", "\\u003e"));
        model.addAttribute("classes", classes.summaries(teacher));
        return "schools/schools";
    }

    private static Flow own(List<Flow> own, int at) {
        if (at >= own.size()) throw new NotFound();
        return own.get(at);
    }

    /** The four lists under the teacher's own rule. */
    private static Map<String, String> usual(LegRule legs) {
        Map<String, String> fields = new LinkedHashMap<>();
        String rule = legs == LegRule.SAME_FRONT ? "same-front" : "returning";
        List<String> lists = TwelvePositions.LISTS;
        for (int n = 1; n <= lists.size(); n++) {
            fields.put("list" + n, lists.get(n - 1));
            fields.put("legs" + n, rule);
        }
        return fields;
    }

    private static int rounds(String typed) {
        if (!typed.matches("\\d{1,2}")) throw new WrongRequest("so many rounds are not compared");
        return Math.max(1, Math.min(MOST_ROUNDS, Integer.parseInt(typed)));
    }

    private static List<Choice> lists(List<Flow> own) {
        List<Choice> all = new ArrayList<>();
        for (String list : TwelvePositions.LISTS)
            all.add(new Choice(list, "Twelve positions " + list.toUpperCase(Locale.ROOT)));
        for (int i = 0; i < own.size(); i++) all.add(new Choice("flow-" + i, "Your flow: " + Naming.of(own.get(i))));
        return all;
    }

    /** What changes in a class; nothing is changed yet. */
    @GetMapping("/schools/switch")
    String look(@AuthenticationPrincipal Teacher teacher, @RequestParam Map<String, String> fields, Model model) {
        show(teacher, fields, model);
        return "schools/switch";
    }

    private Switch show(Teacher teacher, Map<String, String> fields, Model model) {
        StoredClass stored = stored(teacher, fields.getOrDefault("class", ""));
        WayForm form = WayForm.of(fields, "");
        Switch over = Switch.of(stored.plan(), form.way(), poses.of(teacher), editor.unfolderOf(teacher));
        model.addAttribute("id", stored.id().toString());
        model.addAttribute("name", stored.plan().settings().title());
        model.addAttribute("version", stored.version());
        model.addAttribute("way", form);
        model.addAttribute("changed", over.changed());
        model.addAttribute("told", over.told());
        model.addAttribute("left", over.left());
        Checks by = checks.of(teacher, stored.id());
        Report before = by.report(stored.plan());
        model.addAttribute(
                "findings",
                over.changesNothing()
                        ? List.of()
                        : by.report(over.plan()).findings().stream()
                                .filter(finding -> finding.severity() != Severity.INFO && !before.has(finding))
                                .map(Finding::what)
                                .distinct()
                                .toList());
        model.addAttribute("asked", !form.way().changesNothing());
        return over;
    }

    private StoredClass stored(Teacher teacher, String id) {
        try {
            return classes.find(teacher, new ClassId(UUID.fromString(id))).orElseThrow(NotFound::new);
        } catch (IllegalArgumentException e) {
            throw new NotFound();
        }
    }

    /** Changes the class; one step that can be taken back. */
    @PostMapping("/schools/switch")
    String over(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam Map<String, String> fields,
            Model model,
            HttpServletResponse response) {
        Switch over = show(teacher, fields, model);
        ClassId id = stored(teacher, fields.getOrDefault("class", "")).id();
        String version = fields.getOrDefault("version", "");
        if (over.changesNothing() || !version.matches("\\d{1,9}")) return again(model, response, "");
        ClassEditor.Answer answer = editor.edit(teacher, id, Integer.parseInt(version), new GoingOver(over.plan()));
        if (answer.outcome() == ClassEditor.Outcome.COLLIDED)
            return again(model, response, "The class was changed elsewhere meanwhile. These are the numbers now.");
        return "redirect:/classes/" + id;
    }

    /** The class written anew by another way. */
    private record GoingOver(ClassPlan plan) implements EditRequest {
        @Override
        public Labelled on(ClassPlan now) {
            return new Labelled(new PlanEdit.Rewrite(plan), "go over to another way of salutation", null);
        }

        @Override
        public String typed() {
            return "";
        }
    }

    private static String again(Model model, HttpServletResponse response, String problem) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("problem", problem);
        return "schools/switch";
    }
}
