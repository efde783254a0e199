package gurukram.core.compose;

import gurukram.core.check.Checks;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.search.Clock;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Unfolder;

/**
 * What every draft is made with.
 *
 * @param unfolder by the teacher's pace and school
 * @param school the teacher's
 */
record Workshop(PoseCatalogue catalogue, Unfolder unfolder, School school, PhraseBook phrases) {
    Clock clock(Brief brief) {
        return new Clock(unfolder, school, brief.style(), brief.minutes());
    }

    Checks checks(Brief brief) {
        return new Checks(catalogue, unfolder, school, brief.group());
    }
}
