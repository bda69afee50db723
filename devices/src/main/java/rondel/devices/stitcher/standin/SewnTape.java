package rondel.devices.stitcher.standin;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.ThreadRun;

/** A tape while it is sewn. One thread sews; any may ask how far it is. */
final class SewnTape {

    /** How it stands with a tape. */
    enum State {
        SEWING,
        PAUSED,
        /** The thread broke; somebody has to put it in again. */
        BROKEN,
        STOPPED,
        DONE
    }

    private final String id;
    private final StitchPattern pattern;
    private final StitcherBody body;
    private final List<String> log = new ArrayList<>();
    private OptionalInt breakAt;
    private State state = State.SEWING;
    private int moves;
    private int stitches;
    private int thread;
    private double seconds;

    SewnTape(String id, StitchPattern pattern, StitcherBody body) {
        this.id = id;
        this.pattern = pattern;
        this.body = body;
        this.breakAt = body.breakAt();
    }

    String id() {
        return id;
    }

    StitchPattern pattern() {
        return pattern;
    }

    synchronized State state() {
        return state;
    }

    /** How many moves of the tape are made. */
    synchronized int moves() {
        return moves;
    }

    synchronized int stitches() {
        return stitches;
    }

    synchronized int thread() {
        return thread;
    }

    synchronized double seconds() {
        return seconds;
    }

    synchronized List<String> log() {
        return List.copyOf(log);
    }

    /** Sews it to its end; waits while the thread is broken. */
    void sew() throws InterruptedException {
        say("begins");
        for (int r = 0; r < pattern.runs().size(); r++) {
            ThreadRun run = pattern.runs().get(r);
            if (r > 0) {
                take(body.speeds().change());
            }
            synchronized (this) {
                thread = r + 1;
            }
            say("thread " + (r + 1) + " of " + pattern.runs().size() + " is in");
            for (Stitch s : run.stitches()) {
                if (!move(s)) {
                    say("stopped");
                    return;
                }
            }
        }
        synchronized (this) {
            state = State.DONE;
        }
        say("done");
    }

    /** @return false where it was stopped */
    private boolean move(Stitch s) throws InterruptedException {
        waitWhileHalted();
        double takes =
                switch (s.move()) {
                    case SEW -> 60 / body.speeds().stitchesPerMinute();
                    case JUMP -> body.speeds().jump();
                    case TRIM -> body.speeds().trim();
                };
        if (s.move() == Stitch.Move.TRIM) {
            say("cuts the thread");
        }
        take(takes);
        synchronized (this) {
            moves++;
            stitches += s.move() == Stitch.Move.SEW ? 1 : 0;
            if (breakAt.isPresent() && stitches >= breakAt.getAsInt() && state == State.SEWING) {
                breakAt = OptionalInt.empty();
                state = State.BROKEN;
                say("the thread broke");
            }
            return state != State.STOPPED;
        }
    }

    private synchronized void waitWhileHalted() throws InterruptedException {
        while (state == State.BROKEN || state == State.PAUSED) {
            wait();
        }
    }

    private void take(double s) throws InterruptedException {
        synchronized (this) {
            seconds += s;
        }
        if (body.pace() > 0) {
            Thread.sleep(java.time.Duration.ofNanos((long) (1e9 * s / body.pace())));
        }
    }

    /** Goes on after it was halted, or after somebody put the thread in again.
     *
     * @return false where it was not halted */
    synchronized boolean goOn() {
        boolean halted = state == State.BROKEN || state == State.PAUSED;
        if (halted) {
            say(state == State.BROKEN ? "the thread is in again" : "goes on");
            state = State.SEWING;
            notifyAll();
        }
        return halted;
    }

    synchronized void pause() {
        if (state == State.SEWING) {
            state = State.PAUSED;
            say("halted");
        }
    }

    synchronized void stop() {
        if (state != State.DONE) {
            state = State.STOPPED;
            notifyAll();
        }
    }

    private synchronized void say(String what) {
        log.add(String.format(Locale.ROOT, "%8.1f s  stitch %5d  %s", seconds, stitches, what));
    }
}
