package rondel.desktop.dialog;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.stage.Window;
import rondel.desktop.compose.thing.ThingForm;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.job.Licence;
import rondel.words.Words;

/** Asks what a thing on the shelf is called, where it belongs, where it comes from and what may be done with it. */
public final class ThingDialog {

    private final TextField title = field("thing-title");
    private final ComboBox<String> set = new ComboBox<>();
    private final TextField tags = field("thing-tags");
    private final TextField source = field("thing-source");
    private final TextField author = field("thing-author");
    private final ChoiceBox<Licence> licence = new ChoiceBox<>();

    public ThingDialog(ThingForm now, List<String> sets) {
        title.setText(now.title());
        set.setId("thing-set");
        set.setEditable(true);
        set.getItems().setAll(sets);
        set.getEditor().setText(now.set());
        set.setValue(now.set());
        tags.setText(now.tags());
        tags.setPromptText(Words.of("shelf.tags.prompt"));
        source.setText(now.source());
        author.setText(now.author());
        licence.setId("thing-licence");
        licence.getItems().setAll(Licence.values());
        licence.setConverter(new ChoiceNames<>(l -> Words.of("licence." + l)));
        licence.setValue(now.licence());
    }

    private static TextField field(String id) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(22);
        return field;
    }

    public Optional<ThingForm> ask(Window owner, String heading, String go) {
        return new FormDialog(GuidePage.SHELF)
                .row("shelf.title.label", title)
                .row("shelf.set.label", set)
                .row("shelf.tags.label", tags)
                .row("shelf.source.label", source)
                .row("shelf.author.label", author)
                .row("shelf.licence.label", licence)
                .ask(
                        owner,
                        heading,
                        go,
                        () -> new ThingForm(
                                title.getText(),
                                set.getEditor().getText(),
                                tags.getText(),
                                source.getText(),
                                author.getText(),
                                licence.getValue()));
    }
}
