package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.OutlineBuilder;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.units.LengthUnit;

class TypedIdTest extends CommandLineFixture {

    private static Element box(String id, double x, double width) {
        return new ShapeElement(
                Traits.named("").withId(new ElementId(id)).withPlacement(Affine.translate(x, 10)),
                new OutlineBuilder()
                        .moveTo(0, 0)
                        .lineTo(width, 0)
                        .lineTo(width, 10)
                        .lineTo(0, 10)
                        .close()
                        .build(),
                FillRule.NON_ZERO,
                Paint.solid(new Rgba(31, 111, 107, 255)),
                Optional.empty());
    }

    private String exported(Path job, String ids) throws Exception {
        Path svg = folder.resolve("out.svg");
        assertThat(rondel("export", job, "-o", svg, "--force", "--only", ids).err())
                .isEmpty();
        return Files.readString(svg);
    }

    @Test
    void anIdWithACommaStandsInQuotes() throws Exception {
        Job job = Job.blank("Ids", LengthUnit.MM, 100, 80);
        Job three = job.withSheet(
                job.sheets().getFirst().id(),
                s -> s.withElements(List.of(box("reed, tall", 5, 20), box("dune", 30, 10), box("gull", 80, 5))));
        Path file = folder.resolve("ids.rondel");
        JobFile.write(three, file, PictureLevels.usual());
        assertThat(exported(file, "\"reed, tall\"")).contains("width=\"20mm\"");
        assertThat(exported(file, "\"reed, tall\",dune")).contains("width=\"35mm\"");
        assertThat(exported(file, "dune, gull")).contains("width=\"55mm\"");
    }
}
