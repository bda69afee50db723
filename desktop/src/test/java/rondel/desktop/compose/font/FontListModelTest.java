package rondel.desktop.compose.font;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import rondel.formats.fonts.FontFamily;
import rondel.formats.fonts.FontFamily.Source;
import rondel.formats.fonts.FontMarks;
import rondel.job.FontChoice;
import rondel.text.FontClass;

/** What the list of fonts shows. */
class FontListModelTest {

    private static FontFamily family(String name, Source source, FontClass kind) {
        return new FontFamily(name, source, kind, List.of(new FontChoice(name, 400, false)));
    }

    private static final List<FontFamily> ALL = List.of(
            family("Brine", Source.SHIPPED, FontClass.SERIF),
            family("Dune Script", Source.ADDED, FontClass.SCRIPT),
            family("Gull", Source.SYSTEM, FontClass.SANS),
            family("Sea Brine", Source.SYSTEM, FontClass.SANS));

    private static FontListModel model() {
        FontListModel model = new FontListModel();
        model.read(ALL, FontMarks.NONE.withFavourite("Gull", true).used("Brine").used("Gull"));
        return model;
    }

    private static List<String> names(FontListModel m) {
        return m.shown().stream().map(FontFamily::name).toList();
    }

    @Test
    void namesThatBeginWithTheWordsComeFirst() {
        FontListModel m = model();
        m.look(FontListModel.Query.ALL.withWords("brin"));
        assertThat(names(m)).containsExactly("Brine", "Sea Brine");
    }

    @Test
    void kindsSourcesFavouritesAndThoseUsedLastAreToldApart() {
        FontListModel m = model();
        m.look(new FontListModel.Query("", Optional.of(FontClass.SANS), Optional.empty(), FontListModel.Only.ALL));
        assertThat(names(m)).containsExactly("Gull", "Sea Brine");
        m.look(new FontListModel.Query("", Optional.empty(), Optional.of(Source.ADDED), FontListModel.Only.ALL));
        assertThat(names(m)).containsExactly("Dune Script");
        m.look(new FontListModel.Query("", Optional.empty(), Optional.empty(), FontListModel.Only.FAVOURITES));
        assertThat(names(m)).containsExactly("Gull");
        m.look(new FontListModel.Query("", Optional.empty(), Optional.empty(), FontListModel.Only.RECENT));
        assertThat(names(m)).containsExactly("Gull", "Brine");
    }

    @Test
    void aThousandFamiliesAreSearchedAtOnce() {
        FontListModel m = new FontListModel();
        m.read(
                IntStream.range(0, 1000)
                        .mapToObj(i -> family("Family " + i, Source.SYSTEM, FontClass.SANS))
                        .toList(),
                FontMarks.NONE);
        m.look(FontListModel.Query.ALL.withWords("99"));
        assertThat(m.shown()).hasSize(19);
    }
}
