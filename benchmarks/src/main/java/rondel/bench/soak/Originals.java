package rondel.bench.soak;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.SampleJob;
import rondel.formats.export.ExportFormat;
import rondel.formats.job.JobFile;
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;
import rondel.formats.picture.PictureLevels;

/** Sound files of every kind, small and made here or shipped. */
final class Originals {

    private static final String SVG = """
            <svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='40mm' viewBox='0 0 120 80'>
            <style>.a{fill:#1f6f6b;stroke:#e2725b;stroke-width:2;stroke-dasharray:3 1}</style>
            <defs><linearGradient id='g'><stop offset='0' stop-color='#fff'/><stop offset='1' stop-color='#123'/></linearGradient>
            <clipPath id='c'><circle cx='30' cy='30' r='25'/></clipPath>
            <mask id='m'><rect width='120' height='80' fill='#999'/></mask>
            <pattern id='p' width='6' height='6' patternUnits='userSpaceOnUse'><circle cx='3' cy='3' r='2'/></pattern></defs>
            <g transform='rotate(12 60 40) scale(0.9)' opacity='0.8' clip-path='url(#c)'>
            <path class='a' d='M10 10C20 0 40 0 50 10S80 30 90 10A12 8 30 0 1 60 60Z'/></g>
            <g mask='url(#m)'><rect x='60' y='20' width='30' height='20' rx='4' fill='url(#g)'/></g>
            <ellipse cx='90' cy='60' rx='18' ry='9' fill='url(#p)' transform='matrix(1 .2 -.1 1 0 0)'/>
            <text x='10' y='70' font-size='12' font-family='Nunito'>Low <tspan dy='2'>tide</tspan></text>
            <use href='#x' x='3'/><polygon id='x' points='1,1 9,1 5,9'/></svg>
            """;

    private Originals() {}

    static List<Path> of(ReadKind kind, Path folder) throws IOException {
        return switch (kind) {
            case SVG -> List.of(Files.writeString(folder.resolve("drawing.svg"), SVG));
            case PNG ->
                List.of(
                        picture(folder, "png", BufferedImage.TYPE_INT_ARGB),
                        picture(folder, "png", BufferedImage.TYPE_BYTE_INDEXED));
            case JPEG ->
                List.of(
                        picture(folder, "jpg", BufferedImage.TYPE_INT_RGB),
                        picture(folder, "jpg", BufferedImage.TYPE_BYTE_GRAY));
            case JOB_BYTES, JOB_JSON -> {
                Path job = folder.resolve("sample.rondel");
                JobFile.write(SampleJob.make(), job, PictureLevels.usual());
                yield List.of(job);
            }
            case RECIPE -> List.of(Files.write(folder.resolve("recipe.json"), recipe()));
            case JOURNAL -> List.of(Files.writeString(folder.resolve("none.jsonl"), ""));
            case FONT -> fonts(folder);
            case PACKED_SVG -> List.of(StandardOriginals.packedSvg(folder, SVG));
            case PDF -> List.of(StandardOriginals.exported(folder, ExportFormat.PDF));
            case DXF -> List.of(StandardOriginals.exported(folder, ExportFormat.DXF));
            case TAPE -> List.of(StandardOriginals.tape(folder));
            case HPGL -> List.of(StandardOriginals.hpgl(folder));
            case NAMES -> List.of(StandardOriginals.names(folder));
            case STOCKS -> List.of(StandardOriginals.stocks(folder));
            case PREFERENCES -> List.of(StandardOriginals.preferences(folder));
        };
    }

    private static Path picture(Path folder, String format, int type) throws IOException {
        BufferedImage image = new BufferedImage(48, 32, type);
        Graphics2D g = image.createGraphics();
        for (int i = 0; i < 24; i++) {
            g.setColor(new Color(10 * i, 255 - 9 * i, 40 + 5 * i));
            g.fillOval(2 * i, i, 14, 9);
        }
        g.dispose();
        Path file = folder.resolve("picture-" + type + "." + format);
        ImageIO.write(image, format, file.toFile());
        return file;
    }

    private static byte[] recipe() throws IOException {
        OperationJson json = new OperationJson(MediaStore.inline());
        ArrayNode all = new ObjectMapper().createArrayNode();
        OperationCatalogue.kinds().stream()
                .filter(k -> !k.name().equals("fill-outline") && !k.name().startsWith("remove"))
                .limit(24)
                .forEach(k -> all.add(json.write(k.example())));
        return new ObjectMapper().writeValueAsBytes(all);
    }

    private static List<Path> fonts(Path folder) throws IOException {
        List<Path> fonts = new ArrayList<>();
        for (String name : List.of("GreatVibes_400Regular.ttf", "Caveat_400Regular.ttf")) {
            Optional<InputStream> in =
                    Optional.ofNullable(Originals.class.getResourceAsStream("/rondel/demo/fonts/" + name));
            if (in.isPresent()) {
                fonts.add(Files.write(folder.resolve(name), in.get().readAllBytes()));
            }
        }
        return fonts;
    }
}
