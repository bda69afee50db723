package rondel.desktop.gang;

import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.stage.Window;
import rondel.desktop.dialog.FormDialog;
import rondel.desktop.field.LengthInput;
import rondel.desktop.help.GuidePage;
import rondel.job.Margins;
import rondel.job.Rgba;
import rondel.job.Stock;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Asks for a stock of the person's own. */
final class StockForm {

    private static final double USUAL_WIDTH = 210;
    private static final double USUAL_HEIGHT = 297;
    private static final double USUAL_MARGIN = 5;

    private final LengthUnit unit;
    private final TextField name = new TextField();
    private final LengthInput width = LengthInput.ofSize("stock-width");
    private final LengthInput height = LengthInput.ofSize("stock-height");
    private final LengthInput margin = new LengthInput("stock-margin");
    private final CheckBox roll = new CheckBox(Words.of("gang.stockRoll"));

    StockForm(LengthUnit unit) {
        this.unit = unit;
        name.setId("stock-name");
        width.show(USUAL_WIDTH, unit);
        height.show(USUAL_HEIGHT, unit);
        margin.show(USUAL_MARGIN, unit);
        roll.setId("stock-roll");
    }

    Optional<Stock> ask(Window owner) {
        return new FormDialog(GuidePage.GANG)
                .row("gang.stockName", name)
                .row("gang.stockWidth", width)
                .row("gang.stockHeight", height)
                .row("gang.stockMargin", margin)
                .row(roll)
                .saying(() -> Words.of(
                        "gang.usable",
                        LengthFormat.size(stock().width(), stock().height(), unit),
                        LengthFormat.size(
                                stock().usable().width(), stock().usable().height(), unit)))
                .ask(owner, Words.of("gang.ownStock"), Words.of("gang.use"), this::stock);
    }

    private Stock stock() {
        String called = name.getText().isBlank()
                ? LengthFormat.size(width.mm(unit), height.mm(unit), unit)
                : name.getText().strip();
        return new Stock(
                called,
                width.mm(unit),
                height.mm(unit),
                roll.isSelected(),
                Margins.all(margin.mm(unit)),
                Margins.NONE,
                Stock.Grain.NONE,
                Rgba.WHITE,
                OptionalDouble.empty());
    }

    /** Asks what a stock that is kept is called. */
    static final class Name {

        private final TextField field = new TextField();

        Name(String suggested) {
            field.setId("stock-keep-name");
            field.setText(suggested);
        }

        Optional<String> ask(Window owner) {
            return new FormDialog(GuidePage.GANG)
                    .row("gang.stockName", field)
                    .ask(owner, Words.of("gang.keepStock"), Words.of("gang.keep"), () -> field.getText()
                            .strip());
        }
    }
}
