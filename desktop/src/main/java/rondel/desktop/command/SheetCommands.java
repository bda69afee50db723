package rondel.desktop.command;

import java.util.List;
import rondel.compose.sheets.RemoveSheet;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.JobActions;
import rondel.desktop.model.Bench;
import rondel.job.Sheet;

/** Commands about the sheets of the job. */
final class SheetCommands {

    private final Commands all;
    private final Desk desk;
    private final Bench bench;
    private final JobActions files;

    SheetCommands(Commands all, Desk desk, JobActions files) {
        this.all = all;
        this.desk = desk;
        this.bench = desk.bench();
        this.files = files;
    }

    void add() {
        all.put("addSheet", () -> true, files::addSheet);
        all.put("changeSheet", () -> true, files::changeSheet);
        all.put(
                "removeSheet",
                this::severalSheets,
                () -> desk.perform(new RemoveSheet(bench.sheet().id())));
        all.put("nextSheet", this::severalSheets, () -> turnTo(1));
        all.put("previousSheet", this::severalSheets, () -> turnTo(-1));
    }

    private boolean severalSheets() {
        return bench.job().sheets().size() > 1;
    }

    private void turnTo(int step) {
        List<Sheet> sheets = bench.job().sheets();
        bench.show(sheets.get(Math.floorMod(sheets.indexOf(bench.sheet()) + step, sheets.size()))
                .id());
    }
}
