package gurukram.web.plans.page;

import gurukram.core.plan.NodeId;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassEditor.Answer;
import gurukram.web.plans.ClassEditor.Outcome;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.EditRequest;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.panel.Panel;
import gurukram.web.plans.panel.Panels;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.servlet.support.RequestContextUtils;

/**
 * What a page is answered after an edit: only what changes on it, when it shows the class as it was just before; all of the
 * spine, when something else has changed too.
 */
@Component
public class EditAnswers {
    private final ClassStore store;
    private final ClassEditor editor;
    private final ClassPages pages;
    private final Panels panels;

    EditAnswers(ClassStore store, ClassEditor editor, ClassPages pages, Panels panels) {
        this.store = store;
        this.editor = editor;
        this.pages = pages;
        this.panels = panels;
    }

    /** Who asked, from where, and which field of which node it was about, or which nodes with spaces between. */
    public record Asked(Teacher teacher, ClassId id, EditPost post, String node, String field, String of) {
        boolean isLine() {
            return node.equals(Refusal.LINE);
        }

        /** The nodes it was about. */
        Set<String> nodes() {
            return Set.copyOf(List.of(node.split(" +")));
        }
    }

    /** Does an edit and answers what came of it. */
    public String edited(Asked asked, EditRequest edit, Model model) {
        try {
            Answer answer =
                    editor.edit(asked.teacher(), asked.id(), asked.post().version(), edit);
            boolean lost =
                    answer.outcome() == Outcome.COLLIDED && !asked.field().isEmpty();
            Notice.Again again = lost ? new Notice.Again(asked.node(), asked.field(), asked.of(), edit.typed()) : null;
            return answered(asked, answer, new Notice("", again), model);
        } catch (Refused e) {
            return refused(asked, edit.typed(), e.problem(), model);
        }
    }

    /** Answers after an undo or a redo. */
    String moved(Asked asked, Answer answer, Model model) {
        return answered(asked, answer, Notice.NONE, model);
    }

    private String answered(Asked asked, Answer answer, Notice notice, Model model) {
        EditPost post = asked.post();
        Notice told = answer.told().isEmpty() ? notice : Notice.of(answer.told());
        if (answer.outcome() == Outcome.REPLAYED) {
            told = Notice.of(
                    "This class was also changed in another window. Both changes are kept; you see them here.");
        }
        if (answer.outcome() == Outcome.COLLIDED) {
            post.response().setStatus(HttpStatus.CONFLICT.value());
            told = new Notice(collision(notice.again()), notice.again());
        }
        if (!post.isHtmx()) {
            String words = told.words();
            if (!words.isEmpty())
                RequestContextUtils.getOutputFlashMap(post.request()).put("told", words);
            return "redirect:/classes/" + asked.id();
        }
        if (answer.at() != null) post.response().setHeader("HX-Trigger", "{\"line-at\":\"" + answer.at() + "\"}");
        View view = View.of(post.view(), answer.now().plan().settings());
        ClassPage page = pages.page(asked.teacher(), answer.now(), view, told, null);
        boolean inStep = answer.before() != null && answer.before().version() == post.version();
        if (!inStep) return whole(page, model);
        model.addAttribute("change", pages.change(asked.teacher(), answer.before(), page, view, asked.nodes(), null));
        return small(page, asked.isLine(), model);
    }

    private String refused(Asked asked, String typed, Problem problem, Model model) {
        StoredClass now = store.find(asked.teacher(), asked.id()).orElseThrow(NotFound::new);
        EditPost post = asked.post();
        post.response().setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        boolean hasPlace = asked.isLine() || !asked.field().isEmpty() && isThere(now, asked.node());
        Notice notice = Notice.NONE;
        if (!hasPlace) {
            String kept = typed.isEmpty() ? "" : " You typed “" + typed + "”.";
            notice = Notice.of(problem + kept);
        }
        Refusal refusal = Refusal.of(asked.node(), asked.field(), asked.of(), typed, problem);
        boolean inPanel = hasPlace && !post.panel().isEmpty();
        View view = View.of(post.view(), now.plan().settings());
        ClassPage page = pages.page(asked.teacher(), now, view, notice, inPanel ? null : refusal);
        if (!post.isHtmx()) {
            model.addAttribute("page", page);
            return "plans/class";
        }
        if (now.version() != post.version()) return whole(page, model);
        Set<String> touched = inPanel ? Set.of() : asked.nodes();
        Panel panel = inPanel ? panels.of(asked.teacher(), now, post.panel(), view, refusal) : null;
        model.addAttribute("change", new PageChange(page, page.spine(touched), panel));
        return small(page, asked.isLine(), model);
    }

    private static boolean isThere(StoredClass now, String node) {
        return node.equals(NodeId.CLASS.value()) || now.plan().has(new NodeId(node));
    }

    private static String whole(ClassPage page, Model model) {
        model.addAttribute("page", page);
        return "plans/parts/region";
    }

    private static String small(ClassPage page, boolean line, Model model) {
        model.addAttribute("page", page);
        model.addAttribute("line", line);
        model.addAttribute("classId", page.id());
        return "plans/parts/change";
    }

    private static String collision(Notice.Again again) {
        String told = "This was changed in another window first; what you see here is how it is now.";
        return again == null ? told : told + " You typed “" + again.value() + "”.";
    }
}
