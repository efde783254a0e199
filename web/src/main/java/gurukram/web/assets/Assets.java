package gurukram.web.assets;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Scripts and styles as pages load them: put together once at the start, a script a page, one style sheet for all, each under an
 * address that changes with what is in it, so that a browser may keep it for good.
 */
@Component
public final class Assets {
    private static final String LIBRARIES = "META-INF/resources/webjars/";
    /** What a page of its own script begins with; pages without one take {@code shared/site}. */
    private static final List<String> ENTRIES = List.of(
            "shared/site",
            "plans/class",
            "plans/text",
            "plans/notes",
            "plans/dry-run",
            "poses/own",
            "takeaway/bring",
            "passkey/passkey",
            "practice/practice",
            "practice/recite",
            "practice/schools",
            "drafts/peaks",
            "teach/device",
            "teach/follow",
            "teach/room");

    /** @param hash of the text, as it stands in the address */
    record Asset(String name, String type, String hash, byte[] bytes) {}

    private final Map<String, Asset> byName = new LinkedHashMap<>();

    Assets() {
        for (String entry : ENTRIES) script(entry + ".js", ModuleBundle.of(entry + ".js", Assets::module));
        String alpine = text("scripts/vendor/alpine-csp.min.js");
        script("alpine.js", alpine);
        script(
                "libraries.js",
                String.join(
                        "\n;\n",
                        text(LIBRARIES + "htmx.org/2.0.10/dist/htmx.min.js"),
                        text("scripts/vendor/idiomorph-ext.min.js"),
                        alpine));
        String fonts = text("styles/fonts.css");
        style(
                "site.css",
                text(LIBRARIES + "bootstrap/5.3.8/dist/css/bootstrap.min.css")
                        .replaceAll("/\\*# sourceMapping.*?\\*/", ""),
                fonts,
                text("styles/site.css"),
                text("styles/class.css"),
                text("styles/poses.css"),
                text("styles/drafts.css"),
                text("styles/practice.css"));
        style("room.css", fonts, text("styles/room.css"));
    }

    private void script(String name, String text) {
        add(name, "text/javascript", text);
    }

    private void style(String name, String... parts) {
        add(name, "text/css", String.join("\n", parts));
    }

    private void add(String name, String type, String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        byName.put(name, new Asset(name, type, hash(bytes), bytes));
    }

    /** The address of {@code site.css} or {@code plans/class.js}; {@link IllegalArgumentException} when there is no such asset. */
    public String of(String name) {
        Asset asset = find(name).orElseThrow(() -> new IllegalArgumentException("no asset " + name));
        return "/assets/" + asset.hash() + "/" + name;
    }

    Optional<Asset> find(String name) {
        return Optional.ofNullable(byName.get(name));
    }

    private static String module(String path) {
        return Assets.class.getResource("/scripts/" + path) == null ? null : text("scripts/" + path);
    }

    private static String text(String resource) {
        try (InputStream in = Assets.class.getClassLoader().getResourceAsStream(resource)) {
            if (in == null) throw new IllegalStateException("missing: " + resource);
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String hash(byte[] bytes) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(bytes);
            return HexFormat.of().formatHex(digest, 0, 6);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
