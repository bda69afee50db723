package rondel.desktop.handoff;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.layout.VBox;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.handoff.making.HandOffModel;
import rondel.handoff.ledger.LedgerEntry;
import rondel.words.Words;

/** Everything that the job contains from somebody; what may not be sold, or is not known, first. */
final class LedgerSection extends VBox {

    private final HandOffModel model;
    private List<LedgerEntry> shown = List.of();
    private boolean ever;

    LedgerSection(HandOffModel model) {
        super(6);
        this.model = model;
        setId("handoff-ledger");
        model.onChange(this::follow);
        follow();
    }

    private void follow() {
        List<LedgerEntry> ledger =
                model.planned().map(HandOffModel.Planned::ledger).orElse(List.of());
        if (ever && ledger.equals(shown)) {
            return;
        }
        ever = true;
        shown = ledger;
        getChildren().clear();
        if (ledger.isEmpty()) {
            add(Words.of("ledger.nothing"), "quiet");
        }
        Stream.concat(ledger.stream().filter(e -> !e.forSale()), ledger.stream().filter(LedgerEntry::forSale))
                .forEach(e -> {
                    add(e.thing(), e.forSale() ? "pass-name" : "pass-state");
                    add(sentence(e), "quiet");
                });
    }

    private void add(String text, String style) {
        getChildren().add(WrappedLabel.of(text, style));
    }

    /** What it is, by whom and from where, and under which terms. */
    static String sentence(LedgerEntry e) {
        String from = Stream.of(e.maker(), e.source()).filter(t -> !t.isBlank()).collect(Collectors.joining(", "));
        return Words.of(
                "handoff.entry",
                Words.of("ledger.kind." + e.kind()),
                e.thing(),
                from.isEmpty() ? Words.of("handoff.nobodySays") : from,
                Words.of("licence." + e.licence()));
    }
}
