package gurukram.core;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.List;

/** Short ways to write plans in tests. */
public final class Plans {
    public static final PoseCatalogue CATALOGUE = CatalogueReader.shipped();
    private static int ids;

    private Plans() {}

    public static NodeId id() {
        return new NodeId("t" + ids++);
    }

    public static Step step(String pose, String sides, String dose) {
        return Step.of(id(), pose, SideRule.parse(sides), DoseText.parse(dose));
    }

    public static Section section(Item... items) {
        return Section.of(id(), SectionRole.STANDING, items);
    }

    public static ClassPlan vinyasa(Section... sections) {
        return ClassPlan.of(ClassSettings.of("Test", 60, Style.VINYASA, Level.INTERMEDIATE), sections);
    }

    public static ClassPlan hatha(Section... sections) {
        return ClassPlan.of(ClassSettings.of("Test", 60, Style.HATHA, Level.INTERMEDIATE), sections);
    }

    public static ClassPlan of(Item... items) {
        return vinyasa(section(items));
    }

    /** A flow of half-breath movements, in and out in turn, following the lead side. */
    public static Flow chain(FlowSettings settings, int moves) {
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < moves; i++) steps.add(step("warrior-2", "lead", i % 2 == 0 ? "in" : "out"));
        return new Flow(id(), settings, steps);
    }

    /** The score at the usual pace, vinyasa, by the breath. */
    public static Score score(ClassPlan plan) {
        return new Unfolder(CATALOGUE, Pace.defaults())
                .unfold(plan, plan.settings().level());
    }

    /** Work and setting up with a way of cueing of 1, as the worked examples ask. */
    public static Score scoreWithoutCueing(ClassPlan plan) {
        return new Unfolder(CATALOGUE, Pace.defaults().withoutCueing())
                .unfold(plan, plan.settings().level());
    }

    public static long work(Score score) {
        return score.moments().stream().mapToLong(Moment::workMs).sum();
    }

    public static Dose breaths(int n) {
        return new Dose.Breaths(n);
    }
}
