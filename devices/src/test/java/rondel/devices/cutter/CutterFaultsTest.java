package rondel.devices.cutter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import rondel.devices.Misfeed;
import rondel.devices.cutter.CutOutcome.End;
import rondel.devices.cutter.standin.CutterBody;
import rondel.devices.cutter.standin.CutterFaults;
import rondel.devices.cutter.standin.StandInCutter;
import rondel.formats.hpgl.HpglWriter;
import rondel.job.Job;
import rondel.run.comparison.CutComparison;
import rondel.run.route.Route;
import rondel.words.Refusal;

/** Whatever goes wrong between the desk and the machine: nothing hangs, a sentence says what happened, and the pass can go on. */
@Timeout(value = 60, unit = TimeUnit.SECONDS)
class CutterFaultsTest {

    private final Job job = MadeSheets.shapes(12, 3);
    private final Route route = MadeSheets.route(job);

    private StandInCutter cutter(CutterFaults faults) throws IOException {
        return new StandInCutter(InetAddress.getLoopbackAddress(), 0, CutterBody.USUAL, Misfeed.NONE, faults, s -> {});
    }

    @Test
    void aLineThatBreaksAnywhereIsTakenUpAfterTheLastWholeLine() throws Exception {
        Random random = new Random(11);
        int bytes = HpglWriter.of(route).bytes().length;
        for (int i = 0; i < 12; i++) {
            long drop = 1 + random.nextInt(bytes - 1);
            try (StandInCutter cutter = cutter(new CutterFaults(OptionalLong.of(drop), OptionalInt.empty(), false))) {
                CutOutcome broken = ClosedLoopTest.send(route, 0, cutter);
                assertThat(broken.end()).as("dropped after " + drop).isEqualTo(End.BROKEN);

                CutOutcome done = ClosedLoopTest.send(route, broken.taken(), cutter);

                assertThat(done.isDone()).as(done.sentence()).isTrue();
                CutComparison result = CutComparison.of(
                        MadeSheets.pass(job).contours(),
                        p -> p,
                        ClosedLoopTest.cutLines(cutter.record(), route, CutterBody.USUAL).stream()
                                .filter(l -> l.size() > 60)
                                .toList());
                assertThat(result.mean()).as("dropped after " + drop).isLessThan(0.05);
            }
        }
    }

    @Test
    void aJamIsToldAndThePassGoesOnOnceItIsCleared() throws Exception {
        try (StandInCutter cutter = cutter(new CutterFaults(OptionalLong.empty(), OptionalInt.of(5), false))) {
            CutOutcome jammed = ClosedLoopTest.send(route, 0, cutter);
            assertThat(jammed.end()).isEqualTo(End.MACHINE_ERROR);
            assertThat(jammed.sentence()).contains("error 7").contains("can go on");
            assertThat(jammed.taken()).isEqualTo(5);

            assertThat(ClosedLoopTest.send(route, jammed.taken(), cutter).isDone())
                    .isTrue();
        }
    }

    @Test
    void aMachineThatTakesNothingIsNotWaitedForForEver() throws Exception {
        List<Socket> held = new ArrayList<>();
        try (ServerSocket dead = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            dead.setReceiveBufferSize(1024);
            CompletableFuture.runAsync(() -> {
                try {
                    held.add(dead.accept());
                } catch (IOException e) {
                    throw new IllegalStateException(e);
                }
            });
            Route large = MadeSheets.route(MadeSheets.shapes(144, 5));
            CutOutcome outcome = new CutRun(
                            large, 0, "localhost", dead.getLocalPort(), Duration.ofMillis(600), p -> {}, s -> {})
                    .run();
            assertThat(outcome.end()).isEqualTo(End.SILENT);
            assertThat(outcome.sentence()).contains("takes nothing");
            for (Socket s : held) {
                s.close();
            }
        }
    }

    @Test
    void aMachineThatOnlyListensIsServedByWhatTheLineTakes() throws Exception {
        try (ServerSocket mute = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            CompletableFuture<byte[]> got = CompletableFuture.supplyAsync(() -> {
                try (Socket s = mute.accept()) {
                    return s.getInputStream().readAllBytes();
                } catch (IOException e) {
                    throw new IllegalStateException(e);
                }
            });
            CutOutcome outcome = new CutRun(
                            route, 0, "localhost", mute.getLocalPort(), Duration.ofSeconds(2), p -> {}, s -> {})
                    .run();
            assertThat(outcome.isDone()).isTrue();
            String text = new String(got.get(), StandardCharsets.US_ASCII);
            assertThat(text).endsWith(new String(HpglWriter.of(route).bytes(), StandardCharsets.US_ASCII));
        }
    }

    @Test
    void garbageThatAMachineAnswersIsNoStatus() throws Exception {
        try (ServerSocket mad = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            CompletableFuture.runAsync(() -> {
                try (Socket s = mad.accept()) {
                    OutputStream out = s.getOutputStream();
                    out.write("MODEL\r".getBytes(StandardCharsets.US_ASCII));
                    byte[] junk = new byte[1 << 16];
                    new Random(1).nextBytes(junk);
                    out.write(junk);
                    s.getInputStream().transferTo(OutputStream.nullOutputStream());
                } catch (IOException e) {
                    // The sender has had enough.
                    Thread.currentThread().interrupt();
                }
            });
            CutOutcome outcome = new CutRun(
                            route, 0, "localhost", mad.getLocalPort(), Duration.ofSeconds(2), p -> {}, s -> {})
                    .run();
            assertThat(outcome.end()).isIn(End.MACHINE_ERROR, End.BROKEN);
        }
    }

    @Test
    void nobodyThereIsASentence() throws Exception {
        int free;
        try (ServerSocket s = new ServerSocket(0)) {
            free = s.getLocalPort();
        }
        assertThatThrownBy(() -> new CutRun(route, 0, "localhost", free, Duration.ofSeconds(1), p -> {}, s -> {}).run())
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Nothing listens");
    }

    @Test
    void aSecondSenderIsTurnedAwayAndTheFirstGoesOn() throws Exception {
        try (StandInCutter cutter = new StandInCutter(
                InetAddress.getLoopbackAddress(),
                0,
                CutterBody.USUAL.withPace(6),
                Misfeed.NONE,
                CutterFaults.NONE,
                s -> {})) {
            CompletableFuture<CutOutcome> first =
                    CompletableFuture.supplyAsync(() -> ClosedLoopTest.send(route, 0, cutter));
            Thread.sleep(200);
            CutOutcome second = ClosedLoopTest.send(route, 0, cutter);
            assertThat(second.end()).isEqualTo(End.BROKEN);
            assertThat(second.taken()).isZero();
            assertThat(first.get().isDone()).isTrue();
        }
    }

    @Test
    void aRunThatIsPausedGoesOnAndOneThatIsStoppedEnds() throws Exception {
        try (StandInCutter cutter = new StandInCutter(
                InetAddress.getLoopbackAddress(),
                0,
                CutterBody.USUAL.withPace(30),
                Misfeed.NONE,
                CutterFaults.NONE,
                s -> {})) {
            List<Integer> taken = new ArrayList<>();
            CutRun run = new CutRun(
                    route, 0, "localhost", cutter.port(), Duration.ofSeconds(5), p -> taken.add(p.taken()), s -> {});
            CompletableFuture<CutOutcome> end = CompletableFuture.supplyAsync(run::run);
            Thread.sleep(150);
            run.pause();
            Thread.sleep(300);
            int before = taken.size();
            Thread.sleep(300);
            assertThat(taken.size()).isEqualTo(before);
            run.goOn();
            Thread.sleep(100);
            run.stop();
            CutOutcome outcome = end.get();
            assertThat(outcome.end()).isEqualTo(End.STOPPED);
            assertThat(ClosedLoopTest.send(route, outcome.taken(), cutter).isDone())
                    .isTrue();
        }
    }

    @Test
    void theStandInOutlivesGarbageAndMoreCommandsThanItCanHold() throws Exception {
        try (StandInCutter cutter = cutter(CutterFaults.NONE)) {
            byte[] junk = new byte[1 << 20];
            new Random(2).nextBytes(junk);
            try (Socket s = new Socket("localhost", cutter.port())) {
                s.getOutputStream().write(junk);
            }
            StringBuilder many = new StringBuilder("IN;SP1;PD");
            for (int i = 0; i < 200_000; i++) {
                many.append(i % 9000).append(',').append(i * 7 % 9000).append(',');
            }
            byte[] bytes = many.append("0,0;PU;").toString().getBytes(StandardCharsets.US_ASCII);
            try (Socket s = new Socket("localhost", cutter.port())) {
                s.getOutputStream().write(bytes);
            }
            // It may be at work on all that for a while, and turns others away as long as it is.
            CutOutcome outcome = ClosedLoopTest.send(route, 0, cutter);
            for (int i = 0; i < 60 && !outcome.isDone(); i++) {
                Thread.sleep(250);
                outcome = ClosedLoopTest.send(route, 0, cutter);
            }
            assertThat(outcome.isDone()).as(outcome.sentence()).isTrue();
        }
    }
}
