package gurukram.web.drafts;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.web.drafts.DraftStore.Kept;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** From a brief to three drafts, from a draft to a class. */
@Controller
class DraftsController {
    private final Drafts drafts;
    private final DraftStore store;
    private final GroupStore groups;
    private final ClassStore classes;
    private final ClassEditor editor;
    private final RandomGenerator random;

    DraftsController(
            Drafts drafts,
            DraftStore store,
            GroupStore groups,
            ClassStore classes,
            ClassEditor editor,
            RandomGenerator random) {
        this.drafts = drafts;
        this.store = store;
        this.groups = groups;
        this.classes = classes;
        this.editor = editor;
        this.random = random;
    }

    /** A fresh brief, for a group or towards a pose where one is given; or one that was written before. */
    @GetMapping("/drafts/new")
    String brief(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(required = false) UUID group,
            @RequestParam(required = false) UUID from,
            @RequestParam(required = false) String peak,
            @RequestParam(required = false) String missed,
            Model model) {
        BriefForm form = BriefForm.fresh();
        if (from != null) form = new BriefForm(find(teacher, from).brief());
        if (group != null) form = form.forGroup(groups.group(teacher, group).orElseThrow(NotFound::new));
        if (peak != null) form = form.with("peak", peak);
        if (missed != null) form = form.with(Lately.missed(missed), "on");
        return page(teacher, form, Map.of(), model);
    }

    /** What will come of a brief while it is written; nothing is said where something cannot be taken yet. */
    @Dear
    @GetMapping("/drafts/outlook")
    String outlook(@AuthenticationPrincipal Teacher teacher, @RequestParam Map<String, String> sent, Model model) {
        Brief brief = drafts.read(teacher, BriefForm.of(sent), new LinkedHashMap<>());
        model.addAttribute("outlook", brief == null ? OutlookPart.NOTHING : drafts.outlook(teacher, brief));
        return "drafts/parts/outlook";
    }

    /** What the logbook offers once a group is chosen. */
    @GetMapping("/drafts/lately")
    String lately(@AuthenticationPrincipal Teacher teacher, @RequestParam Map<String, String> sent, Model model) {
        model.addAttribute("offer", drafts.offer(teacher, BriefForm.of(sent)));
        return "drafts/parts/lately";
    }

    private String page(Teacher teacher, BriefForm form, Map<String, String> problems, Model model) {
        model.addAttribute("page", BriefPage.of(form, problems, drafts.poses(teacher), groups.groups(teacher)));
        model.addAttribute("offer", drafts.offer(teacher, form));
        return "drafts/brief";
    }

    @Dear
    @PostMapping("/drafts")
    String draft(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam Map<String, String> sent,
            HttpServletResponse response,
            Model model) {
        BriefForm form = BriefForm.of(sent);
        Map<String, String> problems = new LinkedHashMap<>();
        Brief brief = drafts.read(teacher, form, problems);
        if (brief == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(teacher, form, problems, model);
        }
        return "redirect:/drafts/set/" + drafts.three(teacher, form, brief, 1, List.of());
    }

    @Dear
    @GetMapping("/drafts/set/{set}")
    String set(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID set, Model model) {
        List<Kept> kept = inSet(teacher, set);
        model.addAttribute(
                "drafts", kept.stream().map(one -> look(teacher, one)).toList());
        model.addAttribute("set", set);
        model.addAttribute("first", kept.get(0).id());
        return "drafts/set";
    }

    private List<Kept> inSet(Teacher teacher, UUID set) {
        List<Kept> kept = store.set(teacher, set);
        if (kept.isEmpty()) throw new NotFound();
        return kept;
    }

    /** Three other ideas for the same brief. */
    @Dear
    @PostMapping("/drafts/set/{set}/more")
    String more(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID set) {
        List<Kept> kept = inSet(teacher, set);
        BriefForm form = new BriefForm(kept.get(0).brief());
        long next = kept.stream().mapToLong(Kept::idea).max().orElse(0) + 1;
        List<ClassPlan> shown = kept.stream().map(Kept::plan).toList();
        return "redirect:/drafts/set/" + drafts.three(teacher, form, drafts.again(teacher, form), next, shown);
    }

    @Dear
    @GetMapping("/drafts/{id}")
    String one(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, Model model) {
        Kept kept = find(teacher, id);
        model.addAttribute("page", look(teacher, kept));
        model.addAttribute("alone", store.set(teacher, kept.set()).size() == 1);
        return "drafts/draft";
    }

    private Kept find(Teacher teacher, UUID id) {
        return store.find(teacher, id).orElseThrow(NotFound::new);
    }

    private DraftPage look(Teacher teacher, Kept kept) {
        Draft draft = drafts.look(teacher, kept);
        var subject = drafts.checks(teacher, draft.brief()).subject(kept.plan());
        return DraftPage.of(kept, draft, subject, drafts.poses(teacher), drafts.phrases());
    }

    /** Locks a part of a draft, or lets it go again. */
    @PostMapping("/drafts/{id}/lock")
    String lock(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, @RequestParam String part) {
        Kept kept = find(teacher, id);
        Node node = kept.plan().sections().stream()
                .flatMap(section -> section.items().stream())
                .filter(item -> item.id().value().equals(part))
                .findFirst()
                .orElseThrow(NotFound::new);
        boolean lock = !Drafts.isLocked((Item) node);
        Node after = node instanceof Flow flow
                ? flow.with(flow.marks().lock(lock))
                : ((Step) node).with(((Step) node).marks().lock(lock));
        store.change(teacher, id, new PlanEdit.Change(after).applyTo(kept.plan()));
        return "redirect:/drafts/" + id + "#" + part;
    }

    /** Puts another phrase in the place of one. */
    @Dear
    @PostMapping("/drafts/{id}/phrase")
    String phrase(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            @RequestParam String part,
            RedirectAttributes after) {
        Kept kept = find(teacher, id);
        Flow flow = kept.plan().sections().stream()
                .flatMap(section -> section.items().stream())
                .filter(item -> item.id().value().equals(part) && item instanceof Flow)
                .map(Flow.class::cast)
                .findFirst()
                .orElseThrow(NotFound::new);
        Optional<ClassPlan> other = Drafts.isLocked(flow) ? Optional.empty() : drafts.otherPhrase(teacher, kept, flow);
        other.ifPresent(plan -> store.change(teacher, id, plan));
        if (other.isEmpty())
            after.addFlashAttribute(
                    "said",
                    Drafts.isLocked(flow)
                            ? "“%s” is locked; let it go first."
                                    .formatted(flow.settings().name())
                            : "The phrase book has nothing else for the place of “%s”."
                                    .formatted(flow.settings().name()));
        return "redirect:/drafts/" + id + "#" + part;
    }

    /** The same brief with one wish more or less; what is locked stays. */
    @Dear
    @PostMapping("/drafts/{id}/wish")
    String wish(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id, @RequestParam String wish) {
        Kept kept = find(teacher, id);
        return "redirect:/drafts/"
                + drafts.wished(teacher, kept.plan(), new BriefForm(kept.brief()), kept.idea(), wish);
    }

    @PostMapping("/drafts/{id}/open")
    String open(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        Kept kept = find(teacher, id);
        ClassPlan named = NodeNames.renamed(kept.plan(), name -> NodeId.random(random));
        BriefForm form = new BriefForm(kept.brief());
        ClassId made = editor.create(teacher, named, drafts.groupOf(teacher, form));
        drafts.opened(teacher, form, id, made);
        return "redirect:/classes/" + made;
    }

    // --- from a class that is there

    @GetMapping("/drafts/from/{id}")
    String from(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, Model model) {
        return fromPage(teacher, classes.find(teacher, id).orElseThrow(NotFound::new), "", "", model);
    }

    private String fromPage(Teacher teacher, StoredClass stored, String peak, String problem, Model model) {
        ClassSettings settings = stored.plan().settings();
        BriefForm form =
                BriefForm.fresh().with("peak", peak.isEmpty() && settings.peak() != null ? settings.peak() : peak);
        model.addAttribute("id", stored.id());
        model.addAttribute("of", settings.title());
        model.addAttribute("problem", problem);
        model.addAttribute("page", BriefPage.of(form, Map.of(), drafts.poses(teacher), List.of()));
        return "drafts/from";
    }

    /** Puts in what a class lacks for a peak, as a draft. */
    @Dear
    @PostMapping("/drafts/from/{id}/lead")
    String lead(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable ClassId id,
            @RequestParam(defaultValue = "") String peak,
            @RequestParam(required = false) String supervised,
            HttpServletResponse response,
            Model model) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        String problem = "Choose a peak to lead to.";
        if (drafts.poses(teacher).has(peak)) {
            BriefForm form = formOf(teacher, stored).with("peak", peak).with("supervised", supervised);
            UUID draft = drafts.lead(teacher, stored.plan(), form);
            if (draft != null) return "redirect:/drafts/" + draft;
            problem = "No rung on the way to this pose is possible for this class and its group.";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return fromPage(teacher, stored, peak, problem, model);
    }

    /** A class drawn again with a wish; what is locked stays. */
    @Dear
    @PostMapping("/drafts/from/{id}/wish")
    String wishFrom(@AuthenticationPrincipal Teacher teacher, @PathVariable ClassId id, @RequestParam String wish) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        return "redirect:/drafts/" + drafts.wished(teacher, stored.plan(), formOf(teacher, stored), 1, wish);
    }

    private BriefForm formOf(Teacher teacher, StoredClass stored) {
        return Drafts.of(stored.plan().settings(), classes.group(teacher, stored.id()));
    }
}
