package gurukram.web.operations;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.stereotype.Repository;

/** Whether the database answers, soon. */
@Repository
class HealthStore {
    private static final int SECONDS = 1;

    private final DataSource database;

    HealthStore(DataSource database) {
        this.database = database;
    }

    boolean answers() {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.setQueryTimeout(SECONDS);
            return statement.execute("select 1");
        } catch (SQLException e) {
            return false;
        }
    }
}
