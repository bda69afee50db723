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
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.RoleLook;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.paint.PictureSource;

/** Sheets as a print shop takes them: PDF/X-4 with bleed, and each role's lines in an ink of its own.
 *
 * @param names of the inks, where they are not to be called as the job calls the layers */
public record PrintReady(Job job, List<SheetId> sheets, Map<Role, String> names) {

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
            all.add(new PrintReadyPage(page(sheet, ExportWhat.PRINT), lines));
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

    List<Separation> separations() {
        return TOOLED.stream()
                .map(r -> {
                    RoleLook look = job.lookOf(r);
                    return new Separation(
                            r, Optional.ofNullable(names.get(r)).orElse(look.layer()), look.layer(), look.colour());
                })
                .toList();
    }

    /** @param now when it is made */
    public void write(PictureSource pictures, ZonedDateTime now, OutputStream out) throws IOException {
        PrintReadyPdf.write(job.title(), pages(), separations(), pictures, now, out);
    }
}
