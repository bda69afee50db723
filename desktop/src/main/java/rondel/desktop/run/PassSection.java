package rondel.desktop.run;

import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.run.running.RunActions;
import rondel.job.PassSettings.Weeding;
import rondel.words.Words;

/** What is said of the pass that is looked at. */
final class PassSection extends LabelledFields {

    PassSection(RunActions actions) {
        TextField name = new TextField();
        name.setId("run-name");
        Runnable typed =
                () -> actions.passes().change(s -> s.withName(name.getText().strip()));
        name.setOnAction(e -> typed.run());
        name.focusedProperty().addListener((o, before, now) -> {
            if (!now) {
                typed.run();
            }
        });
        row("run.name", name);
        ChoiceBox<Weeding> weeding = choice(
                "run-weeding", "run.weeding", Weeding.values(), w -> Words.of("weeding." + w), w -> actions.passes()
                        .change(s -> s.withWeeding(w)));
        CheckBox matching =
                check("run-matching", "run.matching", on -> actions.passes().change(s -> s.matching(on)));
        CheckBox skipped =
                check("run-skipped", "run.skipped", on -> actions.passes().change(s -> s.skipped(on)));
        actions.model()
                .onChange(() -> showing(() -> actions.model().pass().ifPresent(p -> {
                    if (!name.isFocused()) {
                        name.setText(p.settings().name());
                    }
                    name.setPromptText(p.name());
                    weeding.setValue(p.settings().weeding());
                    weeding.setVisible(p.tool().isPresent());
                    matching.setSelected(p.settings().matching());
                    matching.setVisible(p.tool().isPresent());
                    skipped.setSelected(p.settings().skipped());
                })));
    }
}
