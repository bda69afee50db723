package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.formats.files.OwnFolders;
import rondel.formats.job.MaterialLibrary;
import rondel.job.Material;
import rondel.job.Role;
import rondel.job.ToolSettings;
import rondel.units.LengthUnit;

/** Lists the materials that there are, and keeps the person's own. */
@Command(
        name = "materials",
        mixinStandardHelpOptions = true,
        description = "Lists the materials that things can be made of, adds one, or takes one off.")
final class MaterialsCommand implements Callable<Integer> {

    private static final List<Role> ROLES = List.of(Role.CUT, Role.KISS_CUT, Role.SCORE, Role.DRAW);

    private final PrintStream out;

    @Option(names = "--add", paramLabel = "NAME", description = "keeps a material of this name")
    private Optional<String> add;

    @Option(names = "--like", paramLabel = "NAME", description = "with the figures of this one where none are given")
    private String like = "Card";

    @Option(names = "--remove", paramLabel = "NAME", description = "takes a material of your own off the list")
    private Optional<String> remove;

    @Option(names = "--colour", paramLabel = "#RRGGBB", converter = ColourConverter.class, description = "of --add")
    private rondel.job.Rgba colour;

    @Option(names = "--speed", paramLabel = "N", description = "of cutting, in mm/s")
    private Double speed;

    @Option(names = "--cut-force", paramLabel = "N", description = "of cutting, in grams")
    private Double force;

    @Option(names = "--times", paramLabel = "N", description = "how often a cut is gone over")
    private Integer times;

    @Option(
            names = "--blade-offset",
            paramLabel = "L",
            converter = TypedLength.Converter.class,
            description = "how far the tip of the blade trails")
    private TypedLength offset;

    @Option(
            names = "--overcut",
            paramLabel = "L",
            converter = TypedLength.Converter.class,
            description = "how far closed lines are cut on past their start")
    private TypedLength overcut;

    @Option(names = "--mirrored", description = "it is cut from its back")
    private boolean mirrored;

    @Option(names = "--roll", description = "it comes by the length")
    private boolean roll;

    @Option(names = "--list", paramLabel = "FILE", description = "another list than your own")
    private Optional<Path> list;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    MaterialsCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        MaterialLibrary library = new MaterialLibrary(list.orElseGet(OwnFolders::materials));
        remove.ifPresent(library::remove);
        add.ifPresent(name -> library.add(material(library.named(like), name)));
        if (json) {
            ArrayNode array = JsonNodeFactory.instance.arrayNode();
            library.all().forEach(m -> array.add(library.json(m)));
            out.println(Json.text(array));
        } else {
            library.all().forEach(this::print);
        }
        return 0;
    }

    private Material material(Material model, String name) {
        ToolSettings cut = model.by(Role.CUT);
        Material made = model.tinted(name, colour == null ? model.colour() : colour)
                .with(
                        Role.CUT,
                        new ToolSettings(
                                cut.tool(),
                                speed == null ? cut.speed() : speed,
                                force == null ? cut.force() : force,
                                times == null ? cut.times() : times))
                .withBlade(
                        offset == null ? model.bladeOffset() : offset.mm(LengthUnit.MM),
                        overcut == null ? model.overcut() : overcut.mm(LengthUnit.MM),
                        model.leadIn());
        return made.mirrored(mirrored || model.mirrored()).withForm(roll ? Material.Form.ROLL : model.form());
    }

    private void print(Material m) {
        out.printf(
                Locale.ROOT,
                "%-20s %s  %.2f mm%s%s%n",
                m.name(),
                m.colour().hex(),
                m.thickness(),
                m.form() == Material.Form.ROLL ? ", roll" : "",
                m.mirrored() ? ", mirrored" : "");
        for (Role role : ROLES) {
            ToolSettings t = m.by(role);
            out.printf(
                    Locale.ROOT,
                    "    %-9s %-11s %4.0f mm/s  %4.0f g%s%n",
                    role.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                    t.toolName(),
                    t.speed(),
                    t.force(),
                    t.times() > 1 ? "  x" + t.times() : "");
        }
    }
}
