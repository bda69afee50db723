package rondel.bench;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.event.EventType;
import javafx.scene.Scene;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import rondel.desktop.app.BenchWindow;
import rondel.desktop.app.Dialogs;
import rondel.desktop.app.SystemFileChoices;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.desktop.look.Theme;
import rondel.desktop.model.Bench;
import rondel.desktop.sheet.Viewport;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.StarterShelf;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.Job;

/** The time between frames while a sheet of 3,000 outlines is panned, and while 50 of them are dragged, against the same
 *  window at rest. 95th percentiles, in the real window on the Headless platform. */
final class Frames {

    private static final int FRAMES = 240;

    private final Path photograph;
    private BenchWindow window;
    private Bench bench;
    private final CountDownLatch done = new CountDownLatch(1);
    private final List<double[]> series = new ArrayList<>();

    private Frames(Path photograph) {
        this.photograph = photograph;
    }

    static List<rondel.bench.Bench.Row> rows() throws Exception {
        Frames frames = new Frames(photograph());
        try {
            Platform.startup(frames::open);
        } catch (IllegalStateException e) {
            // Another set has started it.
            Platform.runLater(frames::open);
        }
        frames.done.await();
        double idle = FrameTimes.percentile(frames.series.get(0));
        return List.of(
                new rondel.bench.Bench.Row(
                        "pan frame over 3,000 outlines, against rest",
                        FrameTimes.percentile(frames.series.get(1)),
                        idle,
                        1.5),
                new rondel.bench.Bench.Row(
                        "drag frame of 50 over 3,000, against rest",
                        FrameTimes.percentile(frames.series.get(2)),
                        idle,
                        1.5),
                new rondel.bench.Bench.Row(
                        "frame while a 50 megapixel picture arrives, against rest",
                        FrameTimes.percentile(frames.series.get(3)),
                        idle,
                        1.5),
                new rondel.bench.Bench.Row(
                        "pan frame over 10,000 copies of 500 outlines, against rest",
                        FrameTimes.percentile(frames.series.get(5)),
                        FrameTimes.percentile(frames.series.get(4)),
                        1.5));
    }

    private void open() {
        Path shelf = ownShelf();
        Theme.install();
        Workers workers = new Workers();
        bench = new Bench(Outlines.job(3000), workers.edits());
        Notices notices = new Notices();
        Stage stage = new Stage();
        Desk desk = new Desk(bench, workers, PictureLevels.usual(), notices);
        window = new BenchWindow(
                desk,
                new SystemFileChoices(() -> stage),
                new Dialogs(() -> stage, notices),
                new ArtworkReader(new ShippedFonts()),
                () -> StarterShelf.open(shelf));
        stage.setScene(new Scene(window, 1280, 800));
        stage.show();
        FrameTimes.calm(
                window,
                () -> FrameTimes.measure(FRAMES, i -> {}, idle -> {
                    series.add(idle);
                    FrameTimes.measure(FRAMES, this::pan, panned -> {
                        series.add(panned);
                        FrameTimes.calm(window, this::drag);
                    });
                }));
    }

    private static Path ownShelf() {
        try {
            return Files.createTempDirectory("rondel-bench").resolve("shelf");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void pan(int frame) {
        Viewport v = window.sheet().viewport();
        window.sheet().look(v.panned(frame % 120 < 60 ? 6 : -6, frame % 80 < 40 ? 4 : -4));
    }

    /** The first drag lets the JDK compile what a drag needs; the second is measured. */
    private void drag() {
        bench.select(bench.level().subList(1000, 1050).stream().map(Element::id).toList());
        FrameTimes.calm(
                window,
                () -> dragSelected(times -> FrameTimes.calm(
                        window,
                        () -> dragSelected(measured -> {
                            series.add(measured);
                            FrameTimes.calm(window, () -> picture(() -> copies(done::countDown)));
                        }))));
    }

    private void dragSelected(Consumer<double[]> then) {
        Box box = Extent.onSheet(bench.selected().getFirst()).orElseThrow();
        Point start = window.sheet().viewport().toScreen(box.centre());
        fire(MouseEvent.MOUSE_PRESSED, start);
        FrameTimes.measure(
                FRAMES, i -> fire(MouseEvent.MOUSE_DRAGGED, start.plus(10 + 2 * (i % 60), 5 + i % 40)), times -> {
                    fire(MouseEvent.MOUSE_RELEASED, start);
                    then.accept(times);
                });
    }

    /** Places a large photograph and goes on measuring until it is sharp on the sheet. */
    private void picture(Runnable then) {
        window.actions().artwork().place(List.of(photograph), Optional.empty());
        FrameTimes.measure(FRAMES, i -> {}, times -> {
            series.add(times);
            FrameTimes.calm(window, then);
        });
    }

    /** Shows full sheets of ten thousand copies in the Gang stage, and pans over them. */
    private void copies(Runnable then) {
        Job job = GangOfCopies.laid(10_000);
        bench.open(job, Optional.empty());
        window.commands().get("stageGang").run();
        FrameTimes.calm(
                window,
                () -> FrameTimes.measure(FRAMES, i -> {}, idle -> {
                    series.add(idle);
                    FrameTimes.measure(FRAMES, this::pan, panned -> {
                        series.add(panned);
                        then.run();
                    });
                }));
    }

    /** 8660 x 5774 px of soft colour, as a JPEG file. */
    private static Path photograph() throws IOException {
        BufferedImage image = new BufferedImage(8660, 5774, BufferedImage.TYPE_INT_RGB);
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < row.length; x++) {
                row[x] = (x >> 3 & 255) << 16 | (y >> 3 & 255) << 8 | (x + y >> 4 & 255);
            }
            image.setRGB(0, y, row.length, 1, row, 0, row.length);
        }
        Path file = Files.createTempFile("rondel-bench", ".jpg");
        ImageIO.write(image, "jpg", file.toFile());
        return file;
    }

    private void fire(EventType<MouseEvent> type, Point at) {
        new SheetPointer(window).fire(type, at);
    }
}
