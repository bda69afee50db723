package rondel.desktop.export;

import java.util.Optional;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.ExportWhat;
import rondel.formats.export.RasterSize;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.units.LengthFormat;
import rondel.words.Words;

/** What a choice will come out as, in a sentence, before it does.
 *
 * @param sheet the one on the bench */
public record ExportSummary(Job job, Sheet sheet) {

    public String of(ExportChoice choice) {
        if (choice.printReady() && choice.format() == ExportFormat.PDF) {
            return Words.of(
                    "export.summary.printReady", choice.sheets(job, sheet.id()).size());
        }
        return Words.of("export.summary", choice.format(), what(choice), frame(choice), files(choice));
    }

    private static String what(ExportChoice choice) {
        ExportWhat what = choice.what().orElse(choice.format() == ExportFormat.SVG ? ExportWhat.ALL : ExportWhat.PRINT);
        return switch (what.kind()) {
            case ALL -> Words.of("export.summary.all");
            case PRINT -> Words.of("export.summary.print");
            case PROOF -> Words.of("export.summary.proof");
            case LINES ->
                what.roles().size() == 1
                        ? Words.of(
                                "export.summary.role",
                                role(what.roles().iterator().next()))
                        : Words.of("export.summary.lines");
        };
    }

    private static String role(Role role) {
        return Words.of("role.within." + role);
    }

    private String frame(ExportChoice choice) {
        ExportRequest.Frame frame = choice.frame()
                .orElseGet(() -> choice.selectionOnly()
                        ? ExportRequest.Frame.SEEN
                        : choice.format() == ExportFormat.PDF ? ExportRequest.Frame.BLEED : ExportRequest.Frame.SHEET);
        if (frame == ExportRequest.Frame.SEEN) {
            return Words.of("export.summary.seen");
        }
        double bleed = frame == ExportRequest.Frame.BLEED ? sheet.bleed() : 0;
        double width = sheet.width() + 2 * bleed;
        double height = sheet.height() + 2 * bleed;
        String size = LengthFormat.size(width, height, job.unit());
        String whole = Words.of(bleed > 0 ? "export.summary.bleed" : "export.summary.sheet", size);
        return choice.format().ofPixels() ? whole + ", " + pixels(choice.size(), width, height) : whole;
    }

    private static String pixels(RasterSize size, double width, double height) {
        long across = Math.round(width / 25.4 * size.ppi());
        long down = Math.round(height / 25.4 * size.ppi());
        if (size.width().isPresent()) {
            across = size.width().getAsInt();
            down = size.height().orElse((int) Math.round(height / width * across));
        } else if (size.height().isPresent()) {
            down = size.height().getAsInt();
            across = Math.round(width / height * down);
        }
        return Words.of("export.summary.pixels", across, down);
    }

    private String files(ExportChoice choice) {
        int sheets = choice.allSheets() ? job.sheets().size() : 1;
        Optional<String> several =
                switch (choice.each()) {
                    case ELEMENT -> Optional.of(Words.of("export.summary.eachElement"));
                    case LEVEL -> Optional.of(Words.of("export.summary.eachLevel", choice.level()));
                    case PIECE -> Optional.of(Words.of("export.summary.eachPiece"));
                    case ALTERNATIVE -> Optional.of(Words.of("export.summary.eachAlternative"));
                    case SHEET ->
                        sheets == 1
                                ? Optional.empty()
                                : Optional.of(Words.of(
                                        choice.format() == ExportFormat.PDF
                                                ? "export.summary.pages"
                                                : "export.summary.files",
                                        sheets));
                };
        return several.map(s -> " " + s).orElse("");
    }
}
