package rondel.run.passes;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Box;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.Material;
import rondel.job.PassKey;
import rondel.job.PassSettings;
import rondel.job.Role;
import rondel.job.ToolSettings;
import rondel.words.ShippedNames;
import rondel.words.Words;

/** One load of one material with one tool, and the lines that are made in it.
 *
 * @param tool nothing for what is printed or stitched
 * @param lines that have a role; none for what is printed
 * @param added lines that are made beside them: weeding boxes, and shapes by which layers are laid over each other
 * @param load what is put into the machine, and how
 * @param fingerprint of its lines */
public record Pass(
        PassKey key,
        PassSettings settings,
        Material material,
        Optional<ToolSettings> tool,
        List<SheetLine> lines,
        List<Contour> added,
        Load load,
        String fingerprint) {

    private static final double TOLERANCE = 0.01;

    /** How far it has come. */
    public enum State {
        OPEN,
        DONE,
        /** It was done, and its lines have changed since. */
        CHANGED,
        SKIPPED
    }

    public State state() {
        if (settings.skipped()) {
            return State.SKIPPED;
        }
        return settings.done()
                .map(d -> d.equals(fingerprint) ? State.DONE : State.CHANGED)
                .orElse(State.OPEN);
    }

    public boolean isPrint() {
        return key.role() == Role.PRINT;
    }

    public boolean isStitch() {
        return key.role() == Role.STITCH;
    }

    /** As the person called it, or by what is done to what. */
    public String name() {
        if (!settings.name().isBlank()) {
            return settings.name();
        }
        String usual = Words.of("pass." + key.role(), ShippedNames.shown(material.name()));
        return key.number() == 0 ? usual : Words.of("pass.part", usual, String.valueOf(key.number() + 1));
    }

    /** All contours that the tool goes along. */
    public List<Contour> contours() {
        return java.util.stream.Stream.concat(lines.stream().map(SheetLine::contour), added.stream())
                .toList();
    }

    /** How long all its lines are, in mm. */
    public double length() {
        return contours().stream()
                .flatMap(c -> c.segments().stream())
                .mapToDouble(Pass::length)
                .sum();
    }

    private static double length(Bezier b) {
        int steps = b.steps(TOLERANCE);
        double length = 0;
        for (int i = 0; i < steps; i++) {
            length += b.at((double) i / steps).distanceTo(b.at((i + 1.0) / steps));
        }
        return length;
    }

    /** A box around all its lines: the material that it needs; nothing where it has none. */
    public Optional<Box> extent() {
        return Box.around(contours().stream()
                .flatMap(c -> c.segments().stream())
                .map(Bezier::hull)
                .toList());
    }
}
