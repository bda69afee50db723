package rondel.desktop.compose.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import rondel.compose.shape.ChangeShape;
import rondel.compose.shape.ShapeFigure;
import rondel.compose.shape.ShapeFigures;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.ShapeFigureWords;
import rondel.desktop.look.ChoiceNames;
import rondel.geometry.shape.PlainShape;
import rondel.job.Element;
import rondel.job.ShapeElement;

/** The figures of the selected plain shapes of one kind: corners, edge, points, depth. */
final class ShapeSection extends GridPane {

    private static final int MOST_COUNT = 360;

    private final Desk desk;
    private final Map<String, Node> fields = new LinkedHashMap<>();
    private List<ShapeElement> shapes = List.of();
    private boolean showing;

    ShapeSection(Desk desk) {
        super(8, 6);
        this.desk = desk;
        RovingFocus.overFields(this);
        setId("shape-figures");
    }

    void show(List<Element> selected) {
        shapes = selected.stream()
                .filter(e -> e instanceof ShapeElement s && s.plain().isPresent())
                .map(ShapeElement.class::cast)
                .toList();
        boolean oneKind = !shapes.isEmpty()
                && shapes.size() == selected.size()
                && shapes.stream()
                                .map(s -> s.plain().orElseThrow().getClass())
                                .distinct()
                                .count()
                        == 1;
        List<ShapeFigure> figures =
                oneKind ? ShapeFigures.of(shapes.getFirst().plain().orElseThrow()) : List.of();
        setVisible(!figures.isEmpty());
        setManaged(!figures.isEmpty());
        List<String> names = figures.stream().map(ShapeFigure::name).toList();
        if (!names.equals(new ArrayList<>(fields.keySet()))) {
            rebuild(figures);
        }
        showing = true;
        figures.forEach(this::showValue);
        showing = false;
    }

    private void rebuild(List<ShapeFigure> figures) {
        fields.clear();
        getChildren().clear();
        int row = 0;
        for (ShapeFigure f : figures) {
            Node field = field(f);
            fields.put(f.name(), field);
            Label label = new Label(ShapeFigureWords.name(f));
            label.setLabelFor(field);
            label.setMinWidth(USE_PREF_SIZE);
            GridPane.setHgrow(field, Priority.ALWAYS);
            addRow(row++, label, field);
        }
    }

    private Node field(ShapeFigure f) {
        String id = "figure-" + f.name().replace('.', '-');
        String name = ShapeFigureWords.name(f);
        return switch (f) {
            case ShapeFigure.Length l ->
                new FigureField(
                        id,
                        name,
                        l.name().matches("[xy][12]")
                                ? Figure.length(() -> desk.bench().job().unit())
                                : Figure.distance(() -> desk.bench().job().unit()),
                        mm -> change(s -> ShapeFigures.with(s, l.name(), mm)));
            case ShapeFigure.Count c ->
                new FigureField(
                        id,
                        name,
                        Figure.number("", 1, 5, 3, MOST_COUNT),
                        n -> change(s -> ShapeFigures.with(s, c.name(), n)));
            case ShapeFigure.Share s ->
                new FigureField(
                        id,
                        name,
                        Figure.number("%", 1, 10, 0, 100),
                        p -> change(shape -> ShapeFigures.with(shape, s.name(), p / 100)));
            case ShapeFigure.Choice c -> choice(id, name, c);
        };
    }

    private Node choice(String id, String name, ShapeFigure.Choice c) {
        ChoiceBox<Enum<?>> box = new ChoiceBox<>();
        box.setId(id);
        box.setAccessibleText(name);
        box.setMaxWidth(Double.MAX_VALUE);
        box.getItems().setAll(c.value().getDeclaringClass().getEnumConstants());
        box.setConverter(new ChoiceNames<>(ShapeFigureWords::choice));
        box.setOnAction(e -> {
            Enum<?> value = box.getValue();
            if (value != null) {
                change(s -> ShapeFigures.with(s, c.name(), value));
            }
        });
        return box;
    }

    @SuppressWarnings("unchecked")
    private void showValue(ShapeFigure f) {
        switch (f) {
            case ShapeFigure.Length l -> figure(f).show(l.mm());
            case ShapeFigure.Count c -> figure(f).show(c.value());
            case ShapeFigure.Share s -> figure(f).show(Math.rint(s.part() * 1e4) / 1e2);
            case ShapeFigure.Choice c -> ((ChoiceBox<Enum<?>>) fields.get(c.name())).setValue(c.value());
        }
        if (f instanceof ShapeFigure.Length l && l.mm().equals(OptionalDouble.empty())) {
            figure(f).setDisable(false); // corners that differ may be made alike by typing
        }
    }

    private FigureField figure(ShapeFigure f) {
        return (FigureField) fields.get(f.name());
    }

    /** Each shape keeps its other figures. */
    private void change(Function<PlainShape, PlainShape> to) {
        if (showing) {
            return;
        }
        Map<PlainShape, List<ShapeElement>> alike = new LinkedHashMap<>();
        shapes.forEach(s -> alike.computeIfAbsent(s.plain().orElseThrow(), k -> new ArrayList<>())
                .add(s));
        alike.forEach((plain, elements) -> {
            Optional<PlainShape> next = changed(to, plain);
            next.filter(n -> !n.equals(plain))
                    .ifPresent(n -> desk.perform(
                            new ChangeShape(elements.stream().map(Element::id).toList(), n)));
        });
    }

    private Optional<PlainShape> changed(Function<PlainShape, PlainShape> to, PlainShape plain) {
        try {
            return Optional.of(to.apply(plain));
        } catch (rondel.words.Refusal why) {
            desk.notices().refuse(why.getMessage());
            return Optional.empty();
        }
    }
}
