package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.compose.Compositions.COMPOSER;
import static gurukram.core.compose.Compositions.UNFOLDER;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.craft.Craft;
import gurukram.core.craft.Measure;
import gurukram.core.plan.settings.Style;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Prints, over a matrix of briefs, how many drafts stand within what is usual, and the lowest, middle and highest of each measure. */
final class CraftReport {
    private CraftReport() {}

    public static void main(String[] args) {
        int oneIn = args.length > 0 ? Integer.parseInt(args[0]) : 11;
        List<Brief> all = Compositions.matrix();
        for (Style style : Style.values()) {
            List<Draft> drafts = new ArrayList<>();
            for (int i = 0; i < all.size(); i += oneIn) {
                Brief brief = all.get(i);
                if (brief.style() == style) drafts.add(COMPOSER.compose(brief, 1));
            }
            System.out.printf(
                    "%n%s, %d drafts%n%n| measure | usual | lowest | middle | highest |%n|---|---|---|---|---|%n",
                    style.word(), drafts.size());
            of(drafts).forEach((kind, values) -> System.out.println(values.row(kind)));
            System.out.printf(
                    "%nRules of craft that are not kept by all of them:%n%n| rule | kept by | one that breaks it |%n|---|---|---|%n");
            System.out.print(CraftRules.table(drafts));
        }
    }

    /** Of many drafts: each value that there is, and how many are as usual. */
    record Values(List<Double> values, int usual) {
        String row(Measure.Kind kind) {
            if (values.isEmpty()) return "| " + kind.words() + " | – | | | |";
            List<Double> sorted = values.stream().sorted().toList();
            return "| %s | %d %% | %.1f | %.1f | %.1f |"
                    .formatted(
                            kind.words(),
                            percent(),
                            sorted.get(0),
                            sorted.get(sorted.size() / 2),
                            sorted.get(sorted.size() - 1));
        }

        int percent() {
            return values.isEmpty() ? 100 : (int) Math.round(100.0 * usual / values.size());
        }
    }

    static Map<Measure.Kind, Values> of(List<Draft> drafts) {
        Map<Measure.Kind, Values> all = new EnumMap<>(Measure.Kind.class);
        for (Measure.Kind kind : Measure.Kind.values()) {
            List<Double> values = new ArrayList<>();
            int usual = 0;
            for (Draft draft : drafts) {
                Measure measure = Craft.of(draft.plan(), UNFOLDER.unfold(draft.plan(), null), CATALOGUE)
                        .get(kind);
                if (measure == null || measure.value() == null) continue;
                values.add(measure.value());
                if (measure.isUsual()) usual++;
            }
            all.put(kind, new Values(values, usual));
        }
        return all;
    }
}
