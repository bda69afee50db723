package rondel.desktop.ask;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.command.Commands;
import rondel.desktop.compose.shelf.ShelfModel;
import rondel.desktop.look.ModalCard;
import rondel.formats.shelf.Thing;
import rondel.words.Words;

/** A field over the window in which one types what is wanted; each answer says what it does, its keys, and what it needs. */
public final class AskField extends ModalCard {

    private static final int MOST = 8;
    private static final double WIDE = 560;
    private static final double ROW = 52;

    private static final int THINGS = 3;

    private final Commands commands;
    private Optional<AskIndex> index = Optional.empty();
    private final ShelfModel shelf;
    private final Consumer<Thing> placing;
    private final TextField typed = new TextField();
    private final ListView<Answer> answers = new ListView<>();
    private final Label hint = new Label(Words.of("ask.hint"));

    /** @param shelf whose things are answers too
     *  @param placing puts one into the middle of the view */
    public AskField(Commands commands, ShelfModel shelf, Consumer<Thing> placing) {
        super("ask", Pos.TOP_CENTER);
        this.shelf = shelf;
        this.placing = placing;
        this.commands = commands;
        typed.setId("ask-typed");
        typed.setPromptText(Words.of("ask.prompt"));
        typed.setAccessibleText(Words.of("ask.prompt"));
        typed.textProperty().subscribe(this::answer);
        typed.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        answers.setId("ask-answers");
        answers.setAccessibleText(Words.of("ask.prompt"));
        answers.setFixedCellSize(ROW);
        answers.setCellFactory(l -> new AnswerCell());
        answers.setFocusTraversable(false);
        answers.setOnMouseClicked(e -> choose());
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        hold(WIDE, typed, answers, hint);
    }

    /** Opens it, empty. */
    public void open() {
        typed.clear();
        answer("");
        show(typed);
    }

    private void answer(String text) {
        List<Answer> found = new ArrayList<>(
                index().find(text, MOST).stream().map(Answer.Doing::new).toList());
        offer(found, text);
        if (!text.isBlank()) {
            shelf.search(text, things -> {
                if (typed.getText().equals(text) && !things.isEmpty()) {
                    List<Answer> more = new ArrayList<>(found.subList(0, Math.min(found.size(), MOST - THINGS)));
                    things.stream().limit(THINGS).map(Answer.Placing::new).forEach(more::add);
                    offer(more, text);
                }
            });
        }
    }

    /** Made when it is first asked: a start does not wait for it. */
    private AskIndex index() {
        AskIndex made = index.orElseGet(() -> new AskIndex(commands.all()));
        index = Optional.of(made);
        return made;
    }

    private void offer(List<Answer> found, String text) {
        int chosen = Math.max(0, answers.getSelectionModel().getSelectedIndex());
        boolean asBefore = !answers.getItems().isEmpty()
                && !found.isEmpty()
                && answers.getItems().getFirst().equals(found.getFirst());
        answers.getItems().setAll(found);
        answers.getSelectionModel().select(asBefore && chosen < found.size() ? chosen : 0);
        boolean any = !found.isEmpty();
        answers.setVisible(any);
        answers.setManaged(any);
        answers.setPrefHeight(found.size() * ROW + 2);
        hint.setText(Words.of(any || text.isBlank() ? "ask.hint" : "ask.none"));
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case DOWN, UP -> {
                int step = e.getCode() == KeyCode.DOWN ? 1 : -1;
                int count = Math.max(1, answers.getItems().size());
                answers.getSelectionModel()
                        .select(Math.floorMod(answers.getSelectionModel().getSelectedIndex() + step, count));
                answers.scrollTo(answers.getSelectionModel().getSelectedIndex());
                e.consume();
            }
            case ENTER -> {
                choose();
                e.consume();
            }
            case ESCAPE -> {
                close();
                e.consume();
            }
            default -> {
                // is typed
            }
        }
    }

    /** Does what is chosen; one that can't be used stays, and says what it needs. */
    private void choose() {
        Answer chosen = answers.getSelectionModel().getSelectedItem();
        if (chosen == null) {
            return;
        }
        Optional<String> needs = chosen.needs();
        if (needs.isPresent()) {
            hint.setText(needs.get());
            return;
        }
        close();
        switch (chosen) {
            case Answer.Doing d -> d.command().run();
            case Answer.Placing p -> placing.accept(p.thing());
        }
    }

    /** One answer. */
    private static final class AnswerCell extends ListCell<Answer> {
        private final Label label = new Label();
        private final Label keys = new Label();
        private final Label does = new Label();
        private final VBox box;

        AnswerCell() {
            label.getStyleClass().add("ask-label");
            keys.getStyleClass().add("quiet");
            does.getStyleClass().add("quiet");
            Region space = new Region();
            HBox.setHgrow(space, Priority.ALWAYS);
            box = new VBox(2, new HBox(8, label, space, keys), does);
            box.setAlignment(Pos.CENTER_LEFT);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Answer answer, boolean empty) {
            super.updateItem(answer, empty);
            setGraphic(empty || answer == null ? null : box);
            if (!empty && answer != null) {
                label.setText(answer.label());
                keys.setText(answer.keys());
                does.setText(answer.needs().orElse(answer.does()));
                box.setOpacity(answer.needs().isPresent() ? 0.7 : 1);
                setAccessibleText(answer.label() + ". " + does.getText());
            }
        }
    }
}
