package rondel.gang.names;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import rondel.gang.names.ColumnMatching.Place;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.ElementId;
import rondel.job.NameList;
import rondel.job.NameListId;
import rondel.words.Refusal;

class ColumnMatchingTest {

    private static final Design TAG = new Design.Whole(new ElementId("tag"));

    private static Place text(String id, String name, String says) {
        return new Place(new ElementId(id), name, says, false);
    }

    private static Place window(String id, String name) {
        return new Place(new ElementId(id), name, name, true);
    }

    /** Columns by the blank that they go into. */
    private static Map<String, String> matched(List<String> columns, Place... places) {
        return ColumnMatching.of(columns, List.of(places)).stream()
                .collect(Collectors.toMap(b -> b.element().value(), NameList.Blank::column));
    }

    @Test
    void columnsGoWhereTheirNameStands() {
        assertThat(matched(
                        List.of("Price", "Beach", "Photo"),
                        text("a", "BEACH", "Gull Cove"),
                        text("b", "Text 2", " price "),
                        window("c", "photo")))
                .isEqualTo(Map.of("a", "Beach", "b", "Price", "c", "Photo"));
    }

    @Test
    void whatIsLeftOverGoesInOrderButNoCountAndNoPictureByChance() {
        assertThat(matched(
                        List.of("Copies", "Jar", "Weight", "Place"),
                        text("one", "Text 1", "Sea salt"),
                        window("shot", "Window"),
                        text("two", "Place", "Long Sands"),
                        text("three", "Text 3", "250 g")))
                .isEqualTo(Map.of("one", "Jar", "two", "Place", "three", "Weight"));
    }

    @Test
    void namesAreAlikeInWhateverCaseAndHoweverTheirLettersAreComposed() {
        assertThat(matched(List.of("Du\u0308ne"), text("a", "d\u00fcne", "x"))).containsEntry("a", "Du\u0308ne");
        assertThat(ColumnMatching.count(List.of("Name", " Qty ", "count"))).contains(" Qty ");
        assertThat(ColumnMatching.count(List.of("Name", "Price"))).isEmpty();
    }

    @Test
    void aTextThatTakesTwoColumnsTakesTheFirst() {
        assertThat(matched(List.of("Beach", "beach"), text("a", "Beach", "Beach"), text("b", "Other", "Tide")))
                .isEqualTo(Map.of("a", "Beach", "b", "beach"));
    }

    private static NameList list(Optional<String> count, NameList.Row... rows) {
        return new NameList(
                new NameListId("jars"),
                "Jars",
                TAG,
                Optional.empty(),
                List.of("Name", "Count"),
                List.of(),
                count,
                List.of(rows));
    }

    private static NameList.Row row(String... cells) {
        return NameList.Row.of(List.of(cells));
    }

    @Test
    void eachRowIsMadeAsOftenAsItsCountSays() {
        NameList.Row leftOut = new NameList.Row(List.of("Kelp", "4"), true, List.of(), List.of());
        List<DesignCount> made = NameDesigns.of(
                list(Optional.of("Count"), row("Salt", "3"), row("Sand", ""), row("Shell"), row("None", "0"), leftOut));
        assertThat(made).extracting(d -> d.count().orElseThrow()).containsExactly(3, 1, 1);
        assertThat(made)
                .extracting(DesignCount::design)
                .containsExactly(
                        new Design.Row(TAG, new NameListId("jars"), 0),
                        new Design.Row(TAG, new NameListId("jars"), 1),
                        new Design.Row(TAG, new NameListId("jars"), 2));
        assertThat(NameDesigns.of(list(Optional.empty(), row("Salt", "3"))))
                .extracting(d -> d.count().orElseThrow())
                .containsExactly(1);
    }

    @Test
    void aCountThatIsNoneIsASentenceWithItsRow() {
        NameList wrong = list(Optional.of("Count"), row("Salt", "3"), row("Sand", "a few"));
        assertThatThrownBy(() -> NameDesigns.of(wrong))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("2")
                .hasMessageContaining("a few");
        NameList none = list(Optional.of("Count"), row("Salt", "0"));
        assertThatThrownBy(() -> NameDesigns.of(none))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Jars");
    }
}
