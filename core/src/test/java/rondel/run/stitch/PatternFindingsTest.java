package rondel.run.stitch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.geometry.Point;
import rondel.job.Rgba;
import rondel.lines.check.Finding;

/** What is to be said of stitches as they lie: each just over its limit, and not said just under it. */
class PatternFindingsTest {

    private static final Rgba SEA = new Rgba(0x1f, 0x6f, 0x6b, 255);
    private static final Rgba NEARLY_SEA = new Rgba(0x20, 0x70, 0x6b, 255);
    private static final Rgba CORAL = new Rgba(0xe0, 0x70, 0x5a, 255);

    private final List<Stitch> stitches = new ArrayList<>();

    private PatternFindingsTest to(Stitch.Move move, double x, double y) {
        stitches.add(new Stitch(new Point(x, y), move));
        return this;
    }

    private PatternFindingsTest sew(double x, double y) {
        return to(Stitch.Move.SEW, x, y);
    }

    /** Along a line from where the needle is, in steps of a length. */
    private PatternFindingsTest row(double toX, double y, double step) {
        double from = stitches.getLast().at().x();
        int count = (int) Math.round(Math.abs(toX - from) / step);
        for (int i = 1; i <= count; i++) {
            sew(from + i * (toX - from) / count, y);
        }
        return this;
    }

    private List<String> codes() {
        return codes(new ThreadRun(SEA, stitches));
    }

    private static List<String> codes(ThreadRun... runs) {
        return PatternFindings.of(new StitchPattern(List.of(runs))).stream()
                .map(Finding::code)
                .toList();
    }

    @Test
    void aPlainRowHasNothingToBeSaid() {
        to(Stitch.Move.JUMP, 0, 0).sew(0, 0).row(60, 0, 2.5);
        assertThat(codes()).isEmpty();
    }

    @Test
    void aStitchThatIsLongerThanMachinesSew() {
        to(Stitch.Move.JUMP, 0, 0).sew(0, 0).row(30, 0, 2.5).sew(37, 0);
        assertThat(codes()).isEmpty();
        sew(44.3, 0);
        assertThat(codes()).containsExactly("stitchLong");
    }

    @Test
    void manyStitchesThatAreTooShort() {
        to(Stitch.Move.JUMP, 0, 0).sew(0, 0).row(200, 0, 2);
        assertThat(codes()).isEmpty();
        row(201.2, 0, 0.3);
        assertThat(codes()).containsExactly("stitchShort");
    }

    @Test
    void threadThatLiesLooseAcrossTheCloth() {
        to(Stitch.Move.JUMP, 0, 0)
                .sew(0, 0)
                .row(30, 0, 2.5)
                .to(Stitch.Move.JUMP, 32.5, 0)
                .row(60, 0, 2.5);
        assertThat(codes()).isEmpty();
        to(Stitch.Move.JUMP, 70, 0).row(90, 0, 2.5);
        assertThat(codes()).containsExactly("stitchJump");
        assertThat(PatternFindings.of(new StitchPattern(List.of(new ThreadRun(SEA, stitches))))
                        .getFirst()
                        .sentence())
                .contains("10");
    }

    @Test
    void threadThatHeapsUpWithinAPartAndOverAll() {
        to(Stitch.Move.JUMP, 0, 0).sew(0, 0.5);
        // Sixteen threads of 0.4 mm in a row of square millimetres are 6.4 layers, which more than four of them have.
        for (int i = 0; i < 16; i++) {
            row(i % 2 == 0 ? 10 : 0, 0.5, 2.5);
        }
        assertThat(codes()).containsExactly("stitchDense");
        for (int i = 0; i < 4; i++) {
            row(i % 2 == 0 ? 10 : 0, 0.5, 2.5);
        }
        assertThat(codes()).containsExactly("stitchDense", "stitchLayers");
    }

    @Test
    void moreCutsThanThereIsSewing() {
        for (int i = 0; i < 30; i++) {
            to(i == 0 ? Stitch.Move.JUMP : Stitch.Move.TRIM, 0, 5 * i)
                    .sew(0, 5 * i)
                    .row(25, 5 * i, 2.5);
        }
        assertThat(codes()).containsExactly("stitchCuts");
        stitches.clear();
        for (int i = 0; i < 30; i++) {
            to(i == 0 ? Stitch.Move.JUMP : Stitch.Move.TRIM, 0, 5 * i)
                    .sew(0, 5 * i)
                    .row(250, 5 * i, 2.5);
        }
        assertThat(codes()).isEmpty();
    }

    @Test
    void aThreadThatIsPutInTwiceAndThreadsThatOneMightTakeForOneAnother() {
        to(Stitch.Move.JUMP, 0, 0).sew(0, 0).row(60, 0, 2.5);
        ThreadRun sea = new ThreadRun(SEA, stitches);
        ThreadRun coral = new ThreadRun(CORAL, stitches);
        assertThat(codes(sea, coral)).isEmpty();
        assertThat(codes(sea, coral, sea)).containsExactly("threadAgain");
        assertThat(codes(sea, new ThreadRun(NEARLY_SEA, stitches))).containsExactly("threadsAlike");
    }
}
