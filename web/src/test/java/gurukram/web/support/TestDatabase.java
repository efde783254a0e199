package gurukram.web.support;

/** The database of the tests. They run two at a time, in processes of their own, each on a database of its own. */
public final class TestDatabase {
    private TestDatabase() {}

    /** Its address, as the app is told it. */
    public static String url() {
        String first = System.getenv("SPRING_DATASOURCE_URL");
        if (first == null)
            throw new IllegalStateException("These tests need a database: run them with ./gurukram test");
        return System.getProperty("gurukram.fork", "1").equals("2") ? first + "_2" : first;
    }

    /** The same as a setting. */
    public static String setting() {
        return "--spring.datasource.url=" + url();
    }
}
