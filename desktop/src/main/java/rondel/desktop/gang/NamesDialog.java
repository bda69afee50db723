package rondel.desktop.gang;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.event.ActionEvent;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import rondel.desktop.desk.Derived;
import rondel.desktop.dialog.FormDialog;
import rondel.desktop.files.FileChoices;
import rondel.desktop.gang.planning.NamesModel;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.sheet.ScenePainting;
import rondel.desktop.sheet.SheetScene;
import rondel.gang.copies.DesignContents;
import rondel.geometry.Box;
import rondel.job.CopyContent;
import rondel.job.Design;
import rondel.job.Job;
import rondel.job.NameList;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.words.Refusal;
import rondel.words.Words;

/** The list as a table, what of it goes into which blank, and what each row looks like. */
public final class NamesDialog {

    private static final double PICTURE = 240;
    private static final double WIDE = 760;

    private final NamesModel model;
    private final FileChoices choices;
    private final ChoiceBox<Design> template = new ChoiceBox<>();
    private final NamesMapping blanks;
    private final NamesTable table;
    private final ImageView picture = new ImageView();
    private final Label about = new Label();
    private final Label wrong = new Label();
    private final Derived<javafx.scene.image.Image> painted;
    private boolean showing;

    public NamesDialog(NamesModel model, FileChoices choices) {
        this.model = model;
        this.choices = choices;
        this.blanks = new NamesMapping(model, this::refuse);
        this.table = new NamesTable(model);
        this.painted = new Derived<>(model.desk().workers(), picture::setImage);
    }

    public void show(Window owner) {
        Dialog<ButtonType> dialog = new Dialog<>();
        ButtonType go = new ButtonType(Words.of("names.go"), ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().setContent(content());
        dialog.getDialogPane().getButtonTypes().setAll(go, ButtonType.CANCEL);
        dialog.setResizable(true);
        dialog.getDialogPane().setMinWidth(WIDE);
        dialog.getDialogPane().lookupButton(go).setId("names-go");
        dialog.getDialogPane().lookupButton(go).addEventFilter(ActionEvent.ACTION, e -> {
            try {
                model.keep();
            } catch (Refusal why) {
                refuse(why.getMessage());
                e.consume();
            }
        });
        FormDialog.prepare(dialog, owner, Words.of("names.heading"), GuidePage.GANG);
        model.onChange(this::follow);
        follow();
        dialog.showAndWait();
    }

    private Node content() {
        Job job = model.desk().bench().job();
        template.setId("names-template");
        template.getItems().setAll(DesignDialog.all(job));
        template.setConverter(new ChoiceNames<>(d -> DesignDialog.name(job, d)));
        model.template().ifPresent(template::setValue);
        template.setOnAction(e -> {
            if (!showing && template.getValue() != null) {
                model.template(template.getValue());
            }
        });
        Button open = new Button(Words.of("names.open"));
        open.setId("names-open");
        open.setOnAction(e -> choices.listToRead().ifPresent(model::read));
        Button paste = new Button(Words.of("names.paste"));
        paste.setId("names-paste");
        paste.setOnAction(e -> model.paste(
                Optional.ofNullable(Clipboard.getSystemClipboard().getString()).orElse("")));
        Button again = new Button(Words.of("names.again"));
        again.setId("names-again");
        again.setOnAction(e -> model.again());
        Label into = new Label(Words.of("names.template"));
        into.setLabelFor(template);
        HBox top = new HBox(8, into, template, open, paste, again);
        top.setAlignment(Pos.CENTER_LEFT);
        List.of(into, open, paste, again).forEach(n -> n.setMinWidth(Region.USE_PREF_SIZE));
        template.setPrefWidth(180);
        table.getSelectionModel().selectedItemProperty().addListener((o, before, now) -> look());
        picture.setPreserveRatio(true);
        picture.setFitWidth(PICTURE);
        picture.setFitHeight(PICTURE);
        StackPane frame = new StackPane(picture);
        frame.getStyleClass().add("names-picture");
        frame.setMinSize(PICTURE + 16, PICTURE + 16);
        about.setWrapText(true);
        about.setMaxWidth(PICTURE + 16);
        about.setId("names-about");
        about.getStyleClass().add("quiet");
        wrong.getStyleClass().add("form-wrong");
        wrong.setWrapText(true);
        wrong.setVisible(false);
        wrong.managedProperty().bind(wrong.visibleProperty());
        HBox.setHgrow(table, Priority.ALWAYS);
        VBox all = new VBox(10, top, blanks, new HBox(12, table, new VBox(8, frame, about)), wrong);
        all.getStyleClass().add("form");
        return all;
    }

    private void refuse(String why) {
        wrong.setText(why);
        wrong.setVisible(true);
    }

    private void follow() {
        showing = true;
        Optional<NameList> list = model.list();
        blanks.show(list);
        table.show(list);
        showing = false;
        look();
    }

    /** Shows the row that is held. */
    private void look() {
        Integer row = table.getSelectionModel().getSelectedItem();
        Optional<NameList> list = model.list();
        if (row == null
                || list.isEmpty()
                || !model.isFilled()
                || row >= list.get().rows().size()) {
            return;
        }
        about.setText(
                model.findings(row).isEmpty()
                        ? Words.of(
                                "names.rowOf",
                                String.valueOf(row + 1),
                                String.valueOf(list.get().rows().size()))
                        : model.findings(row).stream()
                                .map(a -> a.finding().sentence())
                                .collect(Collectors.joining(" ")));
        NameList of = list.get();
        painted.of(List.of(of, row), () -> {
            Job job = model.preview().orElseThrow();
            CopyContent shown = new DesignContents(job).of(model.design(row));
            Box box =
                    shown.box().grown(Math.max(shown.box().width(), shown.box().height()) * 0.03);
            Sheet sheet = Sheet.of(new SheetId("row"), "", box.width(), box.height());
            SheetScene scene = SheetScene.of(job, sheet);
            double scale = 2 * PICTURE / Math.max(box.width(), box.height());
            return ScenePainting.elements(
                    scene, List.of(shown.group()), box, scale, model.desk().pictures());
        });
    }
}
