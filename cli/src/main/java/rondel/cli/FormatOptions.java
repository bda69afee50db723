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

    @Option(names = "--dxf-version", paramLabel = "V")
    private DxfVersion dxfVersion = DxfVersion.R2000;

    @Option(names = "--blocks")
    private boolean blocks;

    @Option(names = "--groups", paramLabel = "BY", defaultValue = "job")
    private String groups;

    @Option(names = "--no-pictures")
    private boolean withoutPictures;

    @Option(names = "--live-text")
    private boolean liveText;

    @Option(names = "--quality", paramLabel = "PER-CENT", defaultValue = "92")
    private double quality;

    @Option(names = "--matte", paramLabel = "COLOUR", defaultValue = "#ffffff", converter = ColourConverter.class)
    private Rgba matte;

    @Option(names = "--colours", paramLabel = "HOW", defaultValue = "drawn")
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
