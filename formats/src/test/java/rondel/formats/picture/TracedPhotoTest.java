package rondel.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.formats.picture.MadePictures.SIDE;
import static rondel.formats.picture.MadePictures.art;
import static rondel.formats.picture.MadePictures.blurred;
import static rondel.formats.picture.MadePictures.motifs;
import static rondel.formats.picture.MadePictures.picture;

import java.awt.Color;
import java.awt.Shape;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rondel.colour.OkLab;
import rondel.geometry.FillRule;
import rondel.geometry.curve.Contour;
import rondel.job.Rgba;
import rondel.job.TraceSettings;
import rondel.lines.trace.Tracing;

/** Pictures of flat colours that are blurred and compressed, traced in more colours than they have. */
class TracedPhotoTest {

    private static final TraceSettings EIGHT =
            new TraceSettings(8, 0.5, 12, 50, 0.6, TraceSettings.Layering.SIDE_BY_SIDE);

    private static List<Tracing.Layer> traced(byte[] file) {
        return new Tracing(PictureReader.media(file, "art").pixels(), EIGHT).layers();
    }

    private static double apart(Rgba a, Color b) {
        return OkLab.of(a).distance(OkLab.of(new Rgba(b.getRed(), b.getGreen(), b.getBlue(), 255)));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5})
    void onlyTheColoursThatAreThereAreTracedWithoutRims(int number) throws IOException {
        MadePictures.Motif motif = motifs().get(number);
        List<Tracing.Layer> layers = traced(picture(blurred(art(motif)), MadePictures.Behind.JPEG));
        assertThat(layers).hasSize(motif.colours().size() + 1);
        Color front = motif.colours().getLast();
        Tracing.Layer found = layers.stream()
                .filter(l -> apart(l.colour(), front) < 0.04)
                .findFirst()
                .orElseThrow();
        double edge = Contour.of(found.outline()).stream()
                .flatMap(c -> c.segments().stream())
                .mapToDouble(s -> s.start().distanceTo(s.end()))
                .sum();
        assertThat(pixelsOff(found, motif.shapes().getLast()) / edge).isLessThan(0.5);
        assertThat(Contour.of(found.outline()).stream()
                        .mapToInt(c -> c.segments().size())
                        .sum())
                .isLessThan(40);
    }

    private static double pixelsOff(Tracing.Layer layer, Shape drawn) {
        Shape found = layer.outline().toShape(FillRule.NON_ZERO);
        int off = 0;
        for (double y = 0.5; y < SIDE; y++) {
            for (double x = 0.5; x < SIDE; x++) {
                off += found.contains(x, y) != drawn.contains(x, y) ? 1 : 0;
            }
        }
        return off;
    }
}
