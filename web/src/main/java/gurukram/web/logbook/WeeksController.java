package gurukram.web.logbook;

import gurukram.core.coverage.Gaps;
import gurukram.core.coverage.Lesson;
import gurukram.web.account.Zones;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.logbook.LogbookStore.Over;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the classes of some weeks had in them. */
@Controller
class WeeksController {
    static final List<Integer> WEEKS = List.of(4, 8, 12, 26, 52);

    private final Weeks weeks;
    private final GroupStore groups;
    private final Poses poses;
    private final Zones zones;

    WeeksController(Weeks weeks, GroupStore groups, Poses poses, Zones zones) {
        this.weeks = weeks;
        this.groups = groups;
        this.poses = poses;
        this.zones = zones;
    }

    /** @param weeks how many, with this one */
    @GetMapping("/logbook/weeks")
    String page(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "12") int weeks,
            @RequestParam(required = false) UUID group,
            Model model) {
        if (!WEEKS.contains(weeks)) throw new NotFound();
        Group of = group == null ? null : groups.group(teacher, group).orElseThrow(NotFound::new);
        LocalDate today = zones.today(teacher);
        LocalDate from =
                today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)).minusWeeks(weeks - 1L);
        ZoneId zone = zones.of(teacher);
        LocalDate earliest = from.isBefore(Weeks.gapsSince(today)) ? from : Weeks.gapsSince(today);
        List<Over> over = new ArrayList<>();
        List<Lesson> lessons = new ArrayList<>();
        List<Lesson> lately = new ArrayList<>();
        for (Over one : this.weeks.over(teacher, group, earliest)) {
            Lesson lesson = Weeks.lesson(one, zone);
            if (!lesson.day().isBefore(Weeks.gapsSince(today))) lately.add(lesson);
            if (lesson.day().isBefore(from)) continue;
            over.add(one);
            lessons.add(lesson);
        }
        model.addAttribute(
                "page",
                WeeksPage.of(
                        new WeeksPage.Asked(weeks, of, from, today, zone),
                        over,
                        lessons,
                        Gaps.of(lately, poses.of(teacher), today),
                        groups.groups(teacher),
                        poses.of(teacher)));
        return "logbook/weeks";
    }
}
