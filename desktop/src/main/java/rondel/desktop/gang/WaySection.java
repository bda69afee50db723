package rondel.desktop.gang;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.layout.HBox;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.gang.planning.GangModel;
import rondel.desktop.gang.planning.NestRun;
import rondel.job.NestSettings;
import rondel.job.Plan;
import rondel.job.RowSettings;
import rondel.job.Way;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** How copies are laid out: in rows, or by their true shapes, with the figures of either. */
final class WaySection extends LabelledFields {

    /** The two ways. */
    enum Kind {
        ROWS,
        NEST
    }

    private final GangModel model;
    private final NestRun nest;
    private final ChoiceBox<Kind> kind;
    private final FigureField across;
    private final FigureField down;
    private final ChoiceBox<RowSettings.Turns> turns;
    private final ChoiceBox<RowSettings.Alternate> alternate;
    private final ChoiceBox<Way.Order> order;
    private final CheckBox centred;
    private final CheckBox boxes;
    private final FigureField gutter;
    private final FigureField edge;
    private final ChoiceBox<NestSettings.Turns> anyTurns;
    private final ChoiceBox<NestSettings.Grain> grain;
    private final CheckBox holes;
    private final FigureField rounds;
    private final Button search = new Button(Words.of("gang.search"));
    private final Button stop = new Button(Words.of("gang.stop"));
    private final List<Node> ofRows;
    private final List<Node> ofNest;

    WaySection(GangModel model, NestRun nest) {
        this.model = model;
        this.nest = nest;
        Figure length = Figure.distance(this::unit);
        kind = choice("gang-way", "gang.way", Kind.values(), k -> Words.of("gang." + k), this::kind);
        across = figure(
                "gang-gutter-x",
                "gang.gutterX",
                length,
                v -> rows(s -> new RowSettings(v, s.gutterY(), s.turns(), s.alternate(), s.centred())));
        down = figure(
                "gang-gutter-y",
                "gang.gutterY",
                length,
                v -> rows(s -> new RowSettings(s.gutterX(), v, s.turns(), s.alternate(), s.centred())));
        turns = choice(
                "gang-turns",
                "gang.turns",
                RowSettings.Turns.values(),
                t -> Words.of("gang.turn." + t),
                t -> rows(s -> new RowSettings(s.gutterX(), s.gutterY(), t, s.alternate(), s.centred())));
        alternate = choice(
                "gang-alternate",
                "gang.alternate",
                RowSettings.Alternate.values(),
                a -> Words.of("gang.alternate." + a),
                a -> rows(s -> new RowSettings(s.gutterX(), s.gutterY(), s.turns(), a, s.centred())));
        order = choice(
                "gang-order",
                "gang.order",
                Way.Order.values(),
                o -> Words.of("gang.order." + o),
                o -> way(w -> new Way.Rows(w.settings(), o, w.cutting())));
        centred = check(
                "gang-centred",
                "gang.centred",
                c -> rows(s -> new RowSettings(s.gutterX(), s.gutterY(), s.turns(), s.alternate(), c)));
        boxes = check(
                "gang-boxes",
                "gang.boxes",
                b -> way(w -> new Way.Rows(w.settings(), w.order(), b ? Way.Cutting.BOXES : Way.Cutting.OWN)));
        gutter = figure(
                "gang-gutter",
                "gang.gutter",
                length,
                v -> nest(s -> new NestSettings(v, s.edge(), s.turns(), s.holes(), s.grain(), s.seed(), s.rounds())));
        edge = figure(
                "gang-edge",
                "gang.edge",
                length,
                v -> nest(s -> new NestSettings(s.gutter(), v, s.turns(), s.holes(), s.grain(), s.seed(), s.rounds())));
        anyTurns = choice(
                "gang-any-turns",
                "gang.turns",
                NestSettings.Turns.values(),
                t -> Words.of("gang.anyTurn." + t),
                t -> nest(s -> new NestSettings(s.gutter(), s.edge(), t, s.holes(), s.grain(), s.seed(), s.rounds())));
        grain = choice(
                "gang-grain",
                "gang.grain",
                NestSettings.Grain.values(),
                g -> Words.of("gang.grain." + g),
                g -> nest(s -> new NestSettings(s.gutter(), s.edge(), s.turns(), s.holes(), g, s.seed(), s.rounds())));
        holes = check(
                "gang-holes",
                "gang.holes",
                h -> nest(s -> new NestSettings(s.gutter(), s.edge(), s.turns(), h, s.grain(), s.seed(), s.rounds())));
        rounds = figure(
                "gang-rounds",
                "gang.rounds",
                Figure.number("", 5, 50, 0, 10_000),
                v -> nest(s -> new NestSettings(
                        s.gutter(), s.edge(), s.turns(), s.holes(), s.grain(), s.seed(), (int) Math.rint(v))));
        search.setId("gang-search");
        search.getStyleClass().add("accent");
        search.setOnAction(e -> model.plan().ifPresent(p -> {
            if (p.way() instanceof Way.Nest n) {
                nest.start(p, n.settings().withSeed(n.settings().seed() + 1));
            }
        }));
        stop.setId("gang-stop");
        stop.setOnAction(e -> nest.stop());
        HBox searching = new HBox(8, search, stop);
        search.managedProperty().bind(search.visibleProperty());
        stop.managedProperty().bind(stop.visibleProperty());
        wide(searching);
        ofRows = List.of(across, down, turns, alternate, order, centred, boxes);
        ofNest = List.of(gutter, edge, anyTurns, grain, holes, rounds, searching);
        model.onChange(this::follow);
        follow();
    }

    private LengthUnit unit() {
        return model.desk().bench().job().unit();
    }

    private void rows(UnaryOperator<RowSettings> change) {
        way(w -> new Way.Rows(change.apply(w.settings()), w.order(), w.cutting()));
    }

    private void way(UnaryOperator<Way.Rows> change) {
        model.change(p -> p.way() instanceof Way.Rows r ? p.withWay(change.apply(r)) : p);
    }

    private void nest(UnaryOperator<NestSettings> change) {
        model.plan().ifPresent(p -> {
            if (p.way() instanceof Way.Nest n && !change.apply(n.settings()).equals(n.settings())) {
                nest.start(p, change.apply(n.settings()));
            }
        });
    }

    /** Rows are there at once; true shapes are searched for, with rows on show until something is found. */
    private void kind(Kind wanted) {
        Optional<Plan> plan = model.plan();
        if (plan.isEmpty()) {
            return;
        }
        if (wanted == Kind.ROWS) {
            nest.stop();
            model.change(p -> p.way() instanceof Way.Rows ? p : p.withWay(Way.Rows.PLAIN));
        } else if (plan.get().way() instanceof Way.Rows r) {
            nest.start(
                    plan.get(),
                    NestSettings.USUAL.withGutter(Math.max(r.settings().gutterX(), 1)));
        }
    }

    void follow() {
        Optional<Plan> plan = model.plan();
        boolean nested = plan.filter(p -> p.way() instanceof Way.Nest).isPresent();
        ofRows.forEach(n -> n.setVisible(!nested));
        ofNest.forEach(n -> n.setVisible(nested));
        stop.setVisible(nest.isRunning());
        search.setVisible(!nest.isRunning());
        plan.ifPresent(p -> showing(() -> show(p.way())));
    }

    private void show(Way way) {
        switch (way) {
            case Way.Rows r -> {
                kind.setValue(Kind.ROWS);
                across.show(r.settings().gutterX());
                down.show(r.settings().gutterY());
                turns.setValue(r.settings().turns());
                alternate.setValue(r.settings().alternate());
                order.setValue(r.order());
                centred.setSelected(r.settings().centred());
                boxes.setSelected(r.cutting() == Way.Cutting.BOXES);
            }
            case Way.Nest n -> {
                kind.setValue(Kind.NEST);
                gutter.show(n.settings().gutter());
                edge.show(n.settings().edge());
                anyTurns.setValue(n.settings().turns());
                grain.setValue(n.settings().grain());
                holes.setSelected(n.settings().holes());
                rounds.show(n.settings().rounds());
            }
        }
    }
}
