package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** What lengths, sheets and pixels mean on the command line. */
class UnitsTest extends CommandLineFixture {

    @Test
    void lengthsWithoutAUnitAreInTheJobsAndASheetsSizeSaysItsOwn() throws IOException {
        Path job = folder.resolve("inches.rondel");
        assertThat(rondel("new", "-o", job, "--sheet", "8.5x11").err()).contains("8.5x11in", "letter");
        assertThat(rondel("new", "-o", job, "--sheet", "8.5x11in").code()).isZero();
        rondel("place", job, file("s.svg", STAR), "--at", "1,2", "--width", "3");
        JsonNode star = info(job).at("/sheets/0/elements/0");
        assertThat(star.get("x_mm").asDouble()).isCloseTo(25.4, within(1e-9));
        assertThat(star.get("y_mm").asDouble()).isCloseTo(50.8, within(1e-9));
        assertThat(star.get("width_mm").asDouble()).isCloseTo(76.2, within(1e-9));

        for (String name : new String[] {"letter", "a4", "a5-landscape", "12inx12", "210x297mm"}) {
            Path of = folder.resolve(name + ".rondel");
            assertThat(rondel("new", "-o", of, "--sheet", name).code()).as(name).isZero();
        }
        assertThat(info(folder.resolve("a5-landscape.rondel"))
                        .at("/sheets/0/width_mm")
                        .asDouble())
                .isEqualTo(210);
        assertThat(info(folder.resolve("12inx12.rondel"))
                        .at("/sheets/0/height_mm")
                        .asDouble())
                .isCloseTo(304.8, within(1e-9));
    }

    @Test
    void aDrawingInPixelsSaysAtWhichScaleItCameAndTakesAnother() throws IOException {
        Path job = page();
        Path px = file("px.svg", STAR.replace("50mm", "72").replace("25mm", "36"));
        assertThat(rondel("place", job, px).out()).contains("96 to the inch", "72 or 90");
        rondel("place", job, px, "--px-per-inch", "72");
        assertThat(info(job).at("/sheets/0/elements/0/width_mm").asDouble()).isCloseTo(19.05, within(1e-6));
        assertThat(info(job).at("/sheets/0/elements/1/width_mm").asDouble()).isCloseTo(25.4, within(1e-6));
        assertThat(rondel("place", job, px, "--px-per-inch", "-3").code()).isEqualTo(1);
        assertThat(rondel("export", job, "-o", folder.resolve("n.png"), "--ppi", "-300")
                        .err())
                .contains("above 0");
    }
}
