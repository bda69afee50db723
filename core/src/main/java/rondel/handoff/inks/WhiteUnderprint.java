package rondel.handoff.inks;

import java.util.List;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.Element;
import rondel.job.Job;
import rondel.lines.combine.Opaque;
import rondel.lines.combine.Silhouette;
import rondel.lines.halo.ChokedOutline;

/** Where white ink lies under what is printed, on stock that is clear or shines: under all of it, drawn in a little so that none shows at its
 *  edges. */
public final class WhiteUnderprint {

    private WhiteUnderprint() {}

    /** @param job whose pictures are shown
     *  @param printed what is printed
     *  @param choke how far it stays inside, in mm
     *  @return in the space of the elements; empty where nothing is wide enough */
    public static Outline of(Job job, List<Element> printed, double choke) {
        Opaque opaque = new Opaque(job, 0.5);
        Silhouette silhouette = new Silhouette(true, opaque::of);
        List<Operand> parts = printed.stream()
                .map(e -> silhouette.of(e, Affine.IDENTITY))
                .filter(o -> !o.isEmpty())
                .map(o -> new Operand(o, FillRule.NON_ZERO))
                .toList();
        return parts.isEmpty()
                ? Outline.EMPTY
                : ChokedOutline.of(Overlay.of(parts).unite(), choke);
    }
}
