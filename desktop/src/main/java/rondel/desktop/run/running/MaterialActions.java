package rondel.desktop.run.running;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import rondel.desktop.desk.Desk;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.RunSettings;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.run.passes.KeepMaterial;
import rondel.run.passes.MaterialsByColour;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.passes.SetMaterialRules;
import rondel.run.passes.SetSheetMaterial;
import rondel.run.passes.SheetLines;
import rondel.run.passes.ShippedMaterials;
import rondel.words.Words;

/** What is done with materials, and what is made of which. */
public final class MaterialActions {

    /** Stands for any material where only what a rule is about counts. */
    private static final String ANY = "-";

    private final RunModel model;
    private final MaterialChoice materials;
    private final RunQuestions questions;
    private final Desk desk;

    MaterialActions(RunModel model, MaterialChoice materials, RunQuestions questions) {
        this.model = model;
        this.materials = materials;
        this.questions = questions;
        this.desk = model.desk();
    }

    private SheetId sheet() {
        return model.sheet().id();
    }

    public void byColour() {
        desk.perform(new MaterialsByColour(
                sheet(), Passes.usualMaterial(desk.bench().job(), sheet()).name()));
    }

    /** Asks what is made of what. */
    public void rules() {
        Job job = desk.bench().job();
        questions
                .materialRules(job.run().rules(), materials.all(), about(model.sheet()))
                .ifPresent(rules -> {
                    List<Material> needed = materials.all().stream()
                            .filter(m ->
                                    rules.stream().anyMatch(r -> r.material().equals(m.name()))
                                            && job.run().material(m.name()).isEmpty())
                            .toList();
                    needed.forEach(m -> desk.perform(new KeepMaterial(m)));
                    desk.perform(new SetMaterialRules(rules));
                });
    }

    /** A colour or a role each. */
    private static List<MaterialRule> about(Sheet sheet) {
        Set<MaterialRule> all = new LinkedHashSet<>();
        SheetLines.of(sheet).forEach(l -> all.add(MaterialRule.ofColour(l.colour(), ANY)));
        SheetLines.of(sheet)
                .forEach(
                        l -> all.add(new MaterialRule(Optional.of(l.role()), Optional.empty(), Optional.empty(), ANY)));
        return List.copyOf(all);
    }

    /** Makes the lines that are held, wherever their design is copied to, of a material. */
    public void lineMaterial() {
        questions.oneOf(materials.all(), Words.of("run.linesMaterial")).ifPresent(m -> {
            RunSettings run = desk.bench().job().run();
            List<MaterialRule> rules = new ArrayList<>();
            model.held()
                    .forEach(e ->
                            rules.add(new MaterialRule(Optional.empty(), Optional.empty(), Optional.of(e), m.name())));
            run.rules().stream()
                    .filter(r -> r.group().filter(model.held()::contains).isEmpty())
                    .forEach(rules::add);
            if (run.material(m.name()).isEmpty()
                    && ShippedMaterials.named(m.name()).isEmpty()) {
                desk.perform(new KeepMaterial(m));
            }
            desk.perform(new SetMaterialRules(rules));
        });
    }

    /** Chooses what the sheet's lines are made of where no rule says otherwise. */
    public void material(Material material) {
        Job job = desk.bench().job();
        if (!Passes.material(job, material.name()).equals(material)) {
            desk.perform(new KeepMaterial(material));
        }
        desk.perform(new SetSheetMaterial(sheet(), Optional.of(material.name())));
    }

    /** Changes the figures of the material of the pass. */
    public void figures(UnaryOperator<Material> change) {
        model.pass().ifPresent(p -> {
            Material after = change.apply(p.material());
            if (!after.equals(p.material())) {
                desk.perform(new KeepMaterial(after));
            }
        });
    }

    /** A material of the person's own. */
    public void newMaterial() {
        Material like = model.pass().map(Pass::material).orElse(materials.all().getFirst());
        questions
                .material(like)
                .ifPresent(m -> materials.keep(m, all -> {
                    material(m);
                    desk.notices().say(Words.of("run.materialKept", m.name()));
                }));
    }
}
