package gurukram.web.sheets;

import gurukram.core.body.Side;
import gurukram.web.poses.DrawnFigures;
import gurukram.web.shared.Teacher;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Figures as they stand on paper. */
@Component
public class Drawn {
    private final DrawnFigures figures;

    Drawn(DrawnFigures figures) {
        this.figures = figures;
    }

    /** As SVG, with its letter. @param side {@code right}, {@code left} or null for the usual one */
    public String of(Teacher teacher, String pose, String side) {
        Side asked = side == null ? null : Side.valueOf(side.toUpperCase(Locale.ROOT));
        // its size comes from the style; without one of its own, it would be looked for in whole numbers
        return figures.draw(teacher, pose, new DrawnFigures.Asked(asked, true, false, true, List.of()))
                .replaceFirst("<svg ", "<svg width=\"100\" height=\"100\" ");
    }
}
