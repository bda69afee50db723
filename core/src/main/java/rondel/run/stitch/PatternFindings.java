package rondel.run.stitch;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import rondel.colour.OkLab;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Rgba;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.words.Decimals;

/** What is to be said of stitches as they are, wherever they come from. */
public final class PatternFindings {

    /** Longer stitches catch on things, in mm; a machine's own step of 0.1 mm is granted. */
    private static final double LONGEST = 7.1;

    /** Shorter ones break threads, in mm. */
    private static final double SHORTEST = 0.4;

    /** A few short ones do no harm. */
    private static final double SHARE_OF_SHORT = 0.02;

    /** A thread that lies so far across open cloth is seen, in mm. */
    private static final double LOOSE = 3;

    /** Threads nearer than this look the same side by side (OKLab). */
    private static final double ALIKE = 0.03;

    /** From so many layers of thread on needles break: within one thing, and of all that lies over each other. Satin by itself has two, three where
     *  its branches meet. */
    private static final double MOST_LAYERS = 6;

    private static final double MOST_LAYERS_IN_ALL = 7.5;

    /** So many square millimetres of it are no accident. */
    private static final int DENSE_CELLS = 4;

    /** So many stitches to a cut, or fewer, is a machine that mostly stands. */
    private static final int STITCHES_TO_A_CUT = 60;

    private static final int FEW_CUTS = 12;

    private final List<Finding> found = new ArrayList<>();

    private PatternFindings() {}

    /** What is found in a pattern that stands for itself. */
    public static List<Finding> of(StitchPattern pattern) {
        PatternFindings findings = new PatternFindings();
        for (int i = 0; i < pattern.runs().size(); i++) {
            findings.part(
                    pattern.runs().get(i).stitches(),
                    rondel.words.Words.of("stitch.thread", String.valueOf(i + 1)),
                    Optional.empty());
        }
        findings.whole(pattern);
        return findings.found;
    }

    /** What is found in the pattern of a sheet, by the elements that it is about.
     *
     * @param name of an element */
    static List<Finding> of(StitchPattern pattern, java.util.function.Function<ElementId, String> name) {
        PatternFindings findings = new PatternFindings();
        for (ThreadRun run : pattern.runs()) {
            for (int i = 0; i < run.parts().size(); i++) {
                ElementId element = run.parts().get(i).part().element();
                findings.part(run.stitches(i), name.apply(element), Optional.of(element));
            }
        }
        findings.whole(pattern);
        return findings.found;
    }

    private void part(List<Stitch> stitches, String name, Optional<ElementId> element) {
        UnaryOperator<Finding> about = f -> element.map(f::about).orElse(f);
        int count = 0;
        int tooLong = 0;
        int tooShort = 0;
        double longest = 0;
        double loosest = 0;
        for (int i = 1; i < stitches.size(); i++) {
            Stitch s = stitches.get(i);
            double far = stitches.get(i - 1).at().distanceTo(s.at());
            if (s.move() == Stitch.Move.SEW) {
                count++;
                tooLong += far > LONGEST ? 1 : 0;
                tooShort += far > 0 && far < SHORTEST ? 1 : 0;
                longest = Math.max(longest, far);
            } else if (s.move() == Stitch.Move.JUMP) {
                loosest = Math.max(loosest, far);
            }
        }
        if (tooLong > 0) {
            found.add(about.apply(Finding.of(Severity.WARNING, "stitchLong", name, tooLong, mm(longest))));
        }
        if (tooShort > SHARE_OF_SHORT * count) {
            found.add(about.apply(Finding.of(Severity.WARNING, "stitchShort", name, tooShort, mm(SHORTEST))));
        }
        if (loosest > LOOSE) {
            found.add(about.apply(Finding.of(Severity.WARNING, "stitchJump", name, mm(loosest))));
        }
        ThreadDensity density = new ThreadDensity();
        density.add(stitches);
        if (density.over(MOST_LAYERS) >= DENSE_CELLS) {
            found.add(about.apply(Finding.of(Severity.WARNING, "stitchDense", name, layers(density.most()))));
        }
    }

    private void whole(StitchPattern pattern) {
        ThreadDensity all = new ThreadDensity();
        pattern.runs().forEach(r -> all.add(r.stitches()));
        if (all.over(MOST_LAYERS_IN_ALL) >= DENSE_CELLS) {
            Point at = all.densest();
            found.add(Finding.of(Severity.WARNING, "stitchLayers", layers(all.most()), mm(at.x()), mm(at.y())));
        }
        if (pattern.trims() > FEW_CUTS && pattern.count() < STITCHES_TO_A_CUT * pattern.trims()) {
            found.add(Finding.of(Severity.NOTE, "stitchCuts", pattern.trims(), pattern.count()));
        }
        Set<Rgba> seen = new HashSet<>();
        for (int i = 0; i < pattern.runs().size(); i++) {
            Rgba thread = pattern.runs().get(i).thread();
            if (!seen.add(thread)) {
                found.add(Finding.of(Severity.NOTE, "threadAgain", thread.hex()));
            }
            if (i > 0) {
                Rgba before = pattern.runs().get(i - 1).thread();
                if (OkLab.of(before).distance(OkLab.of(thread)) < ALIKE) {
                    found.add(Finding.of(Severity.NOTE, "threadsAlike", before.hex(), thread.hex()));
                }
            }
        }
    }

    private static String layers(double layers) {
        return Decimals.of(layers, 1);
    }

    static String mm(double length) {
        return Decimals.of(length, 1);
    }
}
