package rondel.desktop.dialog;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.files.VersionPictures;
import rondel.desktop.help.GuidePage;
import rondel.formats.versions.Version;
import rondel.words.Words;

/** What was saved of a job, each version beside the job as it is now, with what differs marked; one is opened as a job of its own. */
public final class VersionsDialog {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofLocalizedDateTime(
                    FormatStyle.MEDIUM, FormatStyle.MEDIUM)
            .withLocale(Words.language() == Locale.ENGLISH ? Locale.UK : Words.language())
            .withZone(ZoneId.systemDefault());
    private static final double PICTURE = 270;
    private static final double LIST = 210;
    private static final double KB = 1024;

    private final List<Version> versions;
    private final VersionPictures pictures;
    private final ListView<Version> list = new ListView<>();
    private final ImageView then = picture("version-then");
    private final ImageView now = picture("version-now");
    private final Label told = WrappedLabel.of("", "quiet");
    private Runnable callOff = () -> {};

    public VersionsDialog(List<Version> versions, VersionPictures pictures) {
        this.versions = versions;
        this.pictures = pictures;
    }

    private static ImageView picture(String id) {
        ImageView view = new ImageView();
        view.setId(id);
        view.setFitWidth(PICTURE);
        view.setFitHeight(PICTURE);
        view.setPreserveRatio(true);
        return view;
    }

    /** Shows it and waits; nothing where none is opened. */
    public Optional<Version> ask(Window owner) {
        list.setId("versions");
        list.getItems().setAll(versions);
        list.setPrefWidth(LIST);
        list.setMinWidth(LIST);
        list.setAccessibleText(Words.of("versions.title"));
        list.setCellFactory(l -> new javafx.scene.control.ListCell<>() {
            @Override
            protected void updateItem(Version v, boolean empty) {
                super.updateItem(v, empty);
                setText(empty ? null : WHEN.format(v.saved()) + ", " + Math.max(1, Math.round(v.bytes() / KB)) + " KB");
            }
        });
        told.setId("version-told");
        HBox both = new HBox(12, framed("versions.then", then), framed("versions.now", now));
        Dialog<Version> dialog = new Dialog<>();
        ButtonType open = new ButtonType(Words.of("versions.open"), ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().setContent(new HBox(14, list, new VBox(8, both, told)));
        dialog.getDialogPane().getButtonTypes().setAll(open, ButtonType.CLOSE);
        dialog.setResultConverter(b -> b == open ? list.getSelectionModel().getSelectedItem() : null);
        list.getSelectionModel().selectedItemProperty().addListener((o, before, v) -> look(v));
        list.getSelectionModel().select(Math.min(1, versions.size() - 1));
        FormDialog.prepare(dialog, owner, Words.of("versions.title"), GuidePage.KEPT);
        Optional<Version> answer = dialog.showAndWait();
        callOff.run();
        return answer;
    }

    private static VBox framed(String key, ImageView picture) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(picture);
        HBox frame = new HBox(picture);
        frame.getStyleClass().add("version-frame");
        frame.setMinSize(PICTURE + 12, PICTURE + 12);
        frame.setAlignment(Pos.CENTER);
        return new VBox(4, label, frame);
    }

    private void look(Version version) {
        callOff.run();
        told.setText(Words.of("versions.looking"));
        callOff = pictures.compare(version, this::show, e -> told.setText(String.valueOf(e.getMessage())));
    }

    private void show(VersionPictures.Compared c) {
        then.setImage(c.then());
        now.setImage(c.now());
        told.setText(Words.of("versions.differs", c.places()));
    }
}
