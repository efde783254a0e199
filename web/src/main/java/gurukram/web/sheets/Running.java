package gurukram.web.sheets;

import gurukram.core.time.Millis;
import gurukram.web.teach.Script;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** The running order with the words of every moment. @param parts sections, and every pass of a flow by itself */
public record Running(String title, String about, String length, List<Part> parts) {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");

    /** @param pass whether it goes on with the section before */
    public record Part(String heading, boolean pass, List<Line> lines) {}

    /** @param told what is told of the theme, or to think of, before it; a line each */
    public record Line(String at, String pose, String side, String amount, String words, List<String> told) {}

    /** @param words {@code all}, {@code short} or {@code none} */
    static Running of(Script script, String words) {
        List<Part> parts = new ArrayList<>();
        Script.Line before = null;
        for (int i = 0; i < script.moments().size(); i++) {
            Script.Line line = script.moments().get(i);
            if (before == null || !isSamePart(before, line)) parts.add(part(script, line, before));
            parts.get(parts.size() - 1).lines().add(line(script, i, words));
            before = line;
        }
        String clock = script.starts() == null ? "" : ", " + script.starts() + " – " + script.endsAt();
        return new Running(script.title(), script.level() + clock, Millis.showWhole(script.totalMs()), parts);
    }

    private static boolean isSamePart(Script.Line a, Script.Line b) {
        boolean pass = a.flow() == null ? b.flow() == null : b.flow() != null && isSamePass(a.flow(), b.flow());
        return a.section() == b.section() && pass;
    }

    private static boolean isSamePass(Script.Flowing a, Script.Flowing b) {
        return a.id().equals(b.id()) && a.round() == b.round() && Objects.equals(a.pass(), b.pass());
    }

    private static Part part(Script script, Script.Line line, Script.Line before) {
        boolean same = before != null && before.section() == line.section();
        String section = same ? "" : script.sections().get(line.section()).title();
        Script.Flowing flowing = line.flow();
        String pass = flowing == null || flowing.pass() == null ? "" : ", pass " + flowing.pass();
        String flow = flowing == null
                ? ""
                : "%s, round %d of %d%s".formatted(flowing.name(), flowing.round(), flowing.rounds(), pass);
        String heading = section.isEmpty() || flow.isEmpty() ? section + flow : section + ": " + flow;
        return new Part(heading, same, new ArrayList<>());
    }

    private static Line line(Script script, int place, String words) {
        Script.Line line = script.moments().get(place);
        String said = words.equals("none") ? "" : words.equals("short") ? line.brief() : line.say();
        List<String> told = script.prompts().stream()
                .filter(prompt -> prompt.at() == place)
                .map(prompt -> prompt.kind() + ": " + prompt.words())
                .toList();
        return new Line(
                at(script, line.startMs()),
                line.name(),
                line.sideWords(),
                line.breath() == null ? line.amount() : line.breath(),
                said == null ? "" : said,
                told);
    }

    private static String at(Script script, long ms) {
        if (script.starts() == null) return Millis.showWhole(ms);
        return CLOCK.format(LocalTime.parse(script.starts()).plusSeconds(Math.round(ms / 1_000.0)));
    }
}
