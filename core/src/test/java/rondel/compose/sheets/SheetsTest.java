package rondel.compose.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.operation.Together;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class SheetsTest {

    private static final SheetId FIRST = new SheetId("sheet-1");

    private final Job job = Job.blank("Cards", LengthUnit.IN, 127, 177.8);

    @Test
    void everyAddedSheetHasAnIdOfItsOwn() {
        Job three = new AddSheet("Inside", 127, 177.8).apply(new AddSheet("Back", 127, 177.8).apply(job));
        assertThat(three.sheets().stream().map(Sheet::id))
                .doesNotHaveDuplicates()
                .hasSize(3);
        assertThat(three.sheets().stream().map(Sheet::name)).containsExactly("Sheet 1", "Back", "Inside");
    }

    @Test
    void aSheetIsTakenAwayButNeverTheLast() {
        Job two = new AddSheet("Back", 100, 50).apply(job);
        Job one = new RemoveSheet(FIRST).apply(two);
        assertThat(one.sheets()).containsExactly(two.sheets().getLast());
        assertThatThrownBy(() -> new RemoveSheet(one.sheets().getFirst().id()).apply(one))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Back");
    }

    @Test
    void sizesMarginsNamesAndPaperAreExactAndBadOnesAreRefused() {
        Job changed = new Together(
                        "All",
                        List.of(
                                new SetSheetSize(FIRST, 215.9, 279.4),
                                new SetMargins(FIRST, 3.175, 6.35),
                                new SetPaper(FIRST, Optional.of(new Rgba(1, 2, 3, 255))),
                                new RenameSheet(FIRST, " Front ")))
                .apply(job);
        Sheet sheet = changed.sheet(FIRST);
        assertThat(sheet.width()).isEqualTo(215.9);
        assertThat(sheet.bleed()).isEqualTo(3.175);
        assertThat(sheet.safeMargin()).isEqualTo(6.35);
        assertThat(sheet.name()).isEqualTo("Front");
        assertThat(new SetPaper(FIRST, Optional.empty())
                        .apply(changed)
                        .sheet(FIRST)
                        .paper())
                .isEmpty();
        for (double bad : new double[] {0, -1, Double.NaN, Double.POSITIVE_INFINITY, Sheet.LONGEST + 1}) {
            assertThatThrownBy(() -> new SetSheetSize(FIRST, bad, 10).apply(job))
                    .isInstanceOf(Refusal.class);
            assertThatThrownBy(() -> new AddSheet("x", 10, bad).apply(job)).isInstanceOf(Refusal.class);
        }
        for (double bad : new double[] {-1, Double.NaN, 500}) {
            assertThatThrownBy(() -> new SetMargins(FIRST, bad, 0).apply(job)).isInstanceOf(Refusal.class);
        }
        assertThatThrownBy(() -> new RenameSheet(FIRST, "  ").apply(job)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new RenameSheet(new SheetId("none"), "x").apply(job))
                .hasMessageContaining("none");
    }

    @Test
    void editsMadeTogetherAreRefusedTogether() {
        Together half = new Together("Half", List.of(new RenameSheet(FIRST, "Front"), new RemoveSheet(FIRST)));
        assertThatThrownBy(() -> half.apply(job)).isInstanceOf(Refusal.class);
        assertThat(half.label()).isEqualTo("Half");
    }
}
