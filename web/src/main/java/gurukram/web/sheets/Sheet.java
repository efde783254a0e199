package gurukram.web.sheets;

import gurukram.core.time.Millis;
import gurukram.web.teach.Script;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;

/**
 * A class as it stands on paper: every step once, with its figure.
 *
 * @param about style, level and slot
 * @param clock when it begins and ends; empty when that is not known
 */
public record Sheet(String title, String theme, String about, String length, String clock, List<Part> parts) {
    /** A section. @param at when it begins, on the clock where that is known, else from the start */
    public record Part(String at, String title, String length, List<Block> blocks) {}

    /** Steps that stand by themselves, or a flow. @param flow its name; empty outside flows */
    public record Block(String flow, String rounds, List<Step> steps) {
        public boolean isFlow() {
            return !flow.isEmpty();
        }
    }

    /**
     * One step.
     *
     * @param number counted through the class, for home
     * @param figure as SVG; empty without a pose
     * @param sides {@code R L}, in their order; empty without and in flows
     * @param grows what is different of it in some rounds; empty when nothing is
     * @param options what some do instead, a line each
     * @param told words of the theme and what to think of, a line each
     */
    public record Step(
            int number,
            String figure,
            String name,
            String sanskrit,
            String sides,
            String amount,
            String how,
            String grows,
            List<String> options,
            String note,
            String say,
            List<String> told) {}

    /** @param figures the figure of a line, as SVG */
    static Sheet of(Script script, String theme, String about, BiFunction<String, String, String> figures) {
        Writer writer = new Writer(script, figures);
        String clock = script.starts() == null ? "" : script.starts() + " – " + script.endsAt();
        return new Sheet(script.title(), theme, about, Millis.showWhole(script.totalMs()), clock, writer.parts());
    }

    private static final class Writer {
        private final Script script;
        private final BiFunction<String, String, String> figures;
        private int number;

        Writer(Script script, BiFunction<String, String, String> figures) {
            this.script = script;
            this.figures = figures;
        }

        List<Part> parts() {
            List<Part> parts = new ArrayList<>();
            for (int i = 0; i < script.sections().size(); i++) {
                Script.Part section = script.sections().get(i);
                parts.add(new Part(
                        at(section.startMs()), section.title(), Millis.showWhole(section.lengthMs()), blocks(i)));
            }
            return parts;
        }

        private String at(long ms) {
            if (script.starts() == null) return Millis.showWhole(ms);
            return LocalTime.parse(script.starts())
                    .plusSeconds(ms / 1_000)
                    .truncatedTo(ChronoUnit.MINUTES)
                    .toString();
        }

        /** Places of the script by flow, in their order; what stands by itself together. */
        private List<Block> blocks(int section) {
            List<Block> blocks = new ArrayList<>();
            List<Integer> places = new ArrayList<>();
            String flow = "";
            for (int i = 0; i < script.moments().size(); i++) {
                Script.Line line = script.moments().get(i);
                if (line.section() != section) continue;
                String now = line.flow() == null ? "" : line.flow().id();
                if (!now.equals(flow) && !places.isEmpty()) {
                    blocks.add(block(places));
                    places = new ArrayList<>();
                }
                flow = now;
                places.add(i);
            }
            if (!places.isEmpty()) blocks.add(block(places));
            return blocks;
        }

        private Block block(List<Integer> places) {
            Map<String, List<Integer>> byNode = new LinkedHashMap<>();
            for (int at : places)
                byNode.computeIfAbsent(script.moments().get(at).node(), node -> new ArrayList<>())
                        .add(at);
            Script.Flowing flow = script.moments().get(places.get(0)).flow();
            List<Step> steps =
                    byNode.values().stream().map(of -> step(of, flow)).toList();
            if (flow == null) return new Block("", "", steps);
            String first = places.stream()
                    .map(at -> script.moments().get(at).side())
                    .filter(side -> side != null)
                    .findFirst()
                    .map(side -> ", " + side + " first")
                    .orElse("");
            String rounds = flow.rounds() == 1 ? "once" : flow.rounds() + " rounds";
            return new Block(flow.name(), rounds + first, steps);
        }

        private Step step(List<Integer> places, Script.Flowing flow) {
            Script.Line line = script.moments().get(places.get(0));
            Set<String> sides = new LinkedHashSet<>();
            Set<String> options = new LinkedHashSet<>();
            List<String> told = new ArrayList<>();
            for (int at : places) {
                Script.Line each = script.moments().get(at);
                if (each.side() != null) sides.add(each.side().substring(0, 1).toUpperCase(Locale.ROOT));
                if (each.options() != null) options.addAll(each.options());
                for (Script.Prompted prompt : script.prompts()) if (prompt.at() == at) told.add(told(prompt, each));
            }
            return new Step(
                    ++number,
                    line.pose() == null ? "" : figures.apply(line.pose(), line.side()),
                    line.name(),
                    line.sanskrit(),
                    flow == null ? String.join(" ", sides) : "",
                    line.breath() == null ? line.amount() : line.breath(),
                    line.how() == null ? "" : line.how(),
                    flow == null ? "" : grows(places, flow),
                    List.copyOf(options),
                    line.note() == null ? "" : line.note(),
                    line.say() == null ? "" : line.say(),
                    told);
        }

        /** What is for somebody's need says at which pose. */
        private static String told(Script.Prompted prompt, Script.Line line) {
            String lead = prompt.kind().equals("needs") ? line.name() : prompt.kind();
            return lead + ": " + prompt.words();
        }

        /** In which rounds it is there, and in which it is another pose. */
        private String grows(List<Integer> places, Script.Flowing flow) {
            Map<Integer, String> byRound = new LinkedHashMap<>();
            for (int at : places) {
                Script.Line line = script.moments().get(at);
                byRound.putIfAbsent(line.flow().round(), line.name());
            }
            List<String> grows = new ArrayList<>();
            if (byRound.size() < flow.rounds()) grows.add("round " + rounds(byRound.keySet()));
            String first = byRound.values().iterator().next();
            Map<String, Set<Integer>> others = new LinkedHashMap<>();
            byRound.forEach((round, name) -> {
                if (!name.equals(first))
                    others.computeIfAbsent(name, key -> new LinkedHashSet<>()).add(round);
            });
            others.forEach((name, in) -> grows.add("round " + rounds(in) + ": " + name));
            return String.join("; ", grows);
        }

        private static String rounds(Set<Integer> rounds) {
            return String.join(", ", rounds.stream().map(String::valueOf).toList());
        }
    }
}
