package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
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
import rondel.words.Decimals;
import rondel.words.Words;

/** Lists the materials that there are, and keeps the person's own. */
@Command(name = "materials", mixinStandardHelpOptions = true)
final class MaterialsCommand implements Callable<Integer> {

    private static final List<Role> ROLES = List.of(Role.CUT, Role.KISS_CUT, Role.SCORE, Role.DRAW);

    private final PrintStream out;

    @Option(names = "--add", paramLabel = "NAME")
    private Optional<String> add;

    @Option(names = "--like", paramLabel = "NAME")
    private String like = "Card";

    @Option(names = "--remove", paramLabel = "NAME")
    private Optional<String> remove;

    @Option(names = "--colour", paramLabel = "#RRGGBB", converter = ColourConverter.class)
    private rondel.job.Rgba colour;

    @Option(names = "--speed", paramLabel = "N")
    private Double speed;

    @Option(names = "--cut-force", paramLabel = "N")
    private Double force;

    @Option(names = "--times", paramLabel = "N")
    private Integer times;

    @Option(names = "--blade-offset", paramLabel = "L", converter = TypedLength.Converter.class)
    private TypedLength offset;

    @Option(names = "--overcut", paramLabel = "L", converter = TypedLength.Converter.class)
    private TypedLength overcut;

    @Option(names = "--mirrored")
    private boolean mirrored;

    @Option(names = "--roll")
    private boolean roll;

    @Option(names = "--list", paramLabel = "FILE")
    private Optional<Path> list;

    @Option(names = "--json")
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
                "%-20s %s  %s mm%s%s%n",
                m.name(),
                m.colour().hex(),
                Decimals.of(m.thickness(), 2),
                m.form() == Material.Form.ROLL ? ", " + Words.of("cli.roll") : "",
                m.mirrored() ? ", " + Words.of("cli.mirrored") : "");
        for (Role role : ROLES) {
            ToolSettings t = m.by(role);
            out.printf(
                    "    %-9s %-11s %4.0f mm/s  %4.0f g%s%n",
                    Words.of("role.within." + role),
                    t.toolName(),
                    t.speed(),
                    t.force(),
                    t.times() > 1 ? "  x" + t.times() : "");
        }
    }
}
