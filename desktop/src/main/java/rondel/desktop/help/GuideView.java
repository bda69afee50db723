package rondel.desktop.help;

import java.io.IOException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.desktop.desk.Desk;
import rondel.words.Words;

/** The guide: its pages at the left, found by any word on them, and the open one. */
public final class GuideView extends BorderPane {

    private static final double LIST = 220;

    private final Desk desk;
    private final ListView<GuidePage> pages = new ListView<>();
    private final ScrollPane content = new ScrollPane();
    private final MarkdownNodes nodes =
            new MarkdownNodes(link -> GuidePage.linked(link).ifPresent(this::open));

    /** The words of pages, for finding, as they are read. */
    private final Map<GuidePage, String> words = new ConcurrentHashMap<>();

    public GuideView(Desk desk) {
        this.desk = desk;
        setId("guide");
        getStyleClass().addAll("root", "guide");
        Label title = new Label(Words.of("guide.title"));
        title.getStyleClass().add("side-title");
        TextField find = new TextField();
        find.setId("guide-find");
        find.setPromptText(Words.of("guide.find"));
        find.setAccessibleText(Words.of("guide.find"));
        find.textProperty().addListener((o, before, now) -> look(now));
        pages.setId("guide-pages");
        pages.setAccessibleText(Words.of("guide.title"));
        pages.setPlaceholder(new Label(Words.of("guide.nothing")));
        pages.getItems().setAll(GuidePage.values());
        pages.setCellFactory(l -> new ListCell<>() {
            @Override
            protected void updateItem(GuidePage page, boolean empty) {
                super.updateItem(page, empty);
                setText(empty ? null : page.title());
            }
        });
        pages.getSelectionModel().selectedItemProperty().addListener((o, before, now) -> {
            if (now != null) {
                read(now);
            }
        });
        VBox.setVgrow(pages, Priority.ALWAYS);
        VBox left = new VBox(10, title, find, pages);
        left.getStyleClass().addAll("side", "shelf");
        left.setPrefWidth(LIST);
        content.setId("guide-page");
        content.setFitToWidth(true);
        content.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        content.setAccessibleText(Words.of("guide.title"));
        setLeft(left);
        setCenter(content);
        desk.workers().file(this::readAll, done -> look(find.getText()), desk.notices()::failed, () -> {});
    }

    private GuidePage[] readAll() throws IOException {
        for (GuidePage page : GuidePage.values()) {
            words.put(page, (page.title() + " " + page.markdown()).toLowerCase(Locale.ROOT));
        }
        return GuidePage.values();
    }

    private void look(String typed) {
        String wanted = typed.strip().toLowerCase(Locale.ROOT);
        GuidePage open = pages.getSelectionModel().getSelectedItem();
        pages.getItems()
                .setAll(Arrays.stream(GuidePage.values())
                        .filter(p ->
                                wanted.isEmpty() || words.getOrDefault(p, "").contains(wanted))
                        .toList());
        if (pages.getItems().contains(open)) {
            pages.getSelectionModel().select(open);
        } else {
            pages.getSelectionModel().selectFirst();
        }
    }

    /** Opens a page. */
    public void open(GuidePage page) {
        if (!pages.getItems().contains(page)) {
            pages.getItems().setAll(GuidePage.values());
        }
        pages.getSelectionModel().select(page);
        pages.scrollTo(page);
    }

    /** The page that is open. */
    public GuidePage page() {
        return pages.getSelectionModel().getSelectedItem();
    }

    private void read(GuidePage page) {
        desk.workers()
                .file(
                        () -> nodes.page(page.markdown()),
                        read -> {
                            if (page == page()) {
                                read.getStyleClass().add("guide-content");
                                content.setContent(read);
                                content.setVvalue(0);
                            }
                        },
                        desk.notices()::failed,
                        () -> {});
    }
}
