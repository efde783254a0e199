package gurukram.web.practice;

import gurukram.core.body.Side;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Knowing;
import gurukram.core.practice.Recital;
import gurukram.core.practice.Sequence;
import gurukram.core.practice.Sequences;
import gurukram.core.practice.Twelve;
import gurukram.core.text.Words;
import gurukram.web.account.Zones;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.MyFlows;
import gurukram.web.plans.StoredClass;
import gurukram.web.poses.Poses;
import gurukram.web.practice.ReciteStore.Kept;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a teacher recites: the twelve positions, her own flows, a class part by part. */
@Service
class Recite {
    private static final String CLASS = "class/";

    private final ReciteStore store;
    private final ClassStore classes;
    private final ClassEditor editor;
    private final MyFlows flows;
    private final Poses poses;
    private final Zones zones;

    Recite(ReciteStore store, ClassStore classes, ClassEditor editor, MyFlows flows, Poses poses, Zones zones) {
        this.store = store;
        this.classes = classes;
        this.editor = editor;
        this.flows = flows;
        this.poses = poses;
        this.zones = zones;
    }

    /** A sequence and how well it is known. @param said what was recited last; empty before the first time */
    record Standing(Sequence sequence, Knowing knowing, List<String> said) {}

    List<Standing> twelves(Teacher teacher) {
        PoseCatalogue catalogue = poses.of(teacher);
        School school = editor.schoolOf(teacher).over(School.USUAL);
        Sequences sequences = new Sequences(catalogue);
        return standings(
                teacher,
                TwelvePositions.LISTS.stream()
                        .map(list -> sequences.of(
                                Twelve.of(list, school.legRule(), Side.RIGHT, catalogue, editor.unfolderOf(teacher))))
                        .toList());
    }

    /** Flows she kept that have an order to learn. */
    List<Standing> ownFlows(Teacher teacher) {
        Sequences sequences = new Sequences(poses.of(teacher));
        List<Sequence> all = new ArrayList<>();
        for (Flow flow : flows.flows(teacher))
            all.addAll(sequences.of(flow, "flow/" + Words.fold(Naming.of(flow)).replace(' ', '-')));
        return standings(teacher, all);
    }

    /** Everything of a class; {@link NotFound} when it is not there. */
    List<Standing> ofClass(Teacher teacher, ClassId id) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        return standings(teacher, new Sequences(poses.of(teacher)).of(stored.plan(), CLASS + id));
    }

    private List<Standing> standings(Teacher teacher, List<Sequence> all) {
        Map<String, Kept> kept = new LinkedHashMap<>();
        store.all(teacher).forEach(one -> kept.put(one.knowing().key(), one));
        List<Standing> standings = new ArrayList<>();
        for (Sequence sequence : all) standings.add(standing(sequence, Optional.ofNullable(kept.get(sequence.key()))));
        return standings;
    }

    private static Standing standing(Sequence sequence, Optional<Kept> kept) {
        Knowing fresh = Knowing.fresh(sequence);
        Knowing knowing = kept.map(one -> one.knowing().of(sequence)).orElse(fresh);
        boolean same = kept.isPresent() && kept.get().knowing().print().equals(sequence.print());
        return new Standing(sequence, knowing, same ? kept.get().said() : List.of());
    }

    /** One of them by its key; {@link NotFound} when there is none. */
    Standing find(Teacher teacher, String key) {
        List<Standing> among = key.startsWith(CLASS)
                ? ofClass(teacher, classOf(key))
                : key.startsWith("flow/") ? ownFlows(teacher) : twelves(teacher);
        return among.stream()
                .filter(one -> one.sequence().key().equals(key))
                .findFirst()
                .orElseThrow(NotFound::new);
    }

    /** The class a key is of. */
    static ClassId classOf(String key) {
        try {
            return new ClassId(UUID.fromString(key.substring(CLASS.length()).split("/", 2)[0]));
        } catch (IllegalArgumentException e) {
            throw new NotFound();
        }
    }

    static boolean isOfClass(String key) {
        return key.startsWith(CLASS);
    }

    /** The places whose words nobody knows, from 0; they are asked about before anything is counted. */
    Set<Integer> unknown(Teacher teacher, Sequence sequence, List<String> said) {
        PoseCatalogue catalogue = poses.of(teacher);
        Set<Integer> unknown = new TreeSet<>();
        for (int i = 0; i < said.size(); i++)
            if (!said.get(i).isBlank()
                    && meant(catalogue, sequence, said.get(i)).isEmpty()) unknown.add(i);
        return unknown;
    }

    /** What was recited, laid beside what it is. */
    Recital judge(Teacher teacher, Sequence sequence, List<String> said) {
        PoseCatalogue catalogue = poses.of(teacher);
        return Recital.of(
                sequence,
                said.stream().map(words -> meant(catalogue, sequence, words)).toList());
    }

    /** Ids a word may mean: of parts by their titles, of poses by any of their names. */
    private static Set<String> meant(PoseCatalogue catalogue, Sequence sequence, String words) {
        if (words.isBlank()) return Set.of();
        Set<String> ids = new HashSet<>();
        String folded = Words.fold(words);
        for (Sequence.Place place : sequence.places())
            if (Words.fold(place.words()).equals(folded)) ids.add(place.id());
        if (!ids.isEmpty()) return ids;
        Optional<Pose> named = catalogue.named(words);
        if (named.isPresent()) return Set.of(named.get().id());
        List<Pose> meant = catalogue.meant(words);
        if (!meant.isEmpty()) return meant.stream().map(Pose::id).collect(Collectors.toSet());
        return catalogue.find(words).stream().limit(1).map(Pose::id).collect(Collectors.toSet());
    }

    /**
     * Counts what was recited and keeps it.
     *
     * @param tries how often it had been recited when the page was made: what is sent twice counts once
     */
    @Transactional
    public void keep(Teacher teacher, Sequence sequence, List<String> said, int tries) {
        Knowing before = store.hold(teacher, sequence.key())
                .map(one -> one.knowing().of(sequence))
                .orElseGet(() -> Knowing.fresh(sequence));
        if (before.tries() != tries) return;
        Knowing after = before.after(judge(teacher, sequence, said));
        store.put(teacher, new Kept(after, sequence.title(), said, zones.today(teacher)));
    }

    /** Begins anew with what was known or half known. */
    @Transactional
    public void again(Teacher teacher, Sequence sequence) {
        store.put(teacher, new Kept(Knowing.fresh(sequence), sequence.title(), List.of(), zones.today(teacher)));
    }
}
