package gurukram.web.support;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;

/** A command that has ended. @param output both of its outputs */
public record Ran(int status, String output) {
    public static Ran command(Map<String, String> environment, String... command)
            throws IOException, InterruptedException {
        ProcessBuilder process = new ProcessBuilder(command);
        process.environment().putAll(environment);
        Path output = Files.createTempFile("ran", ".out");
        int status = process.redirectErrorStream(true)
                .redirectOutput(output.toFile())
                .start()
                .waitFor();
        String said = Files.readString(output, StandardCharsets.UTF_8);
        Files.delete(output);
        return new Ran(status, said);
    }
}
