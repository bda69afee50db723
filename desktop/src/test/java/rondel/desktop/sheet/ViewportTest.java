package rondel.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.geometry.Box;
import rondel.geometry.Point;

class ViewportTest {

    private static final Box PAGE = new Box(0, 0, 304.8, 304.8);

    @Test
    void theWholeSheetFitsWithRoomAroundItAndStandsInTheMiddle() {
        Viewport v = Viewport.fitting(PAGE, 800, 600, 30);
        Point topLeft = v.toScreen(Point.ORIGIN);
        Point bottomRight = v.toScreen(new Point(304.8, 304.8));
        assertThat(topLeft.y()).isCloseTo(30, within(1.0));
        assertThat(bottomRight.y()).isCloseTo(570, within(1.0));
        assertThat(topLeft.x() + bottomRight.x()).isCloseTo(800, within(1.0));
    }

    @Test
    void screenAndSheetAreEachOthersInverse() {
        Viewport v = new Viewport(2.7, 31, -12);
        Point p = new Point(17.3, 250.1);
        Point screen = v.toScreen(p);
        assertThat(v.toSheet(screen.x(), screen.y()).distanceTo(p)).isLessThan(1e-9);
        assertThat(v.toScreen().apply(p).distanceTo(screen)).isLessThan(1e-9);
    }

    @Test
    void whatIsUnderThePointerStaysThereWhileZooming() {
        Viewport v = new Viewport(2, 100, 50);
        Point under = v.toSheet(333, 222);
        Viewport closer = v.zoomed(1.7, 333, 222);
        assertThat(closer.toSheet(333, 222).distanceTo(under)).isLessThan(1e-9);
        assertThat(closer.scale()).isCloseTo(3.4, within(1e-12));
    }

    @Test
    void zoomHasEndsAndTrueSizeIsAHundredPercent() {
        Viewport v = new Viewport(Viewport.TRUE_SIZE, 0, 0);
        assertThat(v.percent()).isCloseTo(100, within(1e-9));
        assertThat(v.zoomed(1e9, 0, 0).percent()).isCloseTo(6400, within(1e-6));
        assertThat(v.zoomed(1e-9, 0, 0).percent()).isCloseTo(2, within(1e-6));
    }

    @Test
    void theVisibleTilesCoverTheWindowMiddleOneFirst() {
        Viewport v = new Viewport(2, -300, 40);
        List<TileKey> tiles = TileKey.visible(v, 1100, 700, 1);
        for (double[] corner : new double[][] {{0, 0}, {1099, 0}, {0, 699}, {1099, 699}, {550, 350}}) {
            Point p = v.toSheet(corner[0], corner[1]);
            assertThat(tiles).anySatisfy(t -> assertThat(t.area().contains(new Box(p.x(), p.y(), 0, 0)))
                    .isTrue());
        }
        Point middle = v.toSheet(550, 350);
        assertThat(tiles.getFirst().area().centre().distanceTo(middle)).isLessThan(512 / 2.0);
        assertThat(tiles).doesNotHaveDuplicates();
    }

    @Test
    void onAScreenAtTwoHundredPercentTilesHaveTheScreensOwnPixels() {
        TileKey tile = TileKey.visible(new Viewport(2, 0, 0), 400, 400, 2).getFirst();
        assertThat(tile.pixels()).isEqualTo(1024);
        SheetScene scene =
                SheetScene.of(SampleJob.make(), SampleJob.make().sheets().getFirst());
        var image = ScenePainting.tile(scene, tile, (media, scale) -> media.pixels())
                .image();
        assertThat(image.getWidth()).isEqualTo(1024);
        // The leaf begins 10 mm from the left: 20 px as views count them, 40 of the screen's.
        assertThat(image.getPixelReader().getArgb(41, 60) >>> 24).isEqualTo(255);
        assertThat(image.getPixelReader().getArgb(38, 60) >>> 24).isZero();
    }
}
