package rondel.handoff.preview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;

/** Words laid over a picture again and again, askew, so that no part of it is free of them. */
record Watermark(Drawn drawn, String words) {

    /** From one to the next, as a share of their length and of their height. */
    private static final double ALONG = 1.35;

    private static final double DOWN = 3.6;

    List<Element> elements(double side) {
        Outline shaped = drawn.outline(words, PreviewLook.MARK_LETTERS);
        Optional<Box> box = shaped.bounds();
        if (box.isEmpty()) {
            return List.of();
        }
        double step = box.get().width() * ALONG;
        double down = PreviewLook.MARK_LETTERS * DOWN;
        List<Outline> all = new ArrayList<>();
        int row = 0;
        for (double y = -side; y < side; y += down) {
            double from = -side - step + (row++ % 2) * step / 2;
            for (double x = from; x < side; x += step) {
                Affine place = Affine.translate(side / 2, side / 2)
                        .times(Affine.rotate(PreviewLook.MARK_TURN))
                        .times(Affine.translate(x, y));
                Outline one = shaped.transformed(place);
                if (one.bounds().filter(new Box(0, 0, side, side)::intersects).isPresent()) {
                    all.add(one);
                }
            }
        }
        return List.of(new ShapeElement(
                Traits.named(""),
                Outline.joined(all),
                FillRule.NON_ZERO,
                Paint.solid(PreviewLook.MARK),
                Optional.of(Stroke.plain(PreviewLook.MARK_EDGE, PreviewLook.LINE / 2))));
    }
}
