package rondel.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;
import rondel.progress.Cancellation;

/** Work off the toolkit's thread has just one end, and somebody hears of it. */
class WorkersTest extends ApplicationTest {

    private final Workers workers = new Workers();
    private final List<String> heard = new CopyOnWriteArrayList<>();

    @Override
    public void start(Stage stage) {
        // only the toolkit is needed
    }

    @AfterEach
    void close() {
        workers.close();
    }

    private Workers.Task run(java.util.concurrent.Callable<String> work) {
        return workers.run(
                work,
                result -> heard.add("done " + result),
                failure -> heard.add("failed " + failure.getMessage()),
                () -> heard.add("called off"));
    }

    private void hears(String... ends) throws Exception {
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> heard.size() >= ends.length);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(heard).containsExactlyInAnyOrder(ends);
    }

    @Test
    void whatSucceedsAndWhatFailsIsHeard() throws Exception {
        run(() -> "tide");
        run(() -> {
            throw new IllegalStateException("ebb");
        });
        hears("done tide", "failed ebb");
    }

    @Test
    void whatIsAskedForWhileTheWindowClosesIsCalledOff() throws Exception {
        workers.close();
        run(() -> "tide");
        workers.paint(() -> "sand", result -> heard.add("painted"));
        hears("called off");
    }

    @Test
    void workThatLooksStopsWhenItIsCalledOff() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        Workers.Task task = run(() -> {
            begun.countDown();
            while (true) {
                Cancellation.check();
                Thread.onSpinWait();
            }
        });
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        task.cancel();
        hears("called off");
        run(() -> "after");
        hears("called off", "done after");
    }

    @Test
    void whatWasDoneBeforeItCouldBeCalledOffCountsAsDone() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        Workers.Task task = run(() -> {
            begun.countDown();
            boolean interrupted = false;
            while (goOn.getCount() > 0) {
                interrupted |= Thread.interrupted();
                Thread.onSpinWait();
            }
            interrupted |= Thread.interrupted();
            return interrupted ? "in spite of it" : "undisturbed";
        });
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        task.cancel();
        goOn.countDown();
        hears("done in spite of it");
    }

    @Test
    void workThatHasNotBegunNeverDoes() throws Exception {
        CountDownLatch goOn = new CountDownLatch(1);
        for (int i = 0; i < 2; i++) {
            run(() -> {
                goOn.await();
                return "first";
            });
        }
        Workers.Task waiting = run(() -> "never");
        waiting.cancel();
        goOn.countDown();
        hears("done first", "done first", "called off");
    }

    @Test
    void aPictureThatIsNoLongerWantedMayFail() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> Thread.currentThread()
                        .setUncaughtExceptionHandler((thread, e) ->
                                heard.add("thrown " + e.getCause().getMessage())))
                .get();
        CountDownLatch begun = new CountDownLatch(1);
        Workers.Task task = workers.paint(
                () -> {
                    begun.countDown();
                    while (!Thread.currentThread().isInterrupted()) {
                        Thread.onSpinWait();
                    }
                    throw new IllegalStateException("ebb");
                },
                result -> heard.add("painted"));
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        task.cancel();
        workers.paint(() -> "sand", result -> heard.add("painted"));
        hears("painted");
    }

    @Test
    void whateverIsThrownSomebodyHearsOfIt() throws Exception {
        workers.onUnexpected(e -> heard.add("unexpected " + e.getMessage()));
        run(() -> {
            throw new AssertionError("spring tide");
        });
        workers.run(
                () -> "neap",
                result -> {
                    throw new IllegalStateException("at the end of " + result);
                },
                failure -> heard.add("failed"),
                () -> heard.add("called off"));
        workers.derive(
                () -> {
                    throw new StackOverflowError("deep");
                },
                result -> heard.add("derived"));
        hears("failed spring tide", "unexpected at the end of neap", "unexpected deep");
        assertThat(workers.isDerived()).isTrue();
    }

    @Test
    void aFileWaitsBehindNoComputing() throws Exception {
        CountDownLatch goOn = new CountDownLatch(1);
        for (int i = 0; i < 8; i++) {
            run(() -> {
                goOn.await();
                return "computed";
            });
        }
        CountDownLatch saved = new CountDownLatch(1);
        workers.file(() -> "saved", result -> saved.countDown(), failure -> {}, () -> {});
        assertThat(saved.await(10, TimeUnit.SECONDS)).isTrue();
        goOn.countDown();
    }
}
