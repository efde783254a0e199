package gurukram.web.demo;

import gurukram.core.course.Aim;
import gurukram.core.course.Course;
import gurukram.core.course.Days;
import gurukram.core.course.Growth;
import gurukram.core.course.Rhythm;
import gurukram.core.course.Steps;
import gurukram.core.group.Room;
import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.account.AccountStore;
import gurukram.web.account.Zones;
import gurukram.web.courses.Courses;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.logbook.LogbookCare;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Demo;
import gurukram.web.shared.Teacher;
import gurukram.web.teach.DemoLog;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills the Ropewalk, a small room above a harbour chandlery, the first time the app starts with demo data. */
@Component
public class DemoData implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);

    private static final Room LOFT = new Room(
            "The loft above the chandlery",
            Map.of("block", 20, "strap", 10, "blanket", 16, "bolster", 4, "chair", 6),
            true,
            16);

    private final Demo demo;
    private final AccountStore accounts;
    private final GroupStore groups;
    private final ClassEditor editor;
    private final DemoLog log;
    private final LogbookCare care;
    private final Courses courses;
    private final Zones zones;
    private final PasswordEncoder passwords;
    private final PoseCatalogue catalogue;
    private final RandomGenerator random;
    private final TransactionTemplate transactions;

    public DemoData(
            Demo demo,
            AccountStore accounts,
            GroupStore groups,
            ClassEditor editor,
            DemoLog log,
            LogbookCare care,
            Courses courses,
            Zones zones,
            PasswordEncoder passwords,
            PoseCatalogue catalogue,
            RandomGenerator random,
            PlatformTransactionManager manager) {
        this.transactions = new TransactionTemplate(manager);
        this.demo = demo;
        this.accounts = accounts;
        this.groups = groups;
        this.editor = editor;
        this.log = log;
        this.care = care;
        this.courses = courses;
        this.zones = zones;
        this.passwords = passwords;
        this.catalogue = catalogue;
        this.random = random;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!demo.isOn() || accounts.byEmail(Demo.EMAIL).isPresent()) return;
        try {
            transactions.executeWithoutResult(status -> furnish());
        } catch (DuplicateKeyException e) {
            LOG.info("The Ropewalk was furnished by another copy of the app");
        }
    }

    private void furnish() {
        Teacher maren = accounts.register("The Ropewalk", Demo.EMAIL, "Maren", passwords.encode(Demo.PASSWORD), true);
        UUID loft = groups.create(maren, LOFT);
        UUID tuesday = groups.create(
                maren,
                group(
                        "Tuesday early tide",
                        DayOfWeek.TUESDAY,
                        LocalTime.of(7, 15),
                        45,
                        Level.BEGINNER,
                        10,
                        loft,
                        Map.of(Need.WRIST, 2, Need.KNEE, 1, Need.LOW_BLOOD_PRESSURE, 1)));
        UUID thursday = groups.create(
                maren,
                group(
                        "Thursday lamplight",
                        DayOfWeek.THURSDAY,
                        LocalTime.of(18, 30),
                        60,
                        Level.INTERMEDIATE,
                        14,
                        loft,
                        Map.of(Need.PREGNANCY_EARLY, 1, Need.SHOULDER, 2)));
        create(maren, "late-for-the-tide", null);
        ClassId dancer = create(maren, "dancer-on-the-quay", null);
        ClassId steady = create(maren, "steady-on-one-leg", tuesday);
        ClassId moon = create(maren, "half-moon-over-the-harbour", thursday);
        LocalTime early = LocalTime.of(7, 16);
        LocalTime evening = LocalTime.of(18, 31);
        for (int weeks = 5; weeks > 2; weeks--) {
            taught(maren, steady, weeks, DayOfWeek.TUESDAY, early, "", "");
            taught(maren, weeks == 4 ? dancer : moon, weeks, DayOfWeek.THURSDAY, evening, "", "");
        }
        taught(maren, moon, 2, DayOfWeek.THURSDAY, evening, "Show half moon at the wall first.", "");
        taught(
                maren,
                steady,
                1,
                DayOfWeek.TUESDAY,
                early,
                "Tree took longer than written; two people wanted the wall. Say the wall at the start next time.",
                "");
        taught(maren, moon, 1, DayOfWeek.THURSDAY, evening, "", "");
        taught(maren, moon, 0, DayOfWeek.THURSDAY, evening, "The third round felt good without words.", "Eagle");
        courses.create(
                maren,
                thursday,
                new Course(
                        "Half moon by the new year",
                        Rhythm.WEEKLY,
                        6,
                        60,
                        new Aim(Aim.Kind.PEAK, "half-moon"),
                        3,
                        false,
                        new Growth(new Steps(2, 1, 5), 2, 4, true, true, 4),
                        List.of("harbour lights", "a hand on the rail", "slack water"),
                        Map.of()),
                Days.from(zones.today(maren).with(TemporalAdjusters.next(DayOfWeek.THURSDAY)), Rhythm.WEEKLY));
        LOG.info("The Ropewalk is furnished: sign in as {}", Demo.EMAIL);
    }

    private void taught(
            Teacher teacher, ClassId id, int weeksBefore, DayOfWeek day, LocalTime at, String note, String forgotten) {
        TaughtId taught = log.teach(teacher, id, weeksBefore, day, at, forgotten);
        care.lookBack(teacher, taught, new TaughtStore.Said(10 + weeksBefore, 1, "", note));
    }

    private ClassId create(Teacher teacher, String file, UUID group) {
        ClassPlan plan = new NotationReader(catalogue, () -> NodeId.random(random))
                .read(text(file))
                .planOrRefused();
        return editor.create(teacher, plan, group);
    }

    private static Group group(
            String name,
            DayOfWeek day,
            LocalTime at,
            int slot,
            Level level,
            int mats,
            UUID room,
            Map<Need, Integer> needs) {
        return new Group(
                null, name, day, at, slot, level, mats, needs, null, "", new Group.Touch(mats / 2, 2, 1), room);
    }

    /** A demo class as text. */
    public static String text(String file) {
        try {
            return new ClassPathResource("demo/" + file + ".txt").getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
