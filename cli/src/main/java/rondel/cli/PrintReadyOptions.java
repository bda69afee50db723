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

    @Option(names = "--print-ready")
    private boolean wanted;

    @Option(names = "--ink", split = ",", paramLabel = "ROLE=NAME")
    private Map<String, String> inks = Map.of();

    @Option(names = "--converted")
    private boolean converted;

    @Option(names = "--white", arity = "0..1", fallbackValue = "White", paramLabel = "NAME")
    private String white;

    @Option(names = "--choke", paramLabel = "MM", converter = TypedLength.Converter.class)
    private Optional<TypedLength> choke = Optional.empty();

    @Option(names = "--spot", paramLabel = "COLOUR=NAME", defaultValue = "")
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
