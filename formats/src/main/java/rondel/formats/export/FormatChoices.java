package rondel.formats.export;

import rondel.formats.proof.SoftProof;

/** What there is to choose for one kind of file or another.
 *
 * @param dxf how lines leave as DXF
 * @param svg how elements leave as SVG
 * @param jpeg how good a JPEG is, and what is behind what is transparent
 * @param colours of pictures: as they are drawn, or as a press prints them */
public record FormatChoices(DxfChoice dxf, SvgChoice svg, JpegChoice jpeg, SoftProof.Shown colours) {

    public static final FormatChoices USUAL =
            new FormatChoices(DxfChoice.USUAL, SvgChoice.USUAL, JpegChoice.USUAL, SoftProof.Shown.AS_DRAWN);

    public FormatChoices withDxf(DxfChoice other) {
        return new FormatChoices(other, svg, jpeg, colours);
    }

    public FormatChoices withSvg(SvgChoice other) {
        return new FormatChoices(dxf, other, jpeg, colours);
    }

    public FormatChoices withJpeg(JpegChoice other) {
        return new FormatChoices(dxf, svg, other, colours);
    }

    public FormatChoices withColours(SoftProof.Shown other) {
        return new FormatChoices(dxf, svg, jpeg, other);
    }
}
