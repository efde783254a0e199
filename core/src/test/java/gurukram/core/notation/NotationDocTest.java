package gurukram.core.notation;

import static gurukram.core.Notation.read;
import static gurukram.core.Notation.write;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The examples of docs/notation.md: a class stands in its canonical form, a scribble becomes the class behind it. */
class NotationDocTest {
    private static final Pattern BLOCK = Pattern.compile("```(\\w+)\n(.*?)```", Pattern.DOTALL);

    private record Block(String kind, String text) {}

    private static List<Block> blocks() throws IOException {
        List<Block> blocks = new ArrayList<>();
        Matcher block = BLOCK.matcher(Files.readString(Path.of("../docs/notation.md")));
        while (block.find()) blocks.add(new Block(block.group(1), block.group(2)));
        assertThat(blocks).hasSizeGreaterThan(6);
        return blocks;
    }

    @Test
    void aClassIsWrittenAsItStands() throws IOException {
        for (Block block : blocks()) {
            if (!block.kind().equals("class")) continue;
            Reading reading = read(block.text());
            assertThat(reading.problems()).isEmpty();
            assertThat(write(reading.plan())).isEqualTo(block.text());
        }
    }

    @Test
    void aScribbleBecomesTheClassBehindIt() throws IOException {
        List<Block> blocks = blocks();
        int checked = 0;
        for (int i = 0; i + 1 < blocks.size(); i++) {
            if (!blocks.get(i).kind().equals("scribble")
                    || !blocks.get(i + 1).kind().equals("class")) continue;
            assertThat(write(read(blocks.get(i).text()).planOrRefused()))
                    .isEqualTo(blocks.get(i + 1).text());
            checked++;
        }
        assertThat(checked).isEqualTo(5);
    }

    @Test
    void whatIsWrongIsAnsweredAtItsPlace() throws IOException {
        for (Block block : blocks()) {
            if (!block.kind().equals("wrong")) continue;
            String typed = block.text().replaceAll("(?m)^! .*\n", "");
            List<String> expected =
                    block.text().lines().filter(line -> line.startsWith("! ")).toList();
            List<Located> problems = read(typed).problems();
            assertThat(problems).hasSameSizeAs(expected);
            for (int i = 0; i < expected.size(); i++) {
                assertThat("! " + problems.get(i)).startsWith(expected.get(i));
            }
        }
    }
}
