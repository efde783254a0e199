package gurukram.web.courses;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** How courses are spoken of. */
final class CourseWords {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMMM", Locale.UK);

    private CourseWords() {}

    static String day(LocalDate day) {
        return DAY.format(day);
    }

    static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }
}
