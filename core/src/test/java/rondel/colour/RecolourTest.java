package rondel.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Lock;
import rondel.compose.arrange.SetFill;
import rondel.compose.arrange.SetStroke;
import rondel.compose.sheets.AddSheet;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.paint.Painter;
import rondel.words.Refusal;

class RecolourTest {

    private static final Rgba CORAL = new Rgba(226, 114, 91, 255);
    private static final Rgba NEARLY = new Rgba(224, 117, 92, 255);
    private static final Rgba SEA = new Rgba(31, 111, 107, 255);
    private static final Rgba GOLD = new Rgba(220, 170, 60, 255);

    private static Element filled(String id, Paint paint) {
        return Jobs.box(id, 0, 0, 10, 10).withFill(paint);
    }

    private static Paint fill(Job job, String id) {
        return ((ShapeElement) job.located(Jobs.id(id)).element()).fill();
    }

    private static Paint.Linear gradient(Rgba from, Rgba to) {
        return new Paint.Linear(
                0, 0, 1, 0, List.of(new Paint.Stop(0, from), new Paint.Stop(1, to)), Paint.Spread.PAD, Affine.IDENTITY);
    }

    private final Job job = Jobs.of(
            filled("a", Paint.solid(CORAL)),
            Jobs.group("g", Affine.IDENTITY, filled("b", Paint.solid(NEARLY)), filled("c", gradient(CORAL, SEA))),
            filled("d", new Paint.Tiles(new Box(0, 0, 5, 5), List.of(filled("", Paint.solid(CORAL))), Affine.IDENTITY)),
            filled("see", Paint.solid(new Rgba(226, 114, 91, 100))));

    @Test
    void everyMatchIsRecolouredAcrossGroupsGradientsAndPatterns() {
        Job gold = new Recolour(List.of(), CORAL, GOLD, 0).apply(job);
        assertThat(fill(gold, "a")).isEqualTo(Paint.solid(GOLD));
        assertThat(fill(gold, "b")).isEqualTo(Paint.solid(NEARLY));
        assertThat(fill(gold, "c")).isEqualTo(gradient(GOLD, SEA));
        Element tile = ((Paint.Tiles) fill(gold, "d")).content().getFirst();
        assertThat(((ShapeElement) tile).fill()).isEqualTo(Paint.solid(GOLD));
        assertThat(fill(gold, "see")).isEqualTo(Paint.solid(new Rgba(220, 170, 60, 100)));
    }

    @Test
    void aToleranceTakesInWhatLooksNearlyTheSame() {
        Job gold = new Recolour(List.of(), CORAL, GOLD, 0.02).apply(job);
        assertThat(fill(gold, "b")).isEqualTo(Paint.solid(GOLD));
        assertThat(((Paint.Linear) fill(gold, "c")).stops().getLast().colour()).isEqualTo(SEA);
        assertThatThrownBy(() -> new Recolour(List.of(), CORAL, GOLD, -1).apply(job))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void onlyWhatIsNamedIsRecolouredAndLockedThingsStay() {
        Job one = new Recolour(Jobs.ids("g"), CORAL, GOLD, 0.02).apply(job);
        assertThat(fill(one, "a")).isEqualTo(Paint.solid(CORAL));
        assertThat(fill(one, "b")).isEqualTo(Paint.solid(GOLD));
        Job locked = new Lock(Jobs.ids("a"), true).apply(job);
        assertThat(fill(new Recolour(List.of(), CORAL, GOLD, 0).apply(locked), "a"))
                .isEqualTo(Paint.solid(CORAL));
    }

    @Test
    void otherSheetsAreRecolouredTooAndUntouchedThingsAreTheSameObjects() {
        Job two = new AddSheet("Back", 100, 100).apply(job);
        Job both = two.withSheet(
                two.sheets().getLast().id(), s -> s.withElements(List.of(filled("z", Paint.solid(CORAL)))));
        Job gold = new Recolour(List.of(), CORAL, GOLD, 0).apply(both);
        assertThat(fill(gold, "z")).isEqualTo(Paint.solid(GOLD));
        Job none = new Recolour(List.of(), GOLD, SEA, 0).apply(job);
        assertThat(none.located(Jobs.id("g")).element())
                .isSameAs(job.located(Jobs.id("g")).element());
    }

    @Test
    void linesAreRecolouredAndKeepTheirWidth() {
        Job lined = new SetStroke(Jobs.ids("a"), Optional.of(Stroke.plain(CORAL, 0.7))).apply(job);
        Job gold = new Recolour(Jobs.ids("a"), CORAL, GOLD, 0).apply(lined);
        Stroke stroke =
                ((ShapeElement) gold.located(Jobs.id("a")).element()).stroke().orElseThrow();
        assertThat(stroke.paint()).isEqualTo(Paint.solid(GOLD));
        assertThat(stroke.width()).isEqualTo(0.7);
    }

    @Test
    void theStopsOfAGradientAreSet() {
        List<Paint.Stop> stops = List.of(new Paint.Stop(0, GOLD), new Paint.Stop(0.3, CORAL), new Paint.Stop(1, SEA));
        Job set = new SetStops(Jobs.ids("g"), stops).apply(job);
        assertThat(((Paint.Linear) fill(set, "c")).stops()).isEqualTo(stops);
        assertThat(fill(set, "b")).isEqualTo(Paint.solid(NEARLY));
        assertThatThrownBy(() -> new SetStops(Jobs.ids("a"), stops).apply(job)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new SetStops(Jobs.ids("g"), stops.reversed()).apply(job))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void coloursInUseAreCountedMostUsedFirst() {
        assertThat(ColoursInUse.of(job.sheet(Jobs.SHEET).elements().stream())).containsExactly(CORAL, NEARLY, SEA);
        Job kept = new SetPalette(List.of(CORAL, SEA, CORAL)).apply(job);
        assertThat(kept.palette()).extracting(s -> s.colour()).containsExactly(CORAL, SEA);
    }

    @Test
    void whatIsSeenAtAPlaceIsPicked() {
        Job plain = new SetFill(Jobs.ids("see"), Paint.NONE).apply(job);
        Painter painter = new Painter(Map.of(), (m, s) -> new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB));
        Job only = plain.withSheet(Jobs.SHEET, s -> s.withElements(s.elements().subList(0, 1)));
        assertThat(ColourPick.at(painter, only.sheet(Jobs.SHEET), new Point(5, 5)))
                .isEqualTo(CORAL);
        assertThat(ColourPick.at(painter, only.sheet(Jobs.SHEET), new Point(50, 50)))
                .isEqualTo(Rgba.WHITE);
    }

    @Test
    void distancesAreAsPeopleSeeThem() {
        assertThat(OkLab.of(Rgba.WHITE).lightness()).isCloseTo(1, within(1e-6));
        assertThat(OkLab.of(Rgba.BLACK).distance(OkLab.of(Rgba.WHITE))).isCloseTo(1, within(1e-6));
        double near = OkLab.of(CORAL).distance(OkLab.of(NEARLY));
        double far = OkLab.of(CORAL).distance(OkLab.of(SEA));
        assertThat(near).isLessThan(0.01);
        assertThat(far).isGreaterThan(0.2);
    }
}
