package gurukram.core.pose;

import java.util.List;
import java.util.function.Consumer;

/** What must hold across the catalogue once every entry can be read. */
final class CatalogueRules {
    private static final List<Consumer<Draft>> ALL = List.of(
            NameRules::check,
            TieRules::check,
            SideRules::check,
            DoseRules::check,
            ActionRules::check,
            CautionRules::check,
            CueRules::check,
            FigureRules::check,
            LadderRules::check,
            PreparationRules::check);

    private CatalogueRules() {}

    static void check(Draft draft) {
        ALL.forEach(rule -> rule.accept(draft));
    }

    /** The rules of one pose by itself, that is to join the poses of {@code others}. */
    static void checkOne(Draft others, Pose pose) {
        java.util.Map<String, Pose> byId = new java.util.HashMap<>(others.byId());
        byId.put(pose.id(), pose);
        Draft one = new Draft(List.of(pose), others.ladders(), others.places(), byId);
        NameRules.check(one);
        NameRules.taken(one, others.poses());
        TieRules.known(one);
        SideRules.check(one);
        DoseRules.check(one);
        ActionRules.check(one);
        CautionRules.check(one);
        CueRules.check(one);
        FigureRules.check(one);
    }
}
