package rondel.desktop.stack;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.collections.ListChangeListener;
import javafx.geometry.Orientation;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MultipleSelectionModel;
import javafx.scene.control.SelectionMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import rondel.desktop.command.Commands;
import rondel.desktop.command.SelectionMenu;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.help.Guide;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.model.Change;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Located;
import rondel.operation.Targets;
import rondel.words.Words;

/** The elements of the open group along the bottom, back at the left, front at the right; a group is one card that
 *  opens, with the way back as a path of names. */
public final class StackView extends VBox {

    /** As many cards as are seen at once on a large screen. */
    private static final int FEW = 24;

    private final Desk desk;
    private final HBox path = new HBox(4);
    private final ListView<Element> cards = new ListView<>();
    private List<Element> level = List.of();
    private Set<ElementId> selection = Set.of();
    private boolean syncing;

    public StackView(Desk desk, Commands commands) {
        this.desk = desk;
        getStyleClass().add("stack");
        setId("stack");
        Guide.about(this, GuidePage.COMPOSE);
        Thumbnails thumbnails = new Thumbnails(desk.workers(), desk.pictures());
        Label title = new Label(Words.of("stack.title"));
        title.getStyleClass().add("side-title");
        Label direction = new Label(Words.of("stack.direction"));
        direction.getStyleClass().add("quiet");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox head = new HBox(10, title, direction, space, path, HelpButton.of(GuidePage.COMPOSE));
        head.getStyleClass().add("stack-head");
        path.setId("path");
        RovingFocus.over(path);
        Label empty = new Label(Words.of("stack.empty"));
        empty.getStyleClass().add("empty-state");
        cards.setId("cards");
        cards.setOrientation(Orientation.HORIZONTAL);
        cards.setPlaceholder(empty);
        cards.setAccessibleText(Words.of("stack.title"));
        cards.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        cards.setCellFactory(list -> new StackCard(desk, thumbnails));
        cards.getSelectionModel().getSelectedIndices().addListener((ListChangeListener<Integer>) c -> chosen());
        Region bar = new Region();
        getChildren().addAll(head, new StackPane(cards, bar));
        SelectionMenu.on(cards, desk, commands);
        new StackDrag(desk, cards, bar);
        desk.bench().on(EnumSet.of(Change.JOB, Change.SELECTION, Change.SHEET), this::show);
        show();
    }

    private void show() {
        syncing = true;
        List<Element> before = level;
        level = desk.bench().level();
        if (before != level) {
            showCards(before);
        }
        showPath();
        if (before != level || selection != desk.bench().selection()) {
            selection = desk.bench().selection();
            showSelection();
        }
        syncing = false;
    }

    /** Only cards of what has changed are filled anew, as long as those are few. */
    private void showCards(List<Element> before) {
        List<Integer> changed = new ArrayList<>();
        if (before.size() == level.size()) {
            for (int i = 0; i < level.size() && changed.size() <= FEW; i++) {
                if (before.get(i) != level.get(i)) {
                    changed.add(i);
                }
            }
        }
        if (before.size() != level.size() || changed.size() > FEW) {
            cards.getItems().setAll(level);
        } else {
            changed.forEach(i -> cards.getItems().set(i, level.get(i)));
        }
    }

    private void showSelection() {
        int[] chosen = chosenCards();
        MultipleSelectionModel<Element> model = cards.getSelectionModel();
        if (isChosen(model.getSelectedIndices(), chosen)) {
            return;
        }
        model.clearSelection();
        if (chosen.length == 0) {
            return;
        }
        int last = chosen[chosen.length - 1];
        if (chosen.length == level.size()) {
            model.selectAll();
        } else if (chosen.length == last - chosen[0] + 1) {
            model.selectRange(chosen[0], last + 1);
        } else {
            model.selectIndices(chosen[0], Arrays.copyOfRange(chosen, 1, chosen.length));
        }
        if (selection.size() == 1 && !cards.isFocused()) {
            cards.scrollTo(Math.max(0, last - 2));
        }
    }

    /** All and none are known without asking one by one, and a few are told by what they are: most levels have many more cards. */
    private int[] chosenCards() {
        if (selection.isEmpty() || selection.size() >= level.size()) {
            return IntStream.range(0, selection.isEmpty() ? 0 : level.size()).toArray();
        }
        if (selection.size() > FEW) {
            return IntStream.range(0, level.size())
                    .filter(i -> selection.contains(level.get(i).id()))
                    .toArray();
        }
        List<Element> few =
                desk.bench().selected().stream().map(Located::element).toList();
        return IntStream.range(0, level.size())
                .filter(i -> few.stream().anyMatch(e -> e == level.get(i)))
                .toArray();
    }

    private static boolean isChosen(List<Integer> now, int[] wanted) {
        return now.size() == wanted.length
                && Arrays.equals(
                        wanted,
                        now.stream().mapToInt(Integer::intValue).sorted().toArray());
    }

    private void showPath() {
        path.getChildren().clear();
        crumb(desk.bench().sheet().name(), 0);
        List<GroupElement> groups = desk.bench().openGroups();
        for (int i = 0; i < groups.size(); i++) {
            Label arrow = new Label("›");
            arrow.getStyleClass().add("quiet");
            path.getChildren().add(arrow);
            crumb(Targets.display(groups.get(i)), i + 1);
        }
    }

    private void crumb(String name, int depth) {
        Button button = new Button(name);
        button.getStyleClass().addAll("crumb", "small");
        button.setId("crumb-" + depth);
        if (depth == desk.bench().depth()) {
            button.getStyleClass().add("here");
        }
        button.setOnAction(e -> desk.bench().stepOut(depth));
        path.getChildren().add(button);
    }

    private void chosen() {
        if (syncing) {
            return;
        }
        Set<ElementId> ids = new LinkedHashSet<>();
        for (int i : cards.getSelectionModel().getSelectedIndices()) {
            if (i >= 0
                    && i < level.size()
                    && !level.get(i).locked()
                    && !level.get(i).hidden()) {
                ids.add(level.get(i).id());
            }
        }
        syncing = true;
        desk.bench().select(ids);
        syncing = false;
    }
}
