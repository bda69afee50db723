package rondel.formats.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Place;
import rondel.compose.slot.MakeSlots;
import rondel.formats.Fixtures;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.history.History;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.FontChoice;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Licence;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Provenance;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Limits;
import rondel.lines.check.Severity;
import rondel.lines.check.kinds.Checks;
import rondel.text.Typesetter;
import rondel.units.LengthUnit;

/** Each check with a job that trips it and one that narrowly does not; what has a fix is cleared by it, and comes back. */
class ChecksTest {

    private static final SheetId SHEET = new SheetId("sheet-1");
    private static final Typesetter TYPESETTER = new Typesetter(Fixtures.FONTS);

    /** @param code of the finding that the first job gives and the second does not
     *  @param mends whether it has a fix */
    private record Case(String code, Job trips, Job passes, boolean mends) {
        @Override
        public String toString() {
            return code;
        }
    }

    private static Job job(Element... elements) {
        Job blank = Job.blank("Checked", LengthUnit.MM, 200, 200).withSheet(SHEET, s -> s.withMargins(3, 6));
        return new Place(SHEET, List.of(elements), List.of()).apply(blank);
    }

    private static ShapeElement shape(Role role, Outline outline) {
        return new ShapeElement(
                Traits.named("thing").withRole(role),
                outline,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(Rgba.BLACK, 0.2)));
    }

    private static ShapeElement disc(Role role, double x, double y, double r) {
        return shape(role, Outline.of(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r)));
    }

    private static ShapeElement square(Role role, double x, double y, double side) {
        return shape(role, Outline.rectangle(new Box(x, y, side, side)));
    }

    private static ShapeElement path(Role role, boolean closed, double... xy) {
        OutlineBuilder builder = new OutlineBuilder().moveTo(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            builder.lineTo(xy[i], xy[i + 1]);
        }
        return shape(role, (closed ? builder.close() : builder).build());
    }

    private static TextElement text(String family, Role role) {
        Lettering lettering = Lettering.plain("Tide", new FontChoice(family, 400, false), 20);
        return new TextElement(
                Traits.named("").withRole(role).withPlacement(Affine.translate(60, 100)),
                lettering,
                TYPESETTER.outline(lettering),
                Paint.solid(Rgba.BLACK),
                Optional.empty());
    }

    private static Element with(Element e, UnaryOperator<Traits> change) {
        return e.with(change);
    }

    private static Element from(Licence licence) {
        return with(
                disc(Role.PRINT, 100, 100, 20),
                t -> t.withProvenance(Optional.of(new Provenance("Swap", "A", licence))));
    }

    private static Job picture(double width) {
        Media media = Fixtures.demo("pictures/sea-wash.png").media().getFirst();
        PictureElement p = new PictureElement(
                Traits.named("wash"), media.id(), new Box(50, 50, width, width * media.height() / media.width()));
        return new Place(SHEET, List.of(p), List.of(media)).apply(job(disc(Role.PRINT, 100, 100, 2)));
    }

    private static Job window(boolean filled) {
        Job job = job(with(square(Role.PRINT, 50, 50, 40), t -> t.withId(new ElementId("w"))));
        Job made = new MakeSlots(List.of(new ElementId("w")), Fit.FILL).apply(job);
        Media media = Fixtures.demo("pictures/sea-wash.png").media().getFirst();
        return filled
                ? new rondel.compose.slot.FillSlots(List.of(new ElementId("w")), List.of(media)).apply(made)
                : made;
    }

    private static ShapeElement seenThrough(int alpha) {
        return square(Role.CUT, 50, 50, 30).withStroke(Optional.of(Stroke.plain(new Rgba(0, 0, 0, alpha), 0.2)));
    }

    private static Stream<Case> cases() {
        return Stream.of(
                new Case("liveText", job(text("Nunito", Role.CUT)), job(text("Nunito", Role.PRINT)), true),
                new Case(
                        "openCut",
                        job(path(Role.CUT, false, 50, 50, 80, 50, 80, 80, 50, 50.01)),
                        job(path(Role.CUT, false, 50, 50, 80, 50, 80, 80, 50, 50)),
                        true),
                new Case(
                        "doubledCut",
                        job(disc(Role.CUT, 90, 90, 20), disc(Role.CUT, 90, 90, 20)),
                        job(disc(Role.CUT, 90, 90, 20), disc(Role.CUT, 90, 90, 19)),
                        true),
                new Case(
                        "doubledCut",
                        job(path(Role.CUT, false, 50, 50, 70, 70), path(Role.CUT, false, 70, 70, 50, 50)),
                        job(path(Role.CUT, false, 50, 50, 70, 70), path(Role.CUT, false, 50, 70, 70, 50)),
                        true),
                new Case(
                        "narrowGap",
                        job(square(Role.CUT, 50, 50, 20), square(Role.CUT, 70.49, 50, 20)),
                        job(square(Role.CUT, 50, 50, 20), square(Role.CUT, 70.51, 50, 20)),
                        false),
                new Case(
                        "crossingCuts",
                        job(disc(Role.CUT, 80, 80, 20), disc(Role.CUT, 100, 80, 20)),
                        job(disc(Role.CUT, 80, 80, 20), disc(Role.CUT, 121, 80, 20)),
                        true),
                new Case(
                        "touchingCuts",
                        job(square(Role.CUT, 50, 50, 20), square(Role.CUT, 70, 50, 20)),
                        job(square(Role.CUT, 50, 50, 20), square(Role.CUT, 60, 50, 20)),
                        false),
                new Case(
                        "touchingCuts",
                        job(square(Role.CUT, 50, 50, 20), path(Role.CUT, false, 60, 60, 70, 65)),
                        job(square(Role.CUT, 50, 50, 20), path(Role.CUT, false, 60, 60, 71, 65)),
                        false),
                new Case(
                        "crossingCuts",
                        job(path(Role.CUT, false, 50, 50, 70, 70), path(Role.CUT, false, 50, 70, 70, 50)),
                        job(path(Role.CUT, false, 50, 50, 70, 70), path(Role.CUT, false, 50, 70, 60, 60)),
                        false),
                new Case(
                        "selfCrossing",
                        job(path(Role.CUT, true, 50, 50, 90, 90, 90, 50, 50, 90)),
                        job(path(Role.CUT, true, 50, 50, 90, 90, 90, 50, 71, 60)),
                        true),
                new Case("smallPiece", job(square(Role.CUT, 50, 50, 2.99)), job(square(Role.CUT, 50, 50, 3.01)), true),
                new Case(
                        "spikes",
                        job(path(Role.CUT, true, 50, 50, 100, 50, 100, 60)),
                        job(path(Role.CUT, true, 50, 50, 100, 50, 100, 61)),
                        true),
                new Case(
                        "shortSegments",
                        job(path(Role.CUT, true, 50, 50, 90, 50, 90.04, 50, 90, 90)),
                        job(path(Role.CUT, true, 50, 50, 90, 50, 90.06, 50, 90, 90)),
                        true),
                new Case("offSheet", job(square(Role.CUT, 190, 50, 10.1)), job(square(Role.CUT, 190, 50, 10)), true),
                new Case(
                        "beyondBleed",
                        job(square(Role.PRINT, 150, 50, 53.1)),
                        job(square(Role.PRINT, 150, 50, 53)),
                        false),
                new Case(
                        "shortOfBleed",
                        job(square(Role.PRINT, 150, 50, 52)),
                        job(square(Role.PRINT, 150, 50, 53)),
                        false),
                new Case("inMargin", job(square(Role.PRINT, 5.9, 50, 20)), job(square(Role.PRINT, 6, 50, 20)), false),
                new Case("artwork.fewPpi", picture(82), picture(81), false),
                new Case(
                        "hiddenRole",
                        job(with(square(Role.SCORE, 50, 50, 20), t -> t.withHidden(true)), disc(Role.CUT, 90, 90, 40)),
                        job(with(square(Role.PRINT, 50, 50, 20), t -> t.withHidden(true)), disc(Role.CUT, 90, 90, 40)),
                        true),
                new Case(
                        "lockedRole",
                        job(with(square(Role.CUT, 50, 50, 20), t -> t.withLocked(true))),
                        job(with(square(Role.PRINT, 50, 50, 20), t -> t.withLocked(true))),
                        true),
                new Case("missingFont", job(lost()), job(text("Nunito", Role.PRINT)), true),
                new Case("emptyWindow", window(false), window(true), true),
                new Case(
                        "nothingToCut",
                        job(square(Role.SCORE, 50, 50, 20)),
                        job(square(Role.SCORE, 50, 50, 20), square(Role.CUT, 40, 40, 40)),
                        false),
                new Case("transparentStroke", job(seenThrough(254)), job(seenThrough(255)), true),
                new Case("notForSale", job(from(Licence.PERSONAL_USE)), job(from(Licence.COMMERCIAL_USE)), false));
    }

    private static TextElement lost() {
        TextElement set = text("Nunito", Role.PRINT);
        return set.withLettering(set.lettering().withFont(new FontChoice("Selkie Script", 400, false)), set.outline());
    }

    private static List<Finding> found(Job job, String code) {
        return Checks.of(new Checked(job, Fixtures.FONTS.get(), Limits.USUAL)).stream()
                .filter(f -> f.code().equals(code))
                .toList();
    }

    private static List<String> errors(Job job) {
        return Checks.of(new Checked(job, Fixtures.FONTS.get(), Limits.USUAL)).stream()
                .filter(f -> f.severity() == Severity.ERROR)
                .map(Finding::code)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void tripsNarrowlyPassesAndIsMended(Case c) {
        assertThat(found(c.passes, c.code)).isEmpty();
        List<Finding> found = found(c.trips, c.code);
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().sentence()).isNotBlank();
        assertThat(found.getFirst().fix().isPresent()).isEqualTo(c.mends);
        found.getFirst().fix().ifPresent(fix -> {
            History history =
                    WhatFollows.editing().begin(c.trips).then(fix.operation().get());
            assertThat(found(history.job(), c.code)).isEmpty();
            assertThat(errors(history.job())).isSubsetOf(errors(c.trips));
            assertThat(history.undo().orElseThrow().job()).isSameAs(c.trips);
        });
    }

    @ParameterizedTest
    @MethodSource("everyDemo")
    void theShippedArtworkIsCheckedWithoutAnException(String name) {
        List<Finding> found = new ArrayList<>(
                Checks.of(new Checked(Fixtures.demo(name).asJob(), Fixtures.FONTS.get(), Limits.USUAL)));
        assertThat(found).allSatisfy(f -> assertThat(f.sentence()).doesNotContain("{"));
    }

    private static Stream<String> everyDemo() {
        return Fixtures.demoArtwork().stream();
    }
}
