package rondel.desktop.app;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import rondel.desktop.files.JobActions;
import rondel.desktop.sheet.SheetView;

/** Files dropped on the sheet: a job is opened; with Alt, or as a link, it is placed as artwork. */
final class FileDrops {

    private final SheetView sheet;
    private final JobActions actions;
    private boolean altHeld;

    private FileDrops(SheetView sheet, JobActions actions) {
        this.sheet = sheet;
        this.actions = actions;
    }

    /** @param window hears the keys, which a drop does not tell of */
    static void on(SheetView sheet, Node window, JobActions actions) {
        FileDrops drops = new FileDrops(sheet, actions);
        window.addEventFilter(KeyEvent.ANY, e -> drops.altHeld = e.isAltDown());
        sheet.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY, TransferMode.LINK);
            }
        });
        sheet.setOnDragDropped(drops::dropped);
    }

    private void dropped(DragEvent e) {
        List<Path> files =
                e.getDragboard().getFiles().stream().map(File::toPath).toList();
        boolean asArtwork = e.getTransferMode() == TransferMode.LINK || altHeld;
        actions.drop(files, sheet.viewport().toSheet(e.getX(), e.getY()), asArtwork);
        e.setDropCompleted(true);
    }
}
