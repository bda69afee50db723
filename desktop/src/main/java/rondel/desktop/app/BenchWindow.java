package rondel.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.TextInputControl;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import rondel.desktop.bar.StatusBar;
import rondel.desktop.bar.TopBar;
import rondel.desktop.command.Command;
import rondel.desktop.command.Commands;
import rondel.desktop.command.Menus;
import rondel.desktop.measure.MeasureView;
import rondel.desktop.sheet.SheetView;
import rondel.desktop.shelf.ShelfView;
import rondel.desktop.stack.StackView;
import rondel.desktop.text.TextEdits;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkReader;

/** The whole window: shelf, sheet, measure, stack, and the bars above and below. */
public final class BenchWindow extends StackPane {

    private final SheetView sheet;
    private final ShelfView shelf;
    private final JobActions actions;
    private final Commands commands;
    private final Progress progress;
    private final ImageView carried = new ImageView();

    public BenchWindow(Desk desk, FileChoices choices, Questions questions, ArtworkReader reader) {
        progress = new Progress(desk.workers(), desk.notices());
        actions = new JobActions(desk, choices, questions, reader, progress);
        sheet = new SheetView(desk);
        TextEdits texts = new TextEdits(desk, progress, reader.fonts());
        commands = new Commands(desk, sheet, actions, questions, texts);
        Carrying carrying = new Carrying();
        shelf = new ShelfView(desk, reader, carrying);
        addEventFilter(MouseEvent.MOUSE_DRAGGED, carrying::dragged);
        addEventFilter(MouseEvent.MOUSE_RELEASED, carrying::released);
        StatusBar status = new StatusBar(desk, sheet, progress);
        BorderPane all = new BorderPane(sheet);
        all.setTop(new TopBar(desk, commands));
        all.setLeft(shelf);
        all.setRight(new MeasureView(desk, commands, texts));
        all.setBottom(new VBox(new StackView(desk), status));
        Pane above = new Pane(carried);
        above.setMouseTransparent(true);
        carried.setVisible(false);
        carried.setOpacity(0.85);
        getChildren().addAll(all, above);
        getStyleClass().add("bench");
        Theme.dress(this);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        sheet.whenSharp(() -> Platform.runLater(shelf::fill));
        ContextMenu menu = Menus.context(commands);
        sheet.setOnContextMenuRequested(e -> menu.show(sheet, e.getScreenX(), e.getScreenY()));
        sheet.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        sheet.setOnDragDropped(e -> {
            List<Path> files = e.getDragboard().getFiles().stream()
                    .map(java.io.File::toPath)
                    .toList();
            actions.drop(files, sheet.viewport().toSheet(e.getX(), e.getY()));
            e.setDropCompleted(true);
        });
    }

    public SheetView sheet() {
        return sheet;
    }

    public ShelfView shelf() {
        return shelf;
    }

    public JobActions actions() {
        return actions;
    }

    public Commands commands() {
        return commands;
    }

    /** Whether nothing is being read, painted or written. */
    public boolean isIdle() {
        return progress.isIdle() && sheet.isSharp() && shelf.isLoaded();
    }

    private void key(KeyEvent e) {
        boolean typing = e.getTarget() instanceof TextInputControl;
        for (Command command : commands.all()) {
            boolean plain = !e.isShortcutDown() && !e.isAltDown();
            if (command.keys().filter(k -> k.match(e)).isPresent() && !(typing && plain)) {
                if (command.enabled().getAsBoolean()) {
                    command.run();
                    e.consume();
                }
                return;
            }
        }
    }

    /** Carries a thing from the shelf to the sheet, wherever the pointer goes in between. */
    private final class Carrying implements ShelfView.Taking {
        private Optional<Artwork> artwork = Optional.empty();

        @Override
        public void taken(Image image, Artwork taken) {
            artwork = Optional.of(taken);
            carried.setImage(image);
        }

        @Override
        public void placed(Artwork chosen) {
            actions.place(chosen, Optional.of(sheet.middle()));
        }

        void dragged(MouseEvent e) {
            artwork.ifPresent(a -> {
                double side = Math.max(a.width(), a.height()) * sheet.viewport().scale();
                carried.setFitWidth(side);
                carried.setFitHeight(side);
                carried.setX(e.getSceneX() - side / 2);
                carried.setY(e.getSceneY() - side / 2);
                carried.setVisible(true);
            });
        }

        void released(MouseEvent e) {
            Point2D place = sheet.sceneToLocal(e.getSceneX(), e.getSceneY());
            if (carried.isVisible() && sheet.contains(place)) {
                actions.place(
                        artwork.orElseThrow(), Optional.of(sheet.viewport().toSheet(place.getX(), place.getY())));
                sheet.requestFocus();
            }
            carried.setVisible(false);
            artwork = Optional.empty();
        }
    }
}
