package rondel.compose.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Pin;
import rondel.compose.arrange.Place;
import rondel.compose.arrange.Rotate;
import rondel.compose.arrange.Scale;
import rondel.compose.slot.Unclip;
import rondel.compose.spacing.SetGaps;
import rondel.compose.spacing.SetGrid;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.history.Editing;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureBounds;
import rondel.job.PictureElement;
import rondel.job.Traits;
import rondel.lines.halo.MakeHalo;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** What is seen is what is measured: pictures by what can be seen of them, stickers with their halos. */
class SeenPicturesTest {

    private final Editing editing = WhatFollows.editing();
    private Job job = Jobs.of(Jobs.box("other", 200, 10, 10, 10));

    private void edit(Operation operation) {
        job = editing.apply(operation, job);
    }

    /** 100 x 80 px of 1 mm, with 20 px to the left and 10 px at all other sides nearly clear. */
    private void placePicture() {
        BufferedImage image = new BufferedImage(100, 80, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(10, 20, 30, 12));
        g.fillRect(0, 0, 100, 80);
        g.setColor(Color.RED);
        g.fillRect(20, 10, 70, 60);
        g.dispose();
        byte[] bytes = {1, 2, 3};
        Media media = new Media(Media.idOf(bytes), "png", new Media.Bytes(bytes, m -> image), 100, 80, 1);
        PictureElement art = new PictureElement(
                Traits.named("art").withId(id("art")).withPlacement(Affine.translate(30, 40)),
                media.id(),
                new Box(0, 0, 100, 80));
        edit(new Place(Jobs.SHEET, List.of(art), List.of(media)));
    }

    @Test
    void aNewPictureIsAsLargeAsWhatCanBeSeenUntilTheJobSaysItsFrameCounts() {
        placePicture();
        assertThat(Jobs.boxOf(job, "art")).isEqualTo(new Box(50, 50, 70, 60));

        edit(new SetPictureBounds(PictureBounds.FRAME, 0.1));
        assertThat(Jobs.boxOf(job, "art")).isEqualTo(new Box(30, 40, 100, 80));

        edit(new SetPictureBounds(PictureBounds.SEEN, 0.01));
        assertThat(Jobs.boxOf(job, "art")).isEqualTo(new Box(30, 40, 100, 80));
    }

    @Test
    void croppingToWhatCanBeSeenOrToARectangleIsUndoneByUnclipping() {
        placePicture();
        edit(new SetPictureBounds(PictureBounds.FRAME, 0.1));
        edit(new Crop(ids("art"), Optional.empty()));
        ElementId group = job.located(id("art")).parent().orElseThrow().id();
        assertThat(rondel.job.Extent.onSheet(job.located(group)).orElseThrow()).isEqualTo(new Box(50, 50, 70, 60));

        edit(new Unclip(List.of(group)));
        assertThat(Jobs.boxOf(job, "art")).isEqualTo(new Box(30, 40, 100, 80));
        assertThatThrownBy(() -> edit(new Crop(ids("art"), Optional.of(new Box(250, 250, 10, 10)))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Nothing of");
    }

    private void stickers() {
        job = Jobs.of(Jobs.disc("a", 30, 30, 10), Jobs.disc("b", 80, 34, 10), Jobs.disc("c", 130, 30, 10));
        HaloSettings plain = new HaloSettings(3, HaloSettings.Corners.ROUND, 0, 0, 0, 0.5);
        edit(new MakeHalo(
                ids("a", "b", "c"), plain, OptionalDouble.empty(), MakeHalo.Spread.EACH, OptionalDouble.empty()));
    }

    private List<Element> halos() {
        return job.everything().filter(e -> e.traits().link().isPresent()).toList();
    }

    private Box boxOf(Element e) {
        return rondel.job.Extent.onSheet(job.located(e.id())).orElseThrow();
    }

    @Test
    void gapsBetweenStickersAreGapsBetweenTheirHalos() {
        stickers();
        edit(new SetGaps(ids("a", "b", "c"), Axis.HORIZONTAL, 5.08, Optional.empty()));

        List<Element> halos = halos();
        for (int i = 1; i < 3; i++) {
            assertThat(boxOf(halos.get(i)).x() - boxOf(halos.get(i - 1)).right())
                    .isCloseTo(5.08, within(0.02));
        }
    }

    @Test
    void aHaloThatIsMovedOrGriddedTakesItsStickerAlong() {
        stickers();
        Box before = Jobs.boxOf(job, "b");
        edit(new Move(List.of(halos().get(1).id()), 4, 7));
        assertThat(Jobs.boxOf(job, "b").x()).isCloseTo(before.x() + 4, within(1e-9));
        assertThat(boxOf(halos().get(1)).centre().x()).isCloseTo(before.centre().x() + 4, within(0.02));

        edit(new SetGrid(halos().stream().map(Element::id).toList(), 3, 2, 2));
        assertThat(boxOf(halos().get(2)).x() - boxOf(halos().get(1)).right()).isCloseTo(2, within(0.02));
        assertThat(boxOf(halos().get(1)).centre().y())
                .isCloseTo(boxOf(halos().get(0)).centre().y(), within(0.02));
    }

    @Test
    void gridsKeepTheOrderGivenOrTheOneTheyAreReadIn() {
        job = Jobs.of(
                Jobs.box("large", 100, 10, 40, 40),
                Jobs.box("small", 10, 12, 5, 5),
                Jobs.box("middle", 50, 11, 20, 20));
        Job read = new SetGrid(ids("large", "small", "middle"), 3, 2, 2).apply(job);
        assertThat(List.of("small", "middle", "large")).isSortedAccordingTo(byX(read));
        Job given = new SetGrid(ids("large", "small", "middle"), 3, 2, 2, true).apply(job);
        assertThat(List.of("large", "small", "middle")).isSortedAccordingTo(byX(given));
    }

    private static java.util.Comparator<String> byX(Job job) {
        return java.util.Comparator.comparingDouble(id -> Jobs.boxOf(job, id).x());
    }

    @Test
    void aTurnedClusterWithPinnedThingsIsScaledEvenlyWithoutSkew() {
        job = Jobs.of(Jobs.group(
                "cluster",
                Affine.rotate(37),
                Jobs.box("a", 100, 10, 30, 8),
                Jobs.disc("b", 140, 30, 7),
                Jobs.box("c", 90, 40, 12, 20)));
        edit(new Pin(ids("b"), true));
        edit(new Rotate(ids("cluster"), 11, Anchor.CENTRE));
        edit(new Scale(ids("cluster"), 1.7, 1.7, Anchor.CENTRE));

        Affine own = job.located(id("a")).ownToSheet();
        double skew = Math.toDegrees(Math.atan2(own.d(), own.c())) - Math.toDegrees(Math.atan2(own.b(), own.a())) - 90;
        assertThat(skew).isCloseTo(0, within(1e-9));
        assertThat(Math.hypot(own.a(), own.b())).isCloseTo(Math.hypot(own.c(), own.d()), within(1e-9));
        assertThat(Jobs.boxOf(job, "b").width()).isCloseTo(14, within(1e-3));
    }
}
