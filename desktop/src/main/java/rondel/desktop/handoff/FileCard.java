package rondel.desktop.handoff;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import rondel.desktop.field.PressKey;
import rondel.desktop.handoff.making.HandOffModel;
import rondel.desktop.look.FxPictures;
import rondel.desktop.look.Hint;
import rondel.desktop.look.NameLabel;
import rondel.formats.handoff.FileLook;
import rondel.formats.handoff.PlannedFile;
import rondel.words.Words;

/** A file of the set: its picture, its name, its sizes, and what the checks say of it. */
final class FileCard extends VBox {

    private static final double WIDE = 168;
    private static final double PICTURE = 150;

    private final HandOffModel model;
    private final PlannedFile file;
    private final StackPane picture = new StackPane();
    private final Label size = new Label();
    private final Label checks = new Label();
    private boolean shown;

    FileCard(HandOffModel model, PlannedFile file) {
        super(3);
        this.model = model;
        this.file = file;
        getStyleClass().addAll("pass-card", "file-card");
        setPrefWidth(WIDE);
        setMaxWidth(WIDE);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
        picture.setMinSize(PICTURE, PICTURE);
        picture.setPrefSize(PICTURE, PICTURE);
        picture.setMaxSize(PICTURE, PICTURE);
        picture.getStyleClass().add("file-picture");
        Label name = new NameLabel(file.name());
        name.getStyleClass().add("card-name");
        name.setMaxWidth(Double.MAX_VALUE);
        Hint.on(name, file.name());
        size.setWrapText(true);
        size.getStyleClass().add("quiet");
        checks.setWrapText(true);
        checks.getStyleClass().add("card-note");
        checks.managedProperty().bind(checks.visibleProperty());
        setAlignment(Pos.TOP_LEFT);
        getChildren().addAll(picture, name, size, checks);
        setOnMousePressed(e -> {
            requestFocus();
            model.look(file.name());
        });
        setOnKeyPressed(e -> {
            if (PressKey.is(e)) {
                model.look(file.name());
                e.consume();
            }
        });
        follow();
    }

    PlannedFile file() {
        return file;
    }

    /** How it looks is known later than that it will be. */
    void follow() {
        Optional<FileLook> look = model.look(file);
        if (look.isPresent() && !shown) {
            shown = true;
            look.get()
                    .picture()
                    .ifPresentOrElse(this::show, () -> show(look.get().words()));
        }
        String sizes = FileWords.size(file, model.desk().bench().job().unit());
        size.setText(look.map(l -> sizes + (sizes.contains("\n") ? ", " : "\n") + FileWords.bytes(file, l))
                .orElse(sizes));
        setAccessibleText(file.name() + ", " + sizes.replace("\n", ", "));
        int found = model.findings(file).size();
        checks.setVisible(found > 0);
        checks.setText(Words.of("handoff.checks", found));
    }

    private void show(java.awt.image.BufferedImage image) {
        ImageView view = new ImageView(FxPictures.of(image));
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.setFitWidth(PICTURE);
        view.setFitHeight(PICTURE);
        picture.getChildren().setAll(view);
    }

    private void show(String words) {
        Label text = new Label(words);
        text.getStyleClass().add("file-words");
        text.setMaxSize(PICTURE, PICTURE);
        picture.getChildren().setAll(text);
        StackPane.setAlignment(text, Pos.TOP_LEFT);
    }
}
