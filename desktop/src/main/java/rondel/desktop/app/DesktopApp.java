package rondel.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import rondel.desktop.model.Bench;
import rondel.formats.artwork.ArtworkReader;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.job.JobFile;
import rondel.formats.journal.Journal;
import rondel.formats.picture.PictureLevels;
import rondel.job.Job;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** The window as an application: {@code --demo} opens the demo job, another argument the job file it names. */
public final class DesktopApp extends Application {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final Workers workers = new Workers();
    private Optional<JournalRecorder> recorder = Optional.empty();

    @Override
    public void start(Stage stage) {
        Theme.install();
        Notices notices = new Notices();
        Bench bench = new Bench(Job.blank(Words.of("new.untitled"), LengthUnit.IN, 304.8, 304.8));
        Desk desk = new Desk(bench, workers, PictureLevels.usual(), notices);
        Dialogs dialogs = new Dialogs(() -> stage, notices);
        BenchWindow window = new BenchWindow(
                desk, new SystemFileChoices(() -> stage), dialogs, new ArtworkReader(new ShippedFonts()));
        Path journals = Folders.journals();
        recorder = Optional.of(new JournalRecorder(journals, bench, desk.pictures(), notices));
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
        open(window, bench, notices);
        if (Boolean.getBoolean("rondel.leaveWhenReady")) {
            leaveWhenReady(window);
        }
        workers.run(
                () -> Journal.leftOver(journals),
                left -> recover(left, dialogs, bench),
                failure -> notices.refuse(String.valueOf(failure.getMessage())));
    }

    /** For measuring the start, and for training the cache that makes it quick: says so once the sheet can be used. */
    private static void leaveWhenReady(BenchWindow window) {
        window.sheet()
                .whenSharp(() -> Platform.runLater(() -> {
                    System.out.println("ready");
                    Platform.exit();
                }));
    }

    private void open(BenchWindow window, Bench bench, Notices notices) {
        List<String> arguments = getParameters().getUnnamed();
        if (getParameters().getRaw().contains("--demo")) {
            try {
                Job job = DemoJobs.page();
                bench.open(rondel.operation.History.of(job), Optional.empty(), job);
            } catch (Refusal e) {
                notices.refuse(e.getMessage());
            }
        } else if (!arguments.isEmpty()) {
            window.actions().open(Path.of(arguments.getFirst()));
        }
    }

    private static void recover(List<Journal.Recovered> left, Dialogs dialogs, Bench bench) {
        for (Journal.Recovered r : left) {
            int edits = (int) java.util.stream.Stream.iterate(r.history().past(), Optional::isPresent, p -> p.get()
                            .next())
                    .count();
            if (dialogs.recover(r.history().job().title(), edits)) {
                Job base = r.origin()
                        .filter(java.nio.file.Files::exists)
                        .map(JobFile::read)
                        .orElse(null);
                bench.open(r.history(), r.origin(), base);
            }
            r.discard();
        }
    }

    @Override
    public void stop() {
        recorder.ifPresent(JournalRecorder::close);
        workers.close();
    }
}
