package gurukram.core.notation.words;

import gurukram.core.plan.Section;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a section says of its own time: {@code explained} or {@code by the breath}, {@code 7 s a breath}, {@code about 7 min},
 * {@code by stepping}. */
public final class SectionWords {
    private static final Pattern MINUTES =
            Pattern.compile("(?i)(?:(?:takes )?about |budget:? |~ *)(\\d{1,9}) *(?:m|mins?|minutes?)");

    private SectionWords() {}

    /** Empty when the line, or some part of it, says something else. */
    public static Optional<Section> read(String line, Section now) {
        Section section = now;
        // a way with its seconds has a comma of its own
        Optional<Section> whole = part(line.strip(), now);
        if (whole.isPresent()) return whole;
        List<Parts.Part> parts = Parts.of(line).parts();
        for (Parts.Part part : parts) {
            Optional<Section> more = part(part.text(), section);
            if (more.isEmpty()) return Optional.empty();
            section = more.get();
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of(section);
    }

    private static Optional<Section> part(String part, Section now) {
        for (Cueing way : Cueing.values()) {
            if (Words.fold(way.word()).equals(Words.fold(part))) return Optional.of(now.with(way));
        }
        Optional<Manner> gone = MannerWords.read(part, Manner.USUAL);
        if (gone.isPresent() && gone.get().equals(Manner.USUAL.with(gone.get().way())))
            return Optional.of(now.withWay(gone.get().way()));
        Matcher minutes = MINUTES.matcher(part);
        if (minutes.matches()) return Optional.of(now.withMinutes(Section.MINUTES.parse(minutes.group(1))));
        return BreathWords.read(part, BreathLengths.UNSET)
                .filter(said -> said.equals(BreathLengths.ofHolds(said.activeMillis())))
                .map(said -> now.withBreath(said.activeMillis()));
    }

    /** What {@link #read} reads; empty when it says nothing. */
    public static List<String> write(Section section) {
        List<String> parts = new ArrayList<>();
        if (section.cueing() != null) parts.add(section.cueing().word());
        if (section.minutes() != null) parts.add("about " + section.minutes() + " min");
        if (section.breathMillis() != null) parts.add(Millis.seconds(section.breathMillis()) + " s a breath");
        List<String> lines = new ArrayList<>();
        if (!parts.isEmpty()) lines.add(String.join(", ", parts));
        if (section.way() != null) lines.add(section.way().toString());
        return lines;
    }
}
