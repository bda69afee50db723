package rondel.formats.export;

/** What there is to choose for one kind of file or another.
 *
 * @param dxf how lines leave as DXF
 * @param svg how elements leave as SVG
 * @param jpeg how good a JPEG is, and what is behind what is transparent */
public record FormatChoices(DxfChoice dxf, SvgChoice svg, JpegChoice jpeg) {

    public static final FormatChoices USUAL = new FormatChoices(DxfChoice.USUAL, SvgChoice.USUAL, JpegChoice.USUAL);

    public FormatChoices withDxf(DxfChoice other) {
        return new FormatChoices(other, svg, jpeg);
    }

    public FormatChoices withSvg(SvgChoice other) {
        return new FormatChoices(dxf, other, jpeg);
    }

    public FormatChoices withJpeg(JpegChoice other) {
        return new FormatChoices(dxf, svg, other);
    }
}
