package gurukram.core.pose;

/** Something wrong in a catalogue file, with the file, the pose and the line its entry begins on (1-based; 0 unknown). */
public record CatalogueProblem(String file, int line, String pose, String what) {
    @Override
    public String toString() {
        return "%s:%d %s: %s".formatted(file, line, pose, what);
    }
}
