package rondel.bench.soak;

import java.lang.reflect.Proxy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.function.ToDoubleFunction;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import rondel.desktop.app.BenchWindow;
import rondel.desktop.app.WindowQuestions;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.desktop.files.FileChoices;
import rondel.desktop.look.Theme;
import rondel.desktop.model.Bench;
import rondel.desktop.model.BoundedHistory;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.job.HistoryFile;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.StarterShelf;
import rondel.history.HistoryBound;
import rondel.job.Job;
import rondel.units.LengthUnit;

/** The real window on the Headless platform in random use: commands, selections, drags, stages, undo, typing, other jobs. Nothing is thrown, it never hangs, and
 *  after each twelfth of the time, with an empty job, as much is in memory as before. */
final class WindowUse implements SoakPart {

    private static final int SAMPLES = 12;

    /** What is learnt in the first quarter, as fonts and pictures of the shelf, stays. */
    private static final int LEARNING = 3;

    /** A rise of less than this part from the first sample that counts to the last is none. */
    private static final double RISE = 0.1;

    /** Pictures of all stages at once, the toolkit's textures and those of the window itself, in MB. */
    private static final double MOST_PIXELS = 320;

    private static final long HISTORY = 64L << 20;

    /** The toolkit keeps textures in the heap where it draws without a graphics card, up to 512 MB unless it is told less: they would hide what Rondel
     *  itself holds. */
    private static final String TEXTURES = "64m";

    /** Pictures that are kept come and go by this much, in bytes: little beside what a leak would take. */
    private static final long PICTURES = 32L << 20;

    /** The longest that the window may be busy after one thing, in s. */
    private static final double LONGEST = 120;

    /** A longer time between two frames, in s, is one in which the whole program was stopped, as to measure something else. */
    private static final double PAUSE = 5;

    private final CountDownLatch done = new CountDownLatch(1);
    private final List<Held> held = new ArrayList<>();
    private final List<String> faults = new ArrayList<>();
    private BenchWindow window;
    private Bench bench;
    private Notices notices;

    @Override
    public Outcome run(int count, long seed) throws Exception {
        Path own = Files.createTempDirectory("rondel-window");
        System.setProperty("rondel.state", own.toString());
        System.setProperty("prism.maxvram", TEXTURES);
        Runnable start = () -> open(own, count, seed);
        try {
            Platform.startup(start);
        } catch (IllegalStateException e) {
            Platform.runLater(start);
        }
        done.await();
        judge("MB of objects", Held::megabytes);
        judge("listeners", h -> h.listeners());
        judge("nodes", h -> h.nodes());
        judge("parts of jobs", h -> h.jobs());
        judgePixels();
        return new Outcome(said(), faults);
    }

    private void open(Path own, int count, long seed) {
        Thread.currentThread().setUncaughtExceptionHandler((t, e) -> fault("thrown", e));
        Theme.install();
        Workers workers = new Workers();
        bench = new Bench(blank(), workers.edits());
        bench.keepWithin(new BoundedHistory(
                new HistoryBound(HISTORY, new HistoryFile(own.resolve("history"))), workers.remembering()));
        notices = new Notices();
        Stage stage = new Stage();
        window = new BenchWindow(
                new Desk(bench, workers, new PictureLevels(PICTURES), notices),
                silent(FileChoices.class),
                silent(WindowQuestions.class),
                new ArtworkReader(new FontsAtHand(own.resolve("fonts"))),
                () -> StarterShelf.open(own.resolve("shelf")));
        workers.onUnexpected(e -> fault("in the background", e));
        stage.setScene(new Scene(window, 1280, 800));
        stage.show();
        Person person = new Person(window, bench, stage, seed);
        new AnimationTimer() {
            private int made;
            private long seen = System.nanoTime();
            private double busyFor;
            private boolean counting;
            private final Deque<String> toVisit = new ArrayDeque<>();

            @Override
            public void handle(long now) {
                boolean busy = !window.isIdle();
                busyFor += Math.min((System.nanoTime() - seen) / 1e9, PAUSE);
                seen = System.nanoTime();
                if (busy && busyFor < LONGEST) {
                    return;
                }
                if (busy) {
                    faults.add("window: busy for " + LONGEST + " s after " + person.last() + " with "
                            + bench.selection() + BusyThreads.stacks());
                    keepForLooking(own);
                }
                busyFor = 0;
                if (!toVisit.isEmpty()) {
                    person.stage(toVisit.removeFirst());
                } else if (counting) {
                    counting = false;
                    held.add(Held.now());
                    System.err.printf(Locale.ROOT, "window: %,d done, %s%n", made, held.getLast());
                } else if (made > 0
                        && made % Math.max(1, count / SAMPLES) == 0
                        && held.size() < made / Math.max(1, count / SAMPLES)) {
                    person.rest();
                    bench.open(blank(), Optional.empty());
                    // What the other stages showed of the job before goes when they show this one.
                    toVisit.addAll(Person.STAGES);
                    counting = true;
                } else if (made >= count || busy) {
                    stop();
                    stage.close();
                    window.close();
                    workers.close();
                    done.countDown();
                } else {
                    made++;
                    attempt(person);
                }
            }
        }.start();
    }

    private void attempt(Person person) {
        try {
            person.doSomething();
        } catch (RuntimeException e) {
            fault(person.last(), e);
        }
        notices.all().stream()
                .map(Notices.Said::sentence)
                .filter(s -> s.contains("Exception"))
                .findFirst()
                .ifPresent(s -> fault(person.last(), new IllegalStateException(s)));
    }

    /** The job as it was before what took so long. */
    private void keepForLooking(Path own) {
        Path kept = own.resolve("busy.rondel");
        JobFile.write(bench.job(), kept, new PictureLevels(PICTURES));
        faults.add("window: the job then is " + kept);
    }

    private void fault(String what, Throwable why) {
        StringBuilder where = new StringBuilder();
        for (int i = 0; i < Math.min(8, why.getStackTrace().length); i++) {
            where.append(" < ").append(why.getStackTrace()[i]);
        }
        String line = "window: " + what + ": " + why + where;
        if (!faults.contains(line)) {
            faults.add(line);
        }
    }

    private static Job blank() {
        return Job.blank("Blank", LengthUnit.MM, 210, 297);
    }

    /** One who answers every dialog by leaving it. */
    private static <T> T silent(Class<T> questions) {
        return questions.cast(
                Proxy.newProxyInstance(questions.getClassLoader(), new Class<?>[] {questions}, (p, m, a) -> {
                    Class<?> type = m.getReturnType();
                    if (type == Optional.class) {
                        return Optional.empty();
                    }
                    if (type == List.class) {
                        return List.of();
                    }
                    if (type.isEnum()) {
                        return type.getEnumConstants()[type.getEnumConstants().length - 1];
                    }
                    return type == boolean.class ? false : null;
                }));
    }

    /** By a straight line through the samples: what a stage showed last comes and goes. */
    private void judge(String what, ToDoubleFunction<Held> figure) {
        if (held.size() <= LEARNING + 2) {
            return;
        }
        List<Held> counted = held.subList(LEARNING, held.size());
        double n = counted.size();
        double meanX = (n - 1) / 2;
        double meanY = counted.stream().mapToDouble(figure).average().orElseThrow();
        double slope = 0;
        double spread = 0;
        for (int i = 0; i < counted.size(); i++) {
            slope += (i - meanX) * (figure.applyAsDouble(counted.get(i)) - meanY);
            spread += (i - meanX) * (i - meanX);
        }
        double rise = slope / spread * (n - 1) / meanY;
        if (rise > RISE) {
            faults.add(String.format(Locale.ROOT, "window: %s rise by %.0f%%", what, 100 * rise));
        }
    }

    private void judgePixels() {
        double most = held.stream().mapToDouble(Held::pixels).max().orElse(0);
        if (most > MOST_PIXELS) {
            faults.add(String.format(Locale.ROOT, "window: pixels take %.0f MB", most));
        }
    }

    private String said() {
        if (held.isEmpty()) {
            return "";
        }
        Held first = held.get(Math.min(LEARNING, held.size() - 1));
        Held last = held.getLast();
        return String.format(
                Locale.ROOT,
                "objects %.0f to %.0f MB, pixels %.0f to %.0f MB, listeners %,d to %,d, nodes %,d to %,d, parts of jobs %,d to %,d",
                first.megabytes(),
                last.megabytes(),
                first.pixels(),
                last.pixels(),
                first.listeners(),
                last.listeners(),
                first.nodes(),
                last.nodes(),
                first.jobs(),
                last.jobs());
    }
}
