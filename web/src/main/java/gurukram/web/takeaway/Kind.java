package gurukram.web.takeaway;

import java.util.List;

/**
 * What is taken along, in the order in which it is brought back: what is referred to comes first. One of a kind is one file, named by
 * its key.
 */
public enum Kind {
    ROOM("rooms", "room", "id", List.of()),
    GROUP(
            "groups",
            "class_group",
            "id",
            List.of(
                    new Part("rung_tries", "group_id", "c.day, c.id"),
                    new Part("rung_mats", "group_id", "c.day, c.id"))),
    POSE("poses", "own_pose", "pose", List.of()),
    LADDER("ladders", "own_ladder", "ladder", List.of()),
    FLOW("flows", "my_flow", "id", List.of()),
    CLASS(
            "classes",
            "yoga_class",
            "id",
            List.of(
                    new Part("revision", "class_id", "c.seq"),
                    new Part("head_move", "class_id", "c.version"),
                    new Part("rehearsal", "class_id", "c.at, c.id"),
                    new Part("carried", "class_id", "c.at, c.id"))),
    COURSE(
            "courses",
            "course",
            "id",
            List.of(
                    new Part(
                            "lesson",
                            "course_id",
                            "c.n",
                            "exists (select 1 from yoga_class y where y.studio_id = c.studio_id and y.id = c.class_id and y.deleted_at is null)"))),
    MEETING("dates", "meeting", "id", List.of()),
    EVENT("events", "event", "id", List.of()),
    WAY("ways", "room_way", "id", List.of()),
    CARD("cards", "practice_card", "id", List.of()),
    RECITED("recitals", "practice_order", "id", List.of()),
    SLIPS("slips", "practice_slips", "id", List.of()),
    DRAFT("drafts", "draft", "id", List.of()),
    LOG(
            "logs",
            "taught_class",
            "id",
            List.of(
                    new Part("taught_moment", "taught_id", "c.started_at, c.ordinal, c.id"),
                    new Part("taught_correction", "taught_id", "c.at, c.id")));

    /** Rows that belong to one. @param parent the column that names it, {@code order} how they stand in the file, {@code only} which of them */
    public record Part(String table, String parent, String order, String only) {
        Part(String table, String parent, String order) {
            this(table, parent, order, "true");
        }
    }

    private final String folder;
    private final String table;
    private final String key;
    private final List<Part> parts;

    Kind(String folder, String table, String key, List<Part> parts) {
        this.folder = folder;
        this.table = table;
        this.key = key;
        this.parts = parts;
    }

    public String folder() {
        return folder;
    }

    String table() {
        return table;
    }

    String key() {
        return key;
    }

    List<Part> parts() {
        return parts;
    }

    /** {@code 3 classes}. */
    String words(long n) {
        String many = folder;
        String one = this == CLASS ? "class" : folder.substring(0, folder.length() - 1);
        return n + " " + (n == 1 ? one : many);
    }
}
