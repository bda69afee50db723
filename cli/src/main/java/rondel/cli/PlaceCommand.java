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
import rondel.catalogue.WhatFollows;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.reading.ArtworkReader;
import rondel.geometry.Point;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.job.SheetId;

/** Puts drawings and pictures on a sheet. */
@Command(name = "place", mixinStandardHelpOptions = true, description = "Puts drawings and pictures on a sheet.")
final class PlaceCommand implements Callable<Integer> {

    private final PrintStream out;

    @Mixin
    private JobChange change;

    @Parameters(index = "1..*", arity = "1..*", paramLabel = "FILE", description = "SVG, PNG or JPEG files")
    private List<Path> files;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1", description = "the sheet's number, from 1")
    private int sheet;

    @Option(
            names = "--at",
            paramLabel = "X,Y",
            converter = SizeConverter.class,
            description = "where the top left corner goes; the middle of the sheet without it")
    private Point at;

    @Option(names = "--width", paramLabel = "W", converter = LengthConverter.class, description = "exact width")
    private Double width;

    @Option(names = "--height", paramLabel = "H", converter = LengthConverter.class, description = "exact height")
    private Double height;

    @Option(
            names = "--gap",
            paramLabel = "G",
            converter = LengthConverter.class,
            defaultValue = "0.25in",
            description = "between several files, which go beside each other, line by line; 0.25 in without it")
    private double gap;

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
        Editing editing = WhatFollows.editing();
        SheetId id = JobChange.sheet(job, sheet);
        ArtworkReader reader = new ArtworkReader(FontsAtHand.usual());
        ArtworkPlacement placement = new ArtworkPlacement(optional(width), optional(height), Optional.ofNullable(at));
        List<Artwork> artworks = new ArrayList<>();
        for (Path file : files) {
            artworks.add(reader.read(file).measured(before.picturesBy()));
        }
        List<ArtworkPlacement.Placed> placed = artworks.size() == 1
                ? List.of(placement.onto(job.sheet(id), artworks.getFirst()))
                : placement.beside(job.sheet(id), artworks, gap);
        for (ArtworkPlacement.Placed one : placed) {
            one.findings().forEach(f -> out.println(f.sentence()));
            job = editing.apply(one.operation(), job);
        }
        return job;
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
