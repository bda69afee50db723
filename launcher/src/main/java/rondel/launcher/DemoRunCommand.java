package rondel.launcher;

import java.io.IOException;
import java.io.PrintStream;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.desktop.files.DemoJobs;
import rondel.devices.Misfeed;
import rondel.devices.camera.BedPicture;
import rondel.devices.camera.ScanFile;
import rondel.devices.cutter.CutOutcome;
import rondel.devices.cutter.CutOutlines;
import rondel.devices.cutter.CutOverlay;
import rondel.devices.cutter.CutRun;
import rondel.devices.cutter.standin.CutDrawing;
import rondel.devices.cutter.standin.CutRecord;
import rondel.devices.cutter.standin.CutterBody;
import rondel.devices.cutter.standin.CutterFaults;
import rondel.devices.cutter.standin.StandInCutter;
import rondel.devices.printer.PrintJob;
import rondel.devices.printer.PrinterPort;
import rondel.devices.printer.standin.StandInPrinter;
import rondel.devices.stitcher.TapeRun;
import rondel.devices.stitcher.standin.StandInStitcher;
import rondel.devices.stitcher.standin.StitcherBody;
import rondel.formats.dst.StitchFile;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.hpgl.HpglWriter;
import rondel.formats.picture.PictureLevels;
import rondel.formats.picture.ScannedPicture;
import rondel.formats.png.PngWriter;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.run.comparison.CutComparison;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.registration.GreyPicture;
import rondel.run.registration.MarkSearch;
import rondel.run.registration.PrintedMarks;
import rondel.run.registration.Registration;
import rondel.run.route.Machine;
import rondel.run.route.Route;
import rondel.run.route.RoutePlan;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.StitchPlan;
import rondel.words.Decimals;
import rondel.words.Refusal;
import rondel.words.Words;

/** The demo's jobs made by the stand-ins, from start to finish, with a picture of each step. */
@Command(name = "run", mixinStandardHelpOptions = true)
final class DemoRunCommand implements Callable<Integer> {

    private static final Misfeed PRINTER = new Misfeed(0.6, -0.4, 0.15, 1.002);
    private static final Misfeed CUTTER = new Misfeed(1.5, -0.8, 0.6, 1);
    private static final double MARGIN = 3;
    private static final double PPI = 200;
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final PrintStream out;

    @Option(names = "--out", paramLabel = "DIR")
    private Path folder = Path.of("out", "demo-run");

    DemoRunCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws Exception {
        Files.createDirectories(folder);
        plate(demo("name-plate"));
        stickers(demo("sticker-run"));
        patch(demo("whale-patch"));
        return 0;
    }

    private static Job demo(String name) {
        return new DemoJobs.DemoJob(name).read();
    }

    private void plate(Job job) throws IOException {
        Sheet sheet = job.sheets().getFirst();
        List<Pass> passes = Passes.of(job, sheet.id());
        for (int i = 0; i < passes.size(); i++) {
            Pass pass = passes.get(i);
            out.println((i + 1) + ". " + pass.name() + ". " + pass.load().sentence());
            Route route = RoutePlan.of(pass, sheet);
            String name = "plate-pass-" + (i + 1);
            write(name + ".hpgl", HpglWriter.of(route).bytes());
            CutRecord record = cut(route, Misfeed.NONE);
            told(name, pass, sheet, p -> p, route, record);
        }
    }

    private void stickers(Job job) throws Exception {
        Sheet sheet = job.sheets().get(1);
        byte[] pdf =
                new PrintJob(job, List.of(sheet.id()), true, java.util.Optional.empty()).pdf(PictureLevels.usual());
        write("stickers.pdf", pdf);
        Path print = printed(pdf);
        Path bed = BedPicture.write(print, CUTTER, folder);
        out.println(Words.of("demoRun.bed", bed));
        Registration found = found(bed, sheet);
        double ppi = found.ppi(ScanFile.read(bed).ppi(), sheet.trim().centre());
        out.println(Words.of("run.registered", Decimals.of(found.residual(), 3)));
        for (Pass pass : Passes.of(job, sheet.id())) {
            if (pass.tool().isPresent()) {
                out.println(pass.name() + ". " + pass.load().sentence());
                Route route = RoutePlan.of(pass, sheet, Machine.USUAL, found.onPaper(ppi, sheet.height()));
                CutRecord record = cut(route, CUTTER);
                Registration onPrint = found(print, sheet);
                told("stickers-cut", pass, sheet, onPrint.onPaper(StandInPrinter.PPI, sheet.height()), route, record);
                List<List<Point>> lines = CutOutlines.onSheet(record.lines(), CutterBody.USUAL.height(), route);
                picture(
                        "stickers-cut-over-print.png",
                        CutOverlay.of(ScanFile.read(print).image(), StandInPrinter.PPI, lines));
            }
        }
    }

    /** The whale patch as a tape, sewn by the stand-in with a thread that breaks. */
    private void patch(Job job) throws Exception {
        Sheet sheet = job.sheets().getFirst();
        Pass pass = Passes.of(job, sheet.id()).getFirst();
        out.println(pass.name() + ". " + pass.load().sentence());
        StitchPattern pattern = StitchPlan.of(job, sheet.id());
        Path tape = folder.resolve("whale-patch.dst");
        StitchFile.write(tape, Replacing.ANYTHING, pattern, job.title());
        out.println(tape);
        StitcherBody body = StitcherBody.USUAL.withBreakAt(OptionalInt.of(pattern.count() / 2));
        try (StandInStitcher machine = new StandInStitcher(InetAddress.getLoopbackAddress(), 0, body)) {
            TapeRun run = new TapeRun("localhost", machine.port(), t -> {});
            TapeRun.Told broken = run.sew(pattern, job.title());
            out.println(broken.sentence());
            TapeRun.Told end = run.mended(broken.id());
            out.println(end.sentence());
            write("whale-patch-sewn.png", run.picture(end.id()));
        }
    }

    private Path printed(byte[] pdf) throws Exception {
        CompletableFuture<Path> page = new CompletableFuture<>();
        try (StandInPrinter printer =
                new StandInPrinter(InetAddress.getLoopbackAddress(), 0, folder, PRINTER, MARGIN, out::println)) {
            printer.onPrinted(files -> page.complete(files.getFirst()));
            PrinterPort.send(pdf, "localhost", printer.port());
            Path file = page.get(60, TimeUnit.SECONDS);
            Path named = folder.resolve("stickers-printed.png");
            Files.move(file, named, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            return named;
        }
    }

    private static Registration found(Path picture, Sheet sheet) {
        ScannedPicture scan = ScanFile.read(picture);
        return MarkSearch.of(GreyPicture.of(scan.image()), PrintedMarks.of(sheet));
    }

    private static CutRecord cut(Route route, Misfeed misfeed) throws IOException {
        try (StandInCutter cutter = new StandInCutter(
                InetAddress.getLoopbackAddress(), 0, CutterBody.USUAL, misfeed, CutterFaults.NONE, s -> {})) {
            CutOutcome outcome = new CutRun(route, 0, "localhost", cutter.port(), PATIENCE, p -> {}, s -> {}).run();
            if (!outcome.isDone()) {
                throw new Refusal(outcome.sentence());
            }
            return cutter.record();
        }
    }

    private void told(
            String name, Pass pass, Sheet sheet, UnaryOperator<Point> onPaper, Route route, CutRecord record) {
        write(
                name + ".svg",
                CutDrawing.svg(record, CutterBody.USUAL.width(), CutterBody.USUAL.height())
                        .getBytes(StandardCharsets.UTF_8));
        picture(name + ".png", CutDrawing.picture(record));
        List<List<Point>> lines = CutOutlines.onSheet(record.lines(), CutterBody.USUAL.height(), route);
        CutComparison result = CutComparison.of(pass.contours(), pass.load().placing(sheet.width(), onPaper), lines);
        out.println(Words.of(
                "demoRun.cut",
                String.valueOf(record.lines().size()),
                Decimals.of(record.seconds(), 0),
                Decimals.of(result.largest(), 3),
                Decimals.of(result.mean(), 3),
                folder.resolve(name + ".png")));
    }

    private void write(String name, byte[] bytes) {
        AtomicFile.write(folder.resolve(name), Replacing.ANYTHING, o -> o.write(bytes));
    }

    private void picture(String name, java.awt.image.BufferedImage image) {
        AtomicFile.write(folder.resolve(name), Replacing.ANYTHING, o -> PngWriter.write(image, PPI, o));
    }
}
