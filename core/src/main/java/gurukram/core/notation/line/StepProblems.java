package gurukram.core.notation.line;

import gurukram.core.plan.manner.Use;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Ways;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import gurukram.core.text.Words;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What is answered to a step's line that is not understood, each at its place and with lines that would be. */
final class StepProblems {
    private static final Pattern OWN_LINE = Pattern.compile("(?i)\\bpace\\b|\\ba breath\\b|\\bsetting up\\b");

    private final PoseCatalogue catalogue;

    StepProblems(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Breaths and repetitions are whole: the two nearest are offered. */
    static Refused notWhole(String line, Matcher part) {
        int below = Math.max(1, Integer.parseInt(part.group(1)));
        List<String> offers = IntStream.of(below, below + 1)
                .mapToObj(n -> line.substring(0, part.start()) + n + line.substring(part.start(3)))
                .distinct()
                .toList();
        return new Refused(
                new Problem(
                        "“" + part.group().strip() + "”: whole ones, please.",
                        "Maybe " + below + " or " + (below + 1) + ".",
                        offers),
                new Span(part.start(), part.end()));
    }

    /** A name that no pose has: the nearest, or the words behind a pose that nobody knows. */
    Refused unknown(String name, String line) {
        Optional<Use> use = Use.named(name);
        if (use.isPresent() && name.equals(line)) {
            String offer = "2 min " + use.get().word();
            return new Refused(
                    new Problem("How long? “" + name + "” does not say.", "As in “" + offer + "”.", List.of(offer)));
        }
        Optional<Refused> unread = unread(name, line);
        if (unread.isPresent()) return unread.get();
        int at = Math.max(0, line.indexOf(name));
        List<Pose> meant = catalogue.meant(name);
        List<Pose> nearest = meant.isEmpty() ? catalogue.nearest(shorten(name), 3) : meant;
        List<String> offers = nearest.stream()
                .map(pose -> line.substring(0, at)
                        + pose.name().toLowerCase(Locale.ROOT)
                        + line.substring(at + name.length()))
                .toList();
        String names = nearest.stream().map(Pose::name).collect(Collectors.joining(", "));
        String what = meant.size() > 1
                ? "Which of them? “" + shorten(name) + "” may be " + meant.size() + " poses."
                : "I know no pose called “" + shorten(name) + "”.";
        return new Refused(new Problem(what, "Maybe: " + names + ".", offers), new Span(at, at + name.length()));
    }

    /** A line that begins with a pose and goes on with words nobody knows: those words are what is not understood. */
    private Optional<Refused> unread(String name, String line) {
        int at = line.indexOf(name);
        if (at < 0 || isMistyped(name)) return Optional.empty();
        for (int cut = lastGap(name, name.length()); cut > 0; cut = lastGap(name, cut)) {
            Optional<Pose> pose = catalogue.named(name.substring(0, cut));
            if (pose.isEmpty()) continue;
            int from = cut;
            while (from < name.length() && " ,;".indexOf(name.charAt(from)) >= 0) from++;
            String words = name.substring(from);
            if (OWN_LINE.matcher(line.substring(at + from)).find()) return Optional.of(ownLine(line, at + from));
            Optional<Refused> near = nearManner(words, line, at + from);
            if (near.isPresent()) return near;
            String without = line.substring(0, at + cut) + line.substring(at + name.length());
            return Optional.of(new Refused(
                    new Problem(
                            "“" + shorten(words) + "” says nothing I know about "
                                    + pose.get().name().toLowerCase(Locale.ROOT) + ".",
                            "For the room it can stand behind “//”, as a note.",
                            List.of(without, without + " // " + words)),
                    new Span(at + from, at + name.length())));
        }
        return Optional.empty();
    }

    /** A way that is none, or a letter or two from what may be different about a pose. */
    private static Optional<Refused> nearManner(String words, String line, int from) {
        String said = words.replaceFirst("[,;].*$", "").strip();
        Span place = new Span(from, from + said.length());
        if (said.toLowerCase(Locale.ROOT).startsWith("by ")) {
            String ways = "by " + String.join(", by ", Ways.shipped().names());
            return Optional.of(new Refused(
                    Problem.of("“" + shorten(said) + "” is no way I know from pose to pose.", "I know: " + ways + "."),
                    place));
        }
        String folded = Words.fold(said);
        return Modifiers.shipped().all().stream()
                .map(Modifiers.Modifier::name)
                .filter(name -> Words.distance(name, folded) <= 2 && folded.length() > 3)
                .findFirst()
                .map(name -> new Refused(
                        new Problem(
                                "“" + said + "” is nothing I know about a pose.",
                                "Maybe: " + name + ".",
                                List.of(line.substring(0, from) + name + line.substring(from + said.length()))),
                        place));
    }

    /** What is said of a step's time stands under it; left in the line, it would read as another dose. */
    private static Refused ownLine(String line, int from) {
        String words = line.substring(from);
        return new Refused(
                Problem.of(
                        "“" + shorten(words) + "” stands on a line of its own under the step, with a dash.",
                        "As in “- 5 s a breath”, “- pace 3 s” or “- setting up 40 s”."),
                new Span(from, line.length()));
    }

    /** A letter or two from a pose's name: that pose is meant. */
    private boolean isMistyped(String name) {
        if (name.indexOf(',') >= 0) return false;
        String folded = Words.fold(name);
        return catalogue.hasNameWithin(folded, 2);
    }

    private static int lastGap(String text, int before) {
        int at = before - 1;
        while (at > 0 && " ,;".indexOf(text.charAt(at)) < 0) at--;
        while (at > 0 && " ,;".indexOf(text.charAt(at - 1)) >= 0) at--;
        return at;
    }

    static String shorten(String text) {
        return text.length() <= 60 ? text : text.substring(0, 60) + "…";
    }
}
