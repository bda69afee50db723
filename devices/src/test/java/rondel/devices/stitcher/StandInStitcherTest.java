package rondel.devices.stitcher;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.net.InetAddress;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import rondel.devices.stitcher.standin.StandInStitcher;
import rondel.devices.stitcher.standin.StitcherBody;
import rondel.geometry.Point;
import rondel.job.Rgba;
import rondel.run.stitch.SewingMachine;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.Stitch.Move;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.ThreadRun;
import rondel.words.Refusal;

/** Tapes on the stand-in, over a real socket. */
class StandInStitcherTest {

    private static final Rgba CORAL = new Rgba(0xe0, 0x70, 0x5a, 255);

    /** Two threads, a cut in the first, rows 20 mm long. */
    private static StitchPattern pattern() {
        List<Stitch> first = new ArrayList<>(List.of(new Stitch(new Point(0, 0), Move.JUMP)));
        for (int i = 0; i < 40; i++) {
            if (i == 20) {
                first.add(new Stitch(new Point(0, 15), Move.TRIM));
            }
            first.add(new Stitch(new Point(i % 2 * 5, i * 0.4), Move.SEW));
        }
        List<Stitch> second = new ArrayList<>(List.of(new Stitch(new Point(10, 0), Move.JUMP)));
        for (int i = 0; i < 20; i++) {
            second.add(new Stitch(new Point(10 + i % 2 * 5, i * 0.4), Move.SEW));
        }
        return new StitchPattern(List.of(new ThreadRun(CORAL, first), new ThreadRun(Rgba.BLACK, second)));
    }

    private static StandInStitcher machine(StitcherBody body) throws Exception {
        return new StandInStitcher(InetAddress.getLoopbackAddress(), 0, body);
    }

    @Test
    void aTapeIsSewnWithItsTimeItsLogAndItsPicture() throws Exception {
        CompletableFuture<StandInStitcher.Sewn> sewn = new CompletableFuture<>();
        try (StandInStitcher machine = machine(StitcherBody.USUAL)) {
            machine.onSewn(sewn::complete);
            TapeRun.Told end = new TapeRun("localhost", machine.port(), t -> {}).sew(pattern(), "Two");
            assertThat(end.isDone()).isTrue();
            assertThat(end.stitches()).isEqualTo(60);
            SewingMachine m = SewingMachine.USUAL;
            assertThat(end.seconds()).isCloseTo(60 * 0.1 + 2 * m.jump() + m.trim() + m.change(), within(0.3));
            StandInStitcher.Sewn what = sewn.get(20, TimeUnit.SECONDS);
            assertThat(what.told().path("log").toString()).contains("thread 2 of 2 is in", "cuts the thread", "done");
            BufferedImage picture = ImageIO.read(new ByteArrayInputStream(what.picture()));
            // The threads that were put in are told beside the tape, which has no colours.
            assertThat(colours(picture)).anyMatch(c -> near(c, CORAL)).anyMatch(c -> near(c, Rgba.BLACK));
        }
    }

    private static List<Rgba> colours(BufferedImage picture) {
        List<Rgba> all = new ArrayList<>();
        for (int y = 0; y < picture.getHeight(); y++) {
            for (int x = 0; x < picture.getWidth(); x++) {
                if (picture.getRGB(x, y) >>> 24 == 255) {
                    all.add(Rgba.ofRgb(picture.getRGB(x, y) & 0xffffff));
                }
            }
        }
        return all;
    }

    private static boolean near(Rgba a, Rgba b) {
        return Math.abs(a.red() - b.red()) < 40
                && Math.abs(a.green() - b.green()) < 40
                && Math.abs(a.blue() - b.blue()) < 40;
    }

    @Test
    void aBrokenThreadIsWaitedForAndTheTapeGoesOnWhereItWas() throws Exception {
        try (StandInStitcher machine = machine(StitcherBody.USUAL.withBreakAt(OptionalInt.of(30)))) {
            TapeRun run = new TapeRun("localhost", machine.port(), t -> {});
            TapeRun.Told broken = run.sew(pattern(), "Two");
            assertThat(broken.isBroken()).isTrue();
            assertThat(broken.stitches()).isEqualTo(30);
            assertThat(broken.sentence()).contains("30 of 60");
            assertThatThrownBy(() -> run.sew(pattern(), "Two"))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("another tape");
            TapeRun.Told end = run.mended(broken.id());
            assertThat(end.isDone()).isTrue();
            assertThat(end.stitches()).isEqualTo(60);
        }
    }

    @Test
    void itIsHaltedGoesOnAndIsStopped() throws Exception {
        try (StandInStitcher machine = machine(StitcherBody.USUAL.withPace(20))) {
            List<TapeRun.Told> told = new ArrayList<>();
            CompletableFuture<String> id = new CompletableFuture<>();
            TapeRun run = new TapeRun("localhost", machine.port(), t -> {
                synchronized (told) {
                    told.add(t);
                }
                id.complete(t.id());
            });
            CompletableFuture<TapeRun.Told> end = CompletableFuture.supplyAsync(() -> run.sew(pattern(), "Two"));
            run.pause(id.get(10, TimeUnit.SECONDS));
            Thread.sleep(400);
            synchronized (told) {
                assertThat(told.getLast().isPaused()).isTrue();
            }
            run.goOn(id.get());
            run.stop(id.get());
            assertThat(end.get(20, TimeUnit.SECONDS).state()).isEqualTo("stopped");
        }
    }

    @Test
    void whatIsNoTapeOrTooLargeOrNotThereIsRefusedInASentence() throws Exception {
        try (StandInStitcher machine = machine(StitcherBody.USUAL.withField(12, 12))) {
            assertThatThrownBy(() -> new TapeRun("localhost", machine.port(), t -> {}).sew(pattern(), "Two"))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("more than the field of 12 x 12 mm");
        }
        try (StandInStitcher machine = machine(StitcherBody.USUAL)) {
            assertThatThrownBy(() -> new TapeRun("localhost", machine.port(), t -> {}).mended("no such, tape"))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("no such tape");
        }
        assertThatThrownBy(() -> new TapeRun("localhost", 1, t -> {}).sew(pattern(), "Two"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("No stitching machine answers");
    }
}
