package gurukram.web.teach;

import java.util.List;
import tools.jackson.databind.json.JsonMapper;

/**
 * A score with all its words, frozen when the class is opened in the room: the page needs nothing more, and later changes
 * of the class do not change what was taught. Times in ms; sections by their place in {@code sections}, figures by theirs. Prompts
 * and figures are missing in scripts of older versions.
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
        String endsAt) {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    public Script {
        figures = figures == null ? List.of() : List.copyOf(figures);
        prompts = prompts == null ? List.of() : List.copyOf(prompts);
    }

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
     * @param say the words of this moment, the teacher's own first; empty in silence
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
            Integer shown) {}

    /** As JSON that may stand inside a page: no character in it can end the element it stands in. */
    public String json() {
        return JSON.writeValueAsString(this).replace("<", "\\u003c").replace(">", "\\u003e");
    }

    public static Script parse(String json) {
        return JSON.readValue(json, Script.class);
    }
}
