package gurukram.core.check;

import gurukram.core.plan.settings.Marks;
import java.util.List;
import java.util.Optional;

/**
 * What the checks say about a class.
 *
 * @param findings by severity, then by time
 * @param muted what they would say if the teacher had not muted it, with why
 */
public record Report(List<Finding> findings, List<Muted> muted) {
    /** @param by the mute that keeps it silent */
    public record Muted(Finding finding, Marks.Mute by) {}

    public Report {
        findings = List.copyOf(findings);
        muted = List.copyOf(muted);
    }

    public long count(Severity severity) {
        return findings.stream().filter(f -> f.severity() == severity).count();
    }

    /** The finding with a key, where it is still there. */
    public Optional<Finding> find(String key) {
        return findings.stream().filter(f -> f.key().equals(key)).findFirst();
    }

    public boolean has(Finding finding) {
        return findings.stream().anyMatch(finding::isSameAs);
    }
}
