package rondel.desktop.app;

import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Preferred;
import rondel.desktop.desk.Workers;
import rondel.desktop.files.JobWindows;
import rondel.desktop.model.Bench;
import rondel.desktop.start.StartCard;
import rondel.formats.files.OwnFolders;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.job.LastLooks;
import rondel.formats.job.RecentJobs;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.StarterShelf;
import rondel.job.Job;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** One window on the desktop with its job, its journal and its threads. */
final class JobWindow {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 1024;
    private static final double LEAST_HEIGHT = 700;

    private final Stage stage;
    private final Desk desk;
    private final BenchWindow window;
    private final Dialogs dialogs;
    private final JournalRecorder journal;
    private final StartCard start;
    private final LookMemory looks;

    JobWindow(Stage stage, String log, FontsAtHand fonts, RecentJobs recent, LastLooks looks, Preferred preferred) {
        this.stage = stage;
        Workers workers = new Workers();
        Notices notices = new Notices(log);
        LengthUnit unit = preferred.now().preferredUnit().orElse(LengthUnit.IN);
        Bench bench = new Bench(Job.blank(Words.of("new.untitled"), unit, 304.8, 304.8), workers.edits());
        desk = new Desk(bench, workers, PictureLevels.usual(), notices, preferred);
        SystemFileChoices choices = new SystemFileChoices(() -> stage, preferred);
        dialogs = new Dialogs(() -> stage, notices, choices);
        window = new BenchWindow(
                desk, choices, dialogs, new ArtworkReader(fonts), () -> StarterShelf.open(OwnFolders.shelf()));
        journal = new JournalRecorder(OwnFolders.journals(), bench, notices);
        this.looks = new LookMemory(window, desk, looks);
        start = new StartCard(desk, window.actions(), recent::all);
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
        new WindowTitle(stage, bench, window.actions().progress(), window.run());
    }

    void show(JobWindows windows) {
        window.actions().among(windows);
        stage.show();
        window.sheet().requestFocus();
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
    }
}
