package rondel.desktop.dialog;

import java.util.Optional;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.stage.Window;
import rondel.desktop.compose.glyphs.GlyphPick;
import rondel.desktop.compose.glyphs.GlyphSheet;
import rondel.desktop.compose.glyphs.GlyphView;
import rondel.desktop.help.GuidePage;
import rondel.words.Words;

/** The glyphs of a font in a dialog; a click uses one and closes it. */
public final class GlyphDialog {

    private final Dialog<ButtonType> dialog = new Dialog<>();
    private Optional<GlyphPick> picked = Optional.empty();

    public GlyphDialog(GlyphSheet sheet) {
        dialog.getDialogPane().setContent(new GlyphView(sheet, pick -> {
            picked = Optional.of(pick);
            dialog.close();
        }));
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.CANCEL);
        dialog.setTitle(Words.of("glyph.heading", sheet.catalogue().font().family()));
    }

    /** Shows it and waits; nothing where no glyph was chosen. */
    public Optional<GlyphPick> ask(Window owner) {
        FormDialog.prepare(dialog, owner, dialog.getTitle(), GuidePage.COMPOSE);
        dialog.showAndWait();
        return picked;
    }
}
