package gurukram.web.sheets;

import gurukram.core.plan.settings.School;
import gurukram.core.text.Plain;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.StoredClass;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.Script;
import gurukram.web.teach.Scripts;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Sheets for people at home. */
@Component
class Homes {
    static final int MOST_LETTERS = 200;

    private final Scripts scripts;
    private final ClassEditor editor;
    private final Drawn drawn;

    Homes(Scripts scripts, ClassEditor editor, Drawn drawn) {
        this.scripts = scripts;
        this.editor = editor;
        this.drawn = drawn;
    }

    /** @param parts sections by their place from 0; all of them when it is empty. @param by the teacher's name; empty unless it is wished. @param words whether the words of the steps stand on it */
    record Asked(Set<String> parts, String by, boolean words, String often, String level) {}

    /**
     * @param by the teacher's name; empty unless it is wished
     * @param legs which leg comes forward, where a flow has legs; empty otherwise
     */
    public record Home(String title, String by, String often, String legs, boolean words, List<Sheet.Part> parts) {}

    Home of(Teacher teacher, StoredClass stored, Asked asked) {
        Script script = scripts.of(teacher, stored, asked.level());
        Sheet whole = Sheet.of(script, "", "", (pose, side) -> drawn.of(teacher, pose, side));
        List<Sheet.Part> parts = new ArrayList<>();
        for (int i = 0; i < whole.parts().size(); i++)
            if (asked.parts().isEmpty() || asked.parts().contains(String.valueOf(i)))
                parts.add(whole.parts().get(i));
        boolean flows = parts.stream().anyMatch(part -> part.blocks().stream().anyMatch(Sheet.Block::isFlow));
        School school =
                stored.plan().settings().school().over(editor.schoolOf(teacher)).over(School.USUAL);
        String often = Plain.line(asked.often(), "", Integer.MAX_VALUE);
        return new Home(
                whole.title(),
                asked.by(),
                often.substring(0, Math.min(MOST_LETTERS, often.length())),
                flows ? legs(school) : "",
                asked.words(),
                parts);
    }

    private static String legs(School school) {
        return school.legRule() == School.LegRule.SAME_FRONT
                ? "Where a leg steps back and a leg comes forward again, the leg that stayed in front comes to the front again."
                : "Where a leg steps back and a leg comes forward again, the leg that went back first comes forward first.";
    }
}
