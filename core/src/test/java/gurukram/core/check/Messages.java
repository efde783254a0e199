package gurukram.core.check;

import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** Prints what the checks say of every class of some folders, with the mends they offer, for somebody to read. */
final class Messages {
    private Messages() {}

    public static void main(String[] folders) throws IOException {
        for (String folder : folders) {
            try (Stream<Path> files = Files.walk(Path.of(folder))) {
                for (Path file : files.filter(f -> f.toString().endsWith(".txt"))
                        .sorted()
                        .toList()) print(file);
            }
        }
    }

    private static void print(Path file) throws IOException {
        String text = Files.readString(file);
        Checked checked;
        try {
            checked = Checked.of(text.replaceAll("(?m)^# .*$", ""), MarkedExampleTest.group(text));
        } catch (Refused e) {
            System.out.println("== " + file.getFileName() + " cannot be read: " + e.getMessage());
            return;
        }
        List<Finding> found = checked.report().findings();
        System.out.println("== %s %s".formatted(file.getFileName(), Millis.show(checked.totalMs())));
        for (Finding finding : found) {
            if (finding.severity() == Severity.INFO) continue;
            System.out.println("%s %s: %s %s"
                    .formatted(finding.severity(), finding.rule(), finding.what(), finding.advice())
                    .strip());
            checked.mends(finding).forEach(mend -> System.out.println("      → " + mend.label()));
        }
        long info = checked.report().count(Severity.INFO);
        if (info > 0) System.out.println("  and " + info + " for information");
    }
}
