package rondel.bench.soak;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipFile;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Move;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.export.ExportFormat;
import rondel.formats.files.Replacing;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.hpgl.HpglInstruction;
import rondel.formats.hpgl.HpglParser;
import rondel.formats.hpgl.HpglPen;
import rondel.formats.job.JobFile;
import rondel.formats.job.StockLibrary;
import rondel.formats.journal.JournalWriter;
import rondel.formats.journal.LeftOver;
import rondel.formats.names.NameTableReader;
import rondel.formats.page.Page;
import rondel.formats.picture.PictureLevels;
import rondel.formats.png.PixelSize;
import rondel.formats.preferences.PreferencesFile;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.recipe.Recipe;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.FontChoice;
import rondel.job.Job;
import rondel.lines.check.Checked;
import rondel.lines.check.Limits;
import rondel.lines.check.kinds.Checks;
import rondel.operation.Operation;
import rondel.text.FontBook;
import rondel.text.FontFace;
import rondel.text.FontTrial;
import rondel.words.Refusal;

/** One damaged file, taken from reading it to finished files, as a person would. */
final class Trial {

    private final Path folder;
    private final FontsAtHand fonts = FontsAtHand.usual();

    /** @param folder to work in, which is the trial's own */
    Trial(Path folder) {
        this.folder = folder;
    }

    /** @throws Refusal if it is refused with a sentence, which is no fault
     *  @throws Exception whatever else goes wrong */
    void run(ReadKind kind, Path original, Random random) throws Exception {
        byte[] bytes = Files.readAllBytes(original);
        Path file = folder.resolve("damaged" + kind.ending());
        switch (kind) {
            case SVG -> artwork(Files.write(file, Mutation.ofText(bytes, random)));
            case DXF -> artwork(Files.write(file, Mutation.ofText(bytes, random)));
            case PNG, JPEG, PACKED_SVG, PDF, TAPE -> artwork(Files.write(file, Mutation.ofBytes(bytes, random)));
            case HPGL -> hpgl(Mutation.ofText(bytes, random));
            case NAMES -> NameTableReader.read(Files.write(file, Mutation.ofText(bytes, random)));
            case STOCKS -> new StockLibrary(Files.write(file, Mutation.ofText(bytes, random))).all();
            case PREFERENCES -> new PreferencesFile(Files.write(file, Mutation.ofText(bytes, random))).read();
            case JOB_BYTES -> job(Files.write(file, Mutation.ofBytes(bytes, random)));
            case JOB_JSON -> job(withJson(original, file, random));
            case RECIPE -> recipe(Files.write(file, Mutation.ofText(bytes, random)));
            case JOURNAL -> journal(random);
            case FONT -> font(Files.write(file, Mutation.ofBytes(bytes, random)));
        }
    }

    private void artwork(Path file) throws Exception {
        Artwork artwork = new ArtworkReader(fonts).read(file);
        Job job = SampleJob.make();
        Operation place =
                ArtworkPlacement.CENTRED.onto(job.sheets().getFirst(), artwork).operation();
        finished(WhatFollows.editing().apply(place, job));
    }

    private void job(Path file) throws Exception {
        finished(JobFile.read(file));
    }

    private Path withJson(Path original, Path file, Random random) throws Exception {
        try (ZipFile zip = new ZipFile(original.toFile());
                java.util.zip.ZipOutputStream out = new java.util.zip.ZipOutputStream(Files.newOutputStream(file))) {
            for (var entries = zip.entries(); entries.hasMoreElements(); ) {
                var entry = entries.nextElement();
                byte[] bytes = zip.getInputStream(entry).readAllBytes();
                out.putNextEntry(new java.util.zip.ZipEntry(entry.getName()));
                out.write(entry.getName().equals("job.json") ? Mutation.ofText(bytes, random) : bytes);
                out.closeEntry();
            }
        }
        return file;
    }

    private void recipe(Path file) throws Exception {
        Job job = Recipe.read(file).apply(WhatFollows.editing(), SampleJob.make());
        finished(job);
    }

    private void journal(Random random) throws Exception {
        Path journals = Files.createDirectories(folder.resolve("journals"));
        try (JournalWriter writer = new JournalWriter(journals, SampleJob.make(), Optional.empty())) {
            for (int i = 0; i < 6; i++) {
                writer.done(new Move(List.of(new ElementId("leaf")), i, 1));
            }
            Path copy = Files.createDirectories(folder.resolve("left/one"));
            try (var folders = Files.list(journals);
                    var files = Files.list(folders.findFirst().orElseThrow())) {
                for (Path f : files.toList()) {
                    byte[] bytes = Files.readAllBytes(f);
                    boolean damaged = f.endsWith("edits.jsonl") || random.nextInt(3) == 0;
                    Files.write(copy.resolve(f.getFileName()), damaged ? Mutation.ofBytes(bytes, random) : bytes);
                }
            }
        }
        for (LeftOver work : LeftOver.in(folder.resolve("left"), sentence -> {})) {
            finished(work.history().job());
        }
    }

    private void font(Path file) throws Exception {
        // What the program that tries fonts does; this one stands for it.
        FontTrial.use(file.toString());
        FontFace face = new FontFace(Files.readAllBytes(file), file.toString());
        FontBook book = new FontBook(List.of(face), Map.of());
        book.nearest(List.of(face.family()), new FontChoice(face.family(), 400, false));
    }

    private static void hpgl(byte[] bytes) {
        List<HpglInstruction> read = new ArrayList<>();
        HpglParser parser = new HpglParser(read::add);
        parser.take(bytes, bytes.length);
        parser.end();
        HpglPen pen = new HpglPen(new Still());
        read.forEach(pen::take);
    }

    /** A machine that does nothing. */
    private static final class Still implements HpglPen.Motion {

        @Override
        public void go(Point to, boolean down) {
            if (!Double.isFinite(to.x()) || !Double.isFinite(to.y())) {
                throw new IllegalStateException("the tool goes nowhere: " + to);
            }
        }

        @Override
        public void tool(boolean down) {
            // stays where it is
        }

        @Override
        public void select(int number) {
            // has one tool
        }

        @Override
        public void speed(double cmPerSecond) {
            // does not move
        }

        @Override
        public void force(double force) {
            // does not cut
        }

        @Override
        public void other(HpglInstruction instruction) {
            // answers nothing
        }
    }

    /** A job that was read can be saved, read again as it was, checked and handed off. */
    private void finished(Job job) throws Exception {
        PictureLevels pictures = new PictureLevels(64 << 20);
        Path saved = folder.resolve("saved.rondel");
        JobFile.write(job, saved, pictures);
        if (!JobFile.read(saved).equals(job)) {
            throw new IllegalStateException("what was saved reads otherwise");
        }
        Checks.of(new Checked(job, fonts.get(), Limits.USUAL));
        Page page = Page.ofSheet(job, job.sheets().getFirst().id());
        for (ExportFormat format : List.of(ExportFormat.PNG, ExportFormat.PDF, ExportFormat.SVG)) {
            PixelSize size = format.ofPixels() ? PixelSize.ofWidth(page, 200) : new PixelSize(1, 1, 72);
            format.write(page, size, pictures, folder.resolve("page." + format.extension()), Replacing.ANYTHING);
        }
    }
}
