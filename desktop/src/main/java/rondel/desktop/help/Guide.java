package rondel.desktop.help;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import rondel.desktop.desk.Desk;
import rondel.desktop.look.Theme;
import rondel.words.Words;

/** The guide in a window of its own, so that one works while one reads. */
public final class Guide {

    /** The property of a node that says which page is about it. */
    private static final String PAGE = "rondel.guide.page";

    private static final double WIDE = 920;
    private static final double HIGH = 720;

    private final Desk desk;
    private final Supplier<Node> like;
    private Optional<Stage> stage = Optional.empty();
    private Optional<GuideView> view = Optional.empty();

    /** @param like what it looks like: the window it belongs to */
    public Guide(Desk desk, Supplier<Node> like) {
        this.desk = desk;
        this.like = like;
    }

    /** Says which page is about a part of the window. */
    public static <T extends Node> T about(T part, GuidePage page) {
        part.getProperties().put(PAGE, page);
        return part;
    }

    /** The page about the nearest part that a node is in; nothing where none says it. */
    public static Optional<GuidePage> about(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n.getProperties().get(PAGE) instanceof GuidePage page) {
                return Optional.of(page);
            }
        }
        return Optional.empty();
    }

    public void open(GuidePage page) {
        if (stage.isEmpty()) {
            GuideView made = new GuideView(desk);
            Stage window = new Stage();
            window.setTitle(Words.of("guide.title"));
            window.setScene(new Scene(made, WIDE, HIGH));
            window.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
                if (e.getCode() == KeyCode.ESCAPE) {
                    window.hide();
                }
            });
            stage = Optional.of(window);
            view = Optional.of(made);
        }
        Theme.like(view.orElseThrow(), like.get());
        view.orElseThrow().open(page);
        stage.orElseThrow().show();
        stage.orElseThrow().toFront();
        stage.orElseThrow().requestFocus();
    }

    /** What is open of it; nothing where it is not. */
    public Optional<GuideView> shown() {
        return stage.filter(Stage::isShowing).flatMap(s -> view);
    }

    public void close() {
        stage.filter(Stage::isShowing).ifPresent(s -> Platform.runLater(s::hide));
    }
}
