package rondel.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import rondel.compose.arrange.Place;
import rondel.formats.artwork.Artwork;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.TraceSettings;
import rondel.job.Traits;
import rondel.lines.check.Checked;
import rondel.lines.check.Limits;
import rondel.lines.check.kinds.Checks;
import rondel.lines.combine.BooleanOperation;
import rondel.lines.combine.Combine;
import rondel.lines.halo.MakeHalo;
import rondel.lines.pieces.Grouping;
import rondel.lines.pieces.Regroup;
import rondel.lines.trace.Trace;
import rondel.paint.Painter;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** Every drawing of a folder placed, saved and read again, and gone through what Lines does: united, given a halo, regrouped, traced from its picture, checked.
 *  What is thrown counts, sentences aside. The folder is named by the property {@code rondel.sweep}; it is for development. */
final class Sweep {

    private static final int PX = 240;

    private final Map<String, Integer> done = new LinkedHashMap<>();
    private final Map<String, Integer> refused = new LinkedHashMap<>();
    private final List<String> failed = new ArrayList<>();
    private final ShippedFonts fonts = new ShippedFonts();
    private final PictureLevels pictures = PictureLevels.usual();
    private final ArtworkReader reader = new ArtworkReader(fonts);

    private Sweep() {}

    static List<Bench.Row> rows() {
        String folder = System.getProperty("rondel.sweep");
        if (folder == null) {
            System.out.println("no folder to sweep: name one with -Drondel.sweep=…");
            return List.of();
        }
        Sweep sweep = new Sweep();
        try (Stream<Path> files = Files.walk(Path.of(folder))) {
            files.filter(f -> f.toString().endsWith(".svg")).sorted().forEach(sweep::through);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        sweep.failed.forEach(System.out::println);
        System.out.println("done " + sweep.done + ", refused with a sentence " + sweep.refused);
        return List.of(new Bench.Row("drawings gone through, failures against 1", sweep.failed.size(), 1, 0));
    }

    private void through(Path file) {
        Job[] job = new Job[1];
        attempt("read", file, () -> job[0] = placed(file));
        if (job[0] == null) {
            return;
        }
        attempt("saved and read again", file, () -> savedAndRead(job[0]));
        if (Boolean.getBoolean("rondel.sweep.savedOnly")) {
            return;
        }
        List<ElementId> all =
                job[0].sheets().getFirst().elements().stream().map(Element::id).toList();
        attempt("unite", file, () -> new Combine(all, BooleanOperation.UNITE, true).apply(job[0]));
        attempt("halo", file, () -> new MakeHalo(
                        all,
                        HaloSettings.USUAL.withDistance(1),
                        OptionalDouble.empty(),
                        MakeHalo.Spread.TOGETHER,
                        OptionalDouble.empty())
                .apply(job[0]));
        attempt("by piece", file, () -> new Regroup(List.of(), Grouping.PIECE).apply(job[0]));
        attempt("by colour", file, () -> new Regroup(List.of(), Grouping.COLOUR).apply(job[0]));
        attempt("trace", file, () -> traced(job[0]));
        attempt("checks", file, () -> Checks.of(new Checked(job[0], fonts.get(), Limits.USUAL)));
    }

    private Job placed(Path file) throws IOException {
        Artwork artwork =
                reader.read(Files.readAllBytes(file), file.getFileName().toString());
        Job blank = Job.blank("Sweep", LengthUnit.MM, artwork.width(), artwork.height());
        return new Place(blank.sheets().getFirst().id(), artwork.elements(), artwork.media()).apply(blank);
    }

    private Job savedAndRead(Job job) throws IOException {
        Path file = Files.createTempFile("rondel-sweep", ".rondel");
        try {
            JobFile.write(job, file, pictures);
            Job read = JobFile.read(file);
            if (!read.equals(job)) {
                throw new IllegalStateException("it reads otherwise than it was saved");
            }
            return read;
        } finally {
            Files.delete(file);
        }
    }

    private static Job traced(Job job) {
        var sheet = job.sheets().getFirst();
        var image = new java.awt.image.BufferedImage(PX, PX, java.awt.image.BufferedImage.TYPE_INT_ARGB);
        var g = image.createGraphics();
        double scale = PX / Math.max(sheet.width(), sheet.height());
        g.setClip(0, 0, PX, PX);
        g.scale(scale, scale);
        new Painter(job.media(), (m, s) -> m.pixels()).elements(g, sheet.elements());
        g.dispose();
        byte[] bytes = {(byte) image.hashCode(), 3};
        Media media = new Media(Media.idOf(bytes), "png", new Media.Bytes(bytes, m -> image), PX, PX, 1);
        PictureElement picture = new PictureElement(
                Traits.named("picture").withId(new ElementId("picture")), media.id(), new Box(0, 0, 50, 50));
        Job blank = Job.blank("Trace", LengthUnit.MM, 50, 50);
        Job placed = new Place(blank.sheets().getFirst().id(), List.of(picture), List.of(media)).apply(blank);
        TraceSettings usual = TraceSettings.USUAL;
        TraceSettings six = new TraceSettings(
                6,
                usual.threshold(),
                usual.speckle(),
                usual.corner(),
                usual.smoothness(),
                TraceSettings.Layering.SIDE_BY_SIDE);
        return new Trace(List.of(new ElementId("picture")), six).apply(placed);
    }

    private void attempt(String what, Path file, Callable<?> work) {
        try {
            if (work.call() != null) {
                done.merge(what, 1, Integer::sum);
            }
        } catch (Refusal e) {
            refused.merge(what + ": " + e.getMessage().replaceAll("“[^”]*”", "…"), 1, Integer::sum);
        } catch (Exception | StackOverflowError e) {
            failed.add(file.getFileName() + ": " + what + ": " + e);
        }
    }
}
