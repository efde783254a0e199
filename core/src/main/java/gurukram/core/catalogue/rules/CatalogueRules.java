package gurukram.core.catalogue.rules;

import gurukram.core.pose.Pose;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** What must hold across the catalogue once every entry can be read. */
public final class CatalogueRules {
    private static final List<Consumer<Entries>> ALL = List.of(
            NameRules::check,
            TieRules::check,
            SideRules::check,
            DoseRules::check,
            ActionRules::check,
            CautionRules::check,
            CueRules::check,
            TeachingRules::check,
            FigureRules::check,
            LadderRules::check,
            PreparationRules::check);

    private CatalogueRules() {}

    public static void check(Entries draft) {
        ALL.forEach(rule -> rule.accept(draft));
    }

    /** The rules of one pose by itself, that is to join the poses of {@code others}. */
    public static void checkOne(Entries others, Pose pose) {
        Map<String, Pose> byId = new HashMap<>(others.byId());
        byId.put(pose.id(), pose);
        Entries one = new Entries(List.of(pose), others.ladders(), others.places(), byId);
        NameRules.check(one);
        NameRules.taken(one, others.poses());
        TieRules.known(one);
        SideRules.check(one);
        DoseRules.check(one);
        ActionRules.check(one);
        CautionRules.check(one);
        CueRules.check(one);
        TeachingRules.check(one);
        FigureRules.drawable(one);
    }
}
