package rondel.desktop.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import javafx.stage.Window;
import rondel.desktop.dialog.FormDialog;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.FxColours;
import rondel.job.Hoop;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.PassKey;
import rondel.job.Rgba;
import rondel.run.passes.Pass;
import rondel.run.stitch.SewingThread;
import rondel.units.LengthUnit;
import rondel.words.ShippedNames;
import rondel.words.Words;

/** The questions of the Run stage as dialogs. */
public final class RunDialogs {

    private final Window owner;

    public RunDialogs(Window owner) {
        this.owner = owner;
    }

    public Optional<PassKey> pass(List<Pass> passes, String title, String go) {
        ChoiceBox<Pass> choice = new ChoiceBox<>();
        choice.setId("run-which-pass");
        choice.getItems().setAll(passes);
        choice.setConverter(new ChoiceNames<>(Pass::name));
        choice.getSelectionModel().selectFirst();
        return new FormDialog(GuidePage.RUN).row("run.pass", choice).ask(owner, title, go, () -> choice.getValue()
                .key());
    }

    public Optional<Material> material(Material like) {
        TextField name = new TextField(Words.of("run.ownMaterial", like.name()));
        name.setId("run-material-name");
        ColorPicker colour = new ColorPicker(FxColours.of(like.colour()));
        colour.setId("run-material-colour");
        return new FormDialog(GuidePage.RUN)
                .row("run.materialName", name)
                .row("run.materialColour", colour)
                .ask(
                        owner,
                        Words.of("run.keepMaterial"),
                        Words.of("run.keep"),
                        () -> like.tinted(name.getText(), FxColours.rgba(colour.getValue())));
    }

    public Optional<Material> oneOf(List<Material> materials, String title) {
        ChoiceBox<Material> choice = new ChoiceBox<>();
        choice.setId("run-which-material");
        choice.getItems().setAll(materials);
        choice.setConverter(new ChoiceNames<>(m -> ShippedNames.shown(m.name())));
        choice.getSelectionModel().selectFirst();
        return new FormDialog(GuidePage.RUN)
                .row("run.material", choice)
                .ask(owner, title, Words.of("run.make"), choice::getValue);
    }

    /** A row for each colour and each role; rules that are about something else stay, before those. */
    public Optional<List<MaterialRule>> rules(
            List<MaterialRule> now, List<Material> materials, List<MaterialRule> about) {
        FormDialog form = new FormDialog(GuidePage.RUN);
        List<ChoiceBox<Optional<Material>>> choices = new ArrayList<>();
        List<Optional<Material>> all = new ArrayList<>(List.of(Optional.empty()));
        materials.forEach(m -> all.add(Optional.of(m)));
        for (MaterialRule row : about) {
            ChoiceBox<Optional<Material>> choice = new ChoiceBox<>();
            choice.setId("run-rule-" + choices.size());
            choice.getItems().setAll(all);
            choice.setConverter(new ChoiceNames<>(
                    m -> m.map(Material::name).map(ShippedNames::shown).orElse(Words.of("run.asSheet"))));
            Optional<String> ruled = now.stream()
                    .filter(r -> isAbout(r, row))
                    .map(MaterialRule::material)
                    .findFirst();
            choice.setValue(materials.stream()
                    .filter(m -> ruled.filter(m.name()::equals).isPresent())
                    .findFirst());
            choice.setAccessibleText(words(row));
            choices.add(choice);
            Rectangle swatch = new Rectangle(22, 14);
            swatch.setFill(row.colour().map(FxColours::of).orElse(Color.TRANSPARENT));
            HBox line = new HBox(8, swatch, choice, new Label(words(row)));
            line.setAlignment(Pos.CENTER_LEFT);
            form.row(line);
        }
        return form.ask(owner, Words.of("run.rulesTitle"), Words.of("run.make"), () -> {
            List<MaterialRule> rules = new ArrayList<>(now.stream()
                    .filter(r -> about.stream().noneMatch(a -> isAbout(r, a)))
                    .toList());
            for (int i = 0; i < about.size(); i++) {
                MaterialRule row = about.get(i);
                choices.get(i)
                        .getValue()
                        .ifPresent(
                                m -> rules.add(new MaterialRule(row.role(), row.colour(), Optional.empty(), m.name())));
            }
            return rules;
        });
    }

    private static boolean isAbout(MaterialRule rule, MaterialRule row) {
        return rule.group().isEmpty()
                && rule.role().equals(row.role())
                && rule.colour().equals(row.colour());
    }

    private static String words(MaterialRule row) {
        return row.role()
                .map(r -> Words.of("run.allOfRole", Words.of("role." + r)))
                .orElseGet(() -> row.colour().orElseThrow().hex());
    }

    public Optional<double[]> measured(double square) {
        Figure length = Figure.size(() -> LengthUnit.MM);
        FigureField width = new FigureField("run-measured-width", length);
        FigureField height = new FigureField("run-measured-height", length);
        width.show(square);
        height.show(square);
        return new FormDialog(GuidePage.RUN)
                .row("run.measuredWidth", width)
                .row("run.measuredHeight", height)
                .ask(
                        owner,
                        Words.of("run.measureTitle", String.valueOf(Math.round(square))),
                        Words.of("run.keep"),
                        () -> new double[] {width.value(), height.value()});
    }

    /** One of the hoops, or the width and height of another one's field. */
    public Optional<Hoop> hoop(List<Hoop> shipped, Optional<Hoop> now) {
        ChoiceBox<Optional<Hoop>> choice = new ChoiceBox<>();
        choice.setId("run-which-hoop");
        shipped.forEach(h -> choice.getItems().add(Optional.of(h)));
        choice.getItems().add(Optional.empty());
        choice.setConverter(new ChoiceNames<>(h -> h.map(Hoop::name).orElse(Words.of("sew.otherHoop"))));
        Figure length = Figure.size(() -> LengthUnit.MM);
        FigureField width = new FigureField("run-hoop-width", length);
        FigureField height = new FigureField("run-hoop-height", length);
        CheckBox round = new CheckBox(Words.of("sew.round"));
        round.setId("run-hoop-round");
        Hoop first = now.orElse(shipped.getFirst());
        Consumer<Hoop> show = h -> {
            width.show(h.width());
            height.show(h.height());
            round.setSelected(h.round());
        };
        choice.setValue(Optional.of(first).filter(shipped::contains));
        show.accept(first);
        choice.setOnAction(e -> choice.getValue().ifPresent(show));
        return new FormDialog(GuidePage.RUN)
                .row("sew.hoop", choice)
                .row("sew.fieldWidth", width)
                .row("sew.fieldHeight", height)
                .row(round)
                .ask(owner, Words.of("sew.hoopTitle"), Words.of("sew.useHoop"), () -> choice.getValue()
                        .filter(h -> h.width() == width.value()
                                && h.height() == height.value()
                                && h.round() == round.isSelected())
                        .orElseGet(() -> new Hoop(
                                Words.of("sew.ownHoop", Math.round(width.value()), Math.round(height.value())),
                                width.value(),
                                height.value(),
                                round.isSelected())));
    }

    public Optional<SewingThread> thread(Optional<Rgba> colour) {
        TextField name = new TextField();
        name.setId("run-thread-name");
        ColorPicker picker = new ColorPicker(FxColours.of(colour.orElse(Rgba.BLACK)));
        picker.setId("run-thread-colour");
        return new FormDialog(GuidePage.RUN)
                .row("sew.threadName", name)
                .row("run.materialColour", picker)
                .ask(
                        owner,
                        Words.of("sew.threadTitle"),
                        Words.of("run.keep"),
                        () -> new SewingThread(name.getText(), FxColours.rgba(picker.getValue())));
    }
}
