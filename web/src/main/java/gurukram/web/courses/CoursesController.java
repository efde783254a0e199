package gurukram.web.courses;

import static gurukram.web.shared.Typed.plain;
import static gurukram.web.shared.Typed.take;

import gurukram.core.course.Alone;
import gurukram.core.course.Challenge;
import gurukram.core.course.Own;
import gurukram.core.plan.settings.Mode;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.courses.Courses.Look;
import gurukram.web.drawing.Figures;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.sheets.Drawn;
import gurukram.web.sheets.Pdf;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Courses: made, looked at, changed, drafted. */
@Controller
class CoursesController {
    /** As many as are drafted well within the time a proxy waits. */
    static final int AT_ONCE = 12;

    private final Courses courses;
    private final LessonDrafting drafting;
    private final GroupStore groups;
    private final Poses poses;
    private final Zones zones;
    private final Drawn drawn;
    private final Pdf pdf;

    CoursesController(
            Courses courses,
            LessonDrafting drafting,
            GroupStore groups,
            Poses poses,
            Zones zones,
            Drawn drawn,
            Pdf pdf) {
        this.drawn = drawn;
        this.pdf = pdf;
        this.courses = courses;
        this.drafting = drafting;
        this.groups = groups;
        this.poses = poses;
        this.zones = zones;
    }

    /** One choice of a list. */
    public record Choice(String value, String words, boolean chosen) {}

    /** A course of the list. */
    public record Line(String id, String title, String about, String progress) {}

    @GetMapping("/courses")
    String courses(@AuthenticationPrincipal Teacher teacher, Model model) {
        List<Line> lines = new ArrayList<>();
        Map<UUID, Long> taught = courses.taught(teacher);
        Map<UUID, String> names = new LinkedHashMap<>();
        groups.groups(teacher).forEach(group -> names.put(group.id(), group.name()));
        for (KeptCourse kept : courses.courses(teacher)) {
            int lessons = kept.course().lessons();
            List<LocalDate> days = kept.days().of(lessons);
            String of = "%d of %d taught".formatted(taught.getOrDefault(kept.id(), 0L), lessons);
            String about = kept.group() == null ? "its group is gone" : names.getOrDefault(kept.group(), "");
            String when = CourseWords.day(days.get(0)) + " to " + CourseWords.day(days.get(lessons - 1));
            lines.add(new Line(kept.id().toString(), kept.course().title(), about + ", " + when, of));
        }
        model.addAttribute("lines", lines);
        return "courses/courses";
    }

    @GetMapping("/courses/new")
    String fresh(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(required = false) UUID group,
            @RequestParam(defaultValue = "") String kind,
            Model model) {
        CourseForm form = CourseForm.fresh();
        LocalDate today = zones.today(teacher);
        LocalDate first = today.plusDays(1);
        if (group != null) {
            Group known = groups.group(teacher, group).orElseThrow(NotFound::new);
            form = form.with("group", group.toString());
            first = today.with(TemporalAdjusters.next(known.day()));
        }
        if (kind.equals("days")) {
            form = form.with("rhythm", "DAILY")
                    .with("lessons", "21")
                    .with("minutes", "10")
                    .with("aim", "THEME")
                    .with("theme", "a little every day")
                    .with("lighter", "")
                    .with("themes", String.join(", ", Challenge.AREAS));
            first = today.plusDays(1);
        }
        return form(teacher, null, form.with("first", first.toString()), Map.of(), model);
    }

    @GetMapping("/courses/{id}/change")
    String change(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, Model model) {
        Look look = courses.look(teacher, id);
        return form(teacher, id, CourseForm.of(look.kept()), Map.of(), model);
    }

    private String form(Teacher teacher, UUID id, CourseForm form, Map<String, String> problems, Model model) {
        PoseCatalogue catalogue = poses.of(teacher);
        model.addAttribute("id", id);
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute(
                "groups",
                groups.groups(teacher).stream()
                        .map(group -> new Choice(
                                group.id().toString(),
                                group.name() + ", " + group.when(),
                                group.id().toString().equals(form.value("group"))))
                        .toList());
        model.addAttribute(
                "peaks",
                catalogue.ladders().stream()
                        .map(Ladder::peak)
                        .filter(Objects::nonNull)
                        .distinct()
                        .map(catalogue::pose)
                        .sorted(Comparator.comparing(Pose::name))
                        .map(pose ->
                                new Choice(pose.id(), pose.name(), pose.id().equals(form.value("peak"))))
                        .toList());
        model.addAttribute(
                "salutations",
                CourseForm.salutations().stream()
                        .map(name -> new Choice(name, name, name.equals(form.value("salutation"))))
                        .toList());
        return "courses/form";
    }

    @PostMapping({"/courses/new", "/courses/{id}/change"})
    String keep(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable(required = false) UUID id,
            @RequestParam Map<String, String> sent,
            HttpServletResponse response,
            RedirectAttributes after,
            Model model) {
        Look before = id == null ? null : courses.look(teacher, id);
        CourseForm form = new CourseForm(plain(sent));
        Map<String, String> problems = new LinkedHashMap<>();
        UUID chosen = take("group", problems, form::group);
        Group group = chosen == null ? null : groups.group(teacher, chosen).orElse(null);
        if (chosen != null && group == null) problems.put("group", "That group is no longer there.");
        CourseForm.Read read = form.read(poses.of(teacher), group, before == null ? null : before.kept(), problems);
        UUID made = null;
        if (read != null) {
            made = take("title", problems, () -> {
                if (id == null) return courses.create(teacher, chosen, read.course(), read.days());
                List<String> told = courses.change(teacher, id, "", look -> {
                    int taught = look.next() - 1;
                    if (read.course().lessons() < taught)
                        throw new Refused("%d were taught already; there cannot be fewer.".formatted(taught));
                    return new KeptCourse(
                            id, chosen, read.course(), read.days(), look.kept().changes());
                });
                after.addFlashAttribute("told", told);
                return id;
            });
        }
        if (made != null) return "redirect:/courses/" + made;
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return form(teacher, id, form, problems, model);
    }

    @PostMapping("/courses/{id}/remove")
    String remove(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        courses.remove(teacher, id);
        return "redirect:/courses";
    }

    @GetMapping("/courses/{id}")
    String course(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, Model model) {
        return page(teacher, courses.look(teacher, id), "", model);
    }

    /** The whole course on paper. */
    @Dear
    @GetMapping("/courses/{id}/overview.pdf")
    ResponseEntity<byte[]> overview(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        Look look = courses.look(teacher, id);
        CoursePage page = CoursePage.of(
                look,
                courses.stops(teacher, look),
                poses.of(teacher),
                pose -> drawn.of(teacher, pose, null),
                zones.today(teacher));
        return Pdf.answer(page.title() + ", course", pdf.of("course", Map.of("page", page)));
    }

    private String page(Teacher teacher, Look look, String problem, Model model) {
        model.addAttribute(
                "page",
                CoursePage.of(
                        look,
                        courses.stops(teacher, look),
                        poses.of(teacher),
                        pose -> Figures.small(poses.of(teacher).pose(pose), null),
                        zones.today(teacher)));
        model.addAttribute("problem", problem);
        return "courses/course";
    }

    /** A change to a course that can be refused. */
    private interface Asked {
        List<String> done();
    }

    private String done(
            Teacher teacher,
            UUID id,
            Asked asked,
            RedirectAttributes after,
            HttpServletResponse response,
            Model model) {
        try {
            after.addFlashAttribute("told", asked.done());
            return "redirect:/courses/" + id;
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(teacher, courses.look(teacher, id), e.getMessage(), model);
        }
    }

    @Dear
    @PostMapping("/courses/{id}/lessons/{n}/draft")
    String draft(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            @PathVariable int n,
            RedirectAttributes after,
            HttpServletResponse response,
            Model model) {
        return done(
                teacher,
                id,
                () -> {
                    drafting.draft(teacher, id, n);
                    return List.of("%d is drafted.".formatted(n));
                },
                after,
                response,
                model);
    }

    /** Those that have no class yet, in their order, at most {@value #AT_ONCE} at once. */
    @Dear
    @PostMapping("/courses/{id}/draft")
    String draftAll(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            RedirectAttributes after,
            HttpServletResponse response,
            Model model) {
        return done(
                teacher,
                id,
                () -> {
                    List<Integer> open = Courses.undrafted(courses.look(teacher, id));
                    int now = Math.min(AT_ONCE, open.size());
                    for (int n : open.subList(0, now)) drafting.draft(teacher, id, n);
                    if (open.isEmpty()) return List.of("All of them had a class.");
                    String left = open.size() == now ? "" : " %d have none yet.".formatted(open.size() - now);
                    return List.of("Drafted: %d.%s".formatted(now, left));
                },
                after,
                response,
                model);
    }

    @PostMapping("/courses/{id}/lessons/{n}/missed")
    String missed(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            @PathVariable int n,
            @RequestParam(defaultValue = "") String then,
            RedirectAttributes after,
            HttpServletResponse response,
            Model model) {
        return done(
                teacher,
                id,
                () -> then.equals("out") ? courses.leaveOut(teacher, id, n) : courses.putOff(teacher, id, n),
                after,
                response,
                model);
    }

    @PostMapping("/courses/{id}/back")
    String takeBack(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            RedirectAttributes after,
            HttpServletResponse response,
            Model model) {
        return done(teacher, id, () -> courses.takeBack(teacher, id), after, response, model);
    }

    @PostMapping("/courses/{id}/holiday")
    String holiday(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            RedirectAttributes after,
            HttpServletResponse response,
            Model model) {
        CourseForm form = new CourseForm(plain(sent));
        return done(
                teacher,
                id,
                () -> courses.holiday(teacher, id, form.day("from"), form.day("to")),
                after,
                response,
                model);
    }

    // --- one lesson

    @GetMapping("/courses/{id}/lessons/{n}")
    String lesson(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, @PathVariable int n, Model model) {
        Look look = courses.look(teacher, id);
        if (n < 1 || n > look.cells().size()) throw new NotFound();
        CourseForm form = CourseForm.ofOwn(look.kept().course().ownOf(n))
                .with("day", look.days().get(n - 1).toString());
        return lesson(teacher, look, n, form, Map.of(), model);
    }

    private String lesson(
            Teacher teacher, Look look, int n, CourseForm form, Map<String, String> problems, Model model) {
        CoursePage page = CoursePage.of(
                look,
                courses.stops(teacher, look),
                poses.of(teacher),
                pose -> Figures.small(poses.of(teacher).pose(pose), null),
                zones.today(teacher));
        model.addAttribute("page", page);
        model.addAttribute("row", page.rows().get(n - 1));
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute("modes", Mode.values());
        model.addAttribute("alone", Alone.values());
        return "courses/lesson";
    }

    @PostMapping("/courses/{id}/lessons/{n}")
    String want(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            @PathVariable int n,
            @RequestParam Map<String, String> sent,
            RedirectAttributes after,
            HttpServletResponse response,
            Model model) {
        Look look = courses.look(teacher, id);
        if (n < 1 || n > look.cells().size()) throw new NotFound();
        CourseForm form = new CourseForm(plain(sent));
        Map<String, String> problems = new LinkedHashMap<>();
        Own own = form.own(problems);
        LocalDate day = form.value("day").isEmpty() ? null : take("day", problems, () -> form.day("day"));
        if (problems.isEmpty()) {
            List<String> told = new ArrayList<>();
            if (day != null && !day.equals(look.days().get(n - 1)))
                take("day", problems, () -> told.addAll(courses.move(teacher, id, n, day)));
            if (problems.isEmpty() && !Objects.equals(own, look.kept().course().ownOf(n)))
                take("rung", problems, () -> told.addAll(courses.want(teacher, id, n, Objects.requireNonNull(own))));
            if (problems.isEmpty()) {
                after.addFlashAttribute("told", told.isEmpty() ? List.of("Nothing is different by that.") : told);
                return "redirect:/courses/" + id;
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return lesson(teacher, look, n, form, problems, model);
    }
}
