package gurukram.web.drafts;

import gurukram.core.check.Checks;
import gurukram.core.compose.Composer;
import gurukram.core.compose.DraftTitles;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.Wish;
import gurukram.core.course.Lessons;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import gurukram.web.account.AccountStore;
import gurukram.web.drafts.DraftStore.Kept;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.groups.TriesStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.poses.OwnWords;
import gurukram.web.poses.Poses;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Composes with what a teacher has: own poses, own school, own words, groups with their rungs, and what was taught lately. */
@Service
public class Drafts {
    static final int SIDE_BY_SIDE = 3;
    private static final int SHORTER_BY = 15;

    private final DraftStore store;
    private final TriesStore tries;
    private final Poses poses;
    private final AccountStore accounts;
    private final GroupStore groups;
    private final Lately lately;
    private final ClassEditor editor;
    private final OwnWords words;
    private final PhraseBook phrases;

    Drafts(
            DraftStore store,
            TriesStore tries,
            Poses poses,
            AccountStore accounts,
            GroupStore groups,
            Lately lately,
            ClassEditor editor,
            OwnWords words,
            PhraseBook phrases) {
        this.phrases = phrases;
        this.words = words;
        this.store = store;
        this.tries = tries;
        this.poses = poses;
        this.accounts = accounts;
        this.groups = groups;
        this.lately = lately;
        this.editor = editor;
    }

    PoseCatalogue poses(Teacher teacher) {
        return poses.of(teacher);
    }

    Unfolder unfolder(Teacher teacher) {
        return editor.unfolderOf(teacher);
    }

    Checks checks(Teacher teacher, Brief brief) {
        return new Checks(poses.of(teacher), editor.unfolderOf(teacher), accounts.school(teacher), brief.group());
    }

    /** Drafts lessons of courses with what the teacher has. */
    public Lessons lessons(Teacher teacher) {
        return new Lessons(composer(teacher), poses.of(teacher), words.of(teacher));
    }

    /** A brief for a group as it is now, that leads nowhere yet. {@link NotFound} when it is gone */
    public Brief forGroup(Teacher teacher, UUID group) {
        Group known = groups.group(teacher, group).orElseThrow(NotFound::new);
        BriefForm form =
                BriefForm.fresh().forGroup(known).with("theme", "A class").with("minutes", "60");
        Map<String, String> problems = new LinkedHashMap<>();
        Brief brief = read(teacher, form, problems);
        if (brief == null) throw new Refused(String.join(" ", problems.values()));
        return brief;
    }

    /** What stands in the way of the pose a brief leads to: whole sentences. */
    public List<String> stops(Teacher teacher, Brief brief) {
        return composer(teacher).outlook(brief).stops();
    }

    private Composer composer(Teacher teacher) {
        return new Composer(poses.of(teacher), editor.unfolderOf(teacher), accounts.school(teacher), phrases);
    }

    /** What a brief will come to, and which words of its theme say nothing yet. */
    OutlookPart outlook(Teacher teacher, Brief brief) {
        return OutlookPart.of(
                composer(teacher).outlook(brief),
                brief,
                words.of(teacher).unknown(brief.theme().title()),
                poses.of(teacher));
    }

    /** What the logbook offers to a brief as it stands, whether or not it can be taken already. */
    Lately.Offer offer(Teacher teacher, BriefForm form) {
        BriefForm readable =
                form.value("theme").isEmpty() && form.value("peak").isEmpty() ? form.with("theme", "A class") : form;
        return lately.offer(teacher, form, groupOf(teacher, form), read(teacher, readable, new LinkedHashMap<>()));
    }

    /** What was owed goes along with the class that was drafted for it. */
    void opened(Teacher teacher, BriefForm form, UUID draft, ClassId made) {
        lately.moved(teacher, form, groupOf(teacher, form), draft, made);
    }

    /** The group a brief is for, where it is still there; null otherwise. */
    UUID groupOf(Teacher teacher, BriefForm form) {
        try {
            UUID id = form.group();
            return id != null && groups.group(teacher, id).isPresent() ? id : null;
        } catch (Refused e) {
            return null;
        }
    }

    /** @return null when something cannot be taken, which is then said by field */
    Brief read(Teacher teacher, BriefForm form, Map<String, String> problems) {
        Group group = null;
        UUID id = null;
        try {
            id = form.group();
        } catch (Refused e) {
            problems.put("group", e.getMessage());
        }
        if (id != null) {
            group = groups.group(teacher, id).orElse(null);
            if (group == null) problems.put("group", "That group is no longer there.");
        }
        var people = group == null ? null : groups.people(teacher, id);
        Brief brief = form.read(poses.of(teacher), words.of(teacher), group, people, problems);
        if (brief == null) return null;
        brief = brief.withTaught(store.lately(teacher, id), form.builds())
                .withReached(group == null ? Map.of() : tries.rungs(teacher, id, poses.of(teacher)));
        return lately.into(teacher, form, id, brief);
    }

    /** A brief that was taken before; what has gone since, a group or a pose, is left out of it. */
    Brief again(Teacher teacher, BriefForm form) {
        Map<String, String> problems = new LinkedHashMap<>();
        Brief brief = read(teacher, form, problems);
        if (brief != null) return brief;
        BriefForm rest = form;
        for (String field : problems.keySet()) {
            if (List.of("group", "in", "out", "peak").contains(field)) rest = rest.with(field, "");
        }
        if (rest.value("theme").isEmpty() && rest.value("peak").isEmpty()) rest = rest.with("theme", "A class");
        brief = read(teacher, rest, new LinkedHashMap<>());
        if (brief == null) throw new NotFound();
        return brief;
    }

    /** Three ideas that are truly different, from one on; also from those shown before. */
    UUID three(Teacher teacher, BriefForm form, Brief brief, long from, List<ClassPlan> before) {
        UUID set = UUID.randomUUID();
        List<ClassPlan> shown = new ArrayList<>(before);
        List<Draft> drafts = new ArrayList<>();
        long idea = from;
        for (int i = 0; i < SIDE_BY_SIDE; i++) {
            Draft draft = composer(teacher).another(brief, idea, shown);
            shown.add(draft.plan());
            drafts.add(draft);
            idea = draft.idea() + 1;
        }
        DraftTitles titles = new DraftTitles(poses.of(teacher), editor.unfolderOf(teacher));
        List<ClassPlan> told = titles.told(drafts.stream().map(Draft::plan).toList(), before);
        List<Kept> kept = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            kept.add(new Kept(UUID.randomUUID(), set, i, drafts.get(i).idea(), form.typed(), told.get(i)));
        }
        store.keep(teacher, kept);
        return set;
    }

    /** One draft more, by itself. */
    UUID one(Teacher teacher, BriefForm form, Draft draft) {
        UUID id = UUID.randomUUID();
        store.keep(teacher, List.of(new Kept(id, UUID.randomUUID(), 0, draft.idea(), form.typed(), draft.plan())));
        return id;
    }

    Draft look(Teacher teacher, Kept kept) {
        return composer(teacher).look(kept.plan(), again(teacher, new BriefForm(kept.brief())), kept.idea());
    }

    /** A draft with another phrase in the place of a flow; empty when none fits there. */
    Optional<ClassPlan> otherPhrase(Teacher teacher, Kept kept, Flow flow) {
        Brief brief = again(teacher, new BriefForm(kept.brief()));
        return composer(teacher).otherPhrase(kept.plan(), brief, kept.idea(), flow);
    }

    PhraseBook phrases() {
        return phrases;
    }

    /** The same brief with one wish more or less, what is locked kept. */
    UUID wished(Teacher teacher, ClassPlan plan, BriefForm form, long idea, String wish) {
        BriefForm other = with(form, wish);
        Brief brief = again(teacher, other).withKept(locked(plan));
        return one(teacher, other, composer(teacher).compose(brief, idea));
    }

    private static BriefForm with(BriefForm form, String wish) {
        if (wish.equals("SHORTER")) {
            int minutes = Integer.parseInt(form.value("minutes"));
            return form.with("minutes", String.valueOf(Math.max(Brief.MINUTES.least(), minutes - SHORTER_BY)));
        }
        for (Wish known : Wish.values()) {
            if (known.name().equals(wish)) return form.with("wish-" + wish, form.has("wish-" + wish) ? null : "on");
        }
        throw new NotFound();
    }

    private static List<Brief.Kept> locked(ClassPlan plan) {
        List<Brief.Kept> kept = new ArrayList<>();
        for (Section section : plan.sections()) {
            for (Item item : section.items()) {
                boolean locked = section.marks().locked() || isLocked(item);
                if (locked) kept.add(new Brief.Kept(section.role(), item));
            }
        }
        return kept;
    }

    static boolean isLocked(Item item) {
        return item instanceof Flow flow
                ? flow.marks().locked()
                : ((Step) item).marks().locked();
    }

    /** What the class would have been asked for as. */
    static BriefForm of(ClassSettings settings, UUID group) {
        return BriefForm.fresh()
                .with("peak", settings.peak() == null ? "" : settings.peak())
                .with("theme", settings.theme().title())
                .with("sentence", settings.theme().sentence())
                .with("affirmation", settings.theme().affirmation())
                .with(
                        "minutes",
                        String.valueOf(Math.max(
                                Brief.MINUTES.least(), Math.min(Brief.MINUTES.most(), settings.slotMinutes()))))
                .with("style", settings.style().name())
                .with("level", settings.level().name())
                .with("mixed", settings.mixed() ? "on" : null)
                .with("first", settings.begins().name())
                .with("group", group == null ? "" : group.toString());
    }

    /** @return null when nothing on the way to the peak is possible */
    UUID lead(Teacher teacher, ClassPlan plan, BriefForm form) {
        Brief brief = again(teacher, form);
        return composer(teacher)
                .leadThere(plan, brief)
                .map(draft -> one(teacher, form, draft))
                .orElse(null);
    }
}
