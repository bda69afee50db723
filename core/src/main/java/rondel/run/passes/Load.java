package rondel.run.passes;

import java.util.Optional;
import java.util.function.UnaryOperator;
import rondel.geometry.Point;
import rondel.job.Material;
import rondel.job.SewingSettings;
import rondel.words.ShippedNames;
import rondel.words.Words;

/** What is put into the machine for a pass, and how.
 *
 * @param kept whether what the pass before it was made on stays in; only the tool is changed
 * @param printed whether it is what was printed before
 * @param mirrored whether all is mirrored, as it is made from its back
 * @param printing whether it is the printer that it goes into
 * @param sewing how it is sewn, where it is */
public record Load(
        Material material,
        boolean kept,
        boolean printed,
        boolean mirrored,
        boolean printing,
        Optional<SewingSettings> sewing) {

    /** Where places of the design are to be cut.
     *
     * @param width of the sheet, in mm
     * @param onPaper where the design lies on what is loaded */
    public UnaryOperator<Point> placing(double width, UnaryOperator<Point> onPaper) {
        return mirrored ? p -> onPaper.apply(new Point(width - p.x(), p.y())) : onPaper;
    }

    /** In a sentence or two. */
    public String sentence() {
        if (printing) {
            return Words.of(mirrored ? "load.printMirrored" : "load.print", ShippedNames.shown(material.name()));
        }
        if (sewing.isPresent()) {
            return sewing.get()
                    .hoop()
                    .map(h -> Words.of("load.hoop", ShippedNames.shown(material.name()), h.name()))
                    .orElseGet(() -> Words.of("load.anyHoop", ShippedNames.shown(material.name())));
        }
        if (kept) {
            return Words.of("load.kept");
        }
        String what = Words.of(
                printed ? "load.printed" : material.form() == Material.Form.ROLL ? "load.roll" : "load.sheet",
                ShippedNames.shown(material.name()));
        return what + " " + Words.of(mirrored ? "load.backUp" : "load.faceUp");
    }
}
