package rondel.formats.names;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.SampleJob;
import rondel.compose.lettering.AddText;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.fonts.UsualEditing;
import rondel.gang.copies.DesignContents;
import rondel.gang.names.AddNames;
import rondel.gang.names.NameDesigns;
import rondel.gang.names.NameFindings;
import rondel.job.Design;
import rondel.job.ElementId;
import rondel.job.FontChoice;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.NameList;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.SheetId;
import rondel.job.TextAlign;
import rondel.job.TextElement;
import rondel.text.Typesetter;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** Lists of names, read from all kinds of files and filled into a template. */
class NameListsTest {

    private static final SheetId SHEET = new SheetId("sheet-1");
    private static final Design PAGE = new Design.Page(SHEET);

    @TempDir
    Path folder;

    private Path file(String text, Charset charset) throws Exception {
        return Files.write(folder.resolve("list.csv"), text.getBytes(charset));
    }

    private static Job tag(String family) {
        Lettering name = Lettering.plain("Heron Strand", new FontChoice(family, 400, false), 8)
                .withAlign(TextAlign.MIDDLE);
        AddText text = new AddText(
                SHEET,
                30,
                20,
                name,
                Paint.solid(new Rgba(20, 60, 60, 255)),
                Optional.of(new Typesetter(new ShippedFonts()).outline(name)));
        return UsualEditing.editing().apply(text, Job.blank("Tags", LengthUnit.MM, 60, 40));
    }

    private static NameList with(NameList l, Design template, NameList.Blank blank) {
        return new NameList(l.id(), l.name(), template, l.source(), l.columns(), List.of(blank), l.count(), l.rows());
    }

    private static NameList filled(Job job, String csv, double room) {
        NameList list = NameListFile.list(job, PAGE, NameTableReader.parse(csv), "Beaches", Optional.empty());
        NameList.Blank blank = list.blanks().getFirst();
        NameList narrow =
                with(list, PAGE, new NameList.Blank(blank.column(), blank.element(), OptionalDouble.of(room), 3));
        return new NameListFile(new ShippedFonts()).filled(job, narrow).list();
    }

    @Test
    void commasSemicolonsTabsQuotesMarksAndLatinLettersAreRead() throws Exception {
        List<List<String>> wanted = List.of(List.of("Öland; Süd", "2"), List.of("Cockle \"Bay\"", "1"));
        String commas = "Beach,Count\r\n\"Öland; Süd\",2\r\n\"Cockle \"\"Bay\"\"\",1\r\n";
        assertThat(NameTableReader.read(file(commas, StandardCharsets.UTF_8)).rows())
                .isEqualTo(wanted);
        assertThat(NameTableReader.read(file("\uFEFF" + commas, StandardCharsets.UTF_8))
                        .columns())
                .containsExactly("Beach", "Count");
        assertThat(NameTableReader.read(file(commas, StandardCharsets.ISO_8859_1))
                        .rows())
                .isEqualTo(wanted);
        assertThat(NameTableReader.read(file("\uFEFF" + commas, StandardCharsets.UTF_16LE))
                        .rows())
                .isEqualTo(wanted);
        assertThat(NameTableReader.parse("Beach;Count\n\"Öland; Süd\";2\n\"Cockle \"\"Bay\"\"\";1\n")
                        .rows())
                .isEqualTo(wanted);
        assertThat(NameTableReader.parse("Beach\tCount\nÖland; Süd\t2\n\"Cockle \"\"Bay\"\"\"\t1")
                        .rows())
                .isEqualTo(wanted);
    }

    @Test
    void whatLooksLikeAFormulaIsText() {
        assertThat(NameTableReader.parse("Name\n=SUM(A1:A9)\n+44\n@home").rows())
                .containsExactly(List.of("=SUM(A1:A9)"), List.of("+44"), List.of("@home"));
    }

    @Test
    void aTableThatCantBeFilledInGetsASentence() throws Exception {
        assertThatThrownBy(() -> NameTableReader.parse("Name\n" + "x".repeat(10_000_000)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("row 1");
        assertThatThrownBy(() -> NameTableReader.parse("Name\n\"never closed\nand on"))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> NameTableReader.parse("Name\n")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> NameTableReader.parse("Name,Name\na,b"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Name");
        Job job = tag("EB Garamond");
        String many = "Name\n" + "Bay\n".repeat(200_000);
        assertThatThrownBy(() -> filled(job, many, 50))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("200000");
        Path picture = Files.write(folder.resolve("picture.csv"), new byte[] {1, 0, 2, 0, 3});
        assertThatThrownBy(() -> NameTableReader.read(picture))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no text");
    }

    @Test
    void wordsAreMadeToFitAndSaidToBeTooWideWhereTheyCant() {
        NameList list = filled(
                tag("EB Garamond"),
                "Beach\nTern\nThe Long Spit Beyond\nThe very long spit beyond the last of the old lanterns\n"
                        + "Bladderwrackbladderwrackbladderwrackbladderwrack",
                36);
        assertThat(list.rows().stream().map(r -> r.texts().getFirst().how()))
                .containsExactly(
                        NameList.Fitted.AS_IT_IS,
                        NameList.Fitted.SMALLER,
                        NameList.Fitted.TWO_LINES,
                        NameList.Fitted.TOO_WIDE);
        for (int i = 0; i < 3; i++) {
            NameList.FilledText t = list.rows().get(i).texts().getFirst();
            assertThat(t.outline().bounds().orElseThrow().width()).isLessThanOrEqualTo(36.001);
            assertThat(t.lettering().size()).isBetween(3.0, 8.0);
        }
        assertThat(NameFindings.of(list)).extracting(a -> a.row()).containsExactly(3);
    }

    @Test
    void lettersThatTheFontLacksAreFindings() {
        NameList list = filled(tag("Great Vibes"), "Beach\nHeron\nخليج", 50);
        assertThat(NameFindings.of(list).stream().map(a -> a.finding().sentence()))
                .singleElement()
                .asString()
                .contains("Row 2", "Great Vibes");
    }

    @Test
    void eachRowIsADesignThatShowsItsWords() {
        Job job = tag("EB Garamond");
        AddNames add = new AddNames(filled(job, "Beach,Count\nTern,2\nHeron,0\nCurlew,", 50), List.of());
        NameList added = add.added(job);
        Job with = UsualEditing.editing().apply(add, job);
        assertThat(NameDesigns.of(added)).hasSize(2);
        assertThat(NameDesigns.of(added).getFirst().count()).hasValue(2);
        DesignContents contents = new DesignContents(with);
        assertThat(said(contents, new Design.Row(PAGE, added.id(), 0))).isEqualTo("Tern");
        assertThat(said(contents, new Design.Row(PAGE, added.id(), 2))).isEqualTo("Curlew");
    }

    private static String said(DesignContents contents, Design design) {
        return GroupElement.everything(contents.of(design).group())
                .filter(TextElement.class::isInstance)
                .map(e -> ((TextElement) e).content())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void picturesAreLookedForBesideTheListAndAreFindingsWhereTheyAreNot() throws Exception {
        Job job = SampleJob.make();
        Design slot = new Design.Whole(new ElementId("window"));
        Files.write(
                folder.resolve("a.png"),
                job.media().values().iterator().next().bytes().content());
        Path list = file("Picture\na.png\nb.png\n", StandardCharsets.UTF_8);
        NameList read = NameListFile.list(job, slot, NameTableReader.read(list), "P", Optional.of(list));
        NameList mapped =
                with(read, slot, new NameList.Blank("Picture", new ElementId("window"), OptionalDouble.empty(), 2));
        NameList done = new NameListFile(new ShippedFonts()).filled(job, mapped).list();
        assertThat(done.rows().getFirst().pictures().getFirst().media()).isPresent();
        assertThat(NameFindings.of(done).stream().map(a -> a.finding().sentence()))
                .singleElement()
                .asString()
                .contains("b.png");
    }

    @Test
    void aListIsReadAgainAndRowsThatWereLeftOutStayOut() throws Exception {
        Path file = file("Beach\nTern\nHeron\n", StandardCharsets.UTF_8);
        NameList list =
                NameListFile.list(tag("EB Garamond"), PAGE, NameTableReader.read(file), "Beaches", Optional.of(file));
        NameList out =
                list.withRows(List.of(list.rows().get(0), list.rows().get(1).withLeftOut(true)));
        file("Beach\nCurlew\nHeron\nTern\n", StandardCharsets.UTF_8);
        assertThat(NameListFile.again(out).rows().stream().map(NameList.Row::leftOut))
                .containsExactly(false, true, false);
        file("Place\nCurlew\n", StandardCharsets.UTF_8);
        assertThatThrownBy(() -> NameListFile.again(out))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Beach");
    }
}
