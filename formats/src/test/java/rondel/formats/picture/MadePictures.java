package rondel.formats.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** Pictures of motifs whose alpha is known, on backdrops. */
final class MadePictures {

    static final int SIDE = 360;

    private MadePictures() {}

    /** What stands behind the motif. */
    enum Behind {
        FLAT,
        GRADIENT,
        SHADOWED,
        JPEG,
        JPEG_GRADIENT,
        OUT_OF_FOCUS
    }

    /** A motif: what is drawn, back to front. */
    record Motif(List<Shape> shapes, List<Color> colours) {}

    static List<Motif> motifs() {
        Area ring = new Area(new Ellipse2D.Double(60, 60, 240, 240));
        ring.subtract(new Area(new Ellipse2D.Double(130, 130, 100, 100)));
        Path2D star = new Path2D.Double();
        for (int i = 0; i < 10; i++) {
            double r = i % 2 == 0 ? 140 : 60;
            double a = Math.PI * i / 5 + 0.2;
            if (i == 0) {
                star.moveTo(180 + r * Math.cos(a), 180 + r * Math.sin(a));
            } else {
                star.lineTo(180 + r * Math.cos(a), 180 + r * Math.sin(a));
            }
        }
        star.closePath();
        Path2D leaf = new Path2D.Double();
        leaf.moveTo(50, 300);
        leaf.curveTo(40, 120, 160, 40, 310, 50);
        leaf.curveTo(320, 200, 230, 320, 50, 300);
        leaf.closePath();
        Area frame = new Area(new Rectangle2D.Double(70, 80, 220, 200));
        frame.subtract(new Area(new Rectangle2D.Double(95, 105, 70, 60)));
        frame.subtract(new Area(new Rectangle2D.Double(195, 105, 70, 150)));
        Area holed = new Area(new Ellipse2D.Double(70, 90, 180, 200));
        holed.subtract(new Area(new Ellipse2D.Double(125, 160, 54, 54)));
        return List.of(
                new Motif(List.of(ring), List.of(new Color(0x1f6f6b))),
                new Motif(
                        List.of(star, new Ellipse2D.Double(150, 150, 60, 60)),
                        List.of(new Color(0xc4542f), new Color(0x2b3a55))),
                new Motif(
                        List.of(leaf, new Ellipse2D.Double(120, 150, 90, 60)),
                        List.of(new Color(0x44631f), new Color(0xd99a2b))),
                new Motif(List.of(frame), List.of(new Color(0x6b3f7a))),
                new Motif(
                        List.of(new Ellipse2D.Double(80, 60, 120, 180), new Ellipse2D.Double(160, 150, 130, 130)),
                        List.of(new Color(0x20324f), new Color(0xb84430))),
                new Motif(List.of(holed), List.of(new Color(0xc83c28))));
    }

    static Graphics2D drawing(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        return g;
    }

    /** A sheet of one colour, to draw on. */
    static BufferedImage paper(Color colour) {
        BufferedImage paper = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = paper.createGraphics();
        g.setColor(colour);
        g.fillRect(0, 0, SIDE, SIDE);
        g.dispose();
        return paper;
    }

    /** The motif alone: its alpha is what is to be found. */
    static BufferedImage art(Motif motif) {
        BufferedImage art = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = drawing(art);
        for (int i = 0; i < motif.shapes.size(); i++) {
            g.setColor(motif.colours.get(i));
            g.fill(motif.shapes.get(i));
        }
        g.dispose();
        return art;
    }

    /** The same out of focus: its edges are soft. */
    static BufferedImage blurred(BufferedImage art) {
        float[] kernel = new float[19];
        for (int i = 0; i < 19; i++) {
            kernel[i] = (float) (Math.exp(-(i - 9) * (i - 9) / 18.0) / Math.sqrt(18 * Math.PI));
        }
        BufferedImage premultiplied = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB_PRE);
        premultiplied.createGraphics().drawImage(art, 0, 0, null);
        BufferedImage across = new ConvolveOp(new Kernel(19, 1, kernel)).filter(premultiplied, null);
        return new ConvolveOp(new Kernel(1, 19, kernel)).filter(across, null);
    }

    static byte[] picture(BufferedImage art, Behind behind) throws IOException {
        BufferedImage all = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawing(all);
        if (behind == Behind.GRADIENT || behind == Behind.JPEG_GRADIENT) {
            g.setPaint(new java.awt.GradientPaint(0, 0, new Color(0xf6efdf), SIDE, SIDE, new Color(0xa9c6cf)));
        } else {
            g.setColor(behind == Behind.JPEG ? new Color(0xfcfbf8) : new Color(0xeae3d4));
        }
        g.fillRect(0, 0, SIDE, SIDE);
        if (behind == Behind.SHADOWED) {
            g.setPaint(new RadialGradientPaint(
                    200, 215, 170, new float[] {0.4f, 1}, new Color[] {new Color(0, 0, 0, 70), new Color(0, 0, 0, 0)}));
            g.fillRect(0, 0, SIDE, SIDE);
        }
        g.drawImage(art, 0, 0, null);
        g.dispose();
        return behind == Behind.JPEG || behind == Behind.JPEG_GRADIENT ? jpeg(all) : PictureCodec.FULL_SIZE.png(all);
    }

    static byte[] jpeg(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        how.setCompressionQuality(0.6f);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (var stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, null), how);
        }
        writer.dispose();
        return out.toByteArray();
    }
}
