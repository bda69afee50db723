package rondel.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import rondel.devices.camera.CameraView;
import rondel.devices.camera.StandInCamera;
import rondel.gang.marks.RegistrationMarks;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Point;
import rondel.job.ShapeElement;
import rondel.run.registration.GreyPicture;
import rondel.run.registration.Homography;
import rondel.run.registration.MarkSearch;
import rondel.run.registration.Registration;
import rondel.words.Refusal;

/** Registration marks on two hundred pictures as a hand takes them, and fifty on which one is missing or covered. */
final class FindingMarks {

    private static final double WIDTH = 140;
    private static final double HEIGHT = 110;
    private static final double PPI = 300;
    private static final int SCANS = 200;
    private static final int WITHOUT = 50;
    private static final double AIM = 0.15;
    private static final List<RegistrationMarks.Mark> MARKS =
            RegistrationMarks.of(new Box(4, 4, WIDTH - 8, HEIGHT - 8));

    private FindingMarks() {}

    static List<Bench.Row> rows() {
        double worst = 0;
        int missed = 0;
        double residual = 0;
        for (int i = 0; i < SCANS; i++) {
            CameraView view = CameraView.byHand(PPI, i);
            try {
                Registration r = MarkSearch.of(GreyPicture.of(picture(i, -1, false, view)), MARKS);
                worst = Math.max(worst, off(r, view));
                residual = Math.max(residual, r.residual());
            } catch (Refusal e) {
                missed++;
            }
        }
        int guessed = 0;
        for (int i = 0; i < WITHOUT; i++) {
            try {
                MarkSearch.of(
                        GreyPicture.of(picture(
                                1000 + i,
                                i % 5 - 1 < 0 ? -2 : i % 5 - 1,
                                i % 2 == 0,
                                CameraView.byHand(PPI, 1000 + i))),
                        MARKS);
                guessed++;
            } catch (Refusal e) {
                // As it should be.
                continue;
            }
        }
        return List.of(
                new Bench.Row(SCANS + " pictures: largest distance of cut from print, mm", worst, AIM, 1),
                new Bench.Row("  largest residual, mm", residual, AIM, 1),
                new Bench.Row("  on which marks were not found, against one", missed, 1, 0),
                new Bench.Row(WITHOUT + " without marks or with one covered: taken all the same", guessed, 1, 0));
    }

    private static double off(Registration r, CameraView view) {
        Homography truth = view.map(WIDTH, HEIGHT);
        double worst = 0;
        for (int i = 0; i < 63; i++) {
            Point p = new Point(8 + (WIDTH - 16) * (i % 9) / 8.0, 8 + (HEIGHT - 16) * (i / 9) / 6.0);
            worst = Math.max(worst, r.map().apply(p).distanceTo(truth.apply(p)) / (PPI / 25.4));
        }
        return worst;
    }

    /** @param without the number of a mark that is left out or covered; -1 for none, -2 for all */
    private static BufferedImage picture(long seed, int without, boolean covered, CameraView view) {
        double perMm = 600 / 25.4;
        BufferedImage image = new BufferedImage(
                (int) Math.round(WIDTH * perMm), (int) Math.round(HEIGHT * perMm), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(new Color(0xfd, 0xfc, 0xf8));
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.scale(image.getWidth() / WIDTH, image.getHeight() / HEIGHT);
        Random r = new Random(seed);
        for (int i = 0; i < 40; i++) {
            double d = 2 + 10 * r.nextDouble();
            double x = 16 + (WIDTH - 32 - d) * r.nextDouble();
            double y = 16 + (HEIGHT - 32 - d) * r.nextDouble();
            g.setColor(new Color(r.nextInt(0x1000000)));
            g.fill(new Ellipse2D.Double(x, y, d, i % 3 == 0 ? d : d * 0.7));
            if (i % 5 == 0) {
                g.setColor(Color.WHITE);
                g.fill(new Ellipse2D.Double(x + d * 0.25, y + d * 0.25, d * 0.5, d * 0.5));
            }
        }
        for (int k = 0; k < MARKS.size(); k++) {
            boolean there = without != -2 && (k != without || covered);
            if (there && RegistrationMarks.drawn(MARKS.get(k)) instanceof ShapeElement s) {
                g.setColor(Color.BLACK);
                g.fill(s.outline().toShape(FillRule.EVEN_ODD));
            }
            if (k == without && covered) {
                // A strip of tape over half of it.
                Point c = MARKS.get(k).centre();
                g.setColor(new Color(0xe8, 0xdf, 0xc4));
                g.fill(new Rectangle2D.Double(c.x() - 5, c.y() - 0.5 + r.nextDouble(), 10, 6));
            }
        }
        g.dispose();
        return StandInCamera.picture(image, WIDTH, HEIGHT, view);
    }
}
