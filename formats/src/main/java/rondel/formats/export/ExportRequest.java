package rondel.formats.export;

import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.SheetId;
import rondel.words.Refusal;

/** What is to leave a job, and how.
 *
 * @param what left out, what is printed goes into pictures and PDF, and everything into SVG
 * @param sheets one or several
 * @param only these elements; all where none is named
 * @param frame left out, the sheet with its bleed in PDF, else the sheet; what is seen where only some elements go
 * @param transparent without the paper
 * @param each a file of its own for each of these
 * @param level for each element of a level: how deep, from 1 for what stands on the sheet itself, or is named in {@code only}
 * @param how what there is to choose for one kind of file or another */
public record ExportRequest(
        ExportFormat format,
        Optional<ExportWhat> what,
        List<SheetId> sheets,
        List<ElementId> only,
        Optional<Frame> frame,
        RasterSize size,
        boolean transparent,
        LineLook lines,
        Each each,
        int level,
        FormatChoices how) {

    /** What a page shows around what is on it. */
    public enum Frame {
        SHEET,
        BLEED,
        /** Cropped to what can be seen. */
        SEEN
    }

    /** What gets a file of its own. */
    public enum Each {
        /** Everything together; several sheets each, except in PDF. */
        SHEET,
        /** Each element that stands on the sheet itself. */
        ELEMENT,
        /** Each element so many groups deep; what is in fewer groups stands for itself. */
        LEVEL,
        /** Each piece: what falls off the cutter, or is peeled off, as one object. */
        PIECE,
        /** Each alternative of each try-out, with the rest of its sheet. */
        ALTERNATIVE
    }

    /** Written as is usual for the kind of file. */
    public ExportRequest(
            ExportFormat format,
            Optional<ExportWhat> what,
            List<SheetId> sheets,
            List<ElementId> only,
            Optional<Frame> frame,
            RasterSize size,
            boolean transparent,
            LineLook lines,
            Each each) {
        this(format, what, sheets, only, frame, size, transparent, lines, each, 1, FormatChoices.USUAL);
    }

    public ExportRequest {
        sheets = List.copyOf(sheets);
        only = List.copyOf(only);
        if (level < 1) {
            throw Refusal.of("export.level");
        }
    }

    /** A whole sheet as is usual. */
    public static ExportRequest of(ExportFormat format, SheetId sheet) {
        return new ExportRequest(
                format,
                Optional.empty(),
                List.of(sheet),
                List.of(),
                Optional.empty(),
                RasterSize.USUAL,
                false,
                format == ExportFormat.SVG ? LineLook.BY_ROLE : LineLook.AS_DRAWN,
                Each.SHEET);
    }

    public ExportRequest withWhat(ExportWhat other) {
        return new ExportRequest(
                format, Optional.of(other), sheets, only, frame, size, transparent, lines, each, level, how);
    }

    public ExportRequest withOnly(List<ElementId> other) {
        return new ExportRequest(format, what, sheets, other, frame, size, transparent, lines, each, level, how);
    }

    public ExportRequest withFrame(Frame other) {
        return new ExportRequest(
                format, what, sheets, only, Optional.of(other), size, transparent, lines, each, level, how);
    }

    public ExportRequest withSize(RasterSize other) {
        return new ExportRequest(format, what, sheets, only, frame, other, transparent, lines, each, level, how);
    }

    public ExportRequest withEach(Each other) {
        return new ExportRequest(format, what, sheets, only, frame, size, transparent, lines, other, level, how);
    }

    public ExportRequest withLines(LineLook other) {
        return new ExportRequest(format, what, sheets, only, frame, size, transparent, other, each, level, how);
    }

    public ExportRequest withSheets(List<SheetId> other) {
        return new ExportRequest(format, what, other, only, frame, size, transparent, lines, each, level, how);
    }

    public ExportRequest withTransparent(boolean other) {
        return new ExportRequest(format, what, sheets, only, frame, size, other, lines, each, level, how);
    }

    public ExportRequest withLevel(int other) {
        return new ExportRequest(format, what, sheets, only, frame, size, transparent, lines, Each.LEVEL, other, how);
    }

    public ExportRequest withHow(FormatChoices other) {
        return new ExportRequest(format, what, sheets, only, frame, size, transparent, lines, each, level, other);
    }
}
