package gurukram.core.check;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class DemoClassesTest {
    @Test
    void print() throws Exception {
        for (String name : new String[] {"steady-on-one-leg", "half-moon-over-the-harbour", "dancer-on-the-quay"}) {
            Checked c = Checked.of(Files.readString(Path.of("../web/src/main/resources/demo/" + name + ".txt")), Checked.group("12 mats, 2 wrist, 1 pregnancy early, 1 knee"));
            System.out.println("==== " + name);
            for (Finding f : c.report().findings()) {
                System.out.println(f.severity() + " " + f.rule() + " [" + f.about() + "] " + f.what() + " // " + f.advice());
                for (Mend m : c.mends(f)) System.out.println("      -> " + m.label());
            }
        }
    }
}
