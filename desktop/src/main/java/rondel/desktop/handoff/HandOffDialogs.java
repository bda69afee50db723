package rondel.desktop.handoff;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.stage.Window;
import rondel.desktop.dialog.FormDialog;
import rondel.desktop.help.GuidePage;
import rondel.handoff.ledger.LedgerEntry;
import rondel.job.HandOffSet;
import rondel.words.Refusal;
import rondel.words.Words;

/** The questions of the Hand off stage as dialogs. */
public final class HandOffDialogs {

    private static final double WIDE = 460;
    private static final int MOST_LISTED = 12;

    private final Window owner;

    public HandOffDialogs(Window owner) {
        this.owner = owner;
    }

    public Optional<HandOffSet> set(HandOffSet like, String title) {
        SetForm form = new SetForm(like);
        return new FormDialog(GuidePage.HAND_OFF).row(form).ask(owner, title, Words.of("handoff.keep"), form::set);
    }

    /** Goes on only once the person has said that it may be sold. */
    public boolean mayBeSold(String set, List<LedgerEntry> held) {
        Label why = new Label(Words.of("handoff.mayBeSoldWhy", set));
        why.setWrapText(true);
        why.setMaxWidth(WIDE);
        String listed = held.stream()
                .limit(MOST_LISTED)
                .map(LedgerSection::sentence)
                .distinct()
                .collect(Collectors.joining("\n"));
        Label list = new Label(
                held.size() > MOST_LISTED
                        ? listed + "\n" + Words.of("handoff.andMore", held.size() - MOST_LISTED)
                        : listed);
        list.setId("handoff-held-list");
        list.setWrapText(true);
        list.setMaxWidth(WIDE);
        list.getStyleClass().add("quiet");
        CheckBox cleared = new CheckBox(Words.of("handoff.cleared"));
        cleared.setId("handoff-cleared");
        return new FormDialog(GuidePage.HAND_OFF)
                .row(why)
                .row(list)
                .row(cleared)
                .ask(owner, Words.of("handoff.mayBeSoldTitle"), Words.of("handoff.goOn"), () -> {
                    if (!cleared.isSelected()) {
                        throw Refusal.of("handoff.notCleared");
                    }
                    return true;
                })
                .orElse(false);
    }
}
