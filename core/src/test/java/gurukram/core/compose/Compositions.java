package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.List;

/** Briefs and the composer of the tests. */
public final class Compositions {
    static final boolean FULL = "yes".equals(System.getenv("GURUKRAM_FULL"));
    public static final Unfolder UNFOLDER = new Unfolder(CATALOGUE, Pace.defaults());
    static final PhraseBook PHRASES = new PhraseBook(CATALOGUE);
    static final Composer COMPOSER = new Composer(CATALOGUE, UNFOLDER, School.USUAL, PHRASES);
    static final int[] MINUTES = {30, 45, 60, 75, 90};

    private Compositions() {}

    public static Composer composer() {
        return COMPOSER;
    }

    static Draft draft(String peak, int minutes, Style style, Level level) {
        return COMPOSER.compose(Brief.to(peak, minutes, style, level), 1);
    }

    static List<String> peaks() {
        return CATALOGUE.ladders().stream()
                .map(Ladder::peak)
                .filter(peak -> peak != null && CATALOGUE.pose(peak).peakable())
                .toList();
    }

    /** Every peak with a ladder, at every level, for every slot and style. */
    static List<Brief> matrix() {
        List<Brief> briefs = new ArrayList<>();
        for (String peak : peaks()) {
            for (Level level : Level.values()) {
                for (int minutes : MINUTES)
                    for (Style style : Style.values()) briefs.add(Brief.to(peak, minutes, style, level));
            }
        }
        return briefs;
    }

    /** All of them when everything is wanted, else one in {@code one}, always the same. */
    public static <T> List<T> some(List<T> all, int one) {
        if (FULL) return all;
        List<T> some = new ArrayList<>();
        for (int i = 0; i < all.size(); i += one) some.add(all.get(i));
        return some;
    }
}
