package gurukram.web.plans.panel;

import java.util.List;

/**
 * What the panel knows of a step beyond its fields.
 *
 * @param pose address of the page of its pose
 * @param figures both sides, or the one there is
 * @param usual the usual doses of the pose, level by level
 * @param prepares what it prepares of what the peak asks; empty when nothing
 * @param cautions those of the class's group, {@code otherCautions} the usual ones for everybody else
 * @param felt address of the map of what is felt
 */
public record StepPanel(
        String pose,
        String sanskrit,
        String facts,
        List<Drawn> figures,
        List<Drawn> easier,
        List<Drawn> harder,
        List<Drawn> next,
        List<Said> cues,
        List<String> usual,
        String prepares,
        String felt,
        String stretches,
        String works,
        List<Careful> cautions,
        List<String> otherCautions,
        String props) {

    /** A drawn pose. @param id of the pose, for taking it */
    public record Drawn(String id, String name, String figure) {}

    /** A caution somebody in the class's group needs; what takes its place is null where nothing is to. */
    public record Careful(String words, boolean blocked, Drawn instead) {}

    /** What is said on one side: so many words in so many seconds. */
    public record Said(String side, String words, String time, boolean fits) {}
}
