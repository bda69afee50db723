package rondel.cli;

import java.util.List;
import picocli.CommandLine.Option;
import rondel.formats.dxf.DxfVersion;
import rondel.formats.export.DxfChoice;
import rondel.formats.export.FormatChoices;
import rondel.formats.export.JpegChoice;
import rondel.formats.export.SvgChoice;
import rondel.formats.proof.SoftProof;
import rondel.job.Rgba;

/** What there is to choose for one kind of exported file or another. */
final class FormatOptions {

    private static final List<SvgChoice.Grouping> GROUPINGS =
            List.of(SvgChoice.Grouping.AS_IN_JOB, SvgChoice.Grouping.COLOURS, SvgChoice.Grouping.PIECES);

    @Option(names = "--dxf-version", paramLabel = "V", description = "of DXF: r2000, or r12 for old readers")
    private DxfVersion dxfVersion = DxfVersion.R2000;

    @Option(names = "--blocks", description = "in DXF, groups and copies are blocks")
    private boolean blocks;

    @Option(
            names = "--groups",
            paramLabel = "BY",
            defaultValue = "job",
            description = "groups of SVG: job (as they are), colour (one a colour), piece (one a piece)")
    private String groups;

    @Option(names = "--no-pictures", description = "in SVG, only what is drawn")
    private boolean withoutPictures;

    @Option(
            names = "--live-text",
            description = "in SVG, text as text with the name of its font; as outlines without it")
    private boolean liveText;

    @Option(
            names = "--quality",
            paramLabel = "PER-CENT",
            defaultValue = "92",
            description = "of JPEG, from 5 for the smallest file to 100 for the best; 92 without it")
    private double quality;

    @Option(
            names = "--matte",
            paramLabel = "COLOUR",
            defaultValue = "#ffffff",
            converter = ColourConverter.class,
            description = "of JPEG: what is behind what is transparent, as #rrggbb; white without it")
    private Rgba matte;

    @Option(
            names = "--colours",
            paramLabel = "HOW",
            defaultValue = "drawn",
            description = "of PNG and JPEG: drawn, printed (as a press prints them), marked (with stripes over what it"
                    + " has no colour for)")
    private String colours;

    FormatChoices choices() {
        return new FormatChoices(
                new DxfChoice(dxfVersion, blocks, List.of()),
                new SvgChoice(
                        GROUPINGS.get(ExportCommand.choice("--groups", groups, "job", "colour", "piece")),
                        !withoutPictures,
                        liveText),
                new JpegChoice(quality / 100, matte),
                SoftProof.Shown.values()[ExportCommand.choice("--colours", colours, "drawn", "printed", "marked")]);
    }
}
