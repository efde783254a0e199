package gurukram.web.plans;

import gurukram.core.plan.Cueing;
import gurukram.core.plan.Style;
import gurukram.core.pose.Level;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The lists to choose from on the class page. */
final class Words {
    private Words() {}

    static List<Field.Option> styles() {
        return Arrays.stream(Style.values())
                .map(style -> new Field.Option(style.name(), style.word()))
                .toList();
    }

    static List<Field.Option> levels() {
        return Arrays.stream(Level.values())
                .map(level -> new Field.Option(level.name(), level.word()))
                .toList();
    }

    /** The empty choice follows the style of the class. */
    static List<Field.Option> cueing(Style style) {
        List<Field.Option> options = new ArrayList<>();
        options.add(new Field.Option("", "as usual: " + style.cueing().word()));
        for (Cueing way : Cueing.values()) options.add(new Field.Option(way.name(), way.word()));
        return options;
    }
}
