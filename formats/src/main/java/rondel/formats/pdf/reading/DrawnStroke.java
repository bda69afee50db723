package rondel.formats.pdf.reading;

import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.graphics.state.PDGraphicsState;
import org.apache.pdfbox.util.Matrix;
import rondel.geometry.Affine;
import rondel.job.Paint;
import rondel.job.Stroke;

/** The line that a graphics state draws with. */
final class DrawnStroke {

    /** In mm: what PDF calls as thin as can be. */
    private static final double FINEST = 0.02;

    private DrawnStroke() {}

    /** @param toMm from the page to mm */
    static Stroke of(PDGraphicsState state, Paint paint, Affine toMm) {
        Matrix ctm = state.getCurrentTransformationMatrix();
        double scale = Math.sqrt(Math.abs(ctm.getScaleX() * ctm.getScaleY() - ctm.getShearX() * ctm.getShearY()))
                * toMm.meanScale();
        double width = Math.max(FINEST, state.getLineWidth() * scale);
        List<Double> dashes = new ArrayList<>();
        double sum = 0;
        for (float d : state.getLineDashPattern().getDashArray()) {
            dashes.add(d * scale);
            sum += d;
        }
        Stroke.Cap cap = Stroke.Cap.values()[Math.clamp(state.getLineCap(), 0, 2)];
        Stroke.Join join = Stroke.Join.values()[Math.clamp(state.getLineJoin(), 0, 2)];
        return new Stroke(
                paint,
                width,
                cap,
                join,
                Math.max(1, state.getMiterLimit()),
                sum > 0 ? dashes : List.of(),
                state.getLineDashPattern().getPhase() * scale,
                Stroke.Position.CENTRE);
    }
}
