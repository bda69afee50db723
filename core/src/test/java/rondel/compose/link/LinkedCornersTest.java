package rondel.compose.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Duplicate;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Lock;
import rondel.compose.arrange.MirrorToCorners;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Rotate;
import rondel.compose.arrange.SetFill;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.history.History;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.operation.Operation;
import rondel.words.Refusal;

class LinkedCornersTest {

    private static final Paint CORAL = Paint.solid(new Rgba(200, 90, 70, 255));

    private History history = WhatFollows.editing()
            .begin(Jobs.of(group("cluster", Affine.IDENTITY, box("leaf", 5, 8, 20, 10), box("dot", 26, 4, 3, 3))));

    private List<ElementId> corners;

    private void mirrored(Optional<Box> within) {
        MirrorToCorners mirror = new MirrorToCorners(ids("cluster"), within, true);
        Job before = history.job();
        then(mirror);
        corners = mirror.selects(before, history.job());
        assertThat(corners).hasSize(4);
    }

    private void then(Operation operation) {
        history = history.then(operation);
    }

    private Box corner(int index) {
        return boxOf(history.job(), corners.get(index).value());
    }

    private GroupElement cluster(int index) {
        return (GroupElement) history.job().located(corners.get(index)).element();
    }

    @Test
    void movingOneCornerMovesTheOthersAsTheirMirrorImages() {
        mirrored(Optional.empty());
        then(new Move(List.of(corners.get(2)), 4, -6));
        assertThat(corner(2).x()).isCloseTo(9, within(1e-9));
        Box two = corner(2);
        assertThat(corner(0).x()).isCloseTo(two.x(), within(1e-9));
        assertThat(corner(0).y()).isCloseTo(300 - two.bottom(), within(1e-9));
        assertThat(corner(1).right()).isCloseTo(300 - two.x(), within(1e-9));
        assertThat(corner(3).bottom()).isCloseTo(two.bottom(), within(1e-9));
    }

    @Test
    void whatIsDoneInsideOneIsDoneInAllAndUndoneTogether() {
        mirrored(Optional.empty());
        Job linked = history.job();
        ElementId leaf = cluster(1).children().getFirst().id();
        then(new SetFill(List.of(leaf), CORAL));
        for (int i = 0; i < 4; i++) {
            assertThat(((ShapeElement) cluster(i).children().getFirst()).fill()).isEqualTo(CORAL);
        }
        then(new Duplicate(List.of(leaf), 1, 1));
        assertThat(history.job().everything().map(Element::id)).doesNotHaveDuplicates();
        for (int i = 0; i < 4; i++) {
            assertThat(cluster(i).children()).hasSize(3);
        }
        history = history.undo().orElseThrow().undo().orElseThrow();
        assertThat(history.job()).isSameAs(linked);
    }

    @Test
    void oneThatIsUnlinkedGoesItsOwnWayAndAPairThatLosesOneIsFree() {
        mirrored(Optional.empty());
        then(new Unlink(List.of(corners.get(3))));
        Box before = corner(3);
        then(new Move(List.of(corners.get(0)), 3, 3));
        assertThat(corner(3)).isEqualTo(before);
        assertThat(corner(1).right()).isCloseTo(300 - corner(0).x(), within(1e-9));
        then(new Unlink(List.of(corners.get(2))));
        then(new Unlink(List.of(corners.get(1))));
        assertThat(history.job().everything().noneMatch(e -> e.traits().link().isPresent()))
                .isTrue();
        assertThatThrownBy(() -> new Unlink(List.of(corners.get(1))).apply(history.job()))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void deletingOneLeavesTheOthersAndACopyIsFree() {
        mirrored(Optional.empty());
        then(new Delete(List.of(corners.get(1))));
        assertThat(history.job().find(corners.get(0))).isPresent();
        Duplicate duplicate = new Duplicate(List.of(corners.get(0)), 50, 50);
        Job before = history.job();
        then(duplicate);
        ElementId copy = duplicate.selects(before, history.job()).getFirst();
        Box at = boxOf(history.job(), copy.value());
        then(new Move(List.of(corners.get(0)), 5, 0));
        assertThat(boxOf(history.job(), copy.value())).isEqualTo(at);
    }

    @Test
    void aBoxHasCornersToo() {
        mirrored(Optional.of(new Box(0, 0, 100, 80)));
        assertThat(corner(1).right()).isCloseTo(95, within(1e-9));
        assertThat(corner(2).bottom()).isCloseTo(76, within(1e-9));
    }

    @Test
    void severalMovedAtOnceStayWhereTheyWerePut() {
        mirrored(Optional.empty());
        Box last = corner(3);
        then(new Move(corners, 2, 3));
        assertThat(corner(3).x()).isCloseTo(last.x() + 2, within(1e-9));
        then(new Group(List.of(corners.get(0), corners.get(1)), "Top"));
        ElementId top =
                history.job().located(corners.get(0)).parent().orElseThrow().id();
        then(new Move(List.of(top), 0, 7));
        double y = corner(3).y();
        then(new Move(List.of(corners.get(0)), 0, 1));
        assertThat(corner(3).y()).isCloseTo(y - 1, within(1e-9));
    }

    /** Whatever is done to one at a time, the four stay images of each other in the sheet's middle lines. */
    @Test
    void afterManyRandomEditsTheyAreStillMirrorImages() {
        mirrored(Optional.empty());
        Random random = new Random(20261125);
        for (int i = 0; i < 200; i++) {
            List<ElementId> one = List.of(corners.get(random.nextInt(4)));
            then(
                    switch (random.nextInt(3)) {
                        case 0 -> new Move(one, random.nextGaussian(), random.nextGaussian());
                        case 1 -> new Rotate(one, random.nextGaussian() * 20, Anchor.TOP_LEFT);
                        default ->
                            new SetFill(
                                    List.of(cluster(random.nextInt(4))
                                            .children()
                                            .getFirst()
                                            .id()),
                                    CORAL);
                    });
        }
        Point middle = new Point(150, 150);
        assertMirrored(Affine.scale(-1, 1, middle), 1);
        assertMirrored(Affine.scale(1, -1, middle), 2);
        assertMirrored(Affine.scale(-1, -1, middle), 3);
    }

    private void assertMirrored(Affine mirror, int index) {
        Box wanted = Extent.of(cluster(0), mirror).orElseThrow();
        Box is = corner(index);
        assertThat(is.x()).isCloseTo(wanted.x(), within(1e-6));
        assertThat(is.y()).isCloseTo(wanted.y(), within(1e-6));
        assertThat(is.right()).isCloseTo(wanted.right(), within(1e-6));
    }

    @Test
    void oneThatIsLockedStaysWhereItIsAndAsItIs() {
        mirrored(Optional.empty());
        then(new Lock(List.of(corners.get(3)), true));
        Box before = corner(3);
        GroupElement as = cluster(3);
        then(new Move(List.of(corners.get(0)), 4, 4));
        then(new SetFill(List.of(cluster(0).children().getFirst().id()), CORAL));
        assertThat(corner(3)).isEqualTo(before);
        assertThat(cluster(3).children()).isEqualTo(as.children());
        assertThat(((ShapeElement) cluster(2).children().getFirst()).fill()).isEqualTo(CORAL);
    }
}
