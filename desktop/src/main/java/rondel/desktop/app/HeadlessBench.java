package rondel.desktop.app;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import javafx.animation.AnimationTimer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;
import rondel.desktop.compose.glyphs.GlyphSheet;
import rondel.desktop.compose.glyphs.GlyphView;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.desktop.files.DemoJobs;
import rondel.desktop.look.Theme;
import rondel.desktop.model.Bench;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.files.WholeFolder;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.picture.PictureLevels;
import rondel.formats.png.PngWriter;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.StarterShelf;
import rondel.job.Element;
import rondel.job.FontChoice;
import rondel.job.Job;
import rondel.text.FontFace;
import rondel.text.GlyphCatalogue;

/** The real window without a monitor, for pictures of it. The toolkit must have been started, on its Headless platform. */
public final class HeadlessBench {

    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    private static final int CALM_FRAMES = 12;

    private HeadlessBench() {}

    /** Writes a picture of each main view, on the demo jobs, into a folder.
     *
     * @param theme that the window is in
     * @param over what is said of each file's place before it is made */
    public static List<Path> shots(Path folder, Theme theme, Function<Path, Replacing> over)
            throws InterruptedException, IOException {
        CountDownLatch started = new CountDownLatch(1);
        Platform.setImplicitExit(false);
        Platform.startup(started::countDown);
        started.await();
        List<Path> files = new ArrayList<>();
        // A shelf of its own, that nobody's own is touched or seen.
        Path shelves = Files.createTempDirectory("rondel-shelf");
        try {
            for (StageEntry entry : StageEntry.ALL) {
                for (StageShot shot : entry.shots()) {
                    Path file = folder.resolve(shot.name() + ".png");
                    Replacing place = over.apply(file);
                    BufferedImage picture = taken(entry, shot, theme, shelves.resolve("shelf"));
                    AtomicFile.write(file, place, out -> write(picture, out));
                    files.add(file);
                }
            }
        } finally {
            WholeFolder.delete(shelves);
        }
        Path glyphs = folder.resolve("glyphs.png");
        BufferedImage picture = glyphs(theme);
        AtomicFile.write(glyphs, over.apply(glyphs), out -> write(picture, out));
        files.add(glyphs);
        return files;
    }

    private static BufferedImage taken(StageEntry entry, StageShot shot, Theme theme, Path shelf)
            throws InterruptedException {
        AtomicReference<BufferedImage> taken = new AtomicReference<>();
        CountDownLatch done = new CountDownLatch(1);
        Job job = DemoJobs.all().get(shot.demo()).read();
        Platform.runLater(() -> {
            Theme.install();
            Workers workers = new Workers();
            Bench bench = new Bench(job, workers.edits());
            Notices notices = new Notices();
            Stage stage = new Stage();
            Desk desk = new Desk(bench, workers, PictureLevels.usual(), notices);
            BenchWindow window = new BenchWindow(
                    desk,
                    new SystemFileChoices(() -> stage),
                    new Dialogs(() -> stage, notices),
                    new ArtworkReader(new ShippedFonts()),
                    () -> StarterShelf.open(shelf));
            stage.setScene(new Scene(window, WIDTH, HEIGHT));
            stage.show();
            select(bench, shot.selected());
            desk.preferred().change(p -> p.withTheme(theme.preference()));
            window.commands().get(entry.stage().command()).run();
            shot.then().accept(window);
            whenCalm(window, () -> {
                taken.set(picture(stage.getScene().snapshot(null)));
                stage.close();
                window.close();
                workers.close();
                done.countDown();
            });
        });
        if (!done.await(60, TimeUnit.SECONDS)) {
            throw new IllegalStateException("the window did not come to rest");
        }
        return taken.get();
    }

    /** The glyph view of a font with many. */
    private static BufferedImage glyphs(Theme theme) throws InterruptedException {
        FontFace garamond = new ShippedFonts()
                .get()
                .nearest(List.of("EB Garamond"), new FontChoice("EB Garamond", 400, true))
                .orElseThrow()
                .face();
        GlyphSheet sheet = GlyphSheet.of(new GlyphCatalogue(garamond), "Quiet tide");
        AtomicReference<BufferedImage> taken = new AtomicReference<>();
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            Stage stage = new Stage();
            GlyphView view = new GlyphView(sheet, pick -> {});
            theme.wear(view);
            stage.setScene(new Scene(view, WIDTH, HEIGHT));
            stage.show();
            PauseTransition laidOut = new PauseTransition(Duration.millis(400));
            laidOut.setOnFinished(e -> {
                taken.set(picture(stage.getScene().snapshot(null)));
                stage.close();
                done.countDown();
            });
            laidOut.play();
        });
        if (!done.await(60, TimeUnit.SECONDS)) {
            throw new IllegalStateException("the glyph view did not come to rest");
        }
        return taken.get();
    }

    private static void write(BufferedImage image, java.io.OutputStream out) throws IOException {
        PngWriter.write(image, 96, out);
    }

    /** The first whose name begins so, or the first of a kind of that name. */
    private static void select(Bench bench, String start) {
        if (start.isEmpty()) {
            return;
        }
        bench.sheet().elements().stream()
                .filter(e -> e.name().startsWith(start) || e.kind().equals(start))
                .findFirst()
                .map(Element::id)
                .ifPresent(id -> bench.select(List.of(id)));
    }

    /** Waits until nothing is read or painted for some frames. */
    private static void whenCalm(BenchWindow window, Runnable action) {
        new AnimationTimer() {
            private int calm;

            @Override
            public void handle(long now) {
                calm = window.isIdle() ? calm + 1 : 0;
                if (calm > CALM_FRAMES) {
                    stop();
                    action.run();
                }
            }
        }.start();
    }

    private static BufferedImage picture(WritableImage image) {
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        int[] pixels = new int[w * h];
        image.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), pixels, 0, w);
        BufferedImage result = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        result.setRGB(0, 0, w, h, pixels, 0, w);
        return result;
    }
}
