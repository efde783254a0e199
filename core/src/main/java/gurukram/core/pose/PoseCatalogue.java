package gurukram.core.pose;

import gurukram.core.text.Words;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** All poses, in the order of their files, with search by any of their names. */
public final class PoseCatalogue {
    private final Map<String, Pose> byId = new LinkedHashMap<>();
    private final Map<String, Pose> byName = new LinkedHashMap<>();
    private final Map<String, Ladder> ladders = new LinkedHashMap<>();
    private final Map<String, Set<String>> byLooseName = new HashMap<>();
    private final Map<String, Language> languages = new LinkedHashMap<>();
    private final Map<String, Pose> byForeignName = new HashMap<>();
    private final List<Pose> all;
    private final PoseSearch search = new PoseSearch();

    /** Names are taken as validated: unique after folding. */
    public PoseCatalogue(Collection<Pose> poses, Collection<Ladder> ladders, Collection<Language> languages) {
        languages.forEach(language -> this.languages.put(language.code(), language));
        ladders.forEach(ladder -> this.ladders.put(ladder.id(), ladder));
        for (Pose pose : poses) {
            byId.put(pose.id(), pose);
            names(pose).forEach(name -> byName.putIfAbsent(name, pose));
            List<String> foreign = languages.stream()
                    .flatMap(language -> language.of(pose.id()).stream())
                    .toList();
            foreign.forEach(name -> byForeignName.putIfAbsent(Words.fold(name), pose));
            search.add(pose, foreign);
            for (String name : pose.names().loosely())
                byLooseName
                        .computeIfAbsent(Words.fold(name), n -> new LinkedHashSet<>())
                        .add(pose.id());
        }
        all = List.copyOf(byId.values());
    }

    public Collection<Pose> poses() {
        return all;
    }

    /** The pose with this id; {@link IllegalArgumentException} when a plan refers to one that is not there. */
    public Pose pose(String id) {
        Pose pose = byId.get(id);
        if (pose == null) throw new IllegalArgumentException("no pose with the id " + id);
        return pose;
    }

    public Collection<Ladder> ladders() {
        return List.copyOf(ladders.values());
    }

    public Optional<Ladder> ladder(String id) {
        return Optional.ofNullable(ladders.get(id));
    }

    /** The ladders a pose stands on. */
    public List<Ladder> laddersWith(String pose) {
        return ladders.values().stream()
                .filter(ladder -> ladder.rungOf(pose) > 0)
                .toList();
    }

    public boolean has(String id) {
        return byId.containsKey(id);
    }

    /** The one pose with this name in any of its forms (English, Sanskrit, other names and languages; case and marks do not matter). */
    public Optional<Pose> named(String typed) {
        String folded = Words.fold(typed);
        Pose found = byName.get(folded);
        // a comma parts the name from what is said of it: an id such as supine-twist-both is no name with one
        if (found != null && typed.indexOf(',') >= 0 && !isNamedWithComma(found, typed)) return Optional.empty();
        if (found == null && folded.endsWith(" pose")) found = byName.get(folded.substring(0, folded.length() - 5));
        if (found == null && folded.endsWith("s")) found = byName.get(folded.substring(0, folded.length() - 1));
        if (found == null) found = byName.get(folded + "s");
        if (found == null) found = byForeignName.get(folded);
        return Optional.ofNullable(found);
    }

    private static boolean isNamedWithComma(Pose pose, String typed) {
        PoseNames names = pose.names();
        return Stream.concat(Stream.of(names.english()), names.also().stream())
                .anyMatch(name -> name.indexOf(',') >= 0 && Words.fold(name).equals(Words.fold(typed)));
    }

    /** Whether some name is so many letters or fewer from what was typed, folded. */
    public boolean hasNameWithin(String folded, int letters) {
        return byName.keySet().stream()
                .anyMatch(name -> Math.abs(name.length() - folded.length()) <= letters
                        && Words.distance(name, folded) <= letters);
    }

    /** The poses a word may mean that is no pose's own name, as search lists them: {@code pigeon}; empty when there is none. */
    public List<Pose> meant(String typed) {
        String folded = Words.fold(typed);
        return byLooseName.getOrDefault(folded, Set.of()).stream()
                .map(this::pose)
                .sorted(Comparator.comparing((Pose pose) -> !names(pose).contains(folded))
                        .thenComparing(Pose::level)
                        .thenComparing(Pose::name))
                .toList();
    }

    /** Poses whose names are nearest to what was typed, nearest first, at most {@code most}; never empty. */
    public List<Pose> nearest(String typed, int most) {
        return search.ranked(typed).stream().limit(most).map(Map.Entry::getKey).toList();
    }

    /** The poses a text may mean, nearest first: by any name, a shared word, or a misspelling; empty when none is near. */
    public List<Pose> find(String typed) {
        return search.find(typed);
    }

    /**
     * This catalogue with a teacher's own poses: one with the id of another takes its place, the others come after their
     * family. Their easier and harder forms are told both ways.
     */
    public PoseCatalogue with(Collection<Pose> own) {
        Map<String, Pose> all = new LinkedHashMap<>(byId);
        own.forEach(pose -> all.put(pose.id(), pose));
        for (Pose pose : own) {
            pose.ties().easier().forEach(id -> all.computeIfPresent(id, (x, other) -> other.alsoHarder(pose.id())));
            pose.ties().harder().forEach(id -> all.computeIfPresent(id, (x, other) -> other.alsoEasier(pose.id())));
        }
        return new PoseCatalogue(all.values(), ladders.values(), languages.values());
    }

    /** This catalogue with a teacher's own ladders; they come before the others, so that a pose is led to by them. */
    public PoseCatalogue withLadders(Collection<Ladder> own) {
        Map<String, Ladder> all = new LinkedHashMap<>();
        own.forEach(ladder -> all.put(ladder.id(), ladder));
        ladders.forEach(all::putIfAbsent);
        return new PoseCatalogue(byId.values(), all.values(), languages.values());
    }

    /** The languages poses have names in, beside English. */
    public Collection<Language> languages() {
        return List.copyOf(languages.values());
    }

    /** This catalogue with the names of a language shown first; the English ones are still found. Unknown is English. */
    public PoseCatalogue in(String language) {
        Language spoken = languages.get(language);
        if (spoken == null) return this;
        List<Pose> named =
                all.stream().map(pose -> pose.called(spoken.of(pose.id()))).toList();
        return new PoseCatalogue(named, ladders.values(), languages.values());
    }

    /** Every name of a pose, folded. */
    public static List<String> names(Pose pose) {
        var names = new LinkedHashSet<>(pose.names().own());
        names.add(Words.fold(pose.id()));
        return List.copyOf(names);
    }
}
