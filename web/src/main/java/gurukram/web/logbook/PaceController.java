package gurukram.web.logbook;

import gurukram.core.pace.Learnt;
import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.OwnPace.Figure;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import gurukram.web.account.AccountStore;
import gurukram.web.account.OwnPaceStore;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.TaughtStore.Taught;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.function.ToLongFunction;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The teacher's own pace. Nothing of it changes but by her hand. */
@Controller
class PaceController {
    private final PaceLessons lessons;
    private final OwnPaceStore paces;
    private final AccountStore accounts;
    private final Poses poses;

    PaceController(PaceLessons lessons, OwnPaceStore paces, AccountStore accounts, Poses poses) {
        this.lessons = lessons;
        this.paces = paces;
        this.accounts = accounts;
        this.poses = poses;
    }

    @Dear
    @GetMapping("/pace")
    String page(@AuthenticationPrincipal Teacher teacher, Model model) {
        PaceLessons.Lessons found = lessons.of(teacher);
        model.addAttribute(
                "page",
                PacePage.of(
                        found.learnt(),
                        paces.own(teacher),
                        paces.refused(teacher),
                        accounts.school(teacher).breaths(),
                        found.last() == null ? "" : found.last().title(),
                        lengthOf(teacher, found.last())));
        return "logbook/pace";
    }

    private ToLongFunction<OwnPace> lengthOf(Teacher teacher, Taught last) {
        if (last == null) return null;
        return own -> new Unfolder(poses.of(teacher), Pace.defaults().with(own))
                .with(accounts.school(teacher))
                .unfold(last.plan(), PaceLessons.level(last))
                .totalMs();
    }

    /** One figure as the logs say, or all that are suggested. */
    @Dear
    @PostMapping("/pace/take")
    String take(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "") String figure) {
        Learnt learnt = lessons.of(teacher).learnt();
        PacePage page = PacePage.of(
                learnt,
                paces.own(teacher),
                paces.refused(teacher),
                accounts.school(teacher).breaths(),
                "",
                null);
        OwnPace own = paces.own(teacher).withLikely(learnt.likelyPercent());
        for (PacePage.Suggestion suggestion : page.suggestions())
            if (figure.isEmpty() || suggestion.figure().name().equals(figure))
                own = own.with(suggestion.figure(), new BigDecimal(suggestion.factor()));
        paces.keep(teacher, own);
        return "redirect:/pace?taken";
    }

    @PostMapping("/pace/refuse")
    String refuse(
            @AuthenticationPrincipal Teacher teacher, @RequestParam String figure, @RequestParam BigDecimal factor) {
        paces.refuse(teacher, named(figure), factor.min(BigDecimal.TEN).max(BigDecimal.ZERO));
        return "redirect:/pace";
    }

    /** One figure, or all of them, as usual again. */
    @PostMapping("/pace/usual")
    String usual(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "") String figure) {
        OwnPace own = figure.isEmpty() ? OwnPace.NONE : paces.own(teacher).with(named(figure), BigDecimal.ONE);
        paces.keep(teacher, own.factors().isEmpty() ? OwnPace.NONE : own);
        return "redirect:/pace?taken";
    }

    @PostMapping("/pace/undo")
    String undo(@AuthenticationPrincipal Teacher teacher) {
        paces.undo(teacher);
        return "redirect:/pace";
    }

    private static Figure named(String figure) {
        return Arrays.stream(Figure.values())
                .filter(one -> one.name().equals(figure))
                .findFirst()
                .orElseThrow(NotFound::new);
    }
}
