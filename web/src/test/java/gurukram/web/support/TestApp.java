package gurukram.web.support;

import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.App;
import gurukram.web.account.AccountStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.security.crypto.password.PasswordEncoder;

/** The real application on a free port and the test database, started once for all tests that ask for it. */
public final class TestApp implements AutoCloseable {
    public static final String PASSWORD = "a quiet test password";
    private static final AtomicInteger TEACHERS = new AtomicInteger();

    private final ConfigurableApplicationContext context;
    private final LoggedErrors errors;
    /** Made once: hashing is slow on purpose, and there are hundreds of test teachers. */
    private String hash;

    private TestApp(String... more) {
        List<String> settings = new ArrayList<>(List.of(
                TestDatabase.setting(),
                "--server.port=0",
                "--gurukram.demo=true",
                "--gurukram.visits=10000",
                "--gurukram.zone=UTC",
                // what waits is looked at by the tests
                "--gurukram.mail=stand-in",
                "--gurukram.mail-every=86400000",
                "--spring.main.banner-mode=off"));
        // said twice, both would hold
        for (String one : more) settings.removeIf(usual -> usual.startsWith(one.substring(0, one.indexOf('=') + 1)));
        settings.addAll(List.of(more));
        context = SpringApplication.run(App.class, settings.toArray(String[]::new));
        errors = LoggedErrors.listening();
    }

    /** Another copy on the same database, with settings of its own; whoever starts it closes it. */
    public static TestApp another(String... settings) {
        return new TestApp(settings);
    }

    public int port() {
        return context.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    public String url(String path) {
        return "http://localhost:" + port() + path;
    }

    /** A new teacher with a studio of their own and the password {@link #PASSWORD}. */
    public Teacher newTeacher() {
        String email = "teacher" + TEACHERS.incrementAndGet() + "-" + System.nanoTime() + "@test.example";
        if (hash == null) hash = bean(PasswordEncoder.class).encode(PASSWORD);
        return bean(AccountStore.class).register("Test studio", email, "Test teacher", hash, false);
    }

    /** A vinyasa class of these lines. */
    public ClassId newClass(Teacher teacher, String... lines) {
        Random random = new Random(7);
        String text = "class: Test class\n- 60 min, vinyasa, intermediate\n" + String.join("\n", lines);
        ClassPlan plan = new NotationReader(bean(PoseCatalogue.class), () -> NodeId.random(random))
                .read(text)
                .planOrRefused();
        return bean(ClassEditor.class).create(teacher, plan, null);
    }

    @Override
    public void close() {
        context.close();
    }

    /** Hands the application to a test's constructor or method. */
    public static final class Extension implements ParameterResolver, AfterEachCallback {
        /** An error that was logged and that nobody expected fails the test in which it was. */
        @Override
        public void afterEach(ExtensionContext extension) {
            TestApp app = extension
                    .getRoot()
                    .getStore(ExtensionContext.Namespace.GLOBAL)
                    .get(TestApp.class, TestApp.class);
            if (app == null) return;
            List<String> errors = app.errors.taken();
            boolean expected = extension.getRequiredTestMethod().isAnnotationPresent(ExpectsErrors.class)
                    || extension.getRequiredTestClass().isAnnotationPresent(ExpectsErrors.class);
            if (!expected && !errors.isEmpty()) throw new AssertionError("logged as errors: " + errors);
        }

        @Override
        public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
            return parameter.getParameter().getType() == TestApp.class;
        }

        @Override
        public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
            return extension
                    .getRoot()
                    .getStore(ExtensionContext.Namespace.GLOBAL)
                    .getOrComputeIfAbsent(TestApp.class, type -> new TestApp(), TestApp.class);
        }
    }
}
