package rondel.devices.cutter;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import rondel.devices.cutter.CutOutcome.End;
import rondel.formats.hpgl.HpglWriter;
import rondel.run.route.Route;
import rondel.words.Words;

/** Sends a route to a cutter, stroke by stroke, so that it is known which the machine has taken. A machine that answers is asked for its status
 *  after each; of one that does not, what the line has taken counts. May be paused, taken up again and stopped from any thread. */
public final class CutRun {

    /** How far a run has come.
     *
     * @param taken strokes
     * @param answers whether the machine answers what it is asked */
    public record Progress(int taken, int of, boolean answers) {}

    /** How many strokes are sent ahead of those that the machine has said it has taken. */
    private static final int AHEAD = 3;

    private static final int ERROR = 32;
    private static final long PAUSE = 50;
    private static final String STOP = "\u001b.K;PU;SP0;\n";
    private static final Duration GREETING = Duration.ofMillis(1500);

    private final Route route;
    private final String host;
    private final int port;
    private final Duration patience;
    private final Consumer<Progress> progress;
    private final Consumer<String> log;
    private final int first;
    private volatile boolean paused;
    private volatile boolean stopped;
    private final double[] ends;
    private int taken;

    /** @param route whole
     *  @param first how many of its strokes were taken before
     *  @param patience how long the machine may take nothing, and answer nothing, beyond the time that a stroke takes
     *  @param log hears of what happens, in sentences */
    public CutRun(
            Route route,
            int first,
            String host,
            int port,
            Duration patience,
            Consumer<Progress> progress,
            Consumer<String> log) {
        this.route = route;
        this.first = first;
        this.host = host;
        this.port = port;
        this.patience = patience;
        this.progress = progress;
        this.log = log;
        this.taken = first;
        this.ends = route.ends();
    }

    public void pause() {
        paused = true;
    }

    public void goOn() {
        paused = false;
    }

    public boolean isPaused() {
        return paused;
    }

    public void stop() {
        stopped = true;
    }

    /** Sends until the end, whichever it is; slow.
     *
     * @throws rondel.words.Refusal if nothing listens there */
    public CutOutcome run() {
        Route left = route.from(first);
        // Where the blade gets its direction anew, that stroke comes again before those that are left.
        int again = first > 0
                        && !left.strokes().isEmpty()
                        && left.strokes().getFirst().isAligning()
                ? 1
                : 0;
        HpglWriter.Program program = HpglWriter.of(left);
        try (CutterLine line = CutterLine.to(host, port)) {
            try {
                return sent(line, program, again);
            } catch (CancellationException e) {
                lift(line);
                return outcome(End.STOPPED, "");
            } catch (IOException e) {
                return outcome(End.BROKEN, e.getMessage() == null ? "" : e.getMessage());
            }
        }
    }

    private CutOutcome sent(CutterLine line, HpglWriter.Program program, int again) throws IOException {
        line.send("IN;OI;\n", patience, this::check);
        Optional<String> model = line.answer(GREETING, this::check).filter(CutRun::isPlain);
        boolean answers = model.isPresent();
        log.accept(answers ? Words.of("cut.model", model.get()) : Words.of("cut.noAnswer"));
        if (!line.send(program.opening(), patience, this::check)) {
            return outcome(End.SILENT, "");
        }
        List<String> strokes = program.strokes();
        int acknowledged = 0;
        for (int i = 0; i < strokes.size(); i++) {
            if (!line.send(strokes.get(i) + (answers ? "OS;\n" : ""), patience(i), this::check)) {
                return outcome(End.SILENT, "");
            }
            if (!answers) {
                took(i + 1 - again, false);
            }
            while (answers && acknowledged < i + 1 - AHEAD) {
                Optional<CutOutcome> wrong = confirmed(line, acknowledged++, again);
                if (wrong.isPresent()) {
                    return wrong.get();
                }
            }
        }
        while (answers && acknowledged < strokes.size()) {
            Optional<CutOutcome> wrong = confirmed(line, acknowledged++, again);
            if (wrong.isPresent()) {
                return wrong.get();
            }
        }
        if (!line.send(program.closing() + (answers ? "OS;\n" : ""), patience, this::check)) {
            return outcome(End.SILENT, "");
        }
        if (answers && line.answer(patience, this::check).isEmpty()) {
            return outcome(End.SILENT, "");
        }
        return outcome(End.DONE, "");
    }

    /** Waits for the word that a stroke was taken; gives how it all ends where that says so. */
    private Optional<CutOutcome> confirmed(CutterLine line, int stroke, int again) throws IOException {
        Optional<String> status = line.answer(patience(stroke), this::check);
        if (status.isEmpty()) {
            return Optional.of(outcome(End.SILENT, ""));
        }
        if (!status.get().matches("\\d{1,3}")) {
            return Optional.of(outcome(End.MACHINE_ERROR, Words.of("cut.garbage")));
        }
        if ((Integer.parseInt(status.get()) & ERROR) != 0) {
            line.send("OE;\n", patience, this::check);
            // Words on strokes that were sent ahead come before the word on the error.
            String error = "";
            for (int i = 0; i <= AHEAD; i++) {
                error = line.answer(Duration.ofMillis(500), this::check).orElse(error);
            }
            lift(line);
            return Optional.of(outcome(End.MACHINE_ERROR, Words.of("cut.error", error)));
        }
        took(stroke + 1 - again, true);
        return Optional.empty();
    }

    private void took(int strokes, boolean answers) {
        taken = Math.max(taken, first + strokes);
        progress.accept(new Progress(taken, route.strokes().size(), answers));
    }

    private Duration patience(int stroke) {
        int i = Math.min(ends.length - 1, first + stroke);
        double seconds = ends[i] - (i == 0 ? 0 : ends[i - 1]);
        return patience.plusMillis((long) (4000 * seconds));
    }

    /** Waits while it is paused.
     *
     * @throws CancellationException if it was stopped */
    private void check() {
        while (paused && !stopped && !Thread.currentThread().isInterrupted()) {
            try {
                Thread.sleep(PAUSE);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
        if (stopped || Thread.currentThread().isInterrupted()) {
            throw new CancellationException();
        }
    }

    private void lift(CutterLine line) {
        try {
            line.send(STOP, Duration.ofSeconds(1), () -> {});
        } catch (IOException e) {
            log.accept(Words.of("cut.notLifted"));
        }
    }

    private static boolean isPlain(String text) {
        return text.chars().allMatch(c -> c >= ' ' && c < 127);
    }

    private CutOutcome outcome(End end, String detail) {
        CutOutcome outcome = new CutOutcome(taken, route.strokes().size(), end, detail);
        log.accept(outcome.sentence());
        return outcome;
    }
}
