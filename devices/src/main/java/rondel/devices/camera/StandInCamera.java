package rondel.devices.camera;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.QuadCurve2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.SplittableRandom;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import rondel.devices.Misfeed;
import rondel.geometry.Point;
import rondel.progress.Cancellation;
import rondel.run.registration.Homography;

/** Takes pictures of a printed sheet: each pixel is looked up where the camera sees it, in the light that falls there. */
public final class StandInCamera {

    private static final double MM_PER_INCH = 25.4;
    private static final int TABLE = 0xb9ab97;

    private StandInCamera() {}

    /** @param sheet what was printed, its whole sheet
     *  @param width of the sheet, in mm */
    public static BufferedImage picture(BufferedImage sheet, double width, double height, CameraView view) {
        BufferedImage seen = looked(
                sheet,
                width,
                height,
                inverse(view.map(width, height)),
                new BufferedImage(view.pixelsAcross(width), view.pixelsDown(height), BufferedImage.TYPE_INT_RGB),
                new Light(view, view.pixelsAcross(width), view.pixelsDown(height)));
        dirt(seen, view);
        return view.quality() < 1 ? jpeg(seen, view.quality()) : seen;
    }

    /** What a camera over the bed of a cutter sees: as much of the bed as a sheet covers, from its lower left corner, on which the sheet lies
     *  askew.
     *
     * @param misfeed where the sheet lies */
    public static BufferedImage bed(BufferedImage sheet, double width, double height, Misfeed misfeed, double ppi) {
        double k = ppi / MM_PER_INCH;
        double a = Math.toRadians(misfeed.degrees());
        double c = misfeed.scale() * Math.cos(a) / k;
        double s = misfeed.scale() * Math.sin(a) / k;
        // From a pixel to the machine, y up; to the sheet by the misfeed; and down again.
        Homography back =
                new Homography(c, s, misfeed.x() - height * k * s, -s, c, height - misfeed.y() - height * k * c, 0, 0);
        CameraView flat = CameraView.flat(ppi);
        return looked(
                sheet,
                width,
                height,
                back,
                new BufferedImage(flat.pixelsAcross(width), flat.pixelsDown(height), BufferedImage.TYPE_INT_RGB),
                new Light(flat, 1, 1));
    }

    private static BufferedImage looked(
            BufferedImage sheet, double width, double height, Homography back, BufferedImage seen, Light light) {
        int w = seen.getWidth();
        int[] row = new int[w];
        double perMmX = sheet.getWidth() / width;
        double perMmY = sheet.getHeight() / height;
        int[] from = sheet.getRGB(0, 0, sheet.getWidth(), sheet.getHeight(), null, 0, sheet.getWidth());
        for (int y = 0; y < seen.getHeight(); y++) {
            Cancellation.check();
            for (int x = 0; x < w; x++) {
                Point mm = back.apply(new Point(x + 0.5, y + 0.5));
                row[x] = light.lit(
                        x, y, between(from, sheet.getWidth(), sheet.getHeight(), mm.x() * perMmX, mm.y() * perMmY));
            }
            seen.setRGB(0, y, w, 1, row, 0, w);
        }
        return seen;
    }

    /** The map back, by the adjugate matrix. */
    private static Homography inverse(Homography map) {
        double[] m = {map.a(), map.b(), map.c(), map.d(), map.e(), map.f(), map.g(), map.h(), 1};
        double[] i = {
            m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4],
            m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
            m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]
        };
        return new Homography(
                i[0] / i[8], i[1] / i[8], i[2] / i[8], i[3] / i[8], i[4] / i[8], i[5] / i[8], i[6] / i[8], i[7] / i[8]);
    }

    private static int between(int[] from, int w, int h, double x, double y) {
        if (x < 0 || y < 0 || x >= w || y >= h) {
            return TABLE;
        }
        double px = Math.clamp(x - 0.5, 0, w - 1.001);
        double py = Math.clamp(y - 0.5, 0, h - 1.001);
        int x0 = (int) px;
        int y0 = (int) py;
        int x1 = Math.min(w - 1, x0 + 1);
        int y1 = Math.min(h - 1, y0 + 1);
        double fx = px - x0;
        double fy = py - y0;
        int result = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            double top = (1 - fx) * (from[y0 * w + x0] >> shift & 255) + fx * (from[y0 * w + x1] >> shift & 255);
            double low = (1 - fx) * (from[y1 * w + x0] >> shift & 255) + fx * (from[y1 * w + x1] >> shift & 255);
            result |= (int) Math.round((1 - fy) * top + fy * low) << shift;
        }
        return result;
    }

    /** Uneven light: a soft shadow from one side, and one of something held above. */
    private static final class Light {
        private final double most;
        private final double nx;
        private final double ny;
        private final double cx;
        private final double cy;
        private final double reach;
        private final SplittableRandom noise;

        Light(CameraView view, int w, int h) {
            SplittableRandom r = new SplittableRandom(view.seed() * 31 + 7);
            double a = r.nextDouble(2 * Math.PI);
            nx = Math.cos(a) / w;
            ny = Math.sin(a) / h;
            cx = r.nextDouble(w);
            cy = r.nextDouble(h);
            reach = r.nextDouble(0.15, 0.4) * Math.max(w, h);
            most = view.shadow();
            noise = new SplittableRandom(view.seed());
        }

        int lit(int x, int y, int colour) {
            if (most == 0) {
                return colour;
            }
            double slope = Math.clamp(0.5 + x * nx + y * ny, 0, 1);
            double d = Math.hypot(x - cx, y - cy) / reach;
            double held = Math.exp(-d * d * d * d);
            double light = 1 - most * (0.5 * slope + 0.5 * held);
            double grain = noise.nextDouble(-4, 4);
            int result = 0;
            for (int shift = 0; shift <= 16; shift += 8) {
                double v = (colour >> shift & 255) * light + grain;
                result |= (int) Math.clamp(v, 0, 255) << shift;
            }
            return result;
        }
    }

    private static void dirt(BufferedImage image, CameraView view) {
        SplittableRandom r = new SplittableRandom(view.seed() * 17 + 3);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        double mm = view.ppi() / MM_PER_INCH;
        for (int i = 0; i < view.dirt(); i++) {
            double x = r.nextDouble(image.getWidth());
            double y = r.nextDouble(image.getHeight());
            int shade = r.nextInt(30, 120);
            g.setColor(new Color(shade, shade, shade));
            if (i % 4 == 0) {
                g.setStroke(new BasicStroke((float) (0.06 * mm)));
                g.draw(new QuadCurve2D.Double(
                        x, y, x + r.nextDouble(-3, 3) * mm, y + r.nextDouble(-3, 3) * mm, x + 2 * mm, y + 2 * mm));
            } else {
                double d = r.nextDouble(0.05, 0.4) * mm;
                g.fill(new Ellipse2D.Double(x, y, d, d * r.nextDouble(0.5, 1)));
            }
        }
        g.dispose();
    }

    private static BufferedImage jpeg(BufferedImage image, double quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality((float) quality);
            try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
                writer.setOutput(out);
                writer.write(null, new IIOImage(image, null, null), how);
            }
            return ImageIO.read(new ByteArrayInputStream(bytes.toByteArray()));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
    }
}
