package gurukram.core.check;

import gurukram.core.plan.Marks;
import java.util.List;

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

    public boolean has(Finding finding) {
        return findings.stream().anyMatch(finding::isSameAs);
    }
}
