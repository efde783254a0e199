package gurukram.core.score;

import gurukram.core.plan.Flow;
import gurukram.core.plan.Section;
import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.School;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** The places a breath's length may be typed in, the nearest first: the nearest that says it holds. */
public record BreathPlaces(List<Said> nearest) {
    /** Where something was typed. */
    public enum From {
        FLOW("from the flow"),
        SECTION("from the section"),
        CLASS("from the class"),
        ACCOUNT("from your account");

        private final String words;

        From(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public record Said(From from, BreathLengths lengths) {}

    public record Found<T>(T value, From from) {}

    public BreathPlaces {
        nearest = List.copyOf(nearest);
    }

    /** @param flow null outside flows */
    public static BreathPlaces of(@Nullable Flow flow, Section section, ClassSettings settings, School teachers) {
        List<Said> said = new ArrayList<>();
        if (flow != null) said.add(new Said(From.FLOW, flow.settings().school().breaths()));
        said.add(new Said(From.SECTION, BreathLengths.ofHolds(section.breathMillis())));
        said.add(new Said(From.CLASS, settings.school().breaths()));
        said.add(new Said(From.ACCOUNT, teachers.breaths()));
        return new BreathPlaces(said);
    }

    /** What holds, and where it was typed; empty where nobody typed it. */
    public <T> Optional<Found<T>> find(Function<BreathLengths, @Nullable T> what) {
        for (Said said : nearest) {
            T value = what.apply(said.lengths());
            if (value != null) return Optional.of(new Found<>(value, said.from()));
        }
        return Optional.empty();
    }

    /** A teacher's pace with all of them taken over. */
    Pace over(Pace pace) {
        BreathLengths all = BreathLengths.UNSET;
        for (Said said : nearest) all = all.over(said.lengths());
        return all.equals(BreathLengths.UNSET) ? pace : pace.with(all);
    }
}
