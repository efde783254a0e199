package gurukram.web.poses;

import gurukram.core.catalogue.OwnPose;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Language;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.account.AccountStore;
import gurukram.web.shared.Once;
import gurukram.web.shared.Teacher;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** The poses a teacher has: those that ship with the app, and their own. */
@Service
public class Poses {
    private static final Logger LOG = LoggerFactory.getLogger(Poses.class);

    private final PoseCatalogue shipped;
    private final Map<String, PoseCatalogue> byLanguage = new HashMap<>();
    private final OwnPoseStore store;
    private final AccountStore accounts;
    private final OwnLadderStore ladders;

    Poses(PoseCatalogue shipped, OwnPoseStore store, AccountStore accounts, OwnLadderStore ladders) {
        this.ladders = ladders;
        this.shipped = shipped;
        this.store = store;
        this.accounts = accounts;
        for (Language language : shipped.languages()) byLanguage.put(language.code(), shipped.in(language.code()));
    }

    /** Those that ship with the app, for what belongs to no teacher. */
    public PoseCatalogue shipped() {
        return shipped;
    }

    /** All the teacher's plans may hold, poses put away too; read once a request. */
    public PoseCatalogue of(Teacher teacher) {
        return Once.aRequest(Poses.class, "all " + teacher.id(), () -> read(teacher));
    }

    private List<OwnPoseStore.Row> rows(Teacher teacher) {
        return Once.aRequest(Poses.class, "own " + teacher.id(), () -> store.of(teacher));
    }

    private PoseCatalogue read(Teacher teacher) {
        PoseCatalogue named = byLanguage.getOrDefault(accounts.namesIn(teacher), shipped);
        List<Pose> own = new ArrayList<>();
        for (OwnPoseStore.Row row : rows(teacher)) {
            OwnPose.Read read = OwnPose.stored(row.entry(), named);
            if (read.pose() != null) own.add(read.pose());
            else
                LOG.warn(
                        "an own pose cannot be read: {} problems",
                        read.problems().size());
        }
        PoseCatalogue whole = own.isEmpty() ? named : named.with(own);
        List<Ladder> climbed = new ArrayList<>();
        for (OwnLadderStore.Kept kept : ladders.of(teacher)) {
            // a pose that is gone takes its rungs out of use, and with them the ladder
            boolean known =
                    kept.ladder().rungs().stream().allMatch(rung -> rung.pose() == null || whole.has(rung.pose()));
            if (known) climbed.add(kept.ladder());
        }
        return climbed.isEmpty() ? whole : whole.withLadders(climbed);
    }

    /** What a teacher is offered to choose from: all but poses put away. */
    public List<Pose> offered(Teacher teacher) {
        Set<String> away = away(teacher);
        return of(teacher).poses().stream()
                .filter(pose -> !away.contains(pose.id()))
                .toList();
    }

    /** The ids of the teacher's own poses; those put away are not among them. */
    Set<String> own(Teacher teacher) {
        Set<String> ids = new HashSet<>();
        for (OwnPoseStore.Row row : rows(teacher)) if (!row.away()) ids.add(row.pose());
        return ids;
    }

    /** The ids of own poses that are put away. */
    Set<String> away(Teacher teacher) {
        Set<String> ids = new HashSet<>();
        for (OwnPoseStore.Row row : rows(teacher)) if (row.away()) ids.add(row.pose());
        return ids;
    }
}
