package rondel.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.FontChoice;
import rondel.job.Lettering;

/** Text while it is edited: what typing and moving make of it, and where the caret stands. */
class TextCaretTest {

    @Test
    void typingTakesThePlaceOfWhatIsSelected() {
        TextCaret c = new TextCaret("low tide", 8, 4).typed("water");
        assertThat(c).isEqualTo(new TextCaret("low water", 9, 9));
        assertThat(TextCaret.all("old").typed("n").typed("e").typed("w").content())
                .isEqualTo("new");
    }

    @Test
    void anAccentGoesWithItsLetterAndAnEmojiIsOneCharacter() {
        assertThat(TextCaret.endOf("cafe\u0301").withoutBefore().content()).isEqualTo("caf");
        assertThat(TextCaret.endOf("sea \ud83d\udc19").withoutBefore().content())
                .isEqualTo("sea ");
        assertThat(new TextCaret("e\u0301a", 0, 0).withoutAfter().content()).isEqualTo("a");
        assertThat(TextCaret.endOf("").withoutBefore().content()).isEmpty();
    }

    @Test
    void wordsAreSteppedOverAndSelected() {
        TextCaret c = TextCaret.endOf("high tide, 4.30");
        assertThat(c.moved(-1, true, false).at()).isEqualTo(11);
        assertThat(c.moved(-1, true, false).moved(-1, true, false).at()).isEqualTo(5);
        assertThat(new TextCaret("high tide", 0, 0).moved(1, true, true).selected())
                .isEqualTo("high ");
        assertThat(new TextCaret("high tide", 0, 0).wordAt(6).selected()).isEqualTo("tide");
        assertThat(c.to(3, false).moved(1, false, true).moved(1, false, true).selected())
                .isEqualTo("h ");
    }

    @Test
    void lettersThatStandOtherwiseKeepToTheirLetters() {
        Lettering l = Lettering.plain("gulls", new FontChoice("Nunito", 400, false), 10)
                .withLetters(List.of(
                        new Lettering.Letter(0, 1, 0, 0, 1, Optional.empty()),
                        new Lettering.Letter(4, 0, 1, 0, 1, Optional.empty())));
        Lettering longer = l.saying("gullies");
        assertThat(longer.letters()).extracting(Lettering.Letter::at).containsExactly(0, 6);
        assertThat(l.saying("gull").letters()).extracting(Lettering.Letter::at).containsExactly(0);
        assertThat(l.saying("ulls").letters()).extracting(Lettering.Letter::at).containsExactly(3);
    }

    private static PlacedLetter letter(int at, double middle, double advance) {
        return new PlacedLetter(
                at, 1, Affine.translate(middle, 0), Affine.translate(middle, 0), Outline.EMPTY, advance);
    }

    @Test
    void theCaretStandsBetweenLettersAndInsideOfLigatures() {
        Lettering l = Lettering.plain("afib\n", new FontChoice("Nunito", 400, false), 10);
        CaretPlaces places = CaretPlaces.of(l, List.of(letter(0, 2.5, 5), letter(1, 9, 8), letter(3, 15, 4)));
        assertThat(places.count()).isEqualTo(6);
        assertThat(places.at(1).top().x()).isCloseTo(5, within(1e-9));
        assertThat(places.at(2).top().x()).isCloseTo(9, within(1e-9));
        assertThat(places.at(4).top().x()).isCloseTo(17, within(1e-9));
        assertThat(places.at(5).line()).isEqualTo(1);
        assertThat(places.at(5).top().x()).isZero();
        assertThat(places.nearest(new Point(8.4, -3))).isEqualTo(2);
        assertThat(places.vertically(3, 1)).isEqualTo(5);
        assertThat(places.vertically(5, -1)).isZero();
    }

    @Test
    void aLineFromRightToLeftBeginsAtTheRight() {
        Lettering l = Lettering.plain("\u05d0\u05d1", new FontChoice("Nunito", 400, false), 10);
        CaretPlaces places = CaretPlaces.of(l, List.of(letter(1, 2, 4), letter(0, 7, 6)));
        assertThat(places.at(0).top().x()).isCloseTo(10, within(1e-9));
        assertThat(places.at(1).top().x()).isCloseTo(4, within(1e-9));
        assertThat(places.at(2).top().x()).isCloseTo(0, within(1e-9));
    }
}
