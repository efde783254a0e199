package gurukram.web;

import gurukram.web.engine.Shipped;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application. Needs a PostgreSQL database, given as {@code spring.datasource.*}. */
@SpringBootApplication
public class App {
    public static void main(String[] args) {
        Shipped.begin();
        SpringApplication.run(App.class, args);
    }
}
