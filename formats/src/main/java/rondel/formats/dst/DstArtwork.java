package rondel.formats.dst;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.formats.artwork.Artwork;
import rondel.formats.files.FileName;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.run.stitch.PatternFindings;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.StitchPlan;
import rondel.run.stitch.ThreadRun;
import rondel.words.Refusal;
import rondel.words.Words;

/** A tape as artwork: a line for each thread, with a node at each stitch, which is sewn again just so. */
public final class DstArtwork {

    private DstArtwork() {}

    /** @param name of the file, with its ending
     *  @throws Refusal if it is no tape, or nothing is sewn in it */
    public static Artwork read(byte[] bytes, String name) {
        StitchPattern pattern = DstReader.read(bytes, name).pattern();
        Box extent = pattern.extent().orElseThrow(() -> Refusal.of("dst.empty", name));
        List<Element> threads = new ArrayList<>();
        for (ThreadRun run : pattern.runs()) {
            thread(run, extent, threads.size() + 1).ifPresent(threads::add);
        }
        return new Artwork(
                FileName.stem(name),
                Math.max(0.1, extent.width()),
                Math.max(0.1, extent.height()),
                false,
                threads,
                List.of(),
                PatternFindings.of(pattern));
    }

    private static Optional<Element> thread(ThreadRun run, Box extent, int number) {
        OutlineBuilder line = new OutlineBuilder();
        List<Point> stretch = new ArrayList<>();
        boolean any = false;
        for (Stitch s : run.stitches()) {
            if (s.move() == Stitch.Move.SEW) {
                stretch.add(s.at().plus(-extent.x(), -extent.y()));
            } else {
                any |= drawn(stretch, line);
                stretch.clear();
            }
        }
        any |= drawn(stretch, line);
        if (!any) {
            return Optional.empty();
        }
        return Optional.of(new ShapeElement(
                Traits.named(Words.of("stitch.thread", String.valueOf(number)))
                        .withRole(Role.STITCH)
                        .withStitch(Optional.of(StitchSettings.USUAL.withKind(Kind.NODES))),
                line.build(),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(run.thread(), StitchPlan.THREAD))));
    }

    private static boolean drawn(List<Point> stretch, OutlineBuilder line) {
        if (stretch.size() < 2) {
            return false;
        }
        line.moveTo(stretch.getFirst().x(), stretch.getFirst().y());
        stretch.stream().skip(1).forEach(p -> line.lineTo(p.x(), p.y()));
        return true;
    }
}
