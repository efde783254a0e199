package gurukram.web.takeaway;

import gurukram.web.shared.Teacher;
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

    /** What she has part in with others; a studio that is left by everybody goes. */
    private static final List<String> WITH_OTHERS = List.of(
            "delete from house_remark where teacher_id = :teacher",
            "delete from house_class where teacher_id = :teacher",
            "delete from house_member where teacher_id = :teacher",
            "delete from mailed_secret where teacher_id = :teacher",
            "delete from second_factor where teacher_id = :teacher");

    private static final String LEFT = "select id from studio s where shared and not exists"
            + " (select 1 from house_member m where m.studio_id = s.id)";
    private static final List<String> CLOSE = List.of(
            "delete from house_remark where studio_id in (" + LEFT + ")",
            "delete from house_class where studio_id in (" + LEFT + ")",
            "delete from house_invitation where studio_id in (" + LEFT + ")",
            "delete from house_event where studio_id in (" + LEFT + ")",
            "delete from studio where id in (" + LEFT + ")");

    private final JdbcClient jdbc;

    FarewellStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The studio goes with its last teacher. */
    @Transactional
    void delete(Teacher teacher) {
        for (String sql : WITH_OTHERS)
            jdbc.sql(sql).param("teacher", teacher.id()).update();
        for (String sql : CLOSE) jdbc.sql(sql).update();
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
