package rondel.formats.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.WhatFollows;
import rondel.compose.shape.AddShape;
import rondel.compose.sheets.SetMargins;
import rondel.formats.Fixtures;
import rondel.formats.files.Replacing;
import rondel.geometry.shape.BoxShape;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.lines.check.Finding;
import rondel.operation.Operation;
import rondel.units.LengthUnit;

/** A card of 4 x 6 in with 3 mm of bleed: a blue ground to the end of the bleed, a red box with its kiss cut, a die cut, a score. */
abstract class CardExports {

    static final SheetId CARD = new SheetId("sheet-1");
    static final Rgba BLUE = new Rgba(0, 0, 255, 255);
    static final Rgba RED = new Rgba(255, 0, 0, 255);
    static final Rgba DRAWN = new Rgba(10, 160, 40, 255);

    final Editing editing = WhatFollows.editing();
    Job job = Job.blank("Tide card", LengthUnit.IN, 101.6, 152.4);

    @TempDir
    Path folder;

    CardExports() {
        edit(new SetMargins(CARD, 3, 6));
        add("Ground", -3, -3, 107.6, 158.4, Optional.of(BLUE), Role.PRINT);
        add("Box", 30, 40, 40, 40, Optional.of(RED), Role.PRINT);
        add("Around", 28, 38, 44, 44, Optional.empty(), Role.KISS_CUT);
        add("Edge", 5, 5, 91.6, 142.4, Optional.empty(), Role.CUT);
        add("Fold", 5, 76, 91.6, 0.001, Optional.empty(), Role.SCORE);
    }

    void edit(Operation operation) {
        job = editing.apply(operation, job);
    }

    void add(String name, double x, double y, double w, double h, Optional<Rgba> fill, Role role) {
        edit(new AddShape(
                CARD,
                BoxShape.of(w, h),
                x,
                y,
                name,
                fill.map(Paint::solid).orElse(Paint.NONE),
                fill.isPresent() ? Optional.empty() : Optional.of(Stroke.plain(DRAWN, 0.4)),
                role));
    }

    List<Path> export(String name, ExportRequest request) {
        List<Exporting.Output> outputs = Exporting.outputs(job, request, folder.resolve(name));
        List<Finding> found = Exporting.write(outputs, request, Fixtures.PICTURES, f -> Replacing.NOTHING);
        assertThat(found).isEmpty();
        return outputs.stream().map(Exporting.Output::file).toList();
    }

    BufferedImage picture(String name, ExportRequest request) throws IOException {
        return ImageIO.read(export(name, request).getFirst().toFile());
    }

    String svg(String name, ExportRequest request) throws IOException {
        return Files.readString(export(name, request).getFirst());
    }

    static ExportRequest card(ExportFormat format) {
        return ExportRequest.of(format, CARD);
    }

    static long green(BufferedImage image) {
        long count = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int p = image.getRGB(x, y);
                count += (p >> 8 & 255) > 110 && (p >> 16 & 255) < 120 ? 1 : 0;
            }
        }
        return count;
    }
}
