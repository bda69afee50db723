package rondel.desktop.handoff;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.desktop.field.LabelledRow;
import rondel.desktop.field.PixelInput;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.Hint;
import rondel.job.HandOffOutput;
import rondel.job.HandOffSet;
import rondel.words.Refusal;
import rondel.words.Words;

/** A hand-off set to be filled in: its name, whether it is for sale, whose mark its pictures have, and its outputs. */
final class SetForm extends VBox {

    private static final double WIDE = 720;
    private static final double TALL = 260;
    private static final double WHAT = 190;
    private static final double EACH = 118;
    private static final double PIXELS = 72;

    /** Of a width in pixels, at most. */
    private static final int DIGITS = 5;

    private final TextField name = new TextField();
    private final CheckBox sale = new CheckBox(Words.of("handoff.setForSale"));
    private final TextField mark = new TextField();
    private final VBox rows = new VBox(6);

    SetForm(HandOffSet like) {
        super(10);
        name.setId("set-name");
        name.setText(like.name());
        sale.setId("set-for-sale");
        sale.setSelected(like.forSale());
        mark.setId("set-watermark");
        mark.setPromptText(Words.of("handoff.watermarkPrompt"));
        like.outputs().stream().flatMap(o -> o.watermark().stream()).findFirst().ifPresent(mark::setText);
        like.outputs().forEach(o -> rows.getChildren().add(new Row(o)));
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        scroll.setPrefSize(WIDE, TALL);
        scroll.setMinWidth(WIDE);
        Button add = new Button(Words.of("handoff.addOutput"));
        add.setId("set-add");
        add.setOnAction(
                e -> rows.getChildren().add(new Row(HandOffOutput.of("{job}-{sheet}.png", HandOffOutput.What.ALL))));
        Label hint = new Label(Words.of("handoff.patternHint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        getChildren()
                .addAll(
                        LabelledRow.of("handoff.setName", name),
                        sale,
                        LabelledRow.of("handoff.watermark", mark),
                        scroll,
                        hint,
                        add);
    }

    /** @throws Refusal if a name is none, there is no output, or a figure is no number of pixels */
    HandOffSet set() {
        Optional<String> words = Optional.of(mark.getText().strip()).filter(w -> !w.isEmpty());
        List<HandOffOutput> outputs = new ArrayList<>();
        rows.getChildren().forEach(n -> {
            if (n instanceof Row row) {
                HandOffOutput o = row.output();
                outputs.add(o.what().isPreview() ? o.marked(words) : o);
            }
        });
        return new HandOffSet(name.getText(), sale.isSelected(), outputs);
    }

    /** One output. */
    private final class Row extends HBox {

        private final HandOffOutput before;
        private final ChoiceBox<HandOffOutput.What> what = new ChoiceBox<>();
        private final ChoiceBox<HandOffOutput.Each> each = new ChoiceBox<>();
        private final TextField pattern = new TextField();
        private final TextField pixels = new TextField();

        Row(HandOffOutput of) {
            super(6);
            before = of;
            setAlignment(Pos.CENTER_LEFT);
            what.getItems().setAll(HandOffOutput.What.values());
            what.setConverter(new ChoiceNames<>(w -> Words.of("handoff.what." + w)));
            what.setValue(of.what());
            what.setAccessibleText(Words.of("handoff.whatLabel"));
            each.getItems().setAll(HandOffOutput.Each.values());
            each.setConverter(new ChoiceNames<>(x -> Words.of("handoff.each." + x)));
            each.setValue(of.each());
            each.setAccessibleText(Words.of("handoff.eachLabel"));
            pattern.setText(of.pattern());
            what.setMinWidth(WHAT);
            each.setMinWidth(EACH);
            HBox.setHgrow(pattern, Priority.ALWAYS);
            pattern.setAccessibleText(Words.of("handoff.patternLabel"));
            of.width().ifPresent(w -> pixels.setText(String.valueOf(w)));
            pixels.setMinWidth(PIXELS);
            pixels.setPrefWidth(PIXELS);
            pixels.setPromptText(Words.of("handoff.pixelsPrompt"));
            pixels.setAccessibleText(Words.of("handoff.pixelsLabel"));
            Button away = new Button("×");
            away.setAccessibleText(Words.of("handoff.removeOutput"));
            Hint.on(away, Words.of("handoff.removeOutput"));
            away.setOnAction(e -> rows.getChildren().remove(this));
            getChildren().addAll(what, each, pattern, pixels, away);
        }

        HandOffOutput output() {
            return new HandOffOutput(
                    pattern.getText(),
                    what.getValue(),
                    each.getValue(),
                    before.ppi().isPresent() ? before.ppi() : OptionalDouble.empty(),
                    PixelInput.typed(pixels.getText(), DIGITS),
                    before.height(),
                    before.transparent(),
                    Optional.empty(),
                    before.inks());
        }
    }
}
