package gurukram.web.phrases;

import gurukram.core.body.Base;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** The phrase book as it is looked through: what can be chosen, and what is found. */
public record PhrasesPage(PhraseFilter filter, List<PhraseTile> found, int all, List<Choice> peaks) {
    /** A pose phrases lead to. */
    public record Choice(String id, String name) {}

    static PhrasesPage of(PhraseFilter filter, PhraseBook book, PoseCatalogue catalogue) {
        List<PhraseTile> found = book.all().stream()
                .map(phrase -> line(phrase, filter, book))
                .filter(line -> filter.matches(line, catalogue))
                .map(line -> PhraseTile.of(line, catalogue))
                .toList();
        List<Choice> peaks = book.all().stream()
                .flatMap(phrase -> phrase.peaks().stream())
                .distinct()
                .map(catalogue::pose)
                .sorted(Comparator.comparing(Pose::name))
                .map(pose -> new Choice(pose.id(), pose.name()))
                .toList();
        return new PhrasesPage(filter, found, book.all().size(), peaks);
    }

    private static PhraseLine line(Phrase phrase, PhraseFilter filter, PhraseBook book) {
        return book.at(filter.shown(phrase), phrase.id()).orElseThrow();
    }

    public List<Phrase.Kind> kinds() {
        return List.of(Phrase.Kind.values());
    }

    public List<Style> styles() {
        return List.of(Style.values());
    }

    public List<Level> levels() {
        return List.of(Level.values());
    }

    public List<Base> bases() {
        return List.of(Base.values());
    }

    public List<Need> needs() {
        return List.of(Need.values());
    }

    public String words(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    public String nameOf(Need need) {
        return need.words();
    }
}
