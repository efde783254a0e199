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
}
