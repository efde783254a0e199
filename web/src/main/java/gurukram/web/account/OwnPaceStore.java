package gurukram.web.account;

import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.OwnPace.Figure;
import gurukram.web.shared.Once;
import gurukram.web.shared.Teacher;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** A teacher's own pace: only what she has taken herself. */
@Repository
public class OwnPaceStore {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String READ = "select own_pace from teacher where id = :id";
    private static final String KEEP =
            "update teacher set own_pace_before = own_pace, own_pace = cast(:pace as jsonb) where id = :id";
    private static final String UNDO =
            "update teacher set own_pace = own_pace_before, own_pace_before = own_pace where id = :id";
    private static final String REFUSED = "select pace_refused from teacher where id = :id";
    private static final String REFUSE =
            "update teacher set pace_refused = pace_refused || cast(:refused as jsonb) where id = :id";

    private final JdbcClient jdbc;

    OwnPaceStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** As it is kept; figures of other versions are passed over. */
    private record Kept(Map<String, BigDecimal> factors, int likely) {
        OwnPace pace() {
            return new OwnPace(figures(factors), likely);
        }
    }

    /** Read once a request. */
    /** Throws something where it is no pace that was kept here. */
    public static void check(String json) {
        JSON.readValue(json, Kept.class).pace();
    }

    public OwnPace own(Teacher teacher) {
        return Once.aRequest(OwnPace.class, teacher.id(), () -> read(teacher));
    }

    private OwnPace read(Teacher teacher) {
        Optional<String> kept =
                jdbc.sql(READ).param("id", teacher.id()).query(String.class).optional();
        return kept.map(json -> JSON.readValue(json, Kept.class).pace()).orElse(OwnPace.NONE);
    }

    @Transactional
    public void keep(Teacher teacher, OwnPace own) {
        Map<String, BigDecimal> factors = new TreeMap<>();
        own.factors().forEach((figure, factor) -> factors.put(figure.name(), factor));
        jdbc.sql(KEEP)
                .param("id", teacher.id())
                .param("pace", JSON.writeValueAsString(new Kept(factors, own.likelyPercent())))
                .update();
        Once.forget(OwnPace.class, teacher.id());
    }

    /** As it was before the last change; the same again brings that back. */
    @Transactional
    public void undo(Teacher teacher) {
        jdbc.sql(UNDO).param("id", teacher.id()).update();
        Once.forget(OwnPace.class, teacher.id());
    }

    /** Suggestions that were refused, with the factor they had. */
    public Map<Figure, BigDecimal> refused(Teacher teacher) {
        String json =
                jdbc.sql(REFUSED).param("id", teacher.id()).query(String.class).single();
        return figures(read(json));
    }

    @Transactional
    public void refuse(Teacher teacher, Figure figure, BigDecimal factor) {
        jdbc.sql(REFUSE)
                .param("id", teacher.id())
                .param("refused", JSON.writeValueAsString(Map.of(figure.name(), factor)))
                .update();
    }

    private static Map<String, BigDecimal> read(String json) {
        Map<String, BigDecimal> kept = new TreeMap<>();
        JSON.readTree(json)
                .properties()
                .forEach(field -> kept.put(field.getKey(), field.getValue().decimalValue()));
        return kept;
    }

    private static Map<Figure, BigDecimal> figures(Map<String, BigDecimal> kept) {
        Map<Figure, BigDecimal> figures = new EnumMap<>(Figure.class);
        if (kept != null)
            Arrays.stream(Figure.values())
                    .filter(figure -> kept.get(figure.name()) != null)
                    .forEach(figure -> figures.put(figure, kept.get(figure.name())));
        return figures;
    }
}
