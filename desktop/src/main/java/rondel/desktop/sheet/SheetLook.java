package rondel.desktop.sheet;

import java.util.Optional;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import rondel.formats.preferences.ChoiceWord;
import rondel.formats.proof.SoftProof;

/** How the bench and the paper look while one works, so that pale and dark art are both seen: nothing of it is made.
 *
 * @param ground the bench about the sheet
 * @param paper in the place of the sheet's own
 * @param colours as they are drawn, or as they are printed */
public record SheetLook(Ground ground, ShownPaper paper, SoftProof.Shown colours) {

    public static final SheetLook USUAL = new SheetLook(Ground.LIGHT, ShownPaper.OWN, SoftProof.Shown.AS_DRAWN);

    /** The bench. */
    public enum Ground {
        LIGHT,
        MIDDLE,
        DARK;

        /** By its name in the preferences; the light one where it has no such name. */
        public static Ground named(String name) {
            return ChoiceWord.named(name, LIGHT);
        }

        /** Its style class. */
        String style() {
            return "ground-" + name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** What is shown for paper. */
    public enum ShownPaper {
        OWN,
        GREY,
        DARK,
        CHEQUERS;

        /** The paint in the place of the paper's; nothing for its own. */
        Optional<Paint> paint() {
            return switch (this) {
                case OWN -> Optional.empty();
                case GREY -> Optional.of(Color.web("#9a9f9b"));
                case DARK -> Optional.of(Color.web("#24403d"));
                case CHEQUERS -> Optional.of(Chequers.fill());
            };
        }
    }

    public SheetLook with(Ground other) {
        return new SheetLook(other, paper, colours);
    }

    public SheetLook with(ShownPaper other) {
        return new SheetLook(ground, other, colours);
    }

    public SheetLook with(SoftProof.Shown other) {
        return new SheetLook(ground, paper, other);
    }
}
