package gurukram.core.studio;

import gurukram.core.text.Table;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;

/** Who may do what, from {@code resources/studio/rights.tsv}; what is not allowed there is not allowed. */
public final class Rights {
    private static final List<Role> COLUMNS = List.of(Role.OWNER, Role.TEACHER, Role.SUBSTITUTE, Role.GUEST);
    private static final Map<Deed, Map<Role, String>> TABLE = read();

    private Rights() {}

    private static Map<Deed, Map<Role, String>> read() {
        Map<Deed, Map<Role, String>> table = new EnumMap<>(Deed.class);
        for (Table.Row row : Table.of("/studio/rights.tsv", "\t", 1 + COLUMNS.size())) {
            Deed deed = Deed.valueOf(row.cell(0).toUpperCase(Locale.ROOT).replace('-', '_'));
            Map<Role, String> roles = new EnumMap<>(Role.class);
            for (int i = 0; i < COLUMNS.size(); i++) {
                String may = row.cell(1 + i);
                if (!List.of("yes", "no", "own").contains(may)) throw new IllegalStateException("rights.tsv: " + may);
                roles.put(COLUMNS.get(i), may);
            }
            if (table.put(deed, roles) != null) throw new IllegalStateException("rights.tsv: twice " + deed.word());
        }
        for (Deed deed : Deed.values())
            if (!table.containsKey(deed)) throw new IllegalStateException("rights.tsv: no " + deed.word());
        return table;
    }

    /** Whether it may be done, also to what others made. */
    public static boolean may(Role role, Deed deed) {
        return of(role, deed).equals("yes");
    }

    /** Whether it may be done to what somebody made. @param own whether it is her own */
    public static boolean may(Role role, Deed deed, boolean own) {
        return may(role, deed) || own && of(role, deed).equals("own");
    }

    private static String of(Role role, Deed deed) {
        return Objects.requireNonNull(Objects.requireNonNull(TABLE.get(deed)).get(role));
    }
}
