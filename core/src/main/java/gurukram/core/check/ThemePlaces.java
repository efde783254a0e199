package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Theme;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** A theme is opened, taken up again and closed, without long silences; and the close speaks of what was opened. */
@AutoService(Check.class)
public final class ThemePlaces implements Check {
    static final Threshold SILENCE = Threshold.of("theme-silence", "minutes without a word of the theme", 15);
    /** Ours: half a minute beyond a quarter of an hour is nothing. */
    private static final int TRIFLE_PERCENT = 105;

    private static final int ROOT = 5;
    private static final int SHORTEST_WORD = 4;
    private static final String DOING = "ing";
    /** Short words that mean nothing by themselves. */
    private static final Set<String> SMALL =
            Set.of(("a all am an and are as at be but by can come did do for from had has he her his how i if in"
                            + " is it its may me my no nor not now of off on one or our out own she so than the then to too two up us was we what"
                            + " who why you")
                    .split(" "));

    private static final Card CARD = Card.of(
            "theme",
            "The theme is opened, taken up again and closed",
            "A theme that is named at the start and remembered at the goodbye was none in between.",
            SILENCE);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Theme theme = subject.settings().theme();
        if (theme.title().isEmpty()) return;
        List<Integer> threads = threads(subject);
        List<String> empty = new ArrayList<>();
        if (theme.open().isEmpty()) empty.add("opening words");
        if (threads.isEmpty()) empty.add("thread between");
        if (theme.close().isEmpty()) empty.add("closing words");
        if (!empty.isEmpty()) {
            String what = "The theme “%s” has no %s.".formatted(theme.title(), String.join(", no ", empty));
            found.info(NodeId.CLASS, "empty", List.of(), what, "Write down what you will say there.");
        }
        if (!theme.open().isEmpty() || !threads.isEmpty()) silence(subject, theme, threads, found);
        if (!theme.close().isEmpty() && !isRelated(theme)) {
            String what = "The closing words share no word with the theme “%s”.".formatted(theme.title());
            found.info(NodeId.CLASS, "close", List.of(), what, "Come back to what you opened with.");
        }
    }

    /** The moments at which a thread is said first, in order. */
    private static List<Integer> threads(Subject subject) {
        List<Integer> threads = new ArrayList<>();
        subject.plan().walk(node -> {
            List<Integer> moments = subject.momentsOf(node.id());
            if (!thread(node).isEmpty() && !moments.isEmpty()) threads.add(moments.get(0));
        });
        return new ArrayList<>(new TreeSet<>(threads));
    }

    private static String thread(Node node) {
        if (node instanceof Section section) return section.texts().thread();
        if (node instanceof Flow flow) return flow.texts().thread();
        return node instanceof Step step ? step.texts().thread() : "";
    }

    private static void silence(Subject subject, Theme theme, List<Integer> threads, Findings found) {
        long from = 0;
        long longest = -1;
        long longestFrom = 0;
        List<Long> said = new ArrayList<>(
                threads.stream().map(i -> subject.moment(i).startMs()).toList());
        said.add(theme.close().isEmpty() ? subject.score().totalMs() : closeAt(subject));
        for (long at : said) {
            if (at - from > longest) {
                longest = at - from;
                longestFrom = from;
            }
            from = at;
        }
        int most = subject.value(SILENCE);
        if (longest * 100 <= (long) most * Millis.MINUTE * TRIFLE_PERCENT) return;
        String what = "From %s on nothing is said of the theme for %s; %d minutes are the longest you want."
                .formatted(Millis.showWhole(longestFrom), Wording.minutes(longest), most);
        List<Integer> at = List.of(subject.momentAt(longestFrom + longest / 2));
        found.look(NodeId.CLASS, "silence", at, what, "Take it up again about halfway there.");
    }

    private static long closeAt(Subject subject) {
        for (int i = 0; i < subject.moments().size(); i++) {
            if (subject.role(i) == SectionRole.CLOSE) return subject.moment(i).startMs();
        }
        return subject.score().totalMs();
    }

    private static boolean isRelated(Theme theme) {
        Set<String> said =
                roots(theme.title() + " " + theme.sentence() + " " + theme.affirmation() + " " + theme.image() + " "
                        + theme.quotation() + " " + theme.mantra() + " " + theme.focus() + " " + theme.open());
        return roots(theme.close()).stream().anyMatch(said::contains);
    }

    /** Words that mean something, cut so that “steady” meets “steadily” and “letting go” meets “let go”. */
    private static Set<String> roots(String text) {
        Set<String> roots = new HashSet<>();
        for (String word : Words.fold(text).split(" ")) {
            if (word.length() >= SHORTEST_WORD) roots.add(word.substring(0, Math.min(ROOT, word.length())));
            else if (!SMALL.contains(word)) roots.add(word);
            if (word.endsWith(DOING)) roots.add(doing(word));
        }
        return roots;
    }

    /** What is done: “letting” is “let”, “resting” is “rest”. */
    private static String doing(String word) {
        String stem = word.substring(0, word.length() - DOING.length());
        int last = stem.length() - 1;
        boolean twice = last > 1 && stem.charAt(last) == stem.charAt(last - 1);
        String done = twice ? stem.substring(0, last) : stem;
        return done.substring(0, Math.min(ROOT, done.length()));
    }
}
