package rondel.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import rondel.desktop.app.BenchWindow;
import rondel.desktop.app.Dialogs;
import rondel.desktop.app.SystemFileChoices;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.desktop.files.DemoJobs;
import rondel.desktop.look.Theme;
import rondel.desktop.model.Bench;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.StarterShelf;

/** How long a person waits for the first answer: a letter that is typed on the sheet until it is painted, the ask field until it
 *  answers, the list of fonts until its first page is there. In frames of the same window at rest, in the real window on the Headless
 *  platform; medians. */
final class FirstAnswers {

    private static final int TIMES = 15;
    private static final int REST = 60;
    private static final double MOST = 2;

    private final List<rondel.bench.Bench.Row> rows = new ArrayList<>();
    private final CountDownLatch done = new CountDownLatch(1);
    private final Path own;
    private BenchWindow window;
    private Bench bench;
    private double idle;

    private FirstAnswers(Path own) {
        this.own = own;
    }

    static List<rondel.bench.Bench.Row> rows() throws Exception {
        FirstAnswers answers = new FirstAnswers(Files.createTempDirectory("rondel-bench"));
        try {
            Platform.startup(answers::open);
        } catch (IllegalStateException e) {
            Platform.runLater(answers::open);
        }
        answers.done.await();
        return answers.rows;
    }

    private void open() {
        Theme.install();
        Workers workers = new Workers();
        bench = new Bench(DemoJobs.page(), workers.edits());
        Notices notices = new Notices();
        Stage stage = new Stage();
        window = new BenchWindow(
                new Desk(bench, workers, PictureLevels.usual(), notices),
                new SystemFileChoices(() -> stage),
                new Dialogs(() -> stage, notices),
                new ArtworkReader(new FontsAtHand(own.resolve("fonts"))),
                () -> StarterShelf.open(own.resolve("shelf")));
        stage.setScene(new Scene(window, 1280, 800));
        stage.show();
        FrameTimes.calm(
                window,
                () -> FrameTimes.measure(REST, i -> {}, rest -> {
                    idle = FrameTimes.percentile(rest);
                    window.commands().get("addText").run();
                    FrameTimes.calm(window, () -> type(0, new ArrayList<>()));
                }));
    }

    private void type(int at, List<Double> times) {
        if (at == TIMES) {
            row("a letter typed on the sheet until it is painted", times);
            FrameTimes.calm(window, () -> ask(0, new ArrayList<>()));
            return;
        }
        String before = written();
        KeyEvent typed = new KeyEvent(
                KeyEvent.KEY_TYPED, Character.toString('a' + at), "", KeyCode.UNDEFINED, false, false, false, false);
        time(() -> window.sheet().fireEvent(typed), () -> !written().equals(before), ms -> {
            times.add(ms);
            FrameTimes.calm(window, () -> type(at + 1, times));
        });
    }

    /** What the text says that is drawn on the sheet while it is written. */
    private String written() {
        Node letters = window.lookup("#written");
        return letters == null ? "" : letters.getAccessibleText();
    }

    private void ask(int at, List<Double> times) {
        if (at == TIMES) {
            row("the ask field opened and its first answer", times);
            bench.select(List.of(bench.level().getLast().id()));
            FrameTimes.calm(window, () -> fonts(0, new ArrayList<>()));
            return;
        }
        TextField typed = (TextField) window.lookup("#ask-typed");
        ListView<?> answers = (ListView<?>) window.lookup("#ask-answers");
        time(
                () -> {
                    window.commands().get("ask").run();
                    typed.setText("make it smaller");
                },
                () -> !answers.getItems().isEmpty()
                        && answers.lookupAll(".ask-label").stream().anyMatch(Node::isVisible),
                ms -> {
                    times.add(ms);
                    Platform.runLater(() -> {
                        window.lookupAll("#ask").forEach(n -> ((rondel.desktop.look.ModalCard) n).close());
                        FrameTimes.calm(window, () -> ask(at + 1, times));
                    });
                });
    }

    private void fonts(int at, List<Double> times) {
        if (at == TIMES) {
            row("the list of fonts and its first page in their faces", times);
            done.countDown();
            return;
        }
        javafx.scene.control.Button font = (javafx.scene.control.Button) window.lookup("#text-font");
        time(
                font::fire,
                () -> window.lookup("#font-families") instanceof ListView<?> list
                        && !list.getItems().isEmpty()
                        && list.lookupAll(".image-view").stream()
                                        .map(ImageView.class::cast)
                                        .filter(i -> i.getImage() != null)
                                        .count()
                                >= 4,
                ms -> {
                    times.add(ms);
                    font.fire();
                    FrameTimes.calm(window, () -> fonts(at + 1, times));
                });
    }

    private void row(String name, List<Double> times) {
        double[] sorted =
                times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        rows.add(new rondel.bench.Bench.Row("in frames at rest: " + name, sorted[sorted.length / 2], idle, MOST));
    }

    /** From doing something until it is so, looked at once a frame. */
    private static void time(Runnable doing, BooleanSupplier isSo, DoubleConsumer then) {
        long start = System.nanoTime();
        doing.run();
        new AnimationTimer() {
            private boolean over;

            @Override
            public void handle(long now) {
                if (!over && isSo.getAsBoolean()) {
                    over = true;
                    stop();
                    then.accept((System.nanoTime() - start) / 1e6);
                }
            }
        }.start();
    }
}
