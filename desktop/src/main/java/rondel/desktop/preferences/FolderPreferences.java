package rondel.desktop.preferences;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import rondel.desktop.desk.Preferred;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.look.NameLabel;
import rondel.formats.preferences.Preferences;
import rondel.words.Words;

/** Where file dialogs begin. */
final class FolderPreferences extends LabelledFields {

    FolderPreferences(Preferred preferred, FolderChoice folders) {
        for (String what : Preferences.FOLDERS) {
            Label path = new NameLabel();
            Button choose = new Button(Words.of("prefs.chooseFolder"));
            choose.setId("folder-" + what);
            choose.setMinWidth(USE_PREF_SIZE);
            Button none = new Button(Words.of("prefs.noFolder"));
            none.setId("no-folder-" + what);
            none.setMinWidth(USE_PREF_SIZE);
            Runnable show = () -> {
                String folder = preferred.now().folder(what).orElse("");
                path.setText(folder.isEmpty() ? Words.of("prefs.lastFolder") : folder);
                none.setVisible(!folder.isEmpty());
            };
            choose.setOnAction(e -> folders.folder().ifPresent(f -> {
                preferred.change(p -> p.withFolder(what, f.toString()));
                show.run();
            }));
            none.setOnAction(e -> {
                preferred.change(p -> p.withFolder(what, ""));
                show.run();
            });
            show.run();
            path.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(path, Priority.ALWAYS);
            HBox both = new HBox(8, path, none, choose);
            both.setAlignment(Pos.CENTER_RIGHT);
            row("prefs.folder." + what, both);
            choose.setAccessibleText(Words.of("prefs.folder." + what) + ": " + choose.getText());
            none.setAccessibleText(Words.of("prefs.folder." + what) + ": " + none.getText());
        }
        wide(WrappedLabel.of(Words.of("prefs.foldersHow"), "quiet"));
    }
}
