package rondel.cli;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Option;
import rondel.formats.export.ExportWhat;
import rondel.job.PrintInks;
import rondel.job.Role;
import rondel.units.LengthUnit;

/** What there is to choose for a print shop. */
final class PrintReadyOptions {

    @Option(
            names = "--print-ready",
            description =
                    "for a print shop: PDF/X-4 with bleed, a press profile, and cut, kiss cut, score and drawn lines"
                            + " in inks of their own that overprint")
    private boolean wanted;

    @Option(
            names = "--ink",
            split = ",",
            paramLabel = "ROLE=NAME",
            description = "of --print-ready: what the ink of a role is called, as cut=Knife")
    private Map<String, String> inks = Map.of();

    @Option(
            names = "--converted",
            description = "of --print-ready: colours and pictures in the press's four inks; else they stay sRGB")
    private boolean converted;

    @Option(
            names = "--white",
            arity = "0..1",
            fallbackValue = "White",
            paramLabel = "NAME",
            description = "of --print-ready: white ink under all that is printed, for clear and foil stock")
    private String white;

    @Option(
            names = "--choke",
            paramLabel = "MM",
            converter = TypedLength.Converter.class,
            description = "of --white: how far it stays inside the edges of the print; 0.15 mm without it")
    private Optional<TypedLength> choke = Optional.empty();

    @Option(
            names = "--spot",
            paramLabel = "COLOUR=NAME",
            defaultValue = "",
            description = "of --print-ready: a colour that is an ink of its own, as \"#d4af37=Gold foil\"; several with"
                    + " commas")
    private String spots;

    boolean wanted() {
        return wanted;
    }

    /** What inks of lines are called. */
    Map<Role, String> names() {
        Map<Role, String> names = new HashMap<>();
        inks.forEach((role, name) -> ExportWhat.parse(role).roles().forEach(r -> names.put(r, name)));
        return names;
    }

    PrintInks inks() {
        return new PrintInks(
                converted,
                Optional.ofNullable(white),
                choke.map(c -> c.mm(LengthUnit.MM)).orElse(PrintInks.USUAL_CHOKE),
                PrintInks.spots(spots));
    }
}
