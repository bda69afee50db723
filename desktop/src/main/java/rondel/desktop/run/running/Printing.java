package rondel.desktop.run.running;

import java.awt.image.BufferedImage;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.devices.Misfeed;
import rondel.devices.printer.PrintJob;
import rondel.devices.printer.PrinterPort;
import rondel.devices.printer.PrinterScales;
import rondel.devices.printer.SystemPrinter;
import rondel.devices.printer.standin.StandInPrinter;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.files.WholeFolder;
import rondel.formats.preferences.Preferences;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.run.print.PrinterScale;
import rondel.run.print.TestPage;
import rondel.words.Refusal;
import rondel.words.Words;

/** Prints at true size in the background, and knows what was measured of printers. */
public final class Printing {

    private static final double MARGIN = 3;
    private static final double A4_WIDTH = 210;
    private static final double A4_HEIGHT = 297;
    private static final String STAND_IN = "Stand-in";

    private final Desk desk;
    private final Progress progress;
    private final RunQuestions questions;
    private final PrinterScales scales;
    private final List<Runnable> listeners = new ArrayList<>();
    private List<SystemPrinterFacts> system = List.of();
    private Optional<Printed> printed = Optional.empty();
    private Optional<PrinterScale> scale = Optional.empty();
    private SystemPrinter.Settings settings = SystemPrinter.Settings.USUAL;
    private boolean ruler = true;
    private boolean compensated = true;

    /** What came out of the stand-in for a sheet. */
    public record Printed(SheetId sheet, BufferedImage image) {}

    /** What is known of a printer of the system.
     *
     * @param margins how near to the edges of a letter or A4 page it can print, in mm, at the widest; nothing where it does not say */
    public record SystemPrinterFacts(String name, List<String> trays, Optional<Double> margins) {
        static SystemPrinterFacts of(SystemPrinter p) {
            return new SystemPrinterFacts(
                    p.name(),
                    p.trays(),
                    p.margins(A4_WIDTH, A4_HEIGHT)
                            .map(m -> Math.max(Math.max(m.left(), m.right()), Math.max(m.top(), m.bottom()))));
        }
    }

    public Printing(Desk desk, Progress progress, RunQuestions questions, PrinterScales scales) {
        this.desk = desk;
        this.progress = progress;
        this.questions = questions;
        this.scales = scales;
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    private void tell() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    /** Looks which printers the system has, and what was measured of the one that is chosen. */
    public void look() {
        desk.workers()
                .file(
                        () -> SystemPrinter.all().stream()
                                .map(SystemPrinterFacts::of)
                                .toList(),
                        names -> {
                            system = names;
                            tell();
                        },
                        desk.notices()::failed,
                        () -> {});
        String name = name();
        desk.workers()
                .file(
                        () -> scales.of(name),
                        found -> {
                            scale = found;
                            tell();
                        },
                        desk.notices()::failed,
                        () -> {});
    }

    /** The printers of the system, by their names. */
    public List<String> system() {
        return system.stream().map(SystemPrinterFacts::name).toList();
    }

    /** What is known of the printer that is chosen, where it is one of the system. */
    public Optional<SystemPrinterFacts> chosen() {
        return to() instanceof MachineAddress.SystemPrinter p
                ? system.stream().filter(s -> s.name().equals(p.name())).findFirst()
                : Optional.empty();
    }

    public MachineAddress to() {
        return MachineAddress.ofText(desk.preferred().now().device(Preferences.PRINTER));
    }

    public void to(MachineAddress other) {
        desk.preferred().change(p -> p.withDevice(Preferences.PRINTER, other.text()));
        scale = Optional.empty();
        look();
    }

    public boolean ruler() {
        return ruler;
    }

    public void ruler(boolean on) {
        ruler = on;
    }

    public boolean compensated() {
        return compensated;
    }

    public void compensated(boolean on) {
        compensated = on;
    }

    public SystemPrinter.Settings settings() {
        return settings;
    }

    public void settings(SystemPrinter.Settings other) {
        settings = other;
    }

    /** What was measured of the printer that is chosen. */
    public Optional<PrinterScale> scale() {
        return scale;
    }

    /** What the stand-in has printed last. */
    public Optional<Printed> printed() {
        return printed;
    }

    /** By what name its measures are kept. */
    public String name() {
        return switch (to()) {
            case MachineAddress.StandIn s -> STAND_IN;
            case MachineAddress.Port p -> p.host() + ":" + p.port();
            case MachineAddress.SystemPrinter p -> p.name();
            case MachineAddress.ToFile f -> "PDF";
        };
    }

    /** @param done runs once it is printed */
    public void print(SheetId sheet, Runnable done) {
        Job job = desk.bench().job();
        print(new PrintJob(job, List.of(sheet), ruler, compensated ? scale : Optional.empty()), sheet, done);
    }

    /** A page with a square to be measured, as large as a sheet. */
    public void testPage(Sheet sheet) {
        print(PrintJob.testPage(sheet.width(), sheet.height(), Optional.empty()), sheet.id(), () -> {});
    }

    /** Asks what was measured of the test page, and keeps it. */
    public void measure(Sheet sheet) {
        double square = TestPage.square(sheet.width(), sheet.height());
        String name = name();
        questions.measured(square).ifPresent(mm -> {
            PrinterScale measured = PrinterScale.measured(name, mm[0], mm[1], square);
            desk.workers()
                    .file(
                            () -> {
                                scales.keep(measured);
                                return measured;
                            },
                            kept -> {
                                scale = Optional.of(kept);
                                desk.notices().say(Words.of("run.measured", name));
                                tell();
                            },
                            desk.notices()::failed,
                            () -> {});
        });
    }

    private void print(PrintJob job, SheetId sheet, Runnable done) {
        MachineAddress where = to();
        Optional<Path> file = where instanceof MachineAddress.ToFile
                ? questions.passTarget(job.job().title() + ".pdf")
                : Optional.empty();
        if (where instanceof MachineAddress.ToFile && file.isEmpty()) {
            return;
        }
        SystemPrinter.Settings how = settings;
        progress.run(
                Words.of("run.printing"),
                () -> {
                    byte[] pdf = job.pdf(desk.pictures());
                    return switch (where) {
                        case MachineAddress.StandIn s -> Optional.of(onStandIn(pdf));
                        case MachineAddress.Port p -> {
                            PrinterPort.send(pdf, p.host(), p.port());
                            yield Optional.<BufferedImage>empty();
                        }
                        case MachineAddress.SystemPrinter p -> {
                            SystemPrinter.named(p.name()).print(pdf, job.job().title(), how);
                            yield Optional.<BufferedImage>empty();
                        }
                        case MachineAddress.ToFile f -> {
                            AtomicFile.write(file.orElseThrow(), Replacing.ANYTHING, o -> o.write(pdf));
                            yield Optional.<BufferedImage>empty();
                        }
                    };
                },
                picture -> {
                    printed = picture.map(p -> new Printed(sheet, p));
                    desk.notices().say(Words.of("run.printed"));
                    tell();
                    done.run();
                });
    }

    /** What comes out of the stand-in, as a picture. */
    private static BufferedImage onStandIn(byte[] pdf) throws Exception {
        Path folder = Files.createTempDirectory("rondel-printer");
        CompletableFuture<Path> page = new CompletableFuture<>();
        try (StandInPrinter printer =
                new StandInPrinter(InetAddress.getLoopbackAddress(), 0, folder, Misfeed.NONE, MARGIN, s -> {})) {
            printer.onPrinted(files -> page.complete(files.getFirst()));
            PrinterPort.send(pdf, "localhost", printer.port());
            return ImageIO.read(page.get(60, TimeUnit.SECONDS).toFile());
        } catch (java.util.concurrent.TimeoutException e) {
            throw new Refusal(Words.of("run.notPrinted"), e);
        } finally {
            WholeFolder.delete(folder);
        }
    }
}
