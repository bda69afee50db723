package rondel.devices.cutter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.net.InetAddress;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.devices.Misfeed;
import rondel.devices.cutter.standin.CutRecord;
import rondel.devices.cutter.standin.CutterBody;
import rondel.devices.cutter.standin.CutterFaults;
import rondel.devices.cutter.standin.StandInCutter;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.run.comparison.CutComparison;
import rondel.run.passes.Pass;
import rondel.run.route.Route;

/** From the design to the cut and back, over a real line. */
class ClosedLoopTest {

    private static final Duration PATIENCE = Duration.ofSeconds(5);

    private final Job job = MadeSheets.shapes(60, 7);

    @Test
    void whatIsCutIsWhatWasDrawn() throws Exception {
        CutComparison result = cut(job, CutterBody.USUAL);

        assertThat(result.largest()).isLessThan(0.08);
        assertThat(result.mean()).isLessThan(0.02);
        assertThat(result.open()).isZero();
        assertThat(result.rounded()).isEmpty();
    }

    @Test
    void aBladeThatNobodyMakesUpForRoundsCorners() throws Exception {
        // The machine's blade trails by 0.25 mm more than the route makes up for.
        Job uncompensated = job.withRun(job.run().with(rondel.run.passes.ShippedMaterials.CARD.withBlade(0, 0, 0)));
        CutComparison result = cut(uncompensated, CutterBody.USUAL);

        assertThat(result.largest()).isGreaterThan(0.2);
        assertThat(result.rounded()).hasSizeGreaterThan(60);
    }

    @Test
    void theTimeThatWasSaidIsTheTimeItTook() throws Exception {
        Route route = MadeSheets.route(job);
        try (StandInCutter cutter = StandInCutter.usual()) {
            send(route, 0, cutter);
            assertThat(cutter.record().seconds()).isCloseTo(route.seconds(), within(0.05 * route.seconds()));
        }
    }

    private static CutComparison cut(Job job, CutterBody body) throws IOException {
        Pass pass = MadeSheets.pass(job);
        Route route = MadeSheets.route(job);
        try (StandInCutter cutter = new StandInCutter(
                InetAddress.getLoopbackAddress(), 0, body, Misfeed.NONE, CutterFaults.NONE, s -> {})) {
            CutOutcome outcome = send(route, 0, cutter);
            assertThat(outcome.isDone()).as(outcome.sentence()).isTrue();
            return CutComparison.of(pass.contours(), p -> p, cutLines(cutter.record(), route, body));
        }
    }

    static CutOutcome send(Route route, int first, StandInCutter cutter) {
        return new CutRun(route, first, "localhost", cutter.port(), PATIENCE, p -> {}, s -> {}).run();
    }

    /** The lines that were cut, without the one by which the blade got its direction, from the upper left corner of the sheet. */
    static List<List<Point>> cutLines(CutRecord record, Route route, CutterBody body) {
        List<List<Point>> all = new ArrayList<>();
        int i = 0;
        for (List<Point> line : record.lines()) {
            if (i++ > 0 || !route.strokes().getFirst().isAligning()) {
                all.add(line.stream()
                        .map(p -> new Point(p.x(), p.y() - body.height() + route.height()))
                        .toList());
            }
        }
        return all;
    }
}
