package rondel.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class CountedWordsTest {

    @Test
    void oneIsSaidOtherwiseThanSeveral() {
        assertThat(Words.of("journal.lost", 1)).startsWith("One later step was damaged");
        assertThat(Words.of("journal.lost", 1200)).startsWith("1200 later steps were damaged");
    }

    @Test
    void whatIsCountedStandsBesideOtherWords() {
        assertThat(Words.of("handoff.made", 1, 12, "tide cards")).isEqualTo("One file written of 12, in “tide cards”.");
        assertThat(Words.of("handoff.made", 12, 12, "tide cards"))
                .isEqualTo("12 files written of 12, in “tide cards”.");
    }
}
