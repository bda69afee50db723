package rondel.formats.dst;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.formats.artwork.Artwork;
import rondel.geometry.Point;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.Stitch.Move;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.StitchPlan;
import rondel.run.stitch.ThreadRun;
import rondel.words.Refusal;

class DstTest {

    private static StitchPattern random(long seed) {
        Random random = new Random(seed);
        List<ThreadRun> runs = new ArrayList<>();
        double x = 50;
        double y = 50;
        for (int r = 0; r < 3; r++) {
            List<Stitch> stitches =
                    new ArrayList<>(List.of(new Stitch(new Point(x, y), r == 0 ? Move.JUMP : Move.TRIM)));
            boolean cut = false;
            for (int i = 0; i < 200; i++) {
                cut = random.nextInt(40) == 0 && !cut && i > 1 && i < 199;
                x += random.nextGaussian() * (cut ? 30 : 2);
                y += random.nextGaussian() * (cut ? 30 : 2);
                stitches.add(new Stitch(new Point(x, y), cut ? Move.TRIM : Move.SEW));
                if (cut) {
                    stitches.add(new Stitch(new Point(x, y), Move.SEW));
                }
            }
            runs.add(new ThreadRun(new Rgba(r, r, r, 255), stitches));
        }
        return new StitchPattern(runs);
    }

    @Test
    void everyMoveOfARecordIsReadAsItWasWritten() {
        for (int dx = -121; dx <= 121; dx++) {
            for (int dy = -121; dy <= 121; dy++) {
                for (DstRecord.Command c : List.of(DstRecord.Command.SEW, DstRecord.Command.JUMP)) {
                    DstRecord record = new DstRecord(dx, dy, c);
                    assertThat(DstRecord.of(record.bytes(), 0)).contains(record);
                }
            }
        }
    }

    @Test
    void whatIsWrittenIsReadAndWrittenAgainTheSame() {
        for (long seed = 1; seed <= 50; seed++) {
            StitchPattern pattern = random(seed);
            byte[] tape = DstWriter.bytes(pattern, "Whale patch");
            DstReader.Tape read = DstReader.read(tape, "whale.dst");
            assertThat(read.name()).isEqualTo("Whale patch");
            assertThat(read.pattern().runs()).hasSize(3);
            assertThat(read.pattern().count()).isEqualTo(pattern.count());
            assertThat(read.pattern().extent().orElseThrow().width())
                    .isCloseTo(pattern.extent().orElseThrow().width(), within(0.11));
            assertThat(read.pattern().threadLength()).isCloseTo(pattern.threadLength(), within(60.0));
            byte[] again = DstWriter.bytes(read.pattern(), "Whale patch");
            assertThat(DstReader.read(again, "whale.dst").pattern().count()).isEqualTo(pattern.count());
        }
    }

    @Test
    void theHeaderCountsWhatTheTapeHas() {
        byte[] tape = DstWriter.bytes(random(4), "Tide");
        String header = new String(tape, 0, 512, StandardCharsets.US_ASCII);
        int records = (tape.length - 512) / 3 - 1;
        assertThat(header).startsWith("LA:Tide            \r").contains(String.format("ST:%7d\r", records), "CO:  2\r");
        assertThat((tape.length - 512) % 3).isZero();
        assertThat(Arrays.copyOfRange(tape, tape.length - 3, tape.length))
                .containsExactly((byte) 0, (byte) 0, (byte) 0xf3);
    }

    @Test
    void hostileTapesAreASentence() {
        byte[] good = DstWriter.bytes(random(5), "Tide");
        assertThatThrownBy(() -> DstReader.read(new byte[0], "a.dst")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> DstReader.read("LA:x".getBytes(StandardCharsets.US_ASCII), "a.dst"))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> DstReader.read(Arrays.copyOf(good, good.length - 3), "a.dst"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("a.dst");
        Random random = new Random(9);
        for (int i = 0; i < 500; i++) {
            byte[] bad = good.clone();
            for (int k = 0; k < 20; k++) {
                bad[random.nextInt(bad.length)] = (byte) random.nextInt();
            }
            try {
                assertThat(DstReader.read(bad, "a.dst").pattern()).isNotNull();
            } catch (Refusal why) {
                assertThat(why.getMessage()).contains("a.dst");
            }
        }
        assertThatThrownBy(() -> DstWriter.bytes(new StitchPattern(List.of()), "x"))
                .isInstanceOf(Refusal.class);
    }

    /** Only where the needle goes down, thread by thread. */
    private static List<List<Point>> needled(StitchPattern pattern) {
        Point corner = new Point(
                pattern.extent().orElseThrow().x(),
                pattern.extent().orElseThrow().y());
        return pattern.runs().stream()
                .map(r -> r.stitches().stream()
                        .filter(s -> s.move() == Move.SEW)
                        .map(s -> new Point(
                                Math.rint(10 * (s.at().x() - corner.x())), Math.rint(10 * (s.at().y() - corner.y()))))
                        .toList())
                .toList();
    }

    @Test
    void aTapeThatIsPlacedOnASheetIsSewnJustAsItWas() {
        for (long seed = 1; seed <= 20; seed++) {
            byte[] tape = DstWriter.bytes(random(seed), "There");
            StitchPattern read = DstReader.read(tape, "x.dst").pattern();
            Artwork artwork = DstArtwork.read(tape, "x.dst");
            Sheet sheet = Sheet.of(new SheetId("s"), "Hoop", artwork.width(), artwork.height())
                    .withElements(artwork.elements());
            assertThat(needled(StitchPlan.of(sheet))).isEqualTo(needled(read));
        }
    }
}
