package rondel.desktop.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.desktop.files.JobHolding;
import rondel.desktop.files.JobWindows;
import rondel.desktop.model.Bench;
import rondel.desktop.model.BoundedHistory;
import rondel.desktop.start.StartCard;
import rondel.formats.files.OwnFolders;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.job.HistoryFile;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.StarterShelf;
import rondel.history.HistoryBound;
import rondel.job.Job;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** One window on the desktop with its job, its journal and its threads. */
final class JobWindow {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 1024;
    private static final double LEAST_HEIGHT = 700;

    /** What older steps of a job may take, in bytes: an eighth of the memory that Java may use. */
    private static final long HISTORY = Runtime.getRuntime().maxMemory() / 8;

    private final Stage stage;
    private final Desk desk;
    private final BenchWindow window;
    private final Dialogs dialogs;
    private final JournalRecorder journal;
    private final StartCard start;
    private final LookMemory looks;
    private final FontsAtHand fonts;
    private final HistoryFile older = new HistoryFile(OwnFolders.history());

    JobWindow(Stage stage, SharedByWindows shared) {
        this.stage = stage;
        this.fonts = shared.fonts();
        Workers workers = new Workers();
        Notices notices = new Notices(shared.log());
        LengthUnit unit = shared.preferred().now().preferredUnit().orElse(LengthUnit.IN);
        Bench bench = new Bench(Job.blank(Words.of("new.untitled"), unit, 304.8, 304.8), workers.edits());
        bench.keepWithin(new BoundedHistory(new HistoryBound(HISTORY, older), workers.remembering()));
        desk = new Desk(bench, workers, shared.pictures(), notices, shared.preferred());
        SystemFileChoices choices = new SystemFileChoices(() -> stage, shared.preferred());
        dialogs = new Dialogs(() -> stage, notices, choices);
        window = new BenchWindow(
                desk, choices, dialogs, new ArtworkReader(shared.fonts()), () -> StarterShelf.open(OwnFolders.shelf()));
        journal = new JournalRecorder(OwnFolders.journals(), bench, notices);
        looks = new LookMemory(window, desk, shared.looks());
        start = new StartCard(desk, window.actions(), shared.recent()::all);
        window.getChildren().add(start);
        window.commands().meaning("start", start::open);
        // No larger than the screen, or what stands at its edges could not be reached.
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        stage.setScene(new Scene(window, Math.min(WIDTH, screen.getWidth()), Math.min(HEIGHT, screen.getHeight())));
        stage.setMinWidth(LEAST_WIDTH);
        stage.setMinHeight(LEAST_HEIGHT);
        stage.setOnCloseRequest(e -> {
            e.consume();
            window.actions().closeWindow();
        });
        JobHolding holding = window.actions().holding();
        stage.focusedProperty().addListener((o, before, now) -> {
            if (now) {
                holding.look();
            }
        });
        new WindowTitle(stage, bench, window.actions().progress(), holding, window.run());
    }

    void show(JobWindows windows) {
        window.actions().among(windows);
        stage.show();
        window.sheet().requestFocus();
        // Read once the window can be used: nothing of its start waits for them, and the first text does not either.
        window.whenShown(() -> desk.workers().run(fonts::get, book -> {}, desk.notices()::failed, () -> {}));
    }

    /** A job was opened from a file. */
    void opened(Path file) {
        looks.opened(file);
    }

    void openStart() {
        start.open();
    }

    BenchWindow bench() {
        return window;
    }

    Desk desk() {
        return desk;
    }

    Notices notices() {
        return desk.notices();
    }

    /** Offers work that a crash left behind. */
    void recover() {
        new Recovery(desk, window.actions(), dialogs, journal).offer(OwnFolders.journals());
    }

    Optional<Path> file() {
        return desk.bench().file();
    }

    void toFront() {
        stage.toFront();
        stage.requestFocus();
    }

    WindowPlace place() {
        return WindowPlace.of(stage);
    }

    void hide() {
        stage.close();
    }

    /** Lets go of everything: nobody looks at it any more. */
    void close() {
        journal.close();
        window.close();
        desk.workers().close();
        try {
            older.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
