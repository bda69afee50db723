package rondel.desktop.compose.measure;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import rondel.compose.licence.SetProvenance;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.look.ChoiceNames;
import rondel.job.Licence;
import rondel.job.Located;
import rondel.job.Provenance;
import rondel.words.Words;

/** Where what is selected comes from, and what may be done with it. */
final class OriginSection extends GridPane {

    private static final Provenance NOTHING_SAID = new Provenance("", "", Licence.UNKNOWN);

    private final Desk desk;
    private final ChoiceBox<Licence> licence = new ChoiceBox<>();
    private final TextField author = new TextField();
    private final TextField source = new TextField();
    private boolean showing;

    OriginSection(Desk desk) {
        super(8, 8);
        this.desk = desk;
        RovingFocus.overFields(this);
        licence.setId("licence");
        licence.setAccessibleText(Words.of("shelf.licence.label"));
        licence.setMaxWidth(Double.MAX_VALUE);
        licence.getItems().setAll(Licence.values());
        licence.setConverter(new ChoiceNames<>(l -> Words.of("licence." + l)));
        licence.setOnAction(e -> {
            if (licence.getValue() != null) {
                change(p -> new Provenance(p.source(), p.author(), licence.getValue()));
            }
        });
        typed(author, "author", p -> new Provenance(p.source(), author.getText().strip(), p.licence()));
        typed(source, "source", p -> new Provenance(source.getText().strip(), p.author(), p.licence()));
        addRow(0, label("shelf.licence.label", licence), licence);
        addRow(1, label("shelf.author.label", author), author);
        addRow(2, label("shelf.source.label", source), source);
    }

    private void typed(TextField field, String id, UnaryOperator<Provenance> change) {
        field.setId(id);
        field.setAccessibleText(Words.of("shelf." + id + ".label"));
        field.setOnAction(e -> change(change));
    }

    private static Label label(String key, javafx.scene.Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private void change(UnaryOperator<Provenance> change) {
        if (!showing && !desk.bench().selection().isEmpty()) {
            Provenance now = desk.bench().selected().stream()
                    .flatMap(l -> l.element().traits().provenance().stream())
                    .findFirst()
                    .orElse(NOTHING_SAID);
            desk.perform(new SetProvenance(desk.bench().selectedIds(), Optional.of(change.apply(now))));
        }
    }

    void show(List<Located> selected) {
        showing = true;
        Set<Optional<Provenance>> all =
                selected.stream().map(l -> l.element().traits().provenance()).collect(Collectors.toSet());
        Optional<Provenance> same = all.size() == 1 ? all.iterator().next() : Optional.empty();
        licence.setValue(same.map(Provenance::licence).orElse(null));
        author.setText(same.map(Provenance::author).orElse(""));
        source.setText(same.map(Provenance::source).orElse(""));
        showing = false;
    }
}
