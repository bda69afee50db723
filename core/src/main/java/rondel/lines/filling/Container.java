package rondel.lines.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.job.Element;
import rondel.job.FillingSettings;
import rondel.job.Job;
import rondel.job.Located;
import rondel.lines.combine.Opaque;
import rondel.lines.combine.Silhouette;
import rondel.operation.Targets;
import rondel.words.Refusal;

/** What is filled, and with what, on the sheet.
 *
 * @param area the inside of the outline, less what copies that stay and the gap around them take */
record Container(Geometry area, List<Motif> motifs) {

    static Container of(
            Job job,
            Located outline,
            List<Located> drawings,
            List<Element> kept,
            Optional<Located> filling,
            FillingSettings settings) {
        Element shown = outline.element().with(t -> t.withHidden(false));
        Outline inside = Overlay.united(Silhouette.framed(false).of(shown, outline.toSheet()));
        if (inside.isEmpty()) {
            throw Refusal.of("filling.noArea", Targets.display(shown));
        }
        Geometry area = FlatArea.of(inside, FillingTuning.FLATNESS);
        Silhouette covers = new Silhouette(true, new Opaque(job, FillingTuning.OPAQUE)::of);
        for (Element e : kept) {
            Affine toSheet = filling.orElseThrow().ownToSheet();
            Outline covered = Overlay.united(covers.of(e.with(t -> t.withHidden(false)), toSheet));
            if (!covered.isEmpty()) {
                area = area.difference(FlatArea.of(covered, FillingTuning.FLATNESS)
                        .buffer(settings.gap() + 2 * FillingTuning.FLATNESS, 24));
            }
        }
        if (area.isEmpty()) {
            throw Refusal.of("filling.noArea", Targets.display(shown));
        }
        List<Motif> motifs = new ArrayList<>();
        for (Located drawing : drawings) {
            Outline covered =
                    Overlay.united(covers.of(drawing.element().with(t -> t.withHidden(false)), drawing.toSheet()));
            if (Motif.isNothing(covered)) {
                throw Refusal.of("filling.emptyDrawing", Targets.display(drawing.element()));
            }
            motifs.add(Motif.of(motifs.size(), covered));
        }
        return new Container(area, motifs);
    }
}
