package gurukram.core.notation.line;

import gurukram.core.body.Side;
import gurukram.core.notation.words.Numbers;
import gurukram.core.notation.words.Parts;
import gurukram.core.notation.words.Phrases;
import gurukram.core.notation.words.Quotes;
import gurukram.core.plan.settings.CueLevel;
import gurukram.core.plan.settings.FlowPace;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.LeadNames;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.plan.settings.FlowSides.Order;
import gurukram.core.plan.settings.FlowSides.Turn;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A flow: {@code flow ["name"] [, settings...]}, as in {@code flow "harbour round", 3 rounds, both sides, left first,
 * 5 s a position, shared 0 1}.
 */
public final class FlowLine {
    private static final Pattern FLOW = Pattern.compile("(?i)flow\\b[\\s,:]*(.*)");

    private static final Pattern TWO_NUMBERS =
            Pattern.compile("(?i)(?<![\\d.\\w])(\\d{1,3})\\s*(?:-|–|/|to|or)\\s*(\\d{1,3})\\s*(?:rounds?|times)");

    /** What cannot be a name unless it is quoted: numbers, and words that settings are made of. */
    private static final Pattern SETTING = Pattern.compile(
            "(?i).*(?:\\d|\\b(?:rounds?|sides?|sided|breaths?|half-breaths?|"
                    + "seconds?|secs?|times|pace|learn|silent|shared|linked|rest|first|between|position|inhale|exhale)\\b).*");

    /** The beginning of a pace that was not finished. */
    private static final Pattern HALF = Pattern.compile("(?i)(?:breathe )?(?:in|out|inhale|exhale)");

    /** An inhale and its exhale are one setting, whatever stands between them. */
    private static final Pattern IN_AND_OUT = Pattern.compile(
            "(?i)(\\bin(?:hale)?\\s+(?:for\\s+)?[\\d.]+\\s*(?:s|secs?|seconds?)?),(\\s*(?:out|exhale)\\b)");

    private static final Pattern QUOTED = Pattern.compile("(\"(?:[^\"]|\"\")*\"|“[^”]*”|„[^“”]*[“”]) *(.*)");

    /** The settings while they are read: modes come one by one and make the rounds when no number of rounds is said. */
    private record Draft(FlowSettings settings, boolean roundsSaid, List<Mode.Run> modes) {
        Draft with(FlowSettings other) {
            return new Draft(other, roundsSaid, modes);
        }

        Draft with(FlowSides sides) {
            return with(settings.with(sides));
        }

        Draft withRounds(String typed) {
            int rounds = FlowSettings.ROUNDS.parse(typed);
            return new Draft(settings.withRounds(rounds), true, modes);
        }

        Draft and(Mode.Run run) {
            List<Mode.Run> more = new ArrayList<>(modes);
            more.add(run);
            if (more.size() > FlowSettings.ROUNDS.most())
                throw new Refused("That is more modes than a flow has rounds.");
            return new Draft(settings, roundsSaid, more);
        }

        FlowSettings done() {
            if (modes.isEmpty()) return settings;
            FlowPace pace = settings.pace().withModes(modes);
            int rounds = roundsSaid ? settings.rounds() : FlowSettings.ROUNDS.check(pace.modeRounds());
            return new FlowSettings(
                    settings.name(),
                    rounds,
                    settings.sides(),
                    pace,
                    settings.join(),
                    settings.roundJoin(),
                    settings.school());
        }
    }

    private static final String JOIN = "(separate|linked|shared?(?: *\\(?\\d{1,3}[ ,]+\\d{1,3}\\)?)?|rest(?:ed)? .*)";
    private static final Phrases<Draft> PHRASES = phrases();

    private FlowLine() {}

    private static Phrases<Draft> phrases() {
        Phrases<Draft> p = new Phrases<>();
        p.on("(?:for )?(?:x|×)? *(-?\\d{1,30}) *(?:rounds?|x|×|times)", (d, m) -> d.withRounds(m.group(1)));
        p.on("(?:x|×) *(-?\\d{1,30})", (d, m) -> d.withRounds(m.group(1)));
        p.on(
                "(?:a round is )?both(?: sides)?(?: each round)?|each side|two sides",
                (d, m) -> with(d, Counting.BOTH_SIDES));
        p.on("(?:a round is )?one side(?: each| a round)?|one-sided", (d, m) -> with(d, Counting.ONE_SIDE));
        p.on("no sides?|symmetric", (d, m) -> with(d, Counting.NO_SIDES));
        p.on("(?:right first|right|r then l)", (d, m) -> with(d, Side.RIGHT));
        p.on("(?:left first|left|l then r)", (d, m) -> with(d, Side.LEFT));
        p.on(
                "always (?:on )?(?:the )?(right|left)",
                (d, m) -> d.with(d.settings().sides().with(side(m.group(1))).with(Leads.ALWAYS_FIRST)));
        p.on(
                "first side (?:alternates|changes) (?:by|from) (round|class)(?: to (?:round|class))?",
                (d, m) -> d.with(d.settings()
                        .sides()
                        .with(m.group(1).equalsIgnoreCase("round") ? Turn.BY_ROUND : Turn.BY_CLASS)));
        p.on("(?:all rounds on )?(?:one )?side first", (d, m) -> with(d, Order.SIDE_FIRST));
        p.on("each round|side by side", (d, m) -> with(d, Order.EACH_ROUND));
        p.on("pose by pose", (d, m) -> with(d, Order.POSE_BY_POSE));
        p.on(
                "lead is the (foot back first|front leg|lifted leg|standing leg)",
                (d, m) -> d.with(d.settings().sides().with(leadNames(m.group(1)))));
        p.on("(\\d{1,30}) *(learn|breath|silent)", (d, m) -> d.and(run(m)));
        p.on("cues? ((?:long|short|silent)(?: *[/>] *(?:long|short|silent))*)", (d, m) -> withCues(d, m.group(1)));
        p.on("paces? (?=.*[/>])[^/>]+(?:[/>][^/>]+)+", (d, m) -> withPaces(d, m.group()));
        p.on(
                "between rounds:? *" + JOIN,
                (d, m) -> d.with(d.settings().withJoins(d.settings().join(), Join.parse(m.group(1)))));
        p.on(
                JOIN,
                (d, m) -> d.with(d.settings()
                        .withJoins(Join.parse(m.group()), d.settings().roundJoin())));
        p.on(
                "(?:pace )?" + Numbers.DECIMAL + " *" + Numbers.SECONDS + "(?: .*)?",
                (d, m) -> d.with(d.settings().withPace(TypedPace.parse(m.group()))));
        p.on(
                "(?:breathe? )?in(?:hale)? .*\\d.*(?:out|exhale).*\\d.*",
                (d, m) -> d.with(d.settings().withPace(TypedPace.parse(m.group()))));
        return p;
    }

    /** The settings of a line that begins with the word flow; empty when it is no such line. */
    public static Optional<FlowSettings> read(String line) {
        Matcher flow = FLOW.matcher(line);
        if (!flow.matches()) return Optional.empty();
        String head = line.substring(0, flow.start(1));
        try {
            return Optional.of(over(head, flow.group(1), FlowSettings.of(1)));
        } catch (Refused e) {
            throw e.shifted(head.length());
        }
    }

    /** Settings with what is said behind a head; {@link Refused} at its place in {@code said}, offers with the head. */
    public static FlowSettings over(String head, String said, FlowSettings base) {
        String settings = IN_AND_OUT.matcher(said).replaceAll("$1 $2");
        Matcher two = TWO_NUMBERS.matcher(settings);
        if (two.find()) throw oneNumber(head, settings, two);
        Draft draft = new Draft(base, false, List.of());
        boolean named = head.matches("(?i)flow\\s+");
        for (Parts.Part part : Parts.of(settings).parts()) {
            try {
                draft = read(part.text(), draft, named);
                named = false;
            } catch (Refused e) {
                throw e.within(part.span());
            }
        }
        return draft.done();
    }

    private static Refused oneNumber(String head, String settings, Matcher two) {
        List<String> offers = Stream.of(two.group(1), two.group(2))
                .map(n -> head + settings.substring(0, two.start()) + n + " rounds" + settings.substring(two.end()))
                .toList();
        return new Refused(
                new Problem(
                        "How many rounds? “" + two.group() + "” are two numbers.",
                        "Take one; what a later round does differently stands at its steps.",
                        offers),
                new Span(two.start(), two.end()));
    }

    /** @param named whether what is no setting stands where a name does, right behind the word flow */
    private static Draft read(String part, Draft draft, boolean named) {
        Matcher quoted = QUOTED.matcher(part);
        if (quoted.matches()) {
            Draft called = named(Quotes.plain(quoted.group(1)), part, draft, true);
            return quoted.group(2).isEmpty() ? called : read(quoted.group(2), called, false);
        }
        if (part.contains("\"")) {
            throw new Refused(Problem.of(
                    "The quote in “" + part + "” is not closed.", "As in: flow \"harbour round\", 3 rounds."));
        }
        Deque<String> phrases = new ArrayDeque<>();
        String name = part;
        for (String last = lastPhrase(name); last != null; last = lastPhrase(name)) {
            phrases.push(last);
            name = name.substring(0, name.length() - last.length()).strip();
        }
        Draft more = name.isEmpty() ? draft : named(name, part, draft, named && isName(name));
        for (String phrase : phrases) more = PHRASES.read(phrase, more).orElseThrow();
        return more;
    }

    /**
     * The longest phrase at the end, for commas that were left out: {@code tide x4 both sides}. A side alone may belong to
     * the name. Null when there is none.
     */
    private static @Nullable String lastPhrase(String text) {
        if (text.isEmpty()) return null;
        if (PHRASES.knows(text)) return text;
        for (int at = text.indexOf(' '); at > 0; at = text.indexOf(' ', at + 1)) {
            String behind = text.substring(at + 1).strip();
            if (PHRASES.knows(behind) && !behind.matches("(?i)left|right")) return behind;
        }
        return null;
    }

    /** Right behind the word flow a number may end a name, as in tide 2, but no amount. */
    private static boolean isName(String name) {
        if (HALF.matcher(name).matches()) return false;
        return !name.matches(".*\\d.*")
                || !SETTING.matcher(name.replaceAll("\\d", "")).matches();
    }

    private static Draft named(String name, String part, Draft draft, boolean surely) {
        if (draft.settings().name().isEmpty()
                && (surely
                        || name.indexOf(':') < 0
                                && !SETTING.matcher(name).matches()
                                && !HALF.matcher(name).matches()))
            return draft.with(draft.settings().withName(name));
        throw new Refused(Problem.of(
                "“" + part + "” says nothing I know about a flow.",
                "Maybe “3 rounds”, “both sides”, “one side”, “no sides”, “left first”, “side first” or “5 s a position”; "
                        + "a name with a number stands in quotes."));
    }

    /** What {@link #read} reads. */
    public static String write(FlowSettings s) {
        List<String> parts = new ArrayList<>();
        parts.add(s.name().isEmpty() ? "flow" : "flow " + Quotes.quoted(s.name()));
        parts.add(Words.count(s.rounds(), "round"));
        s.pace().modes().forEach(run -> parts.add(run.toString()));
        sides(s.sides(), parts);
        pace(s.pace(), parts);
        if (!(s.join() instanceof Join.Separate)) parts.add(s.join().words());
        if (s.roundJoin() != null) parts.add("between rounds " + s.roundJoin().words());
        return String.join(", ", parts);
    }

    private static void sides(FlowSides sides, List<String> parts) {
        parts.add(sides.counting().words());
        boolean always = sides.leads() == Leads.ALWAYS_FIRST;
        boolean saysFirst = sides.counting() != Counting.NO_SIDES || sides.first() == Side.LEFT;
        if (always) parts.add("always " + sides.first().word());
        else if (saysFirst) parts.add(sides.first().word() + " first");
        if (sides.order() != Order.EACH_ROUND) parts.add(sides.order().words());
        if (sides.turn() == Turn.BY_ROUND) parts.add("first side alternates by round");
        if (sides.turn() == Turn.BY_CLASS) parts.add("first side alternates by class");
        if (sides.names() != LeadNames.FRONT_LEG)
            parts.add("lead is the " + sides.names().words());
    }

    private static void pace(FlowPace pace, List<String> parts) {
        if (pace.typed() != null) parts.add(pace.typed().toString());
        if (!pace.byRound().isEmpty()) parts.add(paces(pace.byRound()));
        if (!pace.cues().isEmpty()) {
            parts.add("cues " + pace.cues().stream().map(CueLevel::word).collect(Collectors.joining("/")));
        }
    }

    private static Draft with(Draft d, Counting counting) {
        return d.with(d.settings().with(counting));
    }

    private static Draft with(Draft d, Order order) {
        return d.with(d.settings().with(order));
    }

    private static Draft with(Draft d, Side first) {
        return d.with(d.settings().withFirstSide(first));
    }

    private static Draft withCues(Draft d, String typed) {
        List<CueLevel> cues = Arrays.stream(typed.toUpperCase(Locale.ROOT).split("[/>]"))
                .map(word -> CueLevel.valueOf(word.strip()))
                .toList();
        return d.with(d.settings().with(d.settings().pace().withCues(cues)));
    }

    /** {@code paces 4/3.6/3.3 s a half-breath}: what the last one is said of holds for all. */
    private static Draft withPaces(Draft d, String typed) {
        List<String> parts = Arrays.stream(
                        typed.replaceFirst("(?i)^paces? *", "").split("[/>]"))
                .map(String::strip)
                .toList();
        String unit = parts.get(parts.size() - 1).replaceFirst("^[0-9.,-]+", "");
        List<TypedPace> paces = parts.stream()
                .map(part -> TypedPace.parse(part.matches("[0-9.,-]+") ? part + unit : part))
                .toList();
        return d.with(d.settings().withPaceByRound(paces));
    }

    private static String paces(List<TypedPace> paces) {
        TypedPace last = paces.get(paces.size() - 1);
        boolean alike = paces.stream().allMatch(pace -> pace.per() == last.per() && pace.outMillis() == null);
        if (!alike) return "paces " + paces.stream().map(TypedPace::toString).collect(Collectors.joining(" / "));
        List<String> numbers = new ArrayList<>(
                paces.stream().map(pace -> Millis.seconds(pace.millis())).toList());
        numbers.set(numbers.size() - 1, last.toString());
        return "paces " + String.join("/", numbers);
    }

    private static Mode.Run run(Matcher m) {
        int rounds = FlowSettings.ROUNDS.parse(m.group(1));
        return new Mode.Run(rounds, Mode.valueOf(m.group(2).toUpperCase(Locale.ROOT)));
    }

    private static Side side(String word) {
        return Side.valueOf(word.toUpperCase(Locale.ROOT));
    }

    private static LeadNames leadNames(String words) {
        return LeadNames.valueOf(words.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }
}
