package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.reading.ReadingChoice;
import rondel.formats.svg.PixelScale;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.units.LengthUnit;

/** Puts drawings and pictures on a sheet. */
@Command(name = "place", mixinStandardHelpOptions = true)
final class PlaceCommand implements Callable<Integer> {

    private final PrintStream out;

    @Mixin
    private JobChange change;

    @Parameters(index = "1..*", arity = "1..*", paramLabel = "FILE")
    private List<Path> files;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1")
    private int sheet;

    @Option(names = "--at", paramLabel = "X,Y", converter = TypedSize.Converter.class)
    private TypedSize at;

    @Option(names = "--width", paramLabel = "W", converter = TypedLength.Converter.class)
    private TypedLength width;

    @Option(names = "--height", paramLabel = "H", converter = TypedLength.Converter.class)
    private TypedLength height;

    @Option(names = "--gap", paramLabel = "G", converter = TypedLength.Converter.class, defaultValue = "0.25in")
    private TypedLength gap;

    @Option(names = "--page", paramLabel = "N", defaultValue = "1")
    private int page;

    @Option(names = "--unit", paramLabel = "UNIT", converter = ChoiceConverter.Unit.class)
    private LengthUnit drawnIn;

    @Option(names = "--px-per-inch", paramLabel = "N")
    private Double pxPerInch;

    private PixelScale scale() {
        return pxPerInch == null ? PixelScale.CSS : new PixelScale(pxPerInch);
    }

    PlaceCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        change.make(files, this::placed);
        return 0;
    }

    private Job placed(Job before) {
        Job job = before;
        LengthUnit unit = job.unit();
        Editing editing = UsualEditing.editing();
        SheetId id = JobChange.sheet(job, sheet);
        ArtworkReader reader = new ArtworkReader(FontsAtHand.usual(), scale())
                .with(new ReadingChoice(page, Optional.ofNullable(drawnIn)));
        ArtworkPlacement placement = new ArtworkPlacement(
                mm(width, unit), mm(height, unit), Optional.ofNullable(at).map(a -> a.mm(unit)));
        List<Artwork> artworks = new ArrayList<>();
        for (Path file : files) {
            artworks.add(reader.read(file).measured(before.picturesBy()));
        }
        List<ArtworkPlacement.Placed> placed = artworks.size() == 1
                ? List.of(placement.onto(job.sheet(id), artworks.getFirst()))
                : placement.beside(job.sheet(id), artworks, gap.mm(unit));
        for (ArtworkPlacement.Placed one : placed) {
            one.findings().forEach(f -> out.println(f.sentence()));
            job = editing.apply(one.operation(), job);
        }
        return job;
    }

    private static OptionalDouble mm(TypedLength typed, LengthUnit unit) {
        return typed == null ? OptionalDouble.empty() : OptionalDouble.of(typed.mm(unit));
    }
}
