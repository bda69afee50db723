package rondel.formats.export;

import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.SheetId;

/** What is to leave a job, and how.
 *
 * @param what left out, what is printed goes into pictures and PDF, and everything into SVG
 * @param sheets one or several
 * @param only these elements; all where none is named
 * @param frame left out, the sheet with its bleed in PDF, else the sheet; what is seen where only some elements go
 * @param transparent without the paper
 * @param each a file of its own for each of these
 * @param dxf how lines leave as DXF */
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
        DxfChoice dxf) {

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
        /** Each alternative of each try-out, with the rest of its sheet. */
        ALTERNATIVE
    }

    /** Lines leave as DXF as is usual. */
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
        this(format, what, sheets, only, frame, size, transparent, lines, each, DxfChoice.USUAL);
    }

    public ExportRequest {
        sheets = List.copyOf(sheets);
        only = List.copyOf(only);
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
        return new ExportRequest(format, Optional.of(other), sheets, only, frame, size, transparent, lines, each, dxf);
    }

    public ExportRequest withOnly(List<ElementId> other) {
        return new ExportRequest(format, what, sheets, other, frame, size, transparent, lines, each, dxf);
    }

    public ExportRequest withFrame(Frame other) {
        return new ExportRequest(format, what, sheets, only, Optional.of(other), size, transparent, lines, each, dxf);
    }

    public ExportRequest withSize(RasterSize other) {
        return new ExportRequest(format, what, sheets, only, frame, other, transparent, lines, each, dxf);
    }

    public ExportRequest withEach(Each other) {
        return new ExportRequest(format, what, sheets, only, frame, size, transparent, lines, other, dxf);
    }

    public ExportRequest withLines(LineLook other) {
        return new ExportRequest(format, what, sheets, only, frame, size, transparent, other, each, dxf);
    }

    public ExportRequest withSheets(List<SheetId> other) {
        return new ExportRequest(format, what, other, only, frame, size, transparent, lines, each, dxf);
    }

    public ExportRequest withTransparent(boolean other) {
        return new ExportRequest(format, what, sheets, only, frame, size, other, lines, each, dxf);
    }

    public ExportRequest withDxf(DxfChoice other) {
        return new ExportRequest(format, what, sheets, only, frame, size, transparent, lines, each, other);
    }
}
