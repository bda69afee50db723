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
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Accordion;
import javafx.scene.control.ScrollPane;
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
import rondel.formats.files.WholeFolder;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.picture.PictureLevels;
import rondel.formats.png.PngWriter;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.ShelfQuery;
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

    /** A picture to take.
     *
     * @param name of its file, without the ending
     * @param selected how the name begins of what is selected; nothing where it is empty
     * @param then what else is done before the picture is taken */
    private record Shot(String name, DemoJobs.DemoJob job, String selected, Consumer<BenchWindow> then) {
        Shot(String name, DemoJobs.DemoJob job, String selected) {
            this(name, job, selected, window -> {});
        }
    }

    private static List<Shot> all() {
        List<DemoJobs.DemoJob> jobs = DemoJobs.all();
        return List.of(
                new Shot("compose", jobs.get(0), "Middle"),
                new Shot("planner", jobs.get(1), "Sticker 5"),
                new Shot("scrapbook", jobs.get(2), "Photo on a mount"),
                new Shot("card", jobs.get(3), "text"),
                new Shot("letters", jobs.get(3), "text", window -> window.commands()
                        .get("letters")
                        .run()),
                new Shot("lines", jobs.get(4), "Cut lines", window -> lines(window, "pieces")),
                new Shot("halos", jobs.get(5), "octopus", window -> lines(window, "halo")),
                new Shot("filling", jobs.get(6), "Filling"),
                new Shot("sign", jobs.get(7), "", window -> lines(window, "shapes")),
                new Shot("backdrop", jobs.get(8), "beach-finds", window -> lines(window, "backdrop")),
                new Shot("shelf", jobs.get(1), "", window -> window.shelf().look(ShelfQuery.of("anim"))));
    }

    /** Writes a picture of each main view, on the demo jobs, into a folder. */
    public static List<Path> shots(Path folder) throws InterruptedException, IOException {
        CountDownLatch started = new CountDownLatch(1);
        Platform.setImplicitExit(false);
        Platform.startup(started::countDown);
        started.await();
        List<Path> files = new ArrayList<>();
        // A shelf of its own, that nobody's own is touched or seen.
        Path shelves = Files.createTempDirectory("rondel-shelf");
        try {
            for (Shot shot : all()) {
                Path file = folder.resolve(shot.name + ".png");
                BufferedImage picture = taken(shot, shelves.resolve("shelf"));
                AtomicFile.write(file, out -> write(picture, out));
                files.add(file);
            }
        } finally {
            WholeFolder.delete(shelves);
        }
        Path glyphs = folder.resolve("glyphs.png");
        BufferedImage picture = glyphs();
        AtomicFile.write(glyphs, out -> write(picture, out));
        files.add(glyphs);
        return files;
    }

    /** The Lines stage with one of its tools open. */
    private static void lines(BenchWindow window, String tool) {
        window.commands().get("stageLines").run();
        if (window.lookup("#lines-right .scroll-pane") instanceof ScrollPane scroll
                && scroll.getContent() instanceof Accordion tools) {
            tools.getPanes().stream()
                    .filter(p -> p.getId().equals("part-" + tool))
                    .forEach(tools::setExpandedPane);
        }
    }

    private static BufferedImage taken(Shot shot, Path shelf) throws InterruptedException {
        AtomicReference<BufferedImage> taken = new AtomicReference<>();
        CountDownLatch done = new CountDownLatch(1);
        Job job = shot.job.read();
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
            select(bench, shot.selected);
            shot.then.accept(window);
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
    private static BufferedImage glyphs() throws InterruptedException {
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
            Theme.dress(view);
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
