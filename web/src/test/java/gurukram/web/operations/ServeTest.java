package gurukram.web.operations;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.support.PrivateServer;
import gurukram.web.support.Ran;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What {@code ./gurukram serve} says of settings that are wrong, and what goes with it as text. */
class ServeTest {
    private static final Path HOME = PrivateServer.TOOLS.getParent();

    @TempDir
    Path dir;

    private Ran serve(Map<String, String> environment, String... settings) throws Exception {
        Path file = dir.resolve("settings");
        Files.write(file, List.of(settings));
        return Ran.command(
                environment,
                HOME.resolve("gurukram").toString(),
                "serve",
                "--data",
                dir.resolve("pg-data").toString(),
                "--settings",
                file.toString());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GURUKRAM_BEHIND=http://classes.studio.example | has to be the address people type",
                "GURUKRAM_PORT=80 | has to be the address people type",
                "GURUKRAM_BEHIND=https://a.example;GURUKRAM_PRT=80 | line 2 of",
                "GURUKRAM_BEHIND=https://a.example;GURUKRAM_PRT=80 | I know no setting GURUKRAM_PRT",
                "port 80 | line 1 of",
                "GURUKRAM_BEHIND=https://a.example;GURUKRAM_PORT=eighty | a number from 1 to 65535",
                "GURUKRAM_BEHIND=https://a.example;GURUKRAM_HEAP=64 | 320 at least",
                "GURUKRAM_BEHIND=https://a.example;GURUKRAM_CONNECTIONS=0 | from 1 to 99",
                "GURUKRAM_BEHIND=https://a.example;GURUKRAM_LOG_FORMAT=xml | ecs, logstash or gelf",
                "GURUKRAM_BEHIND=https://a.example;GURUKRAM_LISTEN=everywhere | an address of this machine",
                "GURUKRAM_BEHIND=https://a.example;GURUKRAM_DATABASE=postgres://x | jdbc:postgresql://",
                "GURUKRAM_BEHIND=https://a.example;GURUKRAM_DATABASE_PASSWORD_FILE=/nowhere/p | cannot be read"
            })
    void aWrongSettingIsToldWithItsNameBeforeAnythingIsDone(String lines, String said) throws Exception {
        Ran ran = serve(Map.of(), lines.strip().split(";"));
        assertThat(ran.status()).isEqualTo(1);
        assertThat(ran.output()).contains(said.strip());
        assertThat(dir.resolve("pg-data/pg")).doesNotExist();
    }

    @Test
    void theEnvironmentGoesFirstAndALineMayBeQuotedOrSaidByAnotherEditor() throws Exception {
        Ran ran = serve(
                Map.of("GURUKRAM_PORT", "no number"),
                "# a comment",
                "",
                "GURUKRAM_BEHIND=\"https://a.example\"\r",
                "GURUKRAM_PORT=81");
        assertThat(ran.output()).contains("GURUKRAM_PORT has to be");
    }

    @Test
    void everySettingThereIsStandsInTheExampleAndTheOtherWayRound() throws Exception {
        String script = Files.readString(HOME.resolve("gurukram"));
        var known = Pattern.compile("SETTINGS='([^']*)'").matcher(script);
        assertThat(known.find()).isTrue();
        List<String> names = Stream.of(known.group(1).strip().split("\\s+"))
                .filter(name -> !name.equals("DATABASE_PASSWORD"))
                .toList();
        List<String> told = new ArrayList<>();
        var line = Pattern.compile("(?m)^#?GURUKRAM_([A-Z_]+)=")
                .matcher(Files.readString(HOME.resolve("docs/settings.example")));
        while (line.find()) told.add(line.group(1));
        assertThat(told).containsExactlyInAnyOrderElementsOf(names);
    }

    /** An old copy goes on while a new one changes the tables: what it reads and writes stays. */
    @Test
    void migrationsOnlyAddSinceSeveralCopiesMayRun() throws Exception {
        try (Stream<Path> all = Files.list(HOME.resolve("web/src/main/resources/db/migration"))) {
            for (Path one : all.toList()) {
                int number = Integer.parseInt(one.getFileName().toString().replaceAll("V(\\d+)__.*", "$1"));
                if (number < 33) continue;
                String sql = Files.readString(one).replaceAll("--.*", "").toLowerCase();
                assertThat(sql)
                        .as(one.getFileName().toString())
                        .doesNotContainPattern("drop\\s+(table|column)")
                        .doesNotContainPattern("\\brename\\b")
                        .doesNotContainPattern("alter\\s+(column\\s+)?\\w+\\s+(set\\s+data\\s+)?type\\b")
                        .doesNotContainPattern("set\\s+not\\s+null")
                        .doesNotContainPattern("add\\s+column\\s+\\w+\\s+\\w+\\s+not\\s+null(?!\\s+default)");
            }
        }
    }
}
