package rondel.desktop.dialog;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.WritableImage;
import org.junit.jupiter.api.Test;
import rondel.desktop.compose.glyphs.GlyphPick;
import rondel.desktop.compose.glyphs.GlyphSheet;
import rondel.formats.fonts.ShippedFonts;
import rondel.job.FontChoice;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.text.Glyph;
import rondel.text.GlyphCatalogue;
import rondel.text.GlyphKind;
import rondel.units.LengthUnit;

/** The dialogs in which one of many is chosen: a role for each look, a glyph, an alternative. */
class ChoosingTest extends DialogFixture {

    private static final Rgba RED = new Rgba(184, 68, 47, 255);

    @Test
    void everyLookGetsTheRoleThatIsChosenForIt() throws Exception {
        RoleRule thin = new RoleRule(Optional.of(RED), Optional.of(false), OptionalDouble.of(0.2), Role.PRINT);
        RoleRule dashed = new RoleRule(Optional.of(RED), Optional.of(true), OptionalDouble.empty(), Role.PRINT);
        var result = asking(() -> dialogs.roles(List.of(thin, dashed), LengthUnit.MM));
        assertThat(lookup("#look-0").<ChoiceBox<Role>>query().getAccessibleText())
                .isEqualTo("#b8442f · line · 0.20 mm");
        interact(() -> {
            lookup("#look-0").<ChoiceBox<Role>>query().setValue(Role.CUT);
            lookup("#look-1").<ChoiceBox<Role>>query().setValue(Role.SCORE);
        });
        answer(ButtonBar.ButtonData.OK_DONE);
        assertThat(answered(result))
                .contains(List.of(
                        new RoleRule(thin.colour(), thin.dashed(), thin.width(), Role.CUT),
                        new RoleRule(dashed.colour(), dashed.dashed(), dashed.width(), Role.SCORE)));

        var calledOff = asking(() -> dialogs.roles(List.of(thin), LengthUnit.MM));
        answer(ButtonBar.ButtonData.CANCEL_CLOSE);
        assertThat(answered(calledOff)).isEmpty();
    }

    @Test
    void anAlternativeIsChosenByAClickOrNone() throws Exception {
        List<Image> pictures = List.of(new WritableImage(40, 30), new WritableImage(40, 30), new WritableImage(40, 30));
        var result = asking(() -> dialogs.sideBySide(pictures, 1));
        assertThat(lookup("#alternative-1").queryButton().getStyleClass()).contains("alternative-shown");
        interact(() -> lookup("#alternative-2").queryButton().fire());
        assertThat(answered(result)).contains(2);

        var none = asking(() -> dialogs.sideBySide(pictures, 1));
        answer(ButtonBar.ButtonData.CANCEL_CLOSE);
        assertThat(answered(none)).isEmpty();
    }

    @Test
    void aGlyphIsFoundByItsCharacterAndGoesToTheChosenLetter() throws Exception {
        FontChoice garamond = new FontChoice("EB Garamond", 400, false);
        GlyphSheet sheet = GlyphSheet.of(
                new GlyphCatalogue(new ShippedFonts()
                        .get()
                        .nearest(List.of("EB Garamond"), garamond)
                        .orElseThrow()
                        .face()),
                "Quiet tide");
        var result = asking(() -> dialogs.glyph(sheet));
        ListView<List<Glyph>> rows = lookup("#glyph-rows").query();
        int all = shown(rows);
        interact(() -> lookup("#glyph-kind")
                .<ChoiceBox<Optional<GlyphKind>>>query()
                .setValue(Optional.of(GlyphKind.LIGATURE)));
        assertThat(shown(rows)).isPositive().isLessThan(all / 5);
        interact(() -> {
            lookup("#glyph-kind").<ChoiceBox<Optional<GlyphKind>>>query().setValue(Optional.empty());
            lookup("#glyph-letter").<ChoiceBox<Integer>>query().setValue(6);
            lookup("#glyph-alternates").<CheckBox>query().setSelected(true);
            lookup("#glyph-alternates").<CheckBox>query().fire();
            lookup("#glyph-find").<TextField>query().setText("U+0054");
        });
        assertThat(shown(rows)).isEqualTo(1);
        Glyph found = rows.getItems().getFirst().getFirst();
        interact(() -> lookup("#glyph-" + found.number()).queryButton().fire());
        assertThat(answered(result)).contains(new GlyphPick(found, OptionalInt.of(6)));
    }

    private static int shown(ListView<List<Glyph>> rows) {
        return rows.getItems().stream().mapToInt(List::size).sum();
    }
}
