package rondel.desktop.run;

import java.util.List;
import java.util.function.BiFunction;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.field.RovingPane;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.run.running.RunActions;
import rondel.job.Material;
import rondel.job.ToolSettings;
import rondel.run.passes.Pass;
import rondel.units.LengthUnit;
import rondel.words.ShippedNames;
import rondel.words.Words;

/** The material of the pass and the figures that it is made by. */
final class MaterialSection extends LabelledFields {

    private final RunActions actions;
    private final ChoiceBox<Material> material = new ChoiceBox<>();
    private final FigureField speed;
    private final FigureField force;
    private final FigureField times;
    private final FigureField offset;
    private final FigureField overcut;
    private final FigureField leadIn;
    private final CheckBox mirrored;
    private final CheckBox roll;
    private boolean following;

    MaterialSection(RunActions actions, Commands commands) {
        this.actions = actions;
        material.setId("run-material");
        material.setMaxWidth(Double.MAX_VALUE);
        material.setConverter(new ChoiceNames<>(m -> ShippedNames.shown(m.name())));
        material.setOnShowing(e -> actions.materials().read(all -> follow()));
        material.setOnAction(e -> {
            if (!following && material.getValue() != null) {
                actions.making().material(material.getValue());
            }
        });
        row("run.material", material);
        speed = figure(
                "run-speed",
                "run.speed",
                Figure.number(" mm/s", 10, 50, 1, 2000),
                v -> tool((t, x) -> new ToolSettings(t.tool(), x, t.force(), t.times()), v));
        force = figure(
                "run-force",
                "run.force",
                Figure.number(" g", 5, 20, 0, 10_000),
                v -> tool((t, x) -> new ToolSettings(t.tool(), t.speed(), x, t.times()), v));
        times = figure(
                "run-times",
                "run.times",
                Figure.number("", 1, 2, 1, 20),
                v -> tool((t, x) -> new ToolSettings(t.tool(), t.speed(), t.force(), (int) Math.rint(x)), v));
        Figure fine = Figure.distance(() -> LengthUnit.MM);
        offset = figure("run-offset", "run.bladeOffset", fine.within(0, 2), v -> actions.making()
                .figures(m -> m.withBlade(v, m.overcut(), m.leadIn())));
        overcut = figure("run-overcut", "run.overcut", fine.within(0, 10), v -> actions.making()
                .figures(m -> m.withBlade(m.bladeOffset(), v, m.leadIn())));
        leadIn = figure("run-lead-in", "run.leadIn", fine.within(0, 10), v -> actions.making()
                .figures(m -> m.withBlade(m.bladeOffset(), m.overcut(), v)));
        mirrored = check("run-mirrored", "run.mirrored", on -> actions.making().figures(m -> m.mirrored(on)));
        roll = check("run-roll", "run.roll", on -> actions.making()
                .figures(m -> m.withForm(on ? Material.Form.ROLL : Material.Form.SHEET)));
        Button keep = new Button(Words.of("run.keepMaterial"));
        keep.setId("run-keep-material");
        keep.setOnAction(e -> actions.making().newMaterial());
        wide(new RovingPane(6, 6, keep, CommandButton.of(commands.get("materialRules"))));
        actions.model().onChange(this::follow);
        actions.materials().read(all -> follow());
    }

    private void tool(BiFunction<ToolSettings, Double, ToolSettings> change, double value) {
        actions.model().pass().ifPresent(p -> actions.making()
                .figures(m -> m.with(p.key().role(), change.apply(m.by(p.key().role()), value))));
    }

    private void follow() {
        actions.model().pass().ifPresent(this::show);
    }

    private void show(Pass pass) {
        Material now = pass.material();
        following = true;
        List<Material> all = new java.util.ArrayList<>(actions.materials().all());
        all.removeIf(m -> m.name().equals(now.name()));
        all.addFirst(now);
        if (!material.getItems().equals(all)) {
            material.getItems().setAll(all);
        }
        material.setValue(now);
        following = false;
        boolean cut = pass.tool().isPresent();
        boolean blade =
                pass.tool().filter(t -> t.tool() == ToolSettings.Tool.BLADE).isPresent();
        showing(() -> {
            pass.tool().ifPresent(t -> {
                speed.show(t.speed());
                force.show(t.force());
                times.show(t.times());
            });
            offset.show(now.bladeOffset());
            overcut.show(now.overcut());
            leadIn.show(now.leadIn());
            mirrored.setSelected(now.mirrored());
            roll.setSelected(now.form() == Material.Form.ROLL);
            List.of(speed, force, times).forEach(f -> f.setVisible(cut));
            List.of(offset, overcut, leadIn).forEach(f -> f.setVisible(blade));
            roll.setVisible(cut);
        });
    }
}
