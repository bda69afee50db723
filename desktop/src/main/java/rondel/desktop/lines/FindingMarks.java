package rondel.desktop.lines;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.desktop.sheet.SheetMark;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.SheetId;
import rondel.lines.check.Finding;

/** Where on a sheet the findings are: a mark at the upper right of each element that something is found about. */
public final class FindingMarks {

    private FindingMarks() {}

    public static List<SheetMark> of(Job job, SheetId sheet, List<Finding> findings) {
        Map<ElementId, List<Finding>> by = new LinkedHashMap<>();
        findings.forEach(f -> f.element()
                .ifPresent(id -> by.computeIfAbsent(id, k -> new ArrayList<>()).add(f)));
        List<SheetMark> marks = new ArrayList<>();
        by.forEach((id, about) -> {
            Optional<Located> at = job.find(id).filter(l -> l.sheet().id().equals(sheet));
            Optional<Box> box = at.flatMap(Extent::onSheet);
            box.ifPresent(b -> marks.add(new SheetMark(
                    id,
                    new Point(b.right(), b.y()),
                    about.getFirst().severity().name().toLowerCase(java.util.Locale.ROOT),
                    String.join("\n", about.stream().map(Finding::sentence).toList()))));
        });
        return marks;
    }
}
