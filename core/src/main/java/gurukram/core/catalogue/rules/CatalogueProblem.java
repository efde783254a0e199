package gurukram.core.catalogue.rules;

/**
 * Something wrong in a catalogue file.
 *
 * @param line 1-based; 0 unknown
 * @param field the field of the entry it is about; empty when it is about the whole
 */
public record CatalogueProblem(String file, int line, String pose, String field, String what) {
    @Override
    public String toString() {
        return "%s:%d %s: %s".formatted(file, line, pose, what);
    }
}
