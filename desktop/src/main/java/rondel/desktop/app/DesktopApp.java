package rondel.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.desktop.files.JobActions;
import rondel.desktop.look.Theme;
import rondel.desktop.model.Bench;
import rondel.formats.files.OwnFolders;
import rondel.formats.files.PartFiles;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.StarterShelf;
import rondel.job.Job;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The window as an application: {@code --demo} opens the demo job, another argument the job file it names. */
public final class DesktopApp extends Application {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final Workers workers = new Workers();
    private Optional<JournalRecorder> recorder = Optional.empty();
    private Optional<BenchWindow> window = Optional.empty();

    @Override
    public void start(Stage stage) {
        Theme.install();
        List.of(OwnFolders.journals(), OwnFolders.fonts(), OwnFolders.shelf()).forEach(PartFiles::clear);
        Notices notices = new Notices(LogFile.open(OwnFolders.logs()));
        Thread.setDefaultUncaughtExceptionHandler((thread, e) -> Platform.runLater(() -> notices.failed(e)));
        Bench bench = new Bench(Job.blank(Words.of("new.untitled"), LengthUnit.IN, 304.8, 304.8), workers.edits());
        Desk desk = new Desk(bench, workers, PictureLevels.usual(), notices);
        FontsAtHand fonts = FontsAtHand.usual();
        Dialogs dialogs = new Dialogs(() -> stage, notices);
        BenchWindow window = new BenchWindow(
                desk,
                new SystemFileChoices(() -> stage),
                dialogs,
                new ArtworkReader(fonts),
                () -> StarterShelf.open(OwnFolders.shelf()));
        this.window = Optional.of(window);
        Path journals = OwnFolders.journals();
        JournalRecorder journal = new JournalRecorder(journals, bench, notices);
        recorder = Optional.of(journal);
        stage.setTitle("Rondel");
        stage.setScene(new Scene(window, WIDTH, HEIGHT));
        stage.setMinWidth(960);
        stage.setMinHeight(640);
        stage.setOnCloseRequest(e -> {
            e.consume();
            window.actions().whenUnsavedIsSettled(stage::close);
        });
        stage.show();
        window.sheet().requestFocus();
        open(window.actions());
        if (Boolean.getBoolean("rondel.leaveWhenReady")) {
            leaveWhenReady(window);
        }
        new Recovery(desk, window.actions(), dialogs, journal).offer(journals);
    }

    /** For measuring the start, and for training the cache that makes it quick: says so once the sheet, with the job that
     *  was asked for, can be used. */
    private static void leaveWhenReady(BenchWindow window) {
        window.whenShown(() -> {
            System.out.println("ready");
            Platform.exit();
        });
    }

    private void open(JobActions actions) {
        List<String> arguments = getParameters().getUnnamed();
        if (getParameters().getRaw().contains("--demo")) {
            actions.openDemo();
        } else if (!arguments.isEmpty()) {
            actions.open(Path.of(arguments.getFirst()));
        }
    }

    @Override
    public void stop() {
        recorder.ifPresent(JournalRecorder::close);
        window.ifPresent(BenchWindow::close);
        workers.close();
    }
}
