package rondel.formats.export;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.formats.page.Page;
import rondel.formats.pdf.printready.PrintReadyPage;
import rondel.formats.pdf.printready.PrintReadyPdf;
import rondel.formats.pdf.printready.Separation;
import rondel.geometry.Outline;
import rondel.handoff.inks.WhiteUnderprint;
import rondel.job.Job;
import rondel.job.PrintInks;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.paint.PictureSource;

/** Sheets as a print shop takes them: PDF/X-4 with bleed, and each role's lines in an ink of its own.
 *
 * @param names of the inks of lines, where they are not to be called as the job calls the layers
 * @param inks what the picture is printed with */
public record PrintReady(Job job, List<SheetId> sheets, Map<Role, String> names, PrintInks inks) {

    private static final List<Role> TOOLED = List.of(Role.CUT, Role.KISS_CUT, Role.SCORE, Role.DRAW);

    public PrintReady {
        sheets = List.copyOf(sheets);
        names = Map.copyOf(names);
    }

    /** @throws rondel.words.Refusal if there is no such sheet */
    public List<PrintReadyPage> pages() {
        List<PrintReadyPage> all = new ArrayList<>();
        for (SheetId id : sheets) {
            Sheet sheet = job.sheet(id);
            Map<Role, Page> lines = new EnumMap<>(Role.class);
            for (Role role : TOOLED) {
                Page page = page(sheet, ExportWhat.lines(role));
                if (!page.elements().isEmpty()) {
                    lines.put(role, page);
                }
            }
            Page print = page(sheet, ExportWhat.PRINT);
            Optional<Outline> white = inks.white()
                    .map(w -> WhiteUnderprint.of(job, print.elements(), inks.choke()))
                    .filter(o -> !o.isEmpty());
            all.add(new PrintReadyPage(onStock(print), lines, white));
        }
        return all;
    }

    /** How its pages look on a screen: what is printed, with the lines on it. */
    public List<Page> looks() {
        return sheets.stream().map(id -> page(job.sheet(id), ExportWhat.PROOF)).toList();
    }

    private Page page(Sheet sheet, ExportWhat what) {
        ExportRequest request = ExportRequest.of(ExportFormat.PDF, sheet.id())
                .withWhat(what)
                .withFrame(ExportRequest.Frame.BLEED)
                .withLines(LineLook.AS_DRAWN);
        return Exporting.outputs(job, request, Path.of("print.pdf"))
                .getFirst()
                .pages()
                .getFirst();
    }

    /** Paper is what is printed on: on a stock that shows through white ink is said, none of it is printed. */
    private Page onStock(Page print) {
        return inks.white().isPresent() ? print.withoutPaper() : print;
    }

    private Map<Role, Separation> separations() {
        Map<Role, Separation> all = new EnumMap<>(Role.class);
        TOOLED.forEach(r -> all.put(r, Separation.of(r, job.lookOf(r), Optional.ofNullable(names.get(r)))));
        return all;
    }

    /** @param now when it is made */
    public void write(PictureSource pictures, ZonedDateTime now, OutputStream out) throws IOException {
        PrintReadyPdf.write(job.title(), pages(), separations(), inks, pictures, now, out);
    }
}
