package rondel.compose.slot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import java.util.OptionalDouble;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Duplicate;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Resize;
import rondel.compose.arrange.Rotate;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.words.Refusal;

class SlotsTest {

    private static final Offset<Double> EXACT = within(1e-9);

    private final Media wide = picture("wide", 400, 200);
    private final Media tall = picture("tall", 100, 300);

    /** Three slots, drawn in another order than they are read in. */
    private final Job job = new MakeSlots(ids("c", "a", "b"), Fit.FILL)
            .apply(Jobs.of(box("c", 10, 100, 60, 60), box("b", 100, 12, 50, 50), box("a", 10, 10, 60, 60)));

    private static Media picture(String name, int width, int height) {
        byte[] bytes = name.getBytes(java.nio.charset.StandardCharsets.UTF_8);
        return new Media(
                Media.idOf(bytes),
                "png",
                new Media.Bytes(
                        bytes, m -> new java.awt.image.BufferedImage(1, 1, java.awt.image.BufferedImage.TYPE_INT_RGB)),
                width,
                height,
                1);
    }

    private static PictureElement in(Job job, String window) {
        return (PictureElement) job.located(id(window)).element().children().getFirst();
    }

    private static Box pictureBox(Job job, String window) {
        return in(job, window)
                .frame()
                .transformed(job.located(in(job, window).id()).ownToSheet());
    }

    @Test
    void manyWindowsFillFromManyPicturesInReadingOrder() {
        Job filled = new FillSlots(ids("a", "b", "c"), List.of(wide, tall)).apply(job);
        assertThat(in(filled, "a").media()).isEqualTo(wide.id());
        assertThat(in(filled, "b").media()).isEqualTo(tall.id());
        assertThat(filled.located(id("c")).element().children()).isEmpty();
        assertThat(filled.media()).containsKeys(wide.id(), tall.id());
        assertThatThrownBy(() -> new FillSlots(ids("a"), List.of(wide, tall)).apply(job))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void aPictureFillsItsWindowOrIsSeenWhole() {
        Job filled = new FillSlots(ids("a"), List.of(wide)).apply(job);
        assertThat(pictureBox(filled, "a")).satisfies(b -> {
            assertThat(b.height()).isCloseTo(60, EXACT);
            assertThat(b.width()).isCloseTo(120, EXACT);
            assertThat(b.centre().x()).isCloseTo(40, EXACT);
        });
        assertThat(boxOf(filled, "a")).isEqualTo(new Box(10, 10, 60, 60));
        Job whole = new SetFit(ids("a"), Fit.WHOLE).apply(filled);
        assertThat(pictureBox(whole, "a").width()).isCloseTo(60, EXACT);
        assertThat(pictureBox(whole, "a").height()).isCloseTo(30, EXACT);
    }

    @Test
    void proportionsAreKeptHoweverTheWindowIsStretchedOrTurned() {
        Job turned = new Rotate(ids("a"), 30, Anchor.CENTRE).apply(job);
        Job filled = new FillSlots(ids("a"), List.of(wide)).apply(turned);
        Job stretched = new Resize(
                        ids("a"), OptionalDouble.of(100), OptionalDouble.of(30), false, Anchor.CENTRE, Resize.Frame.OWN)
                .apply(filled);
        Affine toSheet = stretched.located(in(stretched, "a").id()).ownToSheet();
        assertThat(toSheet.keepsCircles()).isTrue();
        assertThat(toSheet.rotation()).isCloseTo(30, EXACT);
        assertThat(toSheet.meanScale() * 400).isCloseTo(100, EXACT);
    }

    @Test
    void swappingKeepsWhereAFreePictureLay() {
        Job filled = new SetFit(ids("a"), Fit.FREE).apply(new FillSlots(ids("a"), List.of(wide)).apply(job));
        Job panned = new Move(List.of(in(filled, "a").id()), 7, -3).apply(filled);
        Job swapped = new FillSlots(ids("a"), List.of(tall)).apply(panned);
        Box before = pictureBox(panned, "a");
        Box after = pictureBox(swapped, "a");
        assertThat(after.centre().distanceTo(before.centre())).isLessThan(1e-9);
        assertThat(after.contains(before.grown(-1e-9))).isTrue();
        assertThat(in(swapped, "a").id()).isEqualTo(in(panned, "a").id());
    }

    @Test
    void anEmptyWindowStaysAndKeepsItsPlace() {
        Job filled = new FillSlots(ids("a"), List.of(wide)).apply(job);
        Job empty = new EmptySlots(ids("a")).apply(filled);
        assertThat(boxOf(empty, "a")).isEqualTo(new Box(10, 10, 60, 60));
        assertThat(((GroupElement) empty.located(id("a")).element()).isEmptySlot())
                .isTrue();
        assertThatThrownBy(() -> new EmptySlots(ids("z")).apply(Jobs.of(box("z", 0, 0, 1, 1))))
                .hasMessageContaining("z");
    }

    @Test
    void aClipGivesEverythingBack() {
        Job start = Jobs.of(
                box("paper", 0, 0, 200, 100),
                box("shape", 20, 20, 30, 30),
                group("g", Affine.rotate(10), box("x", 40, 10, 9, 9)));
        Job clipped = new ClipWith(ids("paper", "g", "shape"), id("shape")).apply(start);
        ElementId made = clipped.sheet(Jobs.SHEET).elements().getFirst().id();
        assertThat(boxOf(clipped, made.value())).isEqualTo(new Box(20, 20, 30, 30));
        Job inside = new Move(ids("paper"), -15, 0).apply(clipped);
        assertThat(boxOf(inside, made.value())).isEqualTo(new Box(20, 20, 30, 30));
        Job moved = new Move(List.of(made), 100, 0).apply(inside);
        Job free = new Unclip(List.of(made)).apply(moved);
        assertThat(Jobs.order(free)).containsExactly("paper", "shape", "g");
        assertThat(boxOf(free, "shape")).isEqualTo(new Box(120, 20, 30, 30));
        assertThat(boxOf(free, "paper")).isEqualTo(new Box(85, 0, 200, 100));
    }

    @Test
    void copiesOfAClipLetGoOfShapesWithIdsOfTheirOwn() {
        Job clipped =
                new ClipWith(ids("a", "b"), id("b")).apply(Jobs.of(box("a", 0, 0, 50, 50), box("b", 10, 10, 20, 20)));
        ElementId one = clipped.sheet(Jobs.SHEET).elements().getFirst().id();
        Job two = new Duplicate(List.of(one), 100, 0).apply(clipped);
        List<ElementId> both =
                two.sheet(Jobs.SHEET).elements().stream().map(Element::id).toList();
        Job free = new Unclip(both).apply(two);
        assertThat(free.everything().map(Element::id)).doesNotHaveDuplicates().hasSize(4);
    }

    @Test
    void aPictureIsNoOutlineToClipWith() {
        Job filled = new FillSlots(ids("a"), List.of(wide)).apply(job);
        ElementId picture = in(filled, "a").id();
        assertThatThrownBy(() -> new MakeSlots(List.of(picture), Fit.FILL).apply(filled))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new ClipWith(ids("a"), id("a")).apply(job)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Unclip(ids("z")).apply(Jobs.of(box("z", 0, 0, 1, 1))))
                .isInstanceOf(Refusal.class);
    }
}
