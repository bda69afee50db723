package rondel.devices.printer;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import rondel.formats.job.OwnLibrary;
import rondel.run.print.PrinterScale;

/** What the person has measured of their printers. */
public final class PrinterScales extends OwnLibrary<PrinterScale> {

    /** @param file that it is kept in; it need not be there yet */
    public PrinterScales(Path file) {
        super(file, PrinterScale.class, List.of(), PrinterScale::printer, "printer.");
    }

    /** What was measured of a printer, in whatever case its name is. */
    public Optional<PrinterScale> of(String printer) {
        return all().stream()
                .filter(s -> s.printer().equalsIgnoreCase(printer.strip()))
                .findFirst();
    }

    /** Keeps what was measured; what was measured of that printer before is forgotten. */
    public void keep(PrinterScale scale) {
        of(scale.printer()).ifPresent(s -> remove(s.printer()));
        add(scale);
    }
}
