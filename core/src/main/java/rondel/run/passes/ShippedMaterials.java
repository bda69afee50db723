package rondel.run.passes;

import java.util.List;
import java.util.Optional;
import rondel.job.Material;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ToolSettings;
import rondel.job.ToolSettings.Tool;

/** Materials by what they are, with figures to begin with; a person tries them on a scrap and keeps their own. */
public final class ShippedMaterials {

    /** Plain paper to write on. */
    public static final Material PAPER =
            Material.of("Paper", Rgba.WHITE, 0.1, 150, 90).with(Role.SCORE, scorer(90));

    public static final Material CARD =
            Material.of("Card", new Rgba(0xfb, 0xf7, 0xee, 255), 0.3, 80, 260).with(Role.SCORE, scorer(220));

    /** A printed film or paper on a backing: the kiss cut goes through the first only. */
    public static final Material KISS_CUT_SHEET = Material.of("Kiss-cut sheet", Rgba.WHITE, 0.25, 80, 260)
            .with(Role.KISS_CUT, new ToolSettings(Tool.BLADE, 150, 80, 1));

    public static final Material VINYL = Material.of("Vinyl", new Rgba(0x2f, 0x5d, 0x8a, 255), 0.08, 200, 90)
            .with(Role.KISS_CUT, new ToolSettings(Tool.BLADE, 200, 90, 1))
            .withForm(Material.Form.ROLL);

    public static final Material FOIL = Material.of("Foil", new Rgba(0xd4, 0xaf, 0x5a, 255), 0.06, 120, 70);

    /** Cut from its back, so that it reads right once it is pressed on. */
    public static final Material HEAT_TRANSFER = Material.of(
                    "Heat transfer film", new Rgba(0xc9, 0x4a, 0x3a, 255), 0.1, 150, 100)
            .with(Role.KISS_CUT, new ToolSettings(Tool.BLADE, 150, 100, 1))
            .withForm(Material.Form.ROLL)
            .mirrored(true);

    /** Woven cotton with a stabiliser behind it. */
    public static final Material CLOTH = Material.of("Cloth", new Rgba(0xef, 0xe6, 0xd2, 255), 0.4, 60, 240);

    public static final List<Material> ALL = List.of(PAPER, CARD, KISS_CUT_SHEET, VINYL, FOIL, HEAT_TRANSFER, CLOTH);

    private ShippedMaterials() {}

    private static ToolSettings scorer(double force) {
        return new ToolSettings(Tool.SCORER, 150, force, 1);
    }

    public static Optional<Material> named(String name) {
        return ALL.stream().filter(m -> m.name().equals(name)).findFirst();
    }
}
