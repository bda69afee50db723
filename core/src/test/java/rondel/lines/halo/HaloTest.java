package rondel.lines.halo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.disc;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Place;
import rondel.compose.arrange.Resize;
import rondel.compose.arrange.Rotate;
import rondel.compose.link.Unlink;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.history.History;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.words.Refusal;

class HaloTest {

    private static final HaloSettings PLAIN = new HaloSettings(3, HaloSettings.Corners.ROUND, 0, 0, 0, 0.5);

    private static ShapeElement halo(Job job, int index) {
        List<Element> lines =
                job.everything().filter(e -> e.traits().link().isPresent()).toList();
        return (ShapeElement) lines.get(index);
    }

    private static Outline onSheet(Job job, ElementId id) {
        return ((ShapeElement) job.located(id).element())
                .outline()
                .transformed(job.located(id).ownToSheet());
    }

    private static Job made(Job job, HaloSettings settings, MakeHalo.Spread spread, String... names) {
        return new MakeHalo(ids(names), settings, OptionalDouble.empty(), spread, OptionalDouble.empty()).apply(job);
    }

    private static List<Point> along(Outline outline) {
        List<Point> points = new ArrayList<>();
        Contour.of(outline).forEach(c -> c.segments().forEach(s -> {
            for (int i = 0; i < 16; i++) {
                points.add(s.at(i / 16.0));
            }
        }));
        return points;
    }

    private static int nodes(Outline outline) {
        return Contour.of(outline).stream().mapToInt(c -> c.segments().size()).sum();
    }

    private static double length(Outline outline) {
        return Contour.of(outline).stream()
                .flatMap(c -> c.segments().stream())
                .mapToDouble(Bezier::controlLength)
                .sum();
    }

    @Test
    void aHaloRunsAtItsDistanceInFewSmoothCurves() {
        Job job = made(Jobs.of(disc("a", 100, 100, 20)), PLAIN, MakeHalo.Spread.EACH, "a");
        ShapeElement halo = halo(job, 0);
        assertThat(halo.role()).isEqualTo(Role.KISS_CUT);
        assertThat(along(halo.outline()))
                .allSatisfy(p -> assertThat(p.distanceTo(new Point(100, 100))).isCloseTo(23, within(0.03)));
        assertThat(nodes(halo.outline())).isLessThanOrEqualTo((int) (length(halo.outline()) / 1.5));
        assertThat(Jobs.order(job)).containsExactly("a", halo.id().value());
    }

    @Test
    void cornersAreRoundOrSharpAndALineInsideIsBleedSafe() {
        Job square = Jobs.of(box("a", 50, 50, 40, 40));
        Outline round = halo(made(square, PLAIN, MakeHalo.Spread.EACH, "a"), 0).outline();
        assertThat(round.bounds().orElseThrow().x()).isCloseTo(47, within(0.02));
        assertThat(round.toShape(FillRule.NON_ZERO).contains(47.2, 47.2)).isFalse();
        HaloSettings sharp = new HaloSettings(3, HaloSettings.Corners.SHARP, 0, 0, 0, 0.5);
        Outline corners =
                halo(made(square, sharp, MakeHalo.Spread.EACH, "a"), 0).outline();
        assertThat(corners.toShape(FillRule.NON_ZERO).contains(47.2, 47.2)).isTrue();
        assertThat(nodes(corners)).isEqualTo(4);
        Outline inner = halo(made(square, PLAIN.withDistance(-2), MakeHalo.Spread.EACH, "a"), 0)
                .outline();
        assertThat(inner.bounds().orElseThrow().width()).isCloseTo(36, within(0.02));
        assertThatThrownBy(() -> made(square, PLAIN.withDistance(-30), MakeHalo.Spread.EACH, "a"))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void gapsInTheLineAreBridgedUpToTheirWidthAndNoWider() {
        Job two = Jobs.of(rondel.compose.arrange.Jobs.group(
                "g",
                rondel.geometry.Affine.IDENTITY,
                rondel.compose.arrange.Jobs.shape("a", Outline.rectangle(new Box(20, 20, 30, 40))),
                rondel.compose.arrange.Jobs.shape("b", Outline.rectangle(new Box(59, 20, 30, 40)))));
        for (double bridge : new double[] {2.8, 3.2}) {
            HaloSettings settings = new HaloSettings(3, HaloSettings.Corners.ROUND, bridge, 0, 0, 0.5);
            Outline line =
                    halo(made(two, settings, MakeHalo.Spread.EACH, "g"), 0).outline();
            assertThat(line.contours()).isEqualTo(bridge < 3 ? 2 : 1);
        }
    }

    /** Closed together they would bulge towards each other, without meeting. */
    @Test
    void partsThatAreNotBridgedKeepTheDistanceWhereTheyAreNearest() {
        Job two = Jobs.of(rondel.compose.arrange.Jobs.group(
                "g", rondel.geometry.Affine.IDENTITY, disc("a", 60, 100, 20), disc("b", 109.8, 100, 20)));
        HaloSettings settings = new HaloSettings(3, HaloSettings.Corners.ROUND, 4, 0, 0.5, 0.5);

        Outline line = halo(made(two, settings, MakeHalo.Spread.EACH, "g"), 0).outline();

        assertThat(line.contours()).isEqualTo(2);
        List<Double> reach = Contour.of(line).stream()
                .flatMap(c -> c.segments().stream())
                .map(Bezier::end)
                .map(p -> Math.min(Math.hypot(p.x() - 60, p.y() - 100), Math.hypot(p.x() - 109.8, p.y() - 100)))
                .toList();
        assertThat(reach).allSatisfy(r -> assertThat(r).isCloseTo(23, within(0.05)));
    }

    @Test
    void nearPartsAreBridgedWithoutAWiderLineAndSmallHolesFilled() {
        Job two = Jobs.of(rondel.compose.arrange.Jobs.group(
                "g", rondel.geometry.Affine.IDENTITY, disc("a", 60, 100, 20), disc("b", 107, 100, 20)));
        assertThat(halo(made(two, PLAIN, MakeHalo.Spread.EACH, "g"), 0)
                        .outline()
                        .contours())
                .isEqualTo(2);
        HaloSettings bridging = new HaloSettings(3, HaloSettings.Corners.ROUND, 5, 0, 0, 0.5);
        Outline one = halo(made(two, bridging, MakeHalo.Spread.EACH, "g"), 0).outline();
        assertThat(one.contours()).isEqualTo(1);
        assertThat(one.bounds().orElseThrow().x()).isCloseTo(37, within(0.03));
        ShapeElement ring = (ShapeElement)
                new rondel.lines.combine.Combine(ids("o", "i"), rondel.lines.combine.BooleanOperation.SUBTRACT, false)
                        .apply(Jobs.of(disc("o", 100, 100, 40), disc("i", 100, 100, 20)))
                        .located(id("o"))
                        .element();
        HaloSettings keeping = new HaloSettings(3, HaloSettings.Corners.ROUND, 0, 33, 0, 0.5);
        HaloSettings filling = new HaloSettings(3, HaloSettings.Corners.ROUND, 0, 35, 0, 0.5);
        assertThat(halo(made(Jobs.of(ring), keeping, MakeHalo.Spread.EACH, "o"), 0)
                        .outline()
                        .contours())
                .isEqualTo(2);
        assertThat(halo(made(Jobs.of(ring), filling, MakeHalo.Spread.EACH, "o"), 0)
                        .outline()
                        .contours())
                .isEqualTo(1);
    }

    @Test
    void aWholeSheetOfStickersGetsAHaloEachAndThoseThatTouchAreJoinedWhereThatIsAsked() {
        Job three = Jobs.of(disc("a", 60, 100, 20), disc("b", 104, 100, 20), disc("c", 200, 100, 20));
        assertThat(made(three, PLAIN, MakeHalo.Spread.EACH, "a", "b", "c")
                        .sheet(Jobs.SHEET)
                        .elements())
                .hasSize(6);
        Job joined = made(three, PLAIN, MakeHalo.Spread.EACH_OR_JOINED, "a", "b", "c");
        assertThat(joined.sheet(Jobs.SHEET).elements()).hasSize(5);
        Job withOuter = new MakeHalo(
                        ids("a"), PLAIN, OptionalDouble.of(4), MakeHalo.Spread.EACH, OptionalDouble.empty())
                .apply(three);
        assertThat(halo(withOuter, 1).role()).isEqualTo(Role.CUT);
        assertThat(onSheet(withOuter, halo(withOuter, 1).id())
                        .bounds()
                        .orElseThrow()
                        .x())
                .isCloseTo(33, within(0.03));
    }

    @Test
    void aSecondLineFurtherInIsTheKissCutThatPrintReachesBeyond() {
        Job job = new MakeHalo(ids("a"), PLAIN, OptionalDouble.of(-4), MakeHalo.Spread.EACH, OptionalDouble.empty())
                .apply(Jobs.of(disc("a", 100, 100, 20)));
        assertThat(halo(job, 0).role()).isEqualTo(Role.KISS_CUT);
        assertThat(onSheet(job, halo(job, 0).id()).bounds().orElseThrow().width())
                .isCloseTo(38, within(0.06));
        assertThat(halo(job, 1).role()).isEqualTo(Role.CUT);
        assertThat(onSheet(job, halo(job, 1).id()).bounds().orElseThrow().width())
                .isCloseTo(46, within(0.06));
    }

    @Test
    void itFollowsItsArtworkAtTheStatedDistanceUntilItIsUnlinked() {
        History history = WhatFollows.editing().begin(Jobs.of(disc("a", 100, 100, 20)));
        history = history.then(
                new MakeHalo(ids("a"), PLAIN, OptionalDouble.empty(), MakeHalo.Spread.EACH, OptionalDouble.empty()));
        ElementId halo = halo(history.job(), 0).id();
        history = history.then(new Move(ids("a"), 30, 5)).then(new Rotate(ids("a"), 40, Anchor.TOP_LEFT));
        Box a = boxOf(history.job(), "a");
        assertThat(onSheet(history.job(), halo).bounds().orElseThrow().x()).isCloseTo(a.x() - 3, within(0.03));
        history = history.then(new Resize(
                ids("a"), OptionalDouble.of(80), OptionalDouble.empty(), true, Anchor.CENTRE, Resize.Frame.OWN));
        a = boxOf(history.job(), "a");
        Box around = onSheet(history.job(), halo).bounds().orElseThrow();
        assertThat(around.x()).isCloseTo(a.x() - 3, within(0.03));
        assertThat(around.right()).isCloseTo(a.right() + 3, within(0.03));
        history = history.then(new Unlink(List.of(halo)));
        Box free = onSheet(history.job(), halo).bounds().orElseThrow();
        history = history.then(new Move(ids("a"), 9, 9)).then(new Delete(ids("a")));
        assertThat(onSheet(history.job(), halo).bounds()).contains(free);
    }

    /** A line around a group that holds artwork and its halo goes by what the halo has become. */
    @Test
    void aHaloAroundAHaloFollowsTheNewOne() {
        History history = WhatFollows.editing()
                .begin(Jobs.of(rondel.compose.arrange.Jobs.group(
                        "g", rondel.geometry.Affine.IDENTITY, disc("a", 100, 100, 20))));
        history = history.then(new MakeHalo(
                        ids("a"), PLAIN, OptionalDouble.empty(), MakeHalo.Spread.EACH, OptionalDouble.empty()))
                .then(new MakeHalo(
                        ids("g"), PLAIN, OptionalDouble.empty(), MakeHalo.Spread.EACH, OptionalDouble.empty()));
        history = history.then(new Resize(
                ids("a"), OptionalDouble.of(80), OptionalDouble.empty(), true, Anchor.CENTRE, Resize.Frame.OWN));
        Box inner = onSheet(history.job(), halo(history.job(), 0).id()).bounds().orElseThrow();
        Box outer = onSheet(history.job(), halo(history.job(), 1).id()).bounds().orElseThrow();
        assertThat(inner.width()).isCloseTo(86, within(0.05));
        assertThat(outer.width()).isCloseTo(92, within(0.5));
    }

    @Test
    void aPictureGetsItsHaloFromWhatIsOpaqueToAPartOfAPixel() {
        Media media = StickerPicture.of(900, 600, new double[] {250.3, 300.7, 150}, new double[] {650.5, 300.2, 180});
        double px = 25.4 / 300;
        PictureElement art = new PictureElement(
                Traits.named("art").withId(id("art")), media.id(), new Box(20, 20, 900 * px, 600 * px));
        Job job = new Place(Jobs.SHEET, List.of(art), List.of(media)).apply(Jobs.of(box("x", 200, 200, 5, 5)));
        Job done = made(job, PLAIN.withDistance(2), MakeHalo.Spread.EACH, "art");
        Outline halo = halo(done, 0).outline();
        Point left = new Point(20 + 250.3 * px, 20 + 300.7 * px);
        Point right = new Point(20 + 650.5 * px, 20 + 300.2 * px);
        assertThat(along(halo)).allSatisfy(p -> assertThat(Math.min(
                        Math.abs(p.distanceTo(left) - 150 * px - 2), Math.abs(p.distanceTo(right) - 180 * px - 2)))
                .isLessThan(0.05));
        assertThat(nodes(halo)).isLessThanOrEqualTo((int) (length(halo) / 1.5));
    }

    @Test
    void badFiguresAreRefused() {
        Job job = Jobs.of(disc("a", 100, 100, 20));
        assertThatThrownBy(() -> made(job, PLAIN.withDistance(Double.NaN), MakeHalo.Spread.EACH, "a"))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new MakeHalo(
                                ids("a"), PLAIN, OptionalDouble.of(-300), MakeHalo.Spread.EACH, OptionalDouble.empty())
                        .apply(job))
                .isInstanceOf(Refusal.class);
    }
}
