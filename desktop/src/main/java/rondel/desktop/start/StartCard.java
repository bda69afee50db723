package rondel.desktop.start;

import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.RovingPane;
import rondel.desktop.files.DemoJobs;
import rondel.desktop.files.JobActions;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.look.ModalCard;
import rondel.desktop.look.NameLabel;
import rondel.desktop.sheets.SheetPurpose;
import rondel.formats.job.RecentJobs;
import rondel.words.Words;

/** Where one begins: a new sheet by what it is for, a job that was open before, or an example. */
public final class StartCard extends ModalCard {

    private static final double WIDE = 1040;
    private static final double HIGH = 620;
    private static final double PICTURE = 96;
    private static final double SHEET = 44;
    private static final int RECENT = 8;

    private final Desk desk;
    private final JobActions actions;
    private final Supplier<List<RecentJobs.Entry>> recent;
    private final FlowPane last = new RovingPane(10, 10);
    private final Label none = new Label(Words.of("start.none"));
    private Optional<Button> first = Optional.empty();

    /** @param recent the jobs that were open last; read off the toolkit's thread */
    public StartCard(Desk desk, JobActions actions, Supplier<List<RecentJobs.Entry>> recent) {
        super("start", Pos.CENTER);
        this.desk = desk;
        this.actions = actions;
        this.recent = recent;
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
    }

    /** Made when it is first wanted: most windows begin with a job. */
    private void fill() {
        Label title = new Label(Words.of("start.title"));
        title.getStyleClass().add("title");
        FlowPane fresh = new RovingPane(10, 10);
        SheetPurpose.ALL.forEach(p -> fresh.getChildren().add(purpose(p)));
        first = Optional.of((Button) fresh.getChildren().getFirst());
        FlowPane examples = new RovingPane(10, 10);
        DemoJobs.all().forEach(d -> examples.getChildren().add(example(d)));
        none.getStyleClass().add("quiet");
        Button open = plain("start.open", () -> actions.open());
        Button blank = plain("start.own", () -> actions.newJob());
        Button close = plain("start.close", () -> {});
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        VBox all = new VBox(
                8, part("start.new"), fresh, part("start.recent"), none, last, part("start.examples"), examples);
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        hold(WIDE, HelpButton.titled(title, GuidePage.FIRST_HOUR), scroll, new HBox(8, open, blank, space, close))
                .setPrefHeight(HIGH);
    }

    public void open() {
        if (first.isEmpty()) {
            fill();
        }
        last.getChildren().clear();
        desk.workers().run(recent::get, this::showRecent, desk.notices()::failed, () -> {});
        show(first.orElseThrow());
    }

    private void showRecent(List<RecentJobs.Entry> jobs) {
        none.setVisible(jobs.isEmpty());
        none.setManaged(jobs.isEmpty());
        jobs.stream().limit(RECENT).forEach(j -> last.getChildren()
                .add(pictured(
                        j.title(),
                        j.path().getFileName().toString(),
                        () -> RecentJobs.preview(j.path()),
                        () -> actions.open(j.path()))));
    }

    private static Label part(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("ask-label");
        return label;
    }

    private Button plain(String key, Runnable action) {
        Button button = new Button(Words.of(key));
        button.setId(key.replace('.', '-'));
        button.setOnAction(e -> {
            close();
            action.run();
        });
        return button;
    }

    /** A sheet in its proportions, what it is for, and its size. */
    private Button purpose(SheetPurpose p) {
        Region paper = new Region();
        double longest = Math.max(p.format().width(), p.format().height());
        paper.getStyleClass().add("start-paper");
        double w = SHEET * p.format().width() / longest;
        double h = SHEET * p.format().height() / longest;
        paper.setMinSize(w, h);
        paper.setMaxSize(w, h);
        StackPane frame = new StackPane(paper);
        frame.setMinSize(SHEET + 8, SHEET + 8);
        Button button = card(frame, p.title(), p.size(), () -> actions.begin(p.job()));
        button.setId("start-" + p.key());
        return button;
    }

    private Button example(DemoJobs.DemoJob demo) {
        Button button =
                pictured(Words.of("command.demo-" + demo.name()), "", demo::preview, () -> actions.openDemo(demo));
        button.setId("start-demo-" + demo.name());
        return button;
    }

    private Button pictured(String title, String below, Callable<Optional<byte[]>> preview, Runnable action) {
        ImageView picture = new ImageView();
        picture.setPreserveRatio(true);
        picture.setFitWidth(PICTURE);
        picture.setFitHeight(PICTURE * 0.75);
        StackPane frame = new StackPane(picture);
        frame.setMinSize(PICTURE, PICTURE * 0.75);
        desk.workers()
                .paint(
                        preview,
                        png -> png.ifPresent(bytes -> picture.setImage(new Image(new ByteArrayInputStream(bytes)))));
        return card(frame, title, below, action);
    }

    private Button card(Node picture, String title, String below, Runnable action) {
        Label name = new NameLabel(title);
        name.setWrapText(true);
        name.setTextAlignment(TextAlignment.CENTER);
        Label size = new Label(below);
        size.getStyleClass().add("quiet");
        VBox content = new VBox(2, picture, name);
        if (!below.isEmpty()) {
            content.getChildren().add(size);
        }
        content.setAlignment(Pos.CENTER);
        Button button = new Button();
        button.setGraphic(content);
        button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        button.setAccessibleText(title + " " + below);
        button.getStyleClass().add("start-card");
        button.setOnAction(e -> {
            close();
            action.run();
        });
        return button;
    }
}
