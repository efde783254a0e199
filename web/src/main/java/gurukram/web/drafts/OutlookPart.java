package gurukram.web.drafts;

import gurukram.core.compose.Outlook;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.idea.Concept;
import gurukram.core.pose.PoseCatalogue;
import java.util.List;
import java.util.Locale;

/**
 * What a brief will come to, in words.
 *
 * @param leads a sentence about where it leads; empty when there is nothing to say
 * @param stops why it is not the peak itself: whole sentences
 * @param ideas the first ideas, by name
 * @param unknown words of the theme that say nothing yet
 */
public record OutlookPart(String leads, List<String> stops, List<String> ideas, List<String> unknown) {
    static final OutlookPart NOTHING = new OutlookPart("", List.of(), List.of(), List.of());
    private static final int IDEAS = 3;

    static OutlookPart of(Outlook outlook, Brief brief, List<String> unknown, PoseCatalogue catalogue) {
        List<String> ideas =
                outlook.ideas().stream().limit(IDEAS).map(Concept::name).toList();
        return new OutlookPart(leads(outlook, brief, catalogue), outlook.stops(), ideas, unknown);
    }

    private static String leads(Outlook outlook, Brief brief, PoseCatalogue catalogue) {
        if (outlook.goal() == null)
            return brief.peak() == null
                    ? "It leads to no pose in particular."
                    : "Nothing on the way to "
                            + name(catalogue.pose(brief.peak()).name()) + " is possible here.";
        String pose = name(outlook.goal().pose().name());
        return outlook.goal().isAsAsked()
                ? "It leads to " + pose + "."
                : "It leads to " + pose + ", and not to "
                        + name(outlook.goal().asked().name()) + " itself.";
    }

    private static String name(String pose) {
        return pose.toLowerCase(Locale.ROOT);
    }
}
