package rondel.desktop.command;

import rondel.desktop.desk.Preferred;
import rondel.desktop.sheet.SheetLook;
import rondel.desktop.sheet.SheetLook.Ground;
import rondel.desktop.sheet.SheetLook.ShownPaper;
import rondel.desktop.sheet.SheetView;
import rondel.formats.preferences.ChoiceWord;
import rondel.formats.proof.SoftProof;

/** Commands about how the bench and the paper are shown; nothing of it is made. */
final class SeeingCommands {

    private final Commands all;
    private final SheetView sheet;
    private final Preferred preferred;

    SeeingCommands(Commands all, SheetView sheet, Preferred preferred) {
        this.all = all;
        this.preferred = preferred;
        this.sheet = sheet;
    }

    void add() {
        all.put("seePale", () -> true, () -> {
            ShownPaper now = sheet.looks().paper();
            show(sheet.looks().with(now == ShownPaper.OWN ? ShownPaper.DARK : ShownPaper.OWN));
        });
        for (SoftProof.Shown colours : SoftProof.Shown.values()) {
            all.put("colours-" + colours, () -> true, () -> show(sheet.looks().with(colours)));
        }
        for (ShownPaper paper : ShownPaper.values()) {
            all.put("paper-" + paper, () -> true, () -> show(sheet.looks().with(paper)));
        }
        for (Ground ground : Ground.values()) {
            all.put("ground-" + ground, () -> true, () -> preferred.change(p -> p.withGround(ChoiceWord.of(ground))));
        }
    }

    private void show(SheetLook look) {
        sheet.show(look);
    }
}
