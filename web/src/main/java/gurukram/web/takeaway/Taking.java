package gurukram.web.takeaway;

import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.json.PlanJson;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Teacher;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Everything a teacher has, as one file: the same things give the same bytes. */
@Service
class Taking {
    static final String ABOUT = "about.json";
    static final String SETTINGS = "settings.json";
    /** Of the file, not of the database. */
    static final int FORMAT = 1;

    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final TakeawayStore store;
    private final Poses poses;

    Taking(TakeawayStore store, Poses poses) {
        this.store = store;
        this.poses = poses;
    }

    /** As it is at one moment, whatever is changed meanwhile. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    void write(Teacher teacher, OutputStream to) throws IOException {
        store.inUtc();
        ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
        put(zip, ABOUT, "{\"format\":%d,\"schema\":%s}\n".formatted(FORMAT, store.schema()));
        put(zip, SETTINGS, store.settings(teacher));
        PoseCatalogue catalogue = poses.of(teacher);
        for (Kind kind : Kind.values()) {
            for (String key : store.keys(teacher, kind)) {
                String content = store.content(teacher, kind, key).orElseThrow();
                put(zip, kind.folder() + "/" + key + ".json", content);
                if (kind == Kind.CLASS) put(zip, "classes/" + key + ".txt", text(content, catalogue));
            }
        }
        zip.finish();
    }

    /** For eyes, should there be no app to read the rest. */
    private static String text(String content, PoseCatalogue catalogue) {
        JsonNode plan = JSON.readTree(content).path("row").path("plan");
        return new NotationWriter(catalogue).write(PlanJson.read(plan.toString()));
    }

    private static void put(ZipOutputStream zip, String name, String content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(NO_TIME);
        zip.putNextEntry(entry);
        zip.write(content.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }
}
