package gurukram.web.logbook;

import gurukram.core.pace.Drift;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.TaughtStore;
import gurukram.web.teach.TaughtStore.Taught;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the last times a class was taught or rehearsed say to the next. */
@Controller
class LastTimeController {
    private static final int MOST_LESSONS = 5;

    private final ClassStore classes;
    private final CarriedStore carried;
    private final TaughtStore taught;

    LastTimeController(ClassStore classes, CarriedStore carried, TaughtStore taught) {
        this.classes = classes;
        this.carried = carried;
        this.taught = taught;
    }

    @GetMapping("/classes/{id}/last-time")
    String page(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, Model model) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        List<Taught> lessons = taught.lessons(teacher, id.value(), MOST_LESSONS);
        List<Drift.Moment> moments = new ArrayList<>();
        for (Taught lesson : lessons)
            moments.addAll(LastTimePage.moments(lesson, taught.entries(teacher, lesson.id())));
        model.addAttribute("classId", id.toString());
        model.addAttribute("classTitle", stored.plan().settings().title());
        model.addAttribute("page", LastTimePage.of(carried.open(teacher, id), Drift.of(moments), lessons));
        return "logbook/last-time";
    }

    /** Done, or dismissed. */
    @PostMapping("/classes/{id}/last-time/{one}")
    String settle(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @PathVariable UUID one,
            @RequestParam(defaultValue = "true") boolean done) {
        if (!carried.settle(teacher, id, one, done)) throw new NotFound();
        return "redirect:/classes/" + id + "/last-time?settled=" + one;
    }

    @PostMapping("/classes/{id}/last-time/{one}/back")
    String back(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, @PathVariable UUID one) {
        if (!carried.takeBack(teacher, id, one)) throw new NotFound();
        return "redirect:/classes/" + id + "/last-time";
    }
}
