package gurukram.web.plans.field;

import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Texts;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;

/** The words and marks that sections, flows and steps have alike. */
public final class MarkFields<C, R> {
    private static final int WIDE = 34;

    private final List<Declared<C, R>> all;

    /** Where a kind of node keeps its words. */
    record Words<C, R>(Function<C, Texts> read, BiFunction<C, Texts, R> write) {}

    /** Where a kind of node keeps its marks. */
    record Marked<C, R>(Function<C, Marks> read, BiFunction<C, Marks, R> write) {}

    MarkFields(Fields<C, R> fields, Words<C, R> words, Marked<C, R> marked) {
        all = List.of(
                fields.declare(
                        "note",
                        "Note to yourself",
                        (at, f) -> f.lines(words.read().apply(at).note(), "Note"),
                        (at, typed) ->
                                words.write().apply(at, words.read().apply(at).withNote(typed))),
                fields.declare(
                        "thread",
                        "Theme thread",
                        (at, f) -> f.text(words.read().apply(at).thread(), "Thread of the theme", WIDE),
                        (at, typed) ->
                                words.write().apply(at, words.read().apply(at).withThread(typed))),
                fields.declare(
                        "locked",
                        "Fitting",
                        (at, f) -> f.tick(marked.read().apply(at).locked(), "locked as it is"),
                        (at, typed) ->
                                marked.write().apply(at, marked.read().apply(at).lock(Field.isYes(typed)))),
                fields.declare(
                        "optional",
                        "",
                        (at, f) -> f.tick(marked.read().apply(at).optional(), "may be left out"),
                        (at, typed) ->
                                marked.write().apply(at, marked.read().apply(at).makeOptional(Field.isYes(typed)))),
                fields.declare(
                        "priority",
                        "Kept, 1 longest to 9",
                        (at, f) -> f.number(priority(marked.read().apply(at)), "Priority"),
                        (at, typed) ->
                                marked.write().apply(at, marked.read().apply(at).withPriority(priority(typed)))));
    }

    private static String priority(Marks marks) {
        return marks.priority() == null ? "" : marks.priority().toString();
    }

    private static Integer priority(String typed) {
        return typed.isBlank() ? null : Marks.PRIORITY.parse(typed);
    }

    public Stream<Captioned> captioned(C at, Refusal refusal) {
        return all.stream().map(field -> field.captioned(at, refusal));
    }
}
