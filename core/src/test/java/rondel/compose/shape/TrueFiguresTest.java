package rondel.compose.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Resize;
import rondel.compose.arrange.Rotate;
import rondel.compose.sheets.SetLinesScale;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Corners;
import rondel.geometry.shape.Edge;
import rondel.geometry.shape.StarShape;
import rondel.history.Editing;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class TrueFiguresTest {

    private static final ElementId BOX = new ElementId("e1");
    private final Editing editing = WhatFollows.editing();
    private Job job = Job.blank("Cards", LengthUnit.IN, 215.9, 279.4);

    private void edit(Operation operation) {
        job = editing.apply(operation, job);
    }

    private void addBox() {
        edit(new AddShape(
                new SheetId("sheet-1"),
                new BoxShape(40, 30, Corners.all(Corners.Style.ROUND, 5), new Edge(Edge.Style.PLAIN, 0, 0)),
                20,
                20,
                "Box",
                Paint.solid(Rgba.WHITE),
                Optional.of(Stroke.plain(Rgba.BLACK, 0.7)),
                Role.PRINT));
    }

    private ShapeElement box() {
        return (ShapeElement) job.located(BOX).element();
    }

    private BoxShape figures() {
        return (BoxShape) box().plain().orElseThrow();
    }

    private static Resize resize(ElementId id, double w, double h) {
        return new Resize(
                List.of(id), OptionalDouble.of(w), OptionalDouble.of(h), false, Anchor.TOP_LEFT, Resize.Frame.OWN);
    }

    @Test
    void aTypedSizeIsTheFiguresSizeAndCornersAndLineStay() {
        addBox();
        edit(new SetLinesScale(false));
        edit(resize(BOX, 66.421, 86.868));

        assertThat(figures().width()).isCloseTo(66.421, within(1e-9));
        assertThat(figures().height()).isCloseTo(86.868, within(1e-9));
        assertThat(figures().corners().topLeft()).isEqualTo(5);
        assertThat(box().stroke().orElseThrow().width()).isCloseTo(0.7, within(1e-9));
        Box onSheet = Extent.onSheet(job.located(BOX)).orElseThrow();
        assertThat(onSheet.x()).isCloseTo(20, within(1e-9));
        assertThat(onSheet.width()).isCloseTo(66.421, within(1e-9));
    }

    @Test
    void inAGroupThatIsStretchedItIsAsLargeAsTheGroupMakesItWithItsCornersRound() {
        addBox();
        edit(new Group(List.of(BOX), "Card"));
        ElementId group = job.sheets().getFirst().elements().getFirst().id();
        edit(resize(group, 80, 30));
        edit(new Rotate(List.of(group), 30, Anchor.CENTRE));

        assertThat(figures().width()).isCloseTo(80, within(1e-9));
        assertThat(figures().height()).isCloseTo(30, within(1e-9));
        assertThat(figures().corners()).isEqualTo(Corners.all(Corners.Style.ROUND, 5));
        assertThat(job.located(BOX).ownToSheet().rotation()).isCloseTo(30, within(1e-9));
    }

    @Test
    void scaledEvenlyEverythingGrows() {
        addBox();
        edit(new Resize(
                List.of(BOX), OptionalDouble.of(80), OptionalDouble.empty(), true, Anchor.CENTRE, Resize.Frame.OWN));

        assertThat(figures()).isEqualTo(new BoxShape(80, 60, Corners.all(Corners.Style.ROUND, 10), Edge.USUAL));
        assertThat(box().stroke().orElseThrow().width()).isCloseTo(1.4, within(1e-12));
    }

    @Test
    void figuresAreChangedUntilItIsMadePlain() {
        addBox();
        edit(new ChangeShape(List.of(BOX), new StarShape(40, 38, 6, 0.4)));
        assertThat(box().plain()).contains(new StarShape(40, 38, 6, 0.4));

        edit(new MakePlain(List.of(BOX)));
        assertThat(box().plain()).isEmpty();
        assertThat(box().outline()).isEqualTo(new StarShape(40, 38, 6, 0.4).outline());
        assertThatThrownBy(() -> edit(new ChangeShape(List.of(BOX), BoxShape.of(1, 1))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no plain shape");
    }
}
