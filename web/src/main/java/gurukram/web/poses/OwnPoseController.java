package gurukram.web.poses;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.catalogue.OwnPose;
import gurukram.core.catalogue.rules.CatalogueProblem;
import gurukram.core.figure.Figure;
import gurukram.core.notation.PoseWords;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Words;
import gurukram.web.drawing.FigureSvg;
import gurukram.web.drawing.Inks;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

/** A teacher's own poses: changed ones and new variations, private to them. */
@Controller
class OwnPoseController {
    private static final String ALREADY = "“%1$s” means %2$s already, and a name can mean only one pose."
            + " Give yours one more word, such as “%1$s of mine”.";
    private static final int MOST_LETTERS = 400;
    private static final int MOST_POSES = 500;
    private static final Map<String, String> PLACES = Map.of("doses", "dose", "cautions", "caution", "cues", "enter");

    private final Poses poses;
    private final OwnPoseStore store;

    OwnPoseController(Poses poses, OwnPoseStore store) {
        this.poses = poses;
        this.store = store;
    }

    /** @param faults what is wrong, by the name of the field it stands at */
    record Page(
            String action,
            String heading,
            String like,
            String likeName,
            int version,
            OwnPoseForm form,
            Map<String, String> faults,
            List<PoseTile> known,
            String picture) {
        public List<Need> needs() {
            return List.of(Need.values());
        }

        public String fault(String field) {
            return faults.getOrDefault(field, "");
        }
    }

    @GetMapping("/poses/new")
    String fresh(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "") String like, Model model) {
        Pose pose = pose(teacher, like.isBlank() ? "mountain" : like);
        OwnPoseForm form = OwnPoseForm.of(pose).unnamed();
        return page(model, variation(pose, form, Map.of(), List.of()));
    }

    @PostMapping("/poses/new")
    String add(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam String like,
            @RequestParam Map<String, String> came,
            HttpServletResponse response,
            Model model) {
        Pose pose = pose(teacher, like);
        OwnPoseForm form = OwnPoseForm.posted(came, pose);
        Map<String, String> faults = tooLong(form);
        String id = "own-" + Words.fold(form.get("name")).replace(' ', '-');
        PoseCatalogue mine = poses.of(teacher);
        if (form.get("name").isBlank()) faults.put("name", "What is it called?");
        else if (id.equals("own-") || id.length() > 80)
            faults.put("name", "A name needs some letters, and at most 70.");
        else if (mine.has(id)) faults.put("name", taken(teacher, id));
        if (store.of(teacher).size() >= MOST_POSES)
            faults.put("name", "You have " + MOST_POSES + " poses of your own, which is all there is room for.");
        mine.named(form.get("name"))
                .ifPresent(other -> faults.putIfAbsent(
                        "name", ALREADY.formatted(form.get("name").strip(), other.name())));
        List<PoseTile> known = faults.containsKey("name") ? List.of() : known(mine, form.get("name"), came);
        if (faults.isEmpty()) faults.putAll(faults(form, pose, id, true, mine));
        if (faults.isEmpty() && known.isEmpty()) {
            if (store.add(teacher, id, form.entry(pose, id, true).toString())) return "redirect:/poses/" + id;
            faults.put("name", "You have a pose of this name already.");
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(model, variation(pose, form, faults, known));
    }

    private String taken(Teacher teacher, String id) {
        return poses.away(teacher).contains(id)
                ? "You put a pose of this name away. To have it back, open /poses/" + id + "/own and save it."
                : "You have a pose of this name already.";
    }

    /** A hint when it seems to exist already; saved all the same when the teacher says so. */
    private static List<PoseTile> known(PoseCatalogue mine, String name, Map<String, String> came) {
        if (came.containsKey("really") || name.isBlank()) return List.of();
        return mine.find(name).stream()
                .filter(pose -> Words.distance(Words.fold(pose.name()), Words.fold(name)) <= 2)
                .limit(4)
                .map(PoseTile::of)
                .toList();
    }

    @GetMapping("/poses/{id}/own")
    String change(@AuthenticationPrincipal Teacher teacher, @PathVariable String id, Model model) {
        Pose pose = pose(teacher, id);
        int version = store.find(teacher, id).map(OwnPoseStore.Row::version).orElse(0);
        return page(model, own(pose, OwnPoseForm.of(pose), version, Map.of()));
    }

    @PostMapping("/poses/{id}/own")
    String save(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String id,
            @RequestParam(defaultValue = "0") int version,
            @RequestParam Map<String, String> came,
            HttpServletResponse response,
            Model model) {
        Pose pose = pose(teacher, id);
        OwnPoseForm form = OwnPoseForm.posted(came, pose);
        Map<String, String> faults = tooLong(form);
        if (form.get("name").isBlank()) faults.put("name", "What is it called?");
        if (faults.isEmpty()) faults.putAll(faults(form, pose, id, false, poses.of(teacher)));
        if (faults.isEmpty()) {
            String entry = form.entry(pose, id, false).toString();
            boolean saved = version == 0 ? store.add(teacher, id, entry) : store.change(teacher, id, entry, version);
            if (saved) return "redirect:/poses/" + id;
            faults.put(
                    "name",
                    "This pose was changed elsewhere meanwhile. What you typed is still here; open the pose again to see the other change.");
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(model, own(pose, form, version, faults));
    }

    /** Back to the shipped pose, or, where there is none, out of sight; plans that hold it keep it. */
    @PostMapping("/poses/{id}/away")
    String away(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
        if (store.find(teacher, id).isEmpty()) throw new NotFound();
        if (poses.shipped().has(id)) store.forget(teacher, id);
        else store.putAway(teacher, id, true);
        return poses.shipped().has(id) ? "redirect:/poses/" + id : "redirect:/poses";
    }

    /** The picture while the sliders move; stores nothing. */
    @PostMapping(value = "/poses/{id}/picture", produces = "image/svg+xml;charset=UTF-8")
    ResponseEntity<String> picture(
            @AuthenticationPrincipal Teacher teacher, @PathVariable String id, @RequestParam Map<String, String> came) {
        Pose pose = pose(teacher, id);
        Figure figure = OwnPoseForm.posted(came, pose).figure(pose.figure());
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml;charset=UTF-8"))
                .body(draw(figure, pose));
    }

    private static String draw(Figure figure, Pose pose) {
        Side side = pose.sides() == SideBehaviour.SYMMETRIC ? null : Side.RIGHT;
        return FigureSvg.draw(figure, pose.sideOf(), new FigureSvg.Manner(side, true, true, Inks.LIGHT));
    }

    /** What the catalogue's own rules say, at the fields of the form. */
    private static Map<String, String> faults(
            OwnPoseForm form, Pose like, String id, boolean variation, PoseCatalogue mine) {
        Map<String, String> faults = new LinkedHashMap<>();
        OwnPose.Read read = form.entry(like, id, variation).read(mine);
        for (CatalogueProblem problem : read.problems()) {
            String place = PLACES.getOrDefault(problem.field(), problem.field());
            faults.merge(place, sentence(problem.what()), (a, b) -> a.equals(b) ? a : a + " " + b);
        }
        if (faults.isEmpty()) {
            PoseWords.unreadable(read.pose(), mine)
                    .ifPresent(name -> faults.put(
                            name.equals(read.pose().name()) ? "name" : "also",
                            "In a class written as text, “" + name
                                    + "” would be read as something else. Another word with it helps."));
        }
        return faults;
    }

    private static String sentence(String what) {
        String text = what.replaceFirst("^(doses|cues|cautions|figure): ", "");
        String capital = Words.capital(text);
        return capital.endsWith(".") ? capital : capital + ".";
    }

    private static Map<String, String> tooLong(OwnPoseForm form) {
        Map<String, String> faults = new LinkedHashMap<>();
        form.values().forEach((name, value) -> {
            if (value.length() > MOST_LETTERS)
                faults.put(name, "At most " + MOST_LETTERS + " letters; this has " + value.length() + ".");
        });
        for (int i = 0; i < 2; i++) {
            if (!OwnPoseForm.isNeed(form.get("caution" + i + "need")))
                faults.put("caution", "Choose the need from the list.");
        }
        return faults;
    }

    private Pose pose(Teacher teacher, String id) {
        PoseCatalogue catalogue = poses.of(teacher);
        if (!catalogue.has(id)) throw new NotFound();
        return catalogue.pose(id);
    }

    private static Page variation(Pose like, OwnPoseForm form, Map<String, String> faults, List<PoseTile> known) {
        return new Page(
                "/poses/new",
                "New variation of " + like.name().toLowerCase(Locale.ROOT),
                like.id(),
                like.name(),
                0,
                form,
                faults,
                known,
                picture(form, like));
    }

    private static Page own(Pose pose, OwnPoseForm form, int version, Map<String, String> faults) {
        return new Page(
                "/poses/" + pose.id() + "/own",
                "Your " + pose.name().toLowerCase(Locale.ROOT),
                pose.id(),
                pose.name(),
                version,
                form,
                faults,
                List.of(),
                picture(form, pose));
    }

    private static String picture(OwnPoseForm form, Pose like) {
        return draw(form.figure(like.figure()), like);
    }

    private static String page(Model model, Page page) {
        model.addAttribute("page", page);
        return "poses/own";
    }
}
