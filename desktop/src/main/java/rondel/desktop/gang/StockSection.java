package rondel.desktop.gang;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import rondel.desktop.desk.LibraryModel;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.field.RovingPane;
import rondel.desktop.gang.planning.GangModel;
import rondel.desktop.look.ChoiceNames;
import rondel.job.Margins;
import rondel.job.Plan;
import rondel.job.Stock;
import rondel.job.StockCount;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.ShippedNames;
import rondel.words.Words;

/** What is laid out on: one of the stocks, its margins, its grain and its price. */
final class StockSection extends LabelledFields {

    private final GangModel model;
    private final LibraryModel<Stock> stocks;
    private final ChoiceBox<Stock> stock = new ChoiceBox<>();
    private final Label usable = new Label();
    private final FigureField left;
    private final FigureField top;
    private final FigureField right;
    private final FigureField bottom;
    private final ChoiceBox<Stock.Grain> grain;
    private final FigureField price;
    private final FigureField there;
    private final ChoiceBox<Optional<Stock>> then = new ChoiceBox<>();
    private boolean following;

    StockSection(GangModel model, LibraryModel<Stock> stocks) {
        this.model = model;
        this.stocks = stocks;
        stock.setId("gang-stock");
        stock.setMaxWidth(Double.MAX_VALUE);
        stock.setConverter(new ChoiceNames<>(s -> ShippedNames.shown(s.name())));
        stock.setOnShowing(e -> stocks.read(all -> follow()));
        stock.setOnAction(e -> {
            if (!following && stock.getValue() != null) {
                change(s -> stock.getValue());
            }
        });
        row("gang.stock", stock);
        usable.getStyleClass().add("quiet");
        usable.setWrapText(true);
        wide(usable);
        Figure length = Figure.distance(this::unit);
        left = figure(
                "gang-left-margin",
                "gang.marginLeft",
                length,
                v -> margins(m -> new Margins(v, m.top(), m.right(), m.bottom())));
        top = figure(
                "gang-top-margin",
                "gang.marginTop",
                length,
                v -> margins(m -> new Margins(m.left(), v, m.right(), m.bottom())));
        right = figure(
                "gang-right-margin",
                "gang.marginRight",
                length,
                v -> margins(m -> new Margins(m.left(), m.top(), v, m.bottom())));
        bottom = figure(
                "gang-bottom-margin",
                "gang.marginBottom",
                length,
                v -> margins(m -> new Margins(m.left(), m.top(), m.right(), v)));
        grain = choice(
                "gang-stock-grain",
                "gang.stockGrain",
                Stock.Grain.values(),
                g -> Words.of("gang.fibres." + g),
                g -> change(s -> new Stock(
                        s.name(), s.width(), s.height(), s.roll(), s.printer(), s.cutter(), g, s.colour(), s.price())));
        price = figure(
                "gang-price",
                "gang.price",
                Figure.number("", 0.1, 1, 0, 1_000_000),
                v -> change(s -> new Stock(
                        s.name(),
                        s.width(),
                        s.height(),
                        s.roll(),
                        s.printer(),
                        s.cutter(),
                        s.grain(),
                        s.colour(),
                        OptionalDouble.of(v))));
        there = figure("gang-there", "gang.there", Figure.number("", 1, 10, 0, 100_000), v -> counts(v));
        then.setId("gang-then");
        then.setMaxWidth(Double.MAX_VALUE);
        then.setConverter(new ChoiceNames<>(
                s -> s.map(Stock::name).map(ShippedNames::shown).orElse(Words.of("gang.thenNothing"))));
        then.setOnAction(e -> {
            if (!following && then.getValue() != null) {
                model.change(p -> {
                    List<StockCount> all = new ArrayList<>(List.of(p.stocks().getFirst()));
                    then.getValue().map(StockCount::of).ifPresent(all::add);
                    return p.withStocks(all);
                });
            }
        });
        row("gang.then", then);
        Button own = new Button(Words.of("gang.ownStock"));
        own.setId("gang-own-stock");
        own.setOnAction(e -> own());
        Button keep = new Button(Words.of("gang.keepStock"));
        keep.setId("gang-keep-stock");
        keep.setOnAction(e -> keep());
        wide(new RovingPane(8, 6, own, keep));
        model.onChange(this::follow);
        stocks.read(all -> follow());
        follow();
    }

    private LengthUnit unit() {
        return model.desk().bench().job().unit();
    }

    /** Changes the first stock; a plan with several keeps the others. */
    private void change(UnaryOperator<Stock> change) {
        model.change(p -> {
            List<StockCount> all = new ArrayList<>(p.stocks());
            all.set(0, new StockCount(change.apply(p.stock()), all.getFirst().sheets()));
            return p.withStocks(all);
        });
    }

    /** How many sheets there are of the first stock; 0 for as many as are needed. */
    private void counts(double sheets) {
        int count = (int) Math.rint(sheets);
        model.change(p -> {
            List<StockCount> all = new ArrayList<>(p.stocks());
            all.set(0, new StockCount(p.stock(), count > 0 ? OptionalInt.of(count) : OptionalInt.empty()));
            return p.withStocks(all);
        });
    }

    private void margins(UnaryOperator<Margins> change) {
        change(s -> s.withMargins(change.apply(s.printer().and(s.cutter())), Margins.NONE));
    }

    /** A stock of the person's own size. */
    private void own() {
        LengthUnit unit = unit();
        StockForm form = new StockForm(unit);
        form.ask(getScene().getWindow()).ifPresent(s -> change(before -> s));
    }

    private void keep() {
        model.plan().ifPresent(p -> new StockForm.Name(p.stock().name())
                .ask(getScene().getWindow())
                .ifPresent(name -> {
                    Stock s = p.stock();
                    Stock named = new Stock(
                            name,
                            s.width(),
                            s.height(),
                            s.roll(),
                            s.printer(),
                            s.cutter(),
                            s.grain(),
                            s.colour(),
                            s.price());
                    stocks.keep(named, all -> {
                        change(before -> named);
                        model.desk().notices().say(Words.of("gang.stockKept", name));
                    });
                }));
    }

    private void follow() {
        Optional<Plan> plan = model.plan();
        if (plan.isEmpty()) {
            return;
        }
        Stock now = plan.get().stock();
        following = true;
        List<Stock> all = new ArrayList<>(stocks.all());
        if (!all.contains(now)) {
            all.removeIf(s -> s.name().equals(now.name()));
            all.addFirst(now);
        }
        if (!stock.getItems().equals(all)) {
            stock.getItems().setAll(all);
        }
        stock.setValue(now);
        List<Optional<Stock>> others = new ArrayList<>(List.of(Optional.empty()));
        all.stream().filter(s -> !s.equals(now)).forEach(s -> others.add(Optional.of(s)));
        Optional<Stock> second =
                plan.get().stocks().stream().skip(1).findFirst().map(StockCount::stock);
        second.filter(s -> !others.contains(Optional.of(s))).ifPresent(s -> others.add(Optional.of(s)));
        if (!then.getItems().equals(others)) {
            then.getItems().setAll(others);
        }
        then.setValue(second);
        OptionalInt sheets = plan.get().stocks().getFirst().sheets();
        following = false;
        showing(() -> {
            Margins m = now.printer().and(now.cutter());
            left.show(m.left());
            top.show(m.top());
            right.show(m.right());
            bottom.show(m.bottom());
            grain.setValue(now.grain());
            price.show(now.price().orElse(0));
            there.show(sheets.orElse(0));
            usable.setText(Words.of(
                    now.roll() ? "gang.usableRoll" : "gang.usable",
                    LengthFormat.size(now.width(), now.height(), unit()),
                    LengthFormat.size(now.usable().width(), now.usable().height(), unit())));
        });
    }
}
