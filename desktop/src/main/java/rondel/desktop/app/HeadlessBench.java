package rondel.desktop.app;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import rondel.desktop.model.Bench;
import rondel.formats.artwork.ArtworkReader;
import rondel.formats.files.AtomicFile;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.picture.PictureLevels;
import rondel.formats.png.PngWriter;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;

/** The real window without a monitor, for pictures of it. The toolkit must have been started, on its Headless platform. */
public final class HeadlessBench {

    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    private static final int CALM_FRAMES = 12;

    private HeadlessBench() {}

    /** Writes a picture of each main view, on the demo job, into a folder. */
    public static List<Path> shots(Path folder) throws InterruptedException {
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        Path compose = folder.resolve("compose.png");
        AtomicReference<BufferedImage> taken = new AtomicReference<>();
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            Theme.install();
            Bench bench = new Bench(DemoJobs.page());
            Workers workers = new Workers();
            Notices notices = new Notices();
            Stage stage = new Stage();
            Desk desk = new Desk(bench, workers, PictureLevels.usual(), notices);
            BenchWindow window = new BenchWindow(
                    desk,
                    new SystemFileChoices(() -> stage),
                    new Dialogs(() -> stage, notices),
                    new ArtworkReader(new ShippedFonts()));
            stage.setScene(new Scene(window, WIDTH, HEIGHT));
            stage.show();
            selectOneGroup(bench);
            whenCalm(window, () -> {
                taken.set(picture(stage.getScene().snapshot(null)));
                stage.close();
                workers.close();
                done.countDown();
            });
        });
        if (!done.await(60, TimeUnit.SECONDS)) {
            throw new IllegalStateException("the window did not come to rest");
        }
        AtomicFile.write(compose, out -> write(taken.get(), out));
        return List.of(compose);
    }

    private static void write(BufferedImage image, java.io.OutputStream out) throws IOException {
        PngWriter.write(image, 96, out);
    }

    /** A small group near the middle shows handles and gaps at their most telling. */
    private static void selectOneGroup(Bench bench) {
        Job job = bench.job();
        bench.sheet().elements().stream()
                .filter(e -> e instanceof GroupElement && e.name().startsWith("Middle"))
                .findFirst()
                .or(() ->
                        job.everything().filter(GroupElement.class::isInstance).findFirst())
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
