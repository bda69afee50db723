package rondel.gang.names;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.geometry.Outline;
import rondel.job.Design;
import rondel.job.ElementId;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.MediaId;
import rondel.job.NameList;
import rondel.job.NameList.FilledPicture;
import rondel.job.NameList.FilledText;
import rondel.job.NameList.Fitted;
import rondel.job.NameList.Row;
import rondel.job.NameListId;
import rondel.lines.check.Severity;

/** What is to be said of the rows of a list before they are printed. */
class NameFindingsTest {

    private static final ElementId TEXT = new ElementId("text");
    private static final FontChoice FONT = new FontChoice("Tidewater", 400, false);

    private static FilledText text(String words, Fitted how, String missing) {
        return new FilledText(TEXT, Lettering.plain(words, FONT, 5), Outline.EMPTY, how, missing);
    }

    private static Row row(FilledText text, FilledPicture... pictures) {
        return Row.of(List.of(text.lettering().content())).withFilled(List.of(text), List.of(pictures));
    }

    private static List<NameFindings.About> said(Row... rows) {
        return NameFindings.of(new NameList(
                new NameListId("names"),
                "Beaches",
                new Design.Whole(new ElementId("tag")),
                Optional.empty(),
                List.of("Beach"),
                List.of(),
                Optional.empty(),
                List.of(rows)));
    }

    private static String code(Row row) {
        List<NameFindings.About> said = said(row);
        assertThat(said).hasSize(1);
        return said.getFirst().finding().code();
    }

    @Test
    void rowsThatFitHaveNothingToBeSaid() {
        assertThat(said(
                        row(text("Gull Cove", Fitted.AS_IT_IS, "")),
                        row(text("Old Harbour Steps", Fitted.SMALLER, "")),
                        row(
                                text("Long Sands\nNorth", Fitted.TWO_LINES, ""),
                                new FilledPicture(TEXT, "sands.jpg", Optional.of(new MediaId("m"))),
                                new FilledPicture(TEXT, "", Optional.empty()))))
                .isEmpty();
    }

    @Test
    void whatWouldBePrintedWrongIsSaidWithItsRow() {
        assertThat(code(row(text("The Very Longest Beach of All", Fitted.TOO_WIDE, ""))))
                .isEqualTo("nameTooWide");
        assertThat(code(row(text("Gull Cove", Fitted.AS_IT_IS, "☂")))).isEqualTo("nameLetters");
        assertThat(code(row(text(" \n ", Fitted.AS_IT_IS, "")))).isEqualTo("nameEmpty");
        assertThat(code(row(
                        text("Gull Cove", Fitted.AS_IT_IS, ""),
                        new FilledPicture(TEXT, "gulls.jpg", Optional.empty()))))
                .isEqualTo("namePicture");

        List<NameFindings.About> said = said(
                row(text("Gull Cove", Fitted.AS_IT_IS, "")),
                row(text("Long Sands\nNorth", Fitted.TOO_WIDE, "")),
                row(text("", Fitted.AS_IT_IS, "")));
        assertThat(said).extracting(NameFindings.About::row).containsExactly(1, 2);
        assertThat(said.getFirst().finding().sentence()).contains("2", "Long Sands North");
        assertThat(said).extracting(a -> a.finding().severity()).containsExactly(Severity.ERROR, Severity.WARNING);
    }

    @Test
    void rowsThatAreLeftOutAreNotSpokenOf() {
        assertThat(said(row(text("The Very Longest Beach of All", Fitted.TOO_WIDE, "☂"))
                        .withLeftOut(true)))
                .isEmpty();
    }
}
