package rondel.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rondel.job.PrintInks.Spot;
import rondel.words.Refusal;

class PrintInksTest {

    private static final Rgba GOLD = new Rgba(0xd4, 0xaf, 0x37, 255);

    @Test
    void spotsAreReadAsTheyAreTyped() {
        assertThat(PrintInks.spots(" #d4af37=Gold foil , #00A0B0 = Tide glow,"))
                .containsExactly(new Spot(GOLD, "Gold foil"), new Spot(new Rgba(0, 0xa0, 0xb0, 255), "Tide glow"));
        assertThat(PrintInks.spots("  ")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"gold", "#d4af37", "#d4af3=Gold", "#d4af37=", "d4af37=Gold", "#d4af37=  ", "#d4af37=Cyan"})
    void whatIsNoSpotIsASentence(String typed) {
        assertThatThrownBy(() -> PrintInks.spots(typed)).isInstanceOf(Refusal.class);
    }

    @Test
    void noTwoInksHaveOneNameAndNoneThatOfAPressesOwn() {
        PrintInks white = PrintInks.USUAL.withWhite(Optional.of("  White  "));
        assertThat(white.white()).contains("White");
        assertThatThrownBy(() -> white.withSpots(List.of(new Spot(GOLD, "White"))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("White");
        assertThatThrownBy(() -> PrintInks.USUAL.withWhite(Optional.of("BLACK")))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Spot(GOLD, "all")).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.01, 5.01, Double.NaN, Double.POSITIVE_INFINITY})
    void aChokeThatIsNoneIsRefused(double choke) {
        assertThatThrownBy(() -> new PrintInks(false, Optional.of("White"), choke, List.of()))
                .isInstanceOf(Refusal.class);
    }
}
