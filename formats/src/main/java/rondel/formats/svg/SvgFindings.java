package rondel.formats.svg;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;

/** What a reader noticed, each sentence once. */
final class SvgFindings {

    private static final int MOST = 200;

    private final Set<Finding> all = new LinkedHashSet<>();

    void warn(String code, Object... values) {
        add(Finding.of(Severity.WARNING, code, values));
    }

    void note(String code, Object... values) {
        add(Finding.of(Severity.NOTE, code, values));
    }

    private void add(Finding finding) {
        if (all.size() < MOST) {
            all.add(finding);
        }
    }

    List<Finding> list() {
        return List.copyOf(all);
    }
}
