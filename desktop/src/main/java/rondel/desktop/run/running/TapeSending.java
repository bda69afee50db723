package rondel.desktop.run.running;

import java.io.IOException;
import java.net.InetAddress;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import rondel.desktop.desk.Desk;
import rondel.devices.stitcher.TapeRun;
import rondel.devices.stitcher.standin.StandInStitcher;
import rondel.devices.stitcher.standin.StitcherBody;
import rondel.job.SheetId;

/** Has a machine sew what the passes of stitch say, in the background, one at a time: how far it has come, and what it says. All but the sewing itself is
 *  on the toolkit's thread. */
public final class TapeSending implements MachineRun {

    /** How many times as fast as a real machine the stand-in is. */
    private static final double PACE = 60;

    private static final int LONGEST_LOG = 200;

    private final RunModel model;
    private final Desk desk;
    private final List<String> log = new ArrayList<>();
    private final List<Runnable> listeners = new ArrayList<>();
    private Optional<Running> running = Optional.empty();
    private boolean starting;
    private Optional<TapeRun.Told> told = Optional.empty();
    private Optional<StandInStitcher> standIn = Optional.empty();

    /** A pass that is being sewn. */
    private record Running(SheetId sheet, SewnPass sewn, TapeRun run) {}

    public TapeSending(RunModel model) {
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
    public boolean isRunning() {
        return starting || running.isPresent();
    }

    /** Halted, or waiting for a broken thread to be put in again. */
    @Override
    public boolean isPaused() {
        return isRunning() && told.filter(t -> t.isPaused() || t.isBroken()).isPresent();
    }

    @Override
    public void pause() {
        ask(TapeRun::pause);
    }

    @Override
    public void goOn() {
        if (told.filter(TapeRun.Told::isBroken).isPresent()) {
            running.ifPresent(
                    r -> work(r, () -> r.run().mended(told.orElseThrow().id())));
        } else {
            ask(TapeRun::goOn);
        }
    }

    @Override
    public void stop() {
        boolean broken = told.filter(TapeRun.Told::isBroken).isPresent();
        ask(TapeRun::stop);
        if (broken) {
            // Nobody follows a machine that waits for its thread.
            running = Optional.empty();
            tell();
        }
    }

    private interface Order {
        void give(TapeRun run, String id);
    }

    private void ask(Order order) {
        running.ifPresent(
                r -> told.ifPresent(t -> Thread.ofVirtual().name("stitcher").start(() -> {
                    try {
                        order.give(r.run(), t.id());
                    } catch (RuntimeException e) {
                        Platform.runLater(() -> desk.notices().failed(e));
                    }
                })));
    }

    @Override
    public List<String> log() {
        return List.copyOf(log);
    }

    @Override
    public double share() {
        return isRunning()
                ? told.map(t -> t.of() == 0 ? 0 : (double) t.stitches() / t.of())
                        .orElse(0.0)
                : 0;
    }

    /** Has the pass that is looked at sewn. */
    public void send(MachineAddress to) {
        Optional<SewnPass> sewn = model.sewn();
        if (sewn.isEmpty() || isRunning()) {
            return;
        }
        SheetId sheet = model.sheet().id();
        model.choose(sewn.get().pass().key());
        String name = sewn.get().pass().name();
        starting = true;
        tell();
        Thread.ofVirtual().name("stitcher").start(() -> {
            try {
                MachineAddress.Port port = to instanceof MachineAddress.Port p
                        ? p
                        : new MachineAddress.Port("localhost", standIn().port());
                TapeRun run = new TapeRun(port.host(), port.port(), t -> Platform.runLater(() -> came(t)));
                Running now = new Running(sheet, sewn.get(), run);
                Platform.runLater(() -> {
                    starting = false;
                    running = Optional.of(now);
                    told = Optional.empty();
                    tell();
                    work(now, () -> run.sew(sewn.get().pattern(), name));
                });
            } catch (RuntimeException | IOException e) {
                Platform.runLater(() -> failed(e));
            }
        });
    }

    private void work(Running now, java.util.function.Supplier<TapeRun.Told> work) {
        Thread.ofVirtual().name("stitcher").start(() -> {
            try {
                TapeRun.Told end = work.get();
                Platform.runLater(() -> ended(now, end));
            } catch (RuntimeException e) {
                Platform.runLater(() -> failed(e));
            }
        });
    }

    private void failed(Exception e) {
        starting = false;
        running = Optional.empty();
        desk.notices().failed(e);
        tell();
    }

    private void came(TapeRun.Told now) {
        told = Optional.of(now);
        running.ifPresent(r -> {
            if (model.sewn().filter(r.sewn()::equals).isPresent()) {
                model.show(r.sewn().when(now.moves()));
            }
        });
        tell();
    }

    private void ended(Running of, TapeRun.Told end) {
        say(end.sentence());
        if (end.isBroken()) {
            desk.notices().refuse(end.sentence());
        } else {
            running = Optional.empty();
        }
        if (end.isDone()) {
            model.show(model.span());
            model.done(of.sheet(), of.sewn().pass().key(), of.sewn().pass().fingerprint());
            desk.notices().say(end.sentence());
        }
        tell();
    }

    private void say(String sentence) {
        log.add(sentence);
        if (log.size() > LONGEST_LOG) {
            log.removeFirst();
        }
    }

    private synchronized StandInStitcher standIn() throws IOException {
        if (standIn.isEmpty()) {
            standIn = Optional.of(
                    new StandInStitcher(InetAddress.getLoopbackAddress(), 0, StitcherBody.USUAL.withPace(PACE)));
        }
        return standIn.get();
    }

    /** Stops all. */
    public synchronized void close() {
        standIn.ifPresent(StandInStitcher::close);
    }
}
