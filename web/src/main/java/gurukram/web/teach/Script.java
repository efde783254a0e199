package gurukram.web.teach;

import gurukram.core.room.Count;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/**
 * A score with all its words, frozen when the class is opened in the room: the page needs nothing more, and later changes
 * of the class do not change what was taught. Times in ms; sections by their place in {@code sections}, figures by theirs. What
 * came later than the first of them is missing in scripts of older versions.
 *
 * @param remindMs when words that were not said are told, by the plan
 * @param starts when it begins on the clock, {@code endsAt} when its slot ends; null when that is not known
 * @param slotMs how long it may last
 * @param inhale the part of a breath that is its inhale, of 1 000
 * @param peakAt the first moment of the peak, {@code restAt} of the final rest; null without
 * @param levels other levels it has lines for
 * @param felt by pose: where it is felt and where it must not be
 */
public record Script(
        String title,
        String level,
        long totalMs,
        List<Part> sections,
        List<Line> moments,
        List<String> figures,
        List<Prompted> prompts,
        Long remindMs,
        String starts,
        String endsAt,
        Long slotMs,
        Integer inhale,
        Integer peakAt,
        Integer restAt,
        List<String> levels,
        Map<String, Felt> felt) {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    public Script {
        figures = figures == null ? List.of() : List.copyOf(figures);
        prompts = prompts == null ? List.of() : List.copyOf(prompts);
        levels = levels == null ? List.of() : List.copyOf(levels);
        felt = felt == null ? Map.of() : Map.copyOf(felt);
    }

    /** @param map the address of its drawing, {@code notIn} in words; empty when nowhere is named */
    public record Felt(String map, String notIn) {}

    /**
     * The flow a moment stands in.
     *
     * @param fewerBy how many rounds at once it can lose or gain, so that no side is left alone; 0 when it keeps its rounds
     */
    public record Flowing(String id, String name, int round, int rounds, Integer pass, int fewerBy) {}

    /**
     * Something to say or to think of; {@link gurukram.core.room.Prompt}.
     *
     * @param said whether it can be said, and forgotten
     */
    public record Prompted(String id, String kind, int at, String words, boolean said) {}

    public record Part(String title, long startMs, long lengthMs) {}

    /**
     * One moment.
     *
     * @param leadInMs transition and setting up
     * @param side {@code right}, {@code left} or null
     * @param sideWords which part is on that side
     * @param amount how much, in words
     * @param how what is not the usual about it, in words; {@code options} what some do instead, one line each; both may be
     *     missing in scripts of older versions
     * @param where flow, round and pass in words; empty outside flows
     * @param say the words of this moment, the teacher's own first; empty in silence; {@code brief} the short ones
     * @param flow null outside flows
     * @param count where it stands among those it is counted with
     * @param phases counts of in, held, out, held of one cycle of a breathing pattern; empty otherwise
     * @param halfway what is told in the middle; empty when nothing is
     * @param stand which way the teacher stands to show it; empty when it is not shown
     * @param figure its drawing, a place in {@code figures}; {@code shown} how a teacher who faces the class shows it; null without
     *     one, and both missing in scripts of older versions
     */
    public record Line(
            String node,
            String kind,
            long startMs,
            long leadInMs,
            long workMs,
            String name,
            String sanskrit,
            String side,
            String sideWords,
            String amount,
            int section,
            String where,
            String breath,
            Integer breaths,
            Integer reps,
            String note,
            String how,
            List<String> options,
            String say,
            Integer figure,
            Integer shown,
            String brief,
            String pose,
            Flowing flow,
            Count count,
            List<Integer> phases,
            String halfway,
            String stand) {}

    /** With more to think of. */
    Script with(List<Prompted> more) {
        if (more.isEmpty()) return this;
        List<Prompted> all = new ArrayList<>(prompts);
        all.addAll(more);
        return new Script(
                title, level, totalMs, sections, moments, figures, all, remindMs, starts, endsAt, slotMs, inhale,
                peakAt, restAt, levels, felt);
    }

    /** As JSON that may stand inside a page: no character in it can end the element it stands in. */
    public String json() {
        return JSON.writeValueAsString(this).replace("<", "\\u003c").replace(">", "\\u003e");
    }

    public static Script parse(String json) {
        return JSON.readValue(json, Script.class);
    }
}
