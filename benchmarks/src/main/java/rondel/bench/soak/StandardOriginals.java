package rondel.bench.soak;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.zip.GZIPOutputStream;
import rondel.catalogue.SampleJob;
import rondel.formats.dst.DstWriter;
import rondel.formats.export.ExportFormat;
import rondel.formats.files.Replacing;
import rondel.formats.job.StockLibrary;
import rondel.formats.page.Page;
import rondel.formats.picture.PictureLevels;
import rondel.formats.png.PixelSize;
import rondel.formats.preferences.PreferencesFile;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Margins;
import rondel.job.Rgba;
import rondel.job.Stock;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.ThreadRun;

/** Sound files in the formats of others and of the person's own lists, as Rondel writes them. */
final class StandardOriginals {

    private static final String HPGL = "IN;SP1;VS20;FS80;PU1000,1000;PD2000,1000,2000,2000,1000,2000,1000,1000;"
            + "PU3000,3000;PA;PD3400,3000;AA3000,3000,360;PR;PD10,10,20,-5;CI200;IP0,0,1000,1000;SC0,100,0,100;RO90;PU;SP0;";

    private static final String NAMES = """
            name;line;colour;picture
            Ada Low;low tide;#1f6f6b;art/shell.svg
            "Ben; Marsh";"two
            lines";teal;
            Čára Ü;;;art/crab.svg
            """;

    private StandardOriginals() {}

    static Path packedSvg(Path folder, String svg) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream packed = new GZIPOutputStream(bytes)) {
            packed.write(svg.getBytes(StandardCharsets.UTF_8));
        }
        return Files.write(folder.resolve("drawing.svgz"), bytes.toByteArray());
    }

    /** The sample's first sheet, as PDF or DXF. */
    static Path exported(Path folder, ExportFormat format) {
        Job job = SampleJob.make();
        Page page = Page.ofSheet(job, job.sheets().getFirst().id());
        Path file = folder.resolve("page." + format.extension());
        format.write(page, new PixelSize(1, 1, 72), PictureLevels.usual(), file, Replacing.ANYTHING);
        return file;
    }

    static Path tape(Path folder) throws IOException {
        List<Stitch> stitches = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            Stitch.Move move = i == 0 ? Stitch.Move.JUMP : i % 90 == 89 ? Stitch.Move.TRIM : Stitch.Move.SEW;
            stitches.add(new Stitch(new Point(20 + i % 20 * 2.0, 20 + i / 20 * 1.5), move));
        }
        List<ThreadRun> runs = List.of(
                new ThreadRun(new Rgba(31, 111, 107, 255), stitches),
                new ThreadRun(new Rgba(226, 114, 91, 255), stitches));
        return Files.write(folder.resolve("patch.dst"), DstWriter.bytes(new StitchPattern(runs), "Patch"));
    }

    static Path hpgl(Path folder) throws IOException {
        return Files.writeString(folder.resolve("cut.hpgl"), HPGL);
    }

    static Path names(Path folder) throws IOException {
        return Files.writeString(folder.resolve("names.csv"), NAMES);
    }

    static Path stocks(Path folder) {
        Path file = folder.resolve("stocks.json");
        new StockLibrary(file)
                .add(new Stock(
                        "Own card",
                        210,
                        297,
                        false,
                        Margins.NONE,
                        Margins.NONE,
                        Stock.Grain.NONE,
                        Rgba.WHITE,
                        OptionalDouble.of(0.4)));
        return file;
    }

    static Path preferences(Path folder) {
        Path file = folder.resolve("preferences.json");
        new PreferencesFile(file).change(p -> p.withTheme("dark"));
        return file;
    }
}
