package gurukram.web.takeaway;

import gurukram.web.shared.Teacher;
import gurukram.web.studio.Houses;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The end of an account: everything goes at once. */
@Repository
class FarewellStore {
    /** In this order nothing is left that refers to what is gone. */
    private static final List<String> OF_TEACHER = List.of(
            "brought_piece",
            "shared_class",
            "carried",
            "rehearsal",
            "taught_class",
            "draft",
            "course",
            "meeting",
            "event",
            "room_way",
            "calendar_feed",
            "practice_card",
            "practice_order",
            "practice_slips",
            "yoga_class",
            "class_group",
            "room",
            "own_pose",
            "own_ladder",
            "my_flow",
            "theme_words",
            "api_token",
            "known_device",
            "failed_sign_in");

    /** Kept by her alone, without a studio. */
    private static final List<String> OF_ACCOUNT = List.of("mailed_secret", "second_factor");

    private final JdbcClient jdbc;
    private final Houses houses;

    FarewellStore(JdbcClient jdbc, Houses houses) {
        this.houses = houses;
        this.jdbc = jdbc;
    }

    /** The studio goes with its last teacher. */
    @Transactional
    void delete(Teacher teacher) {
        houses.forget(teacher);
        for (String table : OF_ACCOUNT)
            jdbc.sql("delete from %s where teacher_id = :teacher".formatted(table))
                    .param("teacher", teacher.id())
                    .update();
        for (String table : OF_TEACHER)
            jdbc.sql("delete from %s where studio_id = :studio and teacher_id = :teacher".formatted(table))
                    .param("studio", teacher.studio())
                    .param("teacher", teacher.id())
                    .update();
        jdbc.sql("delete from spring_session where principal_name = :name")
                .param("name", teacher.getName())
                .update();
        jdbc.sql("delete from teacher where id = :teacher and studio_id = :studio")
                .param("teacher", teacher.id())
                .param("studio", teacher.studio())
                .update();
        jdbc.sql(
                        "delete from studio where id = :studio and not exists (select 1 from teacher where studio_id = :studio)")
                .param("studio", teacher.studio())
                .update();
    }
}
