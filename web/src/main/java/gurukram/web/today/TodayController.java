package gurukram.web.today;

import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.calendar.Agenda;
import gurukram.web.courses.Courses;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.ClassSummary;
import gurukram.web.plans.field.Options;
import gurukram.web.poses.Poses;
import gurukram.web.practice.Practice;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.Typed;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The first page: the teacher's classes, and a new one. */
@Controller
class TodayController {
    private static final List<SectionRole> USUAL = List.of(
            SectionRole.ARRIVE,
            SectionRole.WARM_UP,
            SectionRole.STANDING,
            SectionRole.PEAK,
            SectionRole.COOL_DOWN,
            SectionRole.REST,
            SectionRole.CLOSE);

    private static final int DAYS = 7;

    private final ClassStore classes;
    private final ClassEditor editor;
    private final GroupStore groups;
    private final CarriedStore carried;
    private final Poses poses;
    private final RandomGenerator random;
    private final Zones zones;
    private final Agenda agenda;
    private final Courses courses;
    private final Practice practice;

    TodayController(
            ClassStore classes,
            ClassEditor editor,
            GroupStore groups,
            CarriedStore carried,
            Poses poses,
            RandomGenerator random,
            Zones zones,
            Agenda agenda,
            Courses courses,
            Practice practice) {
        this.practice = practice;
        this.agenda = agenda;
        this.courses = courses;
        this.classes = classes;
        this.editor = editor;
        this.groups = groups;
        this.carried = carried;
        this.poses = poses;
        this.random = random;
        this.zones = zones;
    }

    @GetMapping("/")
    String today(@AuthenticationPrincipal Teacher teacher, Model model) {
        Set<ClassId> later = courses.later(teacher);
        List<ClassSummary> now = classes.summaries(teacher).stream()
                .filter(summary -> !later.contains(summary.id()))
                .toList();
        model.addAttribute("later", later.size());
        model.addAttribute("waiting", practice.waiting(teacher));
        model.addAttribute(
                "page",
                TodayPage.of(
                        now,
                        groups.groups(teacher),
                        agenda.between(
                                teacher,
                                zones.today(teacher),
                                zones.today(teacher).plusDays(DAYS - 1)),
                        carried.counts(teacher),
                        poses.shipped(),
                        zones.today(teacher),
                        zones.of(teacher)));
        return "plans/today";
    }

    @GetMapping("/classes/new")
    String newClass(Model model) {
        return newClassPage(model, Map.of("slot", "60", "style", "HATHA", "level", "BEGINNER", "sections", "on"), "");
    }

    @PostMapping("/classes")
    String create(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model) {
        try {
            ClassSettings settings = ClassSettings.of(
                            typed.get("title"),
                            ClassSettings.SLOT.parse(typed.get("slot")),
                            Typed.named(Style.class, typed.getOrDefault("style", "HATHA")),
                            Typed.named(Level.class, typed.getOrDefault("level", "BEGINNER")))
                    .with(Theme.titled(""));
            settings = themeOrPeak(settings, typed.getOrDefault("theme", ""), poses.of(teacher));
            Stream<SectionRole> roles = typed.containsKey("sections") ? USUAL.stream() : Stream.of();
            List<Section> sections =
                    roles.map(role -> Section.of(NodeId.random(random), role)).toList();
            return "redirect:/classes/" + editor.create(teacher, new ClassPlan(settings, sections), null);
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return newClassPage(model, typed, e.getMessage());
        }
    }

    /** What is called as a pose is the peak; anything else is the theme. */
    private static ClassSettings themeOrPeak(ClassSettings settings, String typed, PoseCatalogue catalogue) {
        return catalogue
                .named(typed)
                .filter(Pose::peakable)
                .map(pose -> settings.withPeak(pose.id()))
                .orElseGet(() -> settings.with(Theme.titled(typed)));
    }

    /** A class to take apart, for somebody who has none yet. */
    @PostMapping("/classes/sample")
    String sample(@AuthenticationPrincipal Teacher teacher) {
        ClassPlan sample = new NotationReader(poses.shipped(), () -> NodeId.random(random))
                .read(SampleClass.text())
                .planOrRefused();
        return "redirect:/classes/" + editor.create(teacher, sample, null);
    }

    private static String newClassPage(Model model, Map<String, String> typed, String problem) {
        model.addAttribute("typed", typed);
        model.addAttribute("problem", problem);
        model.addAttribute(
                "problemField", problem.startsWith("Minutes") ? "slot" : problem.contains("theme") ? "theme" : "title");
        model.addAttribute("styles", Options.styles());
        model.addAttribute("levels", Options.levels());
        return "plans/new-class";
    }
}
