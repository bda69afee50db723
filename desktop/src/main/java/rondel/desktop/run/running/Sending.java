package rondel.desktop.run.running;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import rondel.desktop.desk.Desk;
import rondel.devices.cutter.CutOutcome;
import rondel.devices.cutter.CutOutlines;
import rondel.devices.cutter.CutRun;
import rondel.devices.cutter.standin.CutterBody;
import rondel.devices.cutter.standin.StandInCutter;
import rondel.geometry.Point;
import rondel.job.PassKey;
import rondel.job.SheetId;
import rondel.run.comparison.CutComparison;

/** Sends passes to a cutter in the background, one at a time: how far it has come, what it says, and what the stand-in has cut. All but the sending
 *  itself is on the toolkit's thread. */
public final class Sending implements MachineRun {

    /** How many times as fast as a real machine the stand-in is. */
    private static final double PACE = 12;

    private static final Duration PATIENCE = Duration.ofSeconds(20);
    private static final int LONGEST_LOG = 200;

    private final RunModel model;
    private final Desk desk;
    private final List<String> log = new ArrayList<>();
    private final List<Runnable> listeners = new ArrayList<>();
    private final Map<Of, Result> results = new HashMap<>();
    private final Map<Of, Integer> taken = new HashMap<>();
    private Optional<Running> running = Optional.empty();
    private Optional<StandInCutter> standIn = Optional.empty();

    private record Of(SheetId sheet, PassKey pass, String fingerprint) {}

    /** A pass that is being sent. */
    private record Running(Of of, CutRun run, RunModel.Planned planned) {}

    /** What the stand-in has cut of a pass.
     *
     * @param lines from the upper left corner of the sheet, in mm
     * @param seconds how long it took */
    public record Result(List<List<Point>> lines, CutComparison comparison, double seconds) {}

    public Sending(RunModel model) {
        this.model = model;
        this.desk = model.desk();
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    private void tell() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    @Override
    public List<String> log() {
        return List.copyOf(log);
    }

    private void say(String sentence) {
        Platform.runLater(() -> {
            log.add(sentence);
            if (log.size() > LONGEST_LOG) {
                log.removeFirst();
            }
            tell();
        });
    }

    @Override
    public boolean isRunning() {
        return running.isPresent();
    }

    @Override
    public boolean isPaused() {
        return running.filter(r -> r.run().isPaused()).isPresent();
    }

    /** How many strokes of the pass that is looked at a machine has taken before it was stopped. */
    public int taken() {
        return of().map(o -> taken.getOrDefault(o, 0)).orElse(0);
    }

    @Override
    public double share() {
        int strokes = model.planned().map(p -> p.route().strokes().size()).orElse(0);
        return strokes == 0 ? 0 : (double) taken() / strokes;
    }

    /** What the stand-in has cut of the pass that is looked at. */
    public Optional<Result> result() {
        return of().map(results::get);
    }

    private Optional<Of> of() {
        return model.pass().map(p -> new Of(model.sheet().id(), p.key(), p.fingerprint()));
    }

    @Override
    public void pause() {
        running.ifPresent(r -> r.run().pause());
        tell();
    }

    @Override
    public void goOn() {
        running.ifPresent(r -> r.run().goOn());
        tell();
    }

    @Override
    public void stop() {
        running.ifPresent(r -> r.run().stop());
    }

    /** Sends the pass that is looked at, from where it was stopped, else from its start. */
    public void send(MachineAddress to) {
        Optional<RunModel.Planned> planned = model.planned();
        if (planned.isEmpty() || isRunning()) {
            return;
        }
        Of of = of().orElseThrow();
        model.choose(of.pass());
        int first = taken();
        Thread.ofVirtual().name("sending").start(() -> {
            try {
                MachineAddress.Port port = to instanceof MachineAddress.Port p
                        ? p
                        : new MachineAddress.Port(
                                "localhost", standIn(first == 0).port());
                CutRun run = new CutRun(
                        planned.get().route(),
                        first,
                        port.host(),
                        port.port(),
                        PATIENCE,
                        p -> Platform.runLater(() -> came(of, p)),
                        this::say);
                Platform.runLater(() -> {
                    running = Optional.of(new Running(of, run, planned.get()));
                    tell();
                });
                CutOutcome outcome = run.run();
                Optional<Result> cut = outcome.isDone() && to instanceof MachineAddress.StandIn
                        ? Optional.of(cut(planned.get()))
                        : Optional.empty();
                Platform.runLater(() -> ended(of, outcome, cut));
            } catch (RuntimeException | IOException e) {
                Platform.runLater(() -> {
                    running = Optional.empty();
                    desk.notices().failed(e);
                    tell();
                });
            }
        });
    }

    private void came(Of of, CutRun.Progress progress) {
        taken.put(of, progress.taken());
        running.ifPresent(r -> {
            double[] ends = r.planned().ends();
            int i = progress.taken() - 1;
            if (model.planned().filter(r.planned()::equals).isPresent() && i >= 0 && i < ends.length) {
                model.show(ends[i]);
            }
        });
        tell();
    }

    private void ended(Of of, CutOutcome outcome, Optional<Result> cut) {
        running = Optional.empty();
        if (outcome.isDone()) {
            taken.remove(of);
            model.show(model.planned().map(RunModel.Planned::seconds).orElse(0.0));
            model.done(of.sheet(), of.pass(), of.fingerprint());
            desk.notices().say(outcome.sentence());
        } else {
            taken.put(of, outcome.taken());
            desk.notices().refuse(outcome.sentence());
        }
        cut.ifPresent(c -> results.put(of, c));
        tell();
    }

    /** What the stand-in has cut, laid over what it should have; slow. */
    private Result cut(RunModel.Planned planned) throws IOException {
        var record = standIn(false).record();
        List<List<Point>> lines = CutOutlines.onSheet(record.lines(), CutterBody.USUAL.height(), planned.route());
        CutComparison comparison = CutComparison.of(planned.pass().contours(), planned::placed, lines);
        return new Result(lines, comparison, record.seconds());
    }

    /** @param fresh whether something new is loaded */
    private synchronized StandInCutter standIn(boolean fresh) throws IOException {
        if (fresh && standIn.isPresent()) {
            standIn.get().close();
            standIn = Optional.empty();
        }
        if (standIn.isEmpty()) {
            standIn = Optional.of(new StandInCutter(
                    java.net.InetAddress.getLoopbackAddress(),
                    0,
                    CutterBody.USUAL.withPace(PACE),
                    rondel.devices.Misfeed.NONE,
                    rondel.devices.cutter.standin.CutterFaults.NONE,
                    s -> {}));
        }
        return standIn.get();
    }

    /** Stops all. */
    public synchronized void close() {
        running.ifPresent(r -> r.run().stop());
        standIn.ifPresent(s -> {
            try {
                s.close();
            } catch (IOException e) {
                desk.notices().failed(e);
            }
        });
    }
}
