package rondel.gang.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import rondel.catalogue.WhatFollows;
import rondel.geometry.Affine;
import rondel.geometry.shape.BoxShape;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.Paint;
import rondel.job.Plan;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RowSettings;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Stock;
import rondel.job.StockCount;
import rondel.job.Traits;
import rondel.job.Way;
import rondel.operation.Operation;
import rondel.units.LengthUnit;

/** A job with a few designs to be laid out. */
final class GangFixture {

    static final Rgba SEA = new Rgba(0x1f, 0x6f, 0x6b, 255);
    static final Stock A4 = Stock.sheet("A4", 210, 297);

    private GangFixture() {}

    static Job job(Element... elements) {
        Job blank = Job.blank("Salt jars", LengthUnit.MM, 200, 200);
        return blank.withSheet(new SheetId("sheet-1"), s -> s.withElements(List.of(elements)));
    }

    static ShapeElement box(String id, double x, double y, double w, double h) {
        return ShapeElement.of(
                Traits.named(id).withId(new ElementId(id)).withPlacement(Affine.translate(x, y)),
                BoxShape.of(w, h),
                Paint.solid(SEA),
                Optional.empty());
    }

    static ShapeElement cutBox(String id, double x, double y, double w, double h) {
        return (ShapeElement) box(id, x, y, w, h).with(t -> t.withRole(Role.CUT));
    }

    static Design whole(String id) {
        return new Design.Whole(new ElementId(id));
    }

    static RowSettings gutter(double g) {
        return new RowSettings(g, g, RowSettings.Turns.NONE, RowSettings.Alternate.NONE, true);
    }

    static LayOut rows(Stock stock, RowSettings settings, DesignCount... designs) {
        return rows(stock, settings, MarkSettings.NONE, Way.Cutting.OWN, designs);
    }

    static LayOut rows(
            Stock stock, RowSettings settings, MarkSettings marks, Way.Cutting cutting, DesignCount... designs) {
        return new LayOut(
                "",
                List.of(designs),
                List.of(new StockCount(stock, OptionalInt.empty())),
                new Way.Rows(settings, Way.Order.ACROSS, cutting),
                marks);
    }

    static Job apply(Job job, Operation operation) {
        return WhatFollows.editing().apply(operation, job);
    }

    static List<Sheet> sheets(Job job) {
        return job.sheets().stream().filter(s -> s.planned().isPresent()).toList();
    }

    static List<CopyElement> copies(Sheet sheet) {
        return sheet.elements().stream()
                .filter(CopyElement.class::isInstance)
                .map(e -> (CopyElement) e)
                .toList();
    }

    static Plan plan(Job job) {
        return job.plans().getFirst();
    }
}
