package rondel.handoff.preview;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.Sheet;
import rondel.words.Decimals;

/** How large a sheet is: with its width and height in mm and inches, over a ruler in cm, beside a hand, all at one scale. */
final class SizeCard {

    /** What measures and their words take beside and above the sheet, in mm of the picture. */
    private static final double MEASURES = 20;

    /** What the ruler takes, in mm of the picture. */
    private static final double RULER = 22;

    private static final double BETWEEN = 14;
    private static final double TICK = 3;
    private static final double MM_PER_INCH = 25.4;

    /** Centimetres are numbered one by one while they are at least so far apart, in mm of the picture. */
    private static final double NUMBERED = 6;

    private final Sheet sheet;
    private final Drawn drawn;
    private final Function<Affine, Element> laid;

    /** @param laid the sheet on the surface, placed so */
    SizeCard(Sheet sheet, Drawn drawn, Function<Affine, Element> laid) {
        this.sheet = sheet;
        this.drawn = drawn;
        this.laid = laid;
    }

    List<Element> elements() {
        double free = PreviewLook.SIDE - 2 * PreviewLook.MARGIN;
        double wide = free - MEASURES - BETWEEN;
        double tall = free - MEASURES - RULER;
        double scale = Math.min(
                wide / (sheet.width() + HandOutline.REACH), tall / Math.max(sheet.height(), HandOutline.LENGTH));
        double all = MEASURES + BETWEEN + scale * (sheet.width() + HandOutline.REACH);
        double left = (PreviewLook.SIDE - all) / 2 + MEASURES;
        double w = scale * sheet.width();
        double h = scale * sheet.height();
        double most = Math.max(h, scale * HandOutline.LENGTH);
        double top = (PreviewLook.SIDE - MEASURES - RULER - most) / 2 + MEASURES + most - h;
        List<Element> out = new ArrayList<>();
        out.add(laid.apply(Affine.translate(left, top).times(Affine.scale(scale, scale))));
        out.addAll(Drawn.measure(new Point(left, top - 5), new Point(left + w, top - 5)));
        say(out, figures(sheet.width()), new Point(left + w / 2, top - 11), 0);
        out.addAll(Drawn.measure(new Point(left - 5, top), new Point(left - 5, top + h)));
        say(out, figures(sheet.height()), new Point(left - 11, top + h / 2), -90);
        Outline hand = HandOutline.outline()
                .transformed(Affine.translate(left + w + BETWEEN, top + h - scale * HandOutline.LENGTH)
                        .times(Affine.scale(scale, scale)));
        out.add(Drawn.area(hand, Paint.solid(PreviewLook.HAND)));
        ruler(out, left, top + h + 9, scale, left + w + BETWEEN + scale * HandOutline.REACH - left);
        return out;
    }

    private void say(List<Element> out, String words, Point middle, double turn) {
        drawn.words(words, middle, PreviewLook.LETTERS, PreviewLook.SIDE / 2, turn)
                .ifPresent(out::add);
    }

    /** In both units: who buys is at home in one of them. */
    private static String figures(double mm) {
        return Decimals.plain(mm, 1) + " mm  ·  " + Decimals.plain(mm / MM_PER_INCH, 2) + " in";
    }

    private void ruler(List<Element> out, double x, double y, double scale, double most) {
        double cm = 10 * scale;
        int count = (int) Math.floor(most / cm + 1e-6);
        out.add(Drawn.line(new Point(x, y), new Point(x + count * cm, y)));
        int every = cm >= NUMBERED ? 1 : 5;
        for (int i = 0; i <= count; i++) {
            double at = x + i * cm;
            boolean numbered = i % every == 0;
            out.add(Drawn.line(new Point(at, y), new Point(at, y + (i % 5 == 0 ? TICK * 1.5 : TICK))));
            if (numbered && i > 0 || i == 0) {
                String text = i == 0 ? "0" : i + every > count ? i + " cm" : String.valueOf(i);
                say(out, text, new Point(at, y + TICK * 1.5 + 4), 0);
            }
        }
    }
}
