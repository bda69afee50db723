package rondel.desktop.help;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import rondel.desktop.desk.Notices;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.look.ModalCard;
import rondel.words.Words;

/** What was said at the foot of the window, the latest first. */
public final class NoticesCard extends ModalCard {

    private static final double WIDE = 640;
    private static final double HIGH = 420;

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofLocalizedTime(FormatStyle.SHORT)
            .withLocale(Words.language())
            .withZone(ZoneId.systemDefault());

    private final Notices notices;
    private final ListView<Notices.Said> list = new ListView<>();

    public NoticesCard(Notices notices) {
        super("notices-card", Pos.CENTER);
        this.notices = notices;
        Label title = new Label(Words.of("notices.title"));
        title.getStyleClass().add("title");
        list.setId("notices");
        list.setAccessibleText(Words.of("notices.title"));
        list.setPlaceholder(WrappedLabel.of(Words.of("notices.none"), "quiet"));
        list.setPrefHeight(HIGH);
        list.setCellFactory(l -> new ListCell<>() {
            {
                setWrapText(true);
                setPrefWidth(0);
            }

            @Override
            protected void updateItem(Notices.Said said, boolean empty) {
                super.updateItem(said, empty);
                setText(empty ? null : WHEN.format(said.when()) + "  " + said.sentence());
                getStyleClass().remove("refused");
                if (!empty && said.refused()) {
                    getStyleClass().add("refused");
                }
            }
        });
        hold(
                WIDE,
                HelpButton.titled(title, GuidePage.PREFERENCES),
                list,
                WrappedLabel.of(Words.of("notices.close"), "quiet"));
        escapeCloses();
    }

    public void open() {
        list.getItems().setAll(notices.all().reversed());
        list.getSelectionModel().selectFirst();
        show(list);
    }
}
