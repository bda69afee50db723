package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import rondel.compose.pick.Picker;
import rondel.desktop.model.Bench;
import rondel.geometry.Point;
import rondel.job.ElementId;

/** What lies at a place on the sheet, on the level that one has stepped into. */
final class SheetHits {

    private static final double REACH = 3;

    private final Bench bench;
    private Picker picker;
    private List<?> level;

    SheetHits(Bench bench) {
        this.bench = bench;
    }

    Picker picker() {
        if (level != bench.level()) {
            level = bench.level();
            picker = new Picker(bench.level(), bench.levelToSheet());
        }
        return picker;
    }

    /** What a click means: a selected thing where one is under it, else the frontmost. */
    Optional<ElementId> at(Point place, double scale) {
        List<ElementId> all = all(place, scale);
        return all.stream().filter(bench.selection()::contains).findFirst().or(() -> all.stream()
                .findFirst());
    }

    /** What lies under the selected thing, round to the front again. */
    Optional<ElementId> beneath(Point place, double scale) {
        List<ElementId> all = all(place, scale);
        for (int i = 0; i < all.size(); i++) {
            if (bench.selection().contains(all.get(i))) {
                return Optional.of(all.get((i + 1) % all.size()));
            }
        }
        return all.stream().findFirst();
    }

    /** @param scale px for each mm; a few px beside a thing are still it */
    private List<ElementId> all(Point place, double scale) {
        return picker().at(place, REACH / scale);
    }
}
