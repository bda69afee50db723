package rondel.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import rondel.fields.LeftOut;

/** How the sheets of a job are made: from which materials, in which passes. What is not said here is worked out.
 *
 * @param materials that the job uses, with the figures it uses them by
 * @param rules which lines are made of which; the first that fits holds
 * @param sheets what was said of single sheets */
public record RunSettings(
        @LeftOut("[]") List<Material> materials,
        @LeftOut("[]") List<MaterialRule> rules,
        @LeftOut("[]") List<SheetRun> sheets) {

    public static final RunSettings NONE = new RunSettings(List.of(), List.of(), List.of());

    public static final RunSettings USUAL = NONE;

    public RunSettings {
        materials = List.copyOf(materials);
        rules = List.copyOf(rules);
        sheets = List.copyOf(sheets);
    }

    /** A material of the job by its name. */
    public Optional<Material> material(String name) {
        return materials.stream().filter(m -> m.name().equals(name)).findFirst();
    }

    /** What was said of a sheet. */
    public SheetRun of(SheetId sheet) {
        return sheets.stream().filter(s -> s.sheet().equals(sheet)).findFirst().orElseGet(() -> SheetRun.of(sheet));
    }

    public RunSettings withMaterials(List<Material> other) {
        return new RunSettings(other, rules, sheets);
    }

    public RunSettings withRules(List<MaterialRule> other) {
        return new RunSettings(materials, other, sheets);
    }

    /** The same with a material; one of its name is replaced by it. */
    public RunSettings with(Material material) {
        List<Material> all = new ArrayList<>(materials);
        all.removeIf(m -> m.name().equals(material.name()));
        all.add(material);
        return withMaterials(all);
    }

    /** The same with something else said of a sheet. */
    public RunSettings with(SheetId sheet, UnaryOperator<SheetRun> change) {
        SheetRun changed = change.apply(of(sheet));
        List<SheetRun> all = new ArrayList<>(sheets);
        all.removeIf(s -> s.sheet().equals(sheet));
        if (!changed.isUsual()) {
            all.add(changed);
        }
        return new RunSettings(materials, rules, all);
    }
}
