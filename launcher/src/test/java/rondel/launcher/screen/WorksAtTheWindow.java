package rondel.launcher.screen;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.robot.Robot;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import javax.imageio.ImageIO;
import rondel.desktop.app.BenchWindow;
import rondel.desktop.app.DesktopApp;

/** A person at the window, as a program of its own on a display: opens the demo, adds text, nudges it, saves, exports and
 *  closes, all by keys that go through the display server, in the toolkit's and the system's own dialogs. */
final class WorksAtTheWindow {

    static final String DONE = "closed";
    static final String ADDED_AT = "text added at ";
    private static final long PATIENCE = 60;

    private final Path folder;
    private final Path pictures;

    private WorksAtTheWindow(Path folder, Path pictures) {
        this.folder = folder;
        this.pictures = pictures;
    }

    /** @param args the folder to save to, and the one for pictures of the screen */
    public static void main(String[] args) throws Exception {
        Thread person = new Thread(() -> {
            WorksAtTheWindow work = new WorksAtTheWindow(Path.of(args[0]), Path.of(args[1]));
            try {
                work.work();
            } catch (Exception | AssertionError e) {
                e.printStackTrace();
                work.pictureOfTheEnd();
                Runtime.getRuntime().halt(1);
            }
        });
        person.setDaemon(true);
        person.start();
        Application.launch(DesktopApp.class, "--demo");
        System.out.println(DONE);
        System.exit(0);
    }

    private void work() throws Exception {
        until("the window opens", () -> Window.getWindows().stream().anyMatch(Window::isShowing));
        until(
                "the demo is shown",
                () -> onFx(() -> window().isIdle() && lookup("#job").getText().contains("Tide page")));
        picture("opened");
        onFx(() -> {
            new Robot().mouseMove(stage().getX() + 640, stage().getY() + 400);
            return null;
        });
        focusOnSheet();
        keys(KeyCode.CONTROL, KeyCode.T);
        until("text is added", () -> onFx(() -> window().isIdle() && window().lookup("#written") != null));
        keys(KeyCode.ESCAPE);
        focusOnSheet();
        System.out.println(ADDED_AT + onFx(() -> middleOfSelection()));
        keys(KeyCode.RIGHT);
        keys(KeyCode.RIGHT);
        calm();
        picture("nudged");
        keys(KeyCode.CONTROL, KeyCode.S);
        inSystemDialog(folder.resolve("page.rondel"));
        calm();
        focusOnSheet();
        keys(KeyCode.CONTROL, KeyCode.E);
        until("the export dialog opens", () -> Window.getWindows().size() > 1);
        keys(KeyCode.ENTER);
        inSystemDialog(folder.resolve("page.pdf"));
        calm();
        picture("saved");
        Platform.runLater(() -> stage().fireEvent(new WindowEvent(stage(), WindowEvent.WINDOW_CLOSE_REQUEST)));
    }

    private static double middleOfSelection() {
        return window().measured().orElseThrow().centre().x();
    }

    private static void focusOnSheet() throws Exception {
        onFx(() -> {
            stage().requestFocus();
            window().sheet().requestFocus();
            return null;
        });
    }

    /** The system's own dialog takes a whole path in its field for the name, which has the keys once it opens. */
    private void inSystemDialog(Path file) throws Exception {
        Thread.sleep(1500);
        KeyboardFocus.followPointer();
        keys(KeyCode.CONTROL, KeyCode.A);
        for (char c : file.toString().toCharArray()) {
            type(c);
        }
        picture(file.getFileName() + "-dialog");
        keys(KeyCode.ENTER);
        until(file + " is written", () -> Files.exists(file));
    }

    private void type(char c) throws Exception {
        KeyCode code =
                switch (c) {
                    case '/' -> KeyCode.SLASH;
                    case '.' -> KeyCode.PERIOD;
                    case '-' -> KeyCode.MINUS;
                    default -> KeyCode.getKeyCode(String.valueOf(Character.toUpperCase(c)));
                };
        keys(code);
    }

    private void keys(KeyCode... held) throws Exception {
        onFx(() -> {
            Robot robot = new Robot();
            for (KeyCode k : held) {
                robot.keyPress(k);
            }
            for (int i = held.length - 1; i >= 0; i--) {
                robot.keyRelease(held[i]);
            }
            return null;
        });
        Thread.sleep(30);
    }

    private void calm() throws Exception {
        until("the window comes to rest", () -> onFx(() -> window().isIdle()));
    }

    private void pictureOfTheEnd() {
        try {
            picture("failed");
        } catch (Exception | AssertionError e) {
            e.printStackTrace();
        }
    }

    /** The whole screen, the system's dialogs with it. */
    private void picture(String name) throws Exception {
        WritableImage image = onFx(() -> {
            var screen = Screen.getPrimary().getBounds();
            return new Robot().getScreenCapture(null, 0, 0, screen.getWidth(), screen.getHeight());
        });
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        int[] pixels = new int[w * h];
        image.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), pixels, 0, w);
        BufferedImage copy = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        copy.setRGB(0, 0, w, h, pixels, 0, w);
        ImageIO.write(copy, "png", pictures.resolve(name + ".png").toFile());
    }

    private static Stage stage() {
        return (Stage) Window.getWindows().getFirst();
    }

    private static BenchWindow window() {
        return (BenchWindow) stage().getScene().getRoot();
    }

    private static Labeled lookup(String id) {
        Node found = stage().getScene().lookup(id);
        if (found == null) {
            throw new AssertionError("there is no " + id);
        }
        return (Labeled) found;
    }

    private static void until(String what, Asked asked) throws Exception {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE);
        while (!asked.is()) {
            if (System.nanoTime() > end) {
                throw new AssertionError("not within a minute: " + what);
            }
            Thread.sleep(50);
        }
    }

    private interface Asked {
        boolean is() throws Exception;
    }

    private static <T> T onFx(Callable<T> action) throws Exception {
        BlockingQueue<Object> answer = new LinkedBlockingQueue<>();
        Object nothing = new Object();
        Platform.runLater(() -> {
            try {
                T result = action.call();
                answer.add(result == null ? nothing : result);
            } catch (Exception | AssertionError e) {
                answer.add(e);
            }
        });
        Object result = answer.poll(PATIENCE, TimeUnit.SECONDS);
        if (result == null || result instanceof Throwable) {
            throw new AssertionError("the toolkit's thread answers " + result, (Throwable) result);
        }
        @SuppressWarnings("unchecked")
        T given = result == nothing ? null : (T) result;
        return given;
    }
}
