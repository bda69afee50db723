package rondel.desktop.app;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.robot.BaseRobot;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Real keys and clicks through the real toolkit, without the pauses that TestFX makes after each of them: what a key did is
 * done when the toolkit's thread has worked off its queue and laid the window out once.
 */
abstract class SwiftRobot extends ApplicationTest {

    @Override
    public SwiftRobot push(KeyCode... combination) {
        robotContext().getKeyboardRobot().pressNoWait(combination);
        robotContext().getKeyboardRobot().releaseNoWait(combination);
        settle();
        return this;
    }

    @Override
    public SwiftRobot write(String text) {
        BaseRobot keyboard = robotContext().getBaseRobot();
        Scene scene = Window.getWindows().stream()
                .filter(Window::isFocused)
                .findFirst()
                .orElseThrow()
                .getScene();
        text.chars().forEach(c -> keyboard.typeKeyboard(scene, KeyCode.UNDEFINED, Character.toString(c)));
        settle();
        return this;
    }

    @Override
    public SwiftRobot interact(Runnable action) {
        WaitForAsyncUtils.waitFor(WaitForAsyncUtils.asyncFx(action));
        settle();
        return this;
    }

    /** Waits until the toolkit's thread has worked off what is queued, and has laid the window out once. */
    protected final void settle() {
        laidOut();
        for (boolean[] busy = {true}; busy[0]; ) {
            onToolkit(then -> {
                busy[0] = isBusy();
                then.run();
            });
            if (busy[0]) {
                laidOut();
            }
        }
    }

    /** Whether what was asked for is still being worked out in the background; asked on the toolkit's thread. */
    protected boolean isBusy() {
        return false;
    }

    private void laidOut() {
        onToolkit(Runnable::run);
        onToolkit(then -> {
            if (Window.getWindows().isEmpty()) {
                then.run();
            } else {
                afterLayout(Window.getWindows().getFirst().getScene(), then);
            }
        });
        onToolkit(Runnable::run);
    }

    private static void afterLayout(Scene scene, Runnable then) {
        scene.addPostLayoutPulseListener(new Runnable() {
            @Override
            public void run() {
                scene.removePostLayoutPulseListener(this);
                then.run();
            }
        });
        Platform.requestNextPulse();
    }

    private static void onToolkit(Consumer<Runnable> action) {
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> action.accept(done::countDown));
        try {
            if (!done.await(30, TimeUnit.SECONDS)) {
                throw new AssertionError("the toolkit's thread stands still");
            }
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
