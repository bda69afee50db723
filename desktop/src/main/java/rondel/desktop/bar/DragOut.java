package rondel.desktop.bar;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import rondel.desktop.clip.Copied;
import rondel.desktop.command.CommandIcons;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.FileNames;
import rondel.desktop.look.Hint;
import rondel.formats.export.ExportFormat;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Targets;
import rondel.words.Words;

/** A grip by which the selection is dragged out of the window as files, a drawing and a picture. They are written as soon as the
 *  pointer comes near, so that they are there when it drags. */
final class DragOut extends Label {

    /** The files that were written for a selection. */
    private record Ready(Job job, List<ElementId> ids, List<File> files) {}

    private final Desk desk;
    private Optional<Ready> ready = Optional.empty();

    DragOut(Desk desk) {
        super(Words.of("drag.out"));
        this.desk = desk;
        setId("drag-out");
        getStyleClass().addAll("hand-button", "drag-out");
        Hint.on(this, Words.of("drag.outHow"));
        CommandIcons.of("export").ifPresent(this::setGraphic);
        managedProperty().bind(visibleProperty());
        setOnMouseEntered(e -> prepare());
        setOnDragDetected(this::drag);
        desk.bench().onChange(this::follow);
        follow();
    }

    private void follow() {
        setVisible(!desk.bench().selection().isEmpty());
    }

    private boolean isReady() {
        return ready.filter(r ->
                        r.job == desk.bench().job() && r.ids.equals(desk.bench().selectedIds()))
                .isPresent();
    }

    private void prepare() {
        if (isReady() || desk.bench().selection().isEmpty()) {
            return;
        }
        Job job = desk.bench().job();
        SheetId sheet = desk.bench().sheet().id();
        List<ElementId> ids = desk.bench().selectedIds();
        Element first = desk.bench().selected().getFirst().element();
        String name = FileNames.safe(ids.size() == 1 ? Targets.display(first) : job.title());
        desk.workers()
                .run(
                        () -> written(job, sheet, ids, name),
                        files -> ready = Optional.of(new Ready(job, ids, files)),
                        desk.notices()::failed,
                        () -> {});
    }

    private List<File> written(Job job, SheetId sheet, List<ElementId> ids, String name) {
        try {
            Path folder = Files.createTempDirectory("rondel-drag");
            folder.toFile().deleteOnExit();
            Path drawing = folder.resolve(name + ".svg");
            Path picture = folder.resolve(name + ".png");
            Copied.write(job, sheet, ids, drawing, ExportFormat.SVG, desk.pictures());
            Copied.write(job, sheet, ids, picture, ExportFormat.PNG, desk.pictures());
            List<File> files = List.of(drawing.toFile(), picture.toFile());
            files.forEach(File::deleteOnExit);
            return files;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void drag(MouseEvent e) {
        if (!isReady()) {
            prepare();
            desk.notices().say(Words.of("drag.notYet"));
            return;
        }
        Dragboard board = startDragAndDrop(TransferMode.COPY);
        ClipboardContent content = new ClipboardContent();
        content.putFiles(ready.orElseThrow().files());
        board.setContent(content);
        e.consume();
    }
}
