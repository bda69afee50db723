package rondel.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class NearMatchTest {

    private static final List<String> KNOWN = List.of("move", "turn", "resize", "make-halo", "adjust-halo", "unite");

    @Test
    void mistypedLettersAreForgivenAndTheNearestGoesFirst() {
        assertThat(NearMatch.of("moev", KNOWN)).containsExactly("move");
        assertThat(NearMatch.of("RESISE", KNOWN)).containsExactly("resize");
        assertThat(NearMatch.of("unit", KNOWN)).startsWith("unite");
    }

    @Test
    void aPartOfAWordFindsAllThatHaveIt() {
        assertThat(NearMatch.of("halo", KNOWN)).containsExactlyInAnyOrder("make-halo", "adjust-halo");
    }

    @Test
    void whatHasNothingToDoWithItIsNotOffered() {
        assertThat(NearMatch.of("embroider", KNOWN)).isEmpty();
        assertThat(NearMatch.sentence("embroider", KNOWN)).isEmpty();
        assertThat(NearMatch.sentence("moev", KNOWN)).contains("move");
    }

    @Test
    void atMostThreeAreOffered() {
        assertThat(NearMatch.of("tide", List.of("tida", "tidb", "tidc", "tidd")))
                .containsExactly("tida", "tidb", "tidc");
    }

    @Test
    void theDistanceIsHowManyLettersChange() {
        assertThat(NearMatch.distance("kitten", "sitting")).isEqualTo(3);
        assertThat(NearMatch.distance("", "tide")).isEqualTo(4);
        assertThat(NearMatch.distance("tide", "tide")).isZero();
    }
}
