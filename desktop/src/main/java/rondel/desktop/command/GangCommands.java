package rondel.desktop.command;

import rondel.desktop.desk.Desk;
import rondel.desktop.gang.planning.GangActions;
import rondel.desktop.model.Bench;

/** Commands that lay copies out on stock. */
final class GangCommands {

    private final Commands all;
    private final Bench bench;
    private final GangActions gang;

    GangCommands(Commands all, Desk desk, GangActions gang) {
        this.all = all;
        this.bench = desk.bench();
        this.gang = gang;
    }

    void add() {
        all.put("layOut", this::hasDesigns, gang::layOut);
        all.put("addToPlan", () -> true, gang::addToPlan);
        all.put("foldOver", () -> true, () -> gang.fold(true));
        all.put("foldCard", () -> true, () -> gang.fold(false));
        all.put("names", () -> true, gang::names);
        all.put("addCopies", () -> true, gang::addCopies);
        all.put("makeOwn", gang::holdsCopies, gang::makeOwn);
        all.put("swapDesign", gang::holdsCopies, gang::swapDesign);
        all.put("putBack", gang::hasPlan, gang::putBack);
        all.put("removePlan", gang::hasPlan, gang::removePlan);
    }

    private boolean hasDesigns() {
        return !bench.selection().isEmpty() || bench.sheet().planned().isEmpty();
    }
}
