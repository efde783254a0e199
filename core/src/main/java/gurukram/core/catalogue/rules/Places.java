package gurukram.core.catalogue.rules;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Where every entry and every field of the catalogue's files stands, and what is wrong there. */
public final class Places {
    private static final Pattern ENTRY = Pattern.compile("^- id: *(\\S+).*");
    private static final Pattern FIELD = Pattern.compile("^  ([A-Za-z]+):.*");

    private final Map<String, Entry> entries = new HashMap<>();
    private final List<CatalogueProblem> problems = new ArrayList<>();

    private record Entry(String file, int line, Map<String, Integer> fields) {}

    /** Notes the places of one file; of two entries with one id, the first keeps its place. */
    public void note(String file, String text) {
        Entry entry = null;
        int number = 0;
        for (String line : text.split("\n", -1)) {
            number++;
            Matcher begins = ENTRY.matcher(line);
            if (begins.matches()) {
                entry = new Entry(file, number, new HashMap<>());
                entries.putIfAbsent(begins.group(1), entry);
                continue;
            }
            Matcher field = FIELD.matcher(line);
            if (entry != null && field.matches()) entry.fields().putIfAbsent(field.group(1), number);
        }
    }

    /** Something wrong in one field, or in an entry as a whole where {@code field} is empty or missing. */
    public void problem(String id, String field, String what) {
        Entry entry = entries.getOrDefault(id, new Entry("?", 0, Map.of()));
        problems.add(
                new CatalogueProblem(entry.file(), entry.fields().getOrDefault(field, entry.line()), id, field, what));
    }

    public void problem(CatalogueProblem problem) {
        problems.add(problem);
    }

    public int count() {
        return problems.size();
    }

    public List<CatalogueProblem> problems() {
        return List.copyOf(problems);
    }
}
