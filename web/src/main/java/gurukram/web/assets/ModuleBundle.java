package gurukram.web.assets;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One script of the modules a page needs: each becomes a function that gives its exports, in the order in which they need one
 * another.
 *
 * <p>Knows just the statements our modules use, each on a line of its own: {@code import './a.js';}, {@code import { b, c } from
 * './a.js';}, {@code import * as a from './a.js';}, and {@code export} before a {@code const}, {@code function}, {@code async
 * function} or {@code class}. Anything else that begins with import or export, a module that is not there, and modules that
 * need one another in a circle are refused with {@link IllegalStateException}: they are mistakes of ours, found at the start.
 */
final class ModuleBundle {
    private static final Pattern IMPORT =
            Pattern.compile("^import (?:(\\{[^}]*\\}|\\* as (\\w+)) from )?'(\\.{1,2}/[\\w./-]+)';$");
    private static final Pattern EXPORT = Pattern.compile("^export ((?:async )?function|const|class) (\\w+)(.*)$");

    private final UnaryOperator<String> sources;
    private final Map<String, String> done = new LinkedHashMap<>();
    private final Set<String> open = new LinkedHashSet<>();

    /** @param sources the text of a module by its path, such as {@code plans/class.js}; null when there is none */
    private ModuleBundle(UnaryOperator<String> sources) {
        this.sources = sources;
    }

    /** The script of a page that begins with a module. */
    static String of(String entry, UnaryOperator<String> sources) {
        ModuleBundle bundle = new ModuleBundle(sources);
        bundle.add(entry);
        return "(() => {\n'use strict';\n" + String.join("", bundle.done.values()) + "})();\n";
    }

    private void add(String path) {
        if (done.containsKey(path)) return;
        if (!open.add(path)) throw new IllegalStateException("modules need one another in a circle: " + open);
        String source = sources.apply(path);
        if (source == null) throw new IllegalStateException("there is no module " + path);
        StringBuilder body = new StringBuilder();
        List<String> exports = new ArrayList<>();
        for (String line : source.split("\n"))
            body.append(read(path, line, exports)).append('\n');
        open.remove(path);
        done.put(
                path,
                "const %s = (() => {\n%sreturn { %s };\n})();\n"
                        .formatted(name(path), body, String.join(", ", exports)));
    }

    /** A line as it stands in the script; what it imports is put in before, what it exports is noted. */
    private String read(String path, String line, List<String> exports) {
        Matcher imports = IMPORT.matcher(line);
        if (imports.matches()) {
            String from = resolved(path, imports.group(3));
            add(from);
            if (imports.group(1) == null) return "";
            String names = imports.group(2) == null ? imports.group(1).replace(" as ", ": ") : imports.group(2);
            return "const " + names + " = " + name(from) + ";";
        }
        Matcher exported = EXPORT.matcher(line);
        if (exported.matches()) {
            exports.add(exported.group(2));
            return line.substring("export ".length());
        }
        if (line.startsWith("import ") || line.startsWith("export ")) {
            throw new IllegalStateException(path + ": not a kind of import or export I know: " + line);
        }
        return line;
    }

    private static String resolved(String path, String relative) {
        return java.nio.file.Path.of(path)
                .resolveSibling(relative)
                .normalize()
                .toString()
                .replace('\\', '/');
    }

    private static String name(String path) {
        return "m_" + path.replaceAll("\\W", "_");
    }
}
