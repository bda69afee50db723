package rondel.formats.hpgl;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Point;
import rondel.job.ToolSettings;
import rondel.run.route.Machine;
import rondel.run.route.Route;
import rondel.run.route.Stroke;

/** HP-GL as others write it, and as we do. */
class HpglTest {

    /** The lines that a pen draws, in mm. */
    private static final class Drawn implements HpglPen.Motion {
        final List<List<Point>> lines = new ArrayList<>();
        final List<String> others = new ArrayList<>();
        private Point at = new Point(0, 0);
        private int tool;
        private double speed;

        @Override
        public void go(Point to, boolean down) {
            at = to;
            if (down) {
                lines.getLast().add(to);
            }
        }

        @Override
        public void tool(boolean down) {
            if (down) {
                lines.add(new ArrayList<>(List.of(at)));
            }
        }

        @Override
        public void select(int number) {
            tool = number;
        }

        @Override
        public void speed(double cmPerSecond) {
            speed = cmPerSecond;
        }

        @Override
        public void force(double force) {}

        @Override
        public void other(HpglInstruction i) {
            others.add(i.code());
        }
    }

    private static Drawn read(String text, int part) {
        Drawn drawn = new Drawn();
        HpglPen pen = new HpglPen(drawn);
        HpglParser parser = new HpglParser(pen::take);
        byte[] bytes = text.getBytes(StandardCharsets.ISO_8859_1);
        for (int at = 0; at < bytes.length; at += part) {
            byte[] piece = java.util.Arrays.copyOfRange(bytes, at, Math.min(bytes.length, at + part));
            parser.take(piece, piece.length);
        }
        parser.end();
        assertThat(parser.unread()).isZero();
        assertThat(pen.unknown()).isZero();
        return drawn;
    }

    private static final String BY_OTHERS = "IN;SP2 VS12;PA;PU400,400;PD800,400 800,800\r\n400 800,400,400PU;"
            + "PR;PD40-40,40,40;PU;PA2000,2000;CI400;LBNo PD here\u0003PU0,0;IP0,0,4000,4000;SC0,100,0,100;"
            + "PD50,0,50,50;PU;SC;AA1000,0,90;OS;\u001b.B\u001b.T10;20:OI;";

    @Test
    void whatOthersWriteIsReadWhereverItIsCutApart() {
        Drawn whole = read(BY_OTHERS, 10_000);
        assertThat(whole.lines.getFirst())
                .containsExactly(
                        new Point(10, 10), new Point(20, 10), new Point(20, 20), new Point(10, 20), new Point(10, 10));
        assertThat(whole.lines.get(1).getLast()).isEqualTo(new Point(12, 10));
        assertThat(whole.lines.get(2))
                .allSatisfy(p -> assertThat(p.distanceTo(new Point(50, 50))).isEqualTo(10, within(1e-9)));
        assertThat(whole.lines.get(3)).containsExactly(new Point(0, 0), new Point(50, 0), new Point(50, 50));
        assertThat(whole.others).containsExactly("IN", "OS", "ESC.B", "ESC.T", "OI");
        assertThat(whole.tool).isEqualTo(2);
        assertThat(whole.speed).isEqualTo(12);
        for (int part = 1; part < 12; part++) {
            assertThat(read(BY_OTHERS, part).lines).as("in parts of " + part).isEqualTo(whole.lines);
        }
    }

    @Test
    void garbageMovesNothingAndEndsNothing() {
        Random random = new Random(4);
        byte[] junk = new byte[200_000];
        random.nextBytes(junk);
        Drawn drawn = new Drawn();
        HpglPen pen = new HpglPen(drawn);
        HpglParser parser = new HpglParser(pen::take);
        parser.take(junk, junk.length);
        parser.end();
        assertThat(parser.unread() + pen.unknown()).isGreaterThan(1000);
    }

    @Test
    void aRouteIsReadBackWhereItsToolGoes() {
        List<Point> way = new ArrayList<>();
        for (int i = 0; i < 130; i++) {
            way.add(new Point(10 + i * 0.5, 20 + (i % 7) * 0.25));
        }
        Route route = new Route(
                List.of(new Stroke(0, way, way, false)),
                new Point(0, 100),
                150,
                100,
                new ToolSettings(ToolSettings.Tool.BLADE, 123, 80, 1),
                Machine.USUAL,
                List.of(0),
                0);
        HpglWriter.Program program = HpglWriter.of(route);
        Drawn drawn = read(new String(program.bytes(), StandardCharsets.US_ASCII), 64);
        assertThat(drawn.lines).hasSize(1);
        assertThat(drawn.lines.getFirst()).hasSize(130);
        for (int i = 0; i < way.size(); i++) {
            Point expected = new Point(way.get(i).x(), 100 - way.get(i).y());
            assertThat(drawn.lines.getFirst().get(i).distanceTo(expected)).isLessThan(1e-9);
        }
        assertThat(program.opening()).isEqualTo("IN;SP1;VS12;FS80;\n");
        assertThat(program.closing()).contains("SP0");
    }
}
