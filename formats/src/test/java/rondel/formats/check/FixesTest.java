package rondel.formats.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Place;
import rondel.formats.Fixtures;
import rondel.formats.artwork.Artwork;
import rondel.formats.job.JobFile;
import rondel.formats.svg.SvgReader;
import rondel.history.Editing;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Role;
import rondel.lines.check.Checked;
import rondel.lines.check.CutLine;
import rondel.lines.check.Finding;
import rondel.lines.check.Limits;
import rondel.lines.check.Severity;
import rondel.lines.check.kinds.Checks;
import rondel.lines.check.kinds.Mending;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** Every fix of every check, on the demo's jobs and on drawings with roles at random: no cut line moves by more than 0.05 mm, unless
 *  the finding says so, and nothing worse is found afterwards. More drawings: a folder named by {@code rondel.sweep}. */
class FixesTest {

    /** Findings whose sentences say that something goes or is changed: lines that are united, tips that are rounded, pieces and
     *  lines that are taken away, text that becomes outlines. */
    private static final Set<String> SAY_SO = Set.of(
            "liveText", "spikes", "smallPiece", "doubledCut", "crossingCuts", "selfCrossing", "offSheet", "hiddenRole");

    private static final double MOST = 0.05;
    private static final int ENOUGH = 30;

    private final Editing editing = WhatFollows.editing();
    private int fixes;

    @Test
    void onTheDemosJobs(@TempDir Path folder) throws IOException {
        for (String name :
                List.of("boat-boxes", "sticker-sheet", "planner-stickers", "lettering-sign", "shell-whale")) {
            Path copy = folder.resolve(name + ".rondel");
            Files.write(copy, Fixtures.resource("/rondel/demo/jobs/" + name + ".rondel"));
            look(name, JobFile.read(copy));
        }
    }

    @Test
    void onDrawingsWithRolesAtRandom() {
        Random random = new Random(500);
        drawings().forEach(d -> look(d.name(), job(d, random)));
        assertThat(fixes).isGreaterThan(ENOUGH);
    }

    private static Stream<Artwork> drawings() {
        String folder = System.getProperty("rondel.sweep");
        if (folder == null) {
            return Fixtures.demoArtwork().stream().map(Fixtures::demo);
        }
        try (Stream<Path> files = Files.list(Path.of(folder))) {
            List<Path> all = new ArrayList<>(
                    files.filter(f -> f.toString().endsWith(".svg")).sorted().toList());
            java.util.Collections.shuffle(all, new Random(1));
            return all.subList(0, Math.min(500, all.size())).stream().map(FixesTest::read);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Artwork read(Path file) {
        try (var in = Files.newInputStream(file)) {
            return SvgReader.read(in, file.getFileName().toString(), Fixtures.FONTS);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Job job(Artwork drawing, Random random) {
        Job job = Job.blank(drawing.name(), LengthUnit.MM, 300, 300);
        List<Element> elements =
                drawing.elements().stream().map(e -> withRoles(e, random)).toList();
        return editing.apply(new Place(job.sheets().getFirst().id(), elements, drawing.media()), job);
    }

    private static Element withRoles(Element e, Random random) {
        Role[] roles = {Role.PRINT, Role.CUT, Role.CUT, Role.KISS_CUT, Role.SCORE};
        return e instanceof GroupElement g
                ? g.withChildren(
                        g.children().stream().map(c -> withRoles(c, random)).toList())
                : e.with(t -> t.withRole(roles[random.nextInt(roles.length)]));
    }

    private void look(String name, Job job) {
        List<Finding> before = check(job);
        for (Finding finding : before) {
            if (finding.fix().isEmpty()) {
                continue;
            }
            Job mended;
            Operation fix;
            try {
                Mending.Mended made = new Mending(editing, Fixtures.FONTS.get(), Limits.USUAL).make(finding, job);
                mended = made.job();
                fix = made.fix();
            } catch (Refusal sentence) {
                continue;
            }
            fixes++;
            List<Finding> after = check(mended);
            assertThat(worse(before, after))
                    .as("%s: %s, mended by %s", name, finding.sentence(), fix.label())
                    .isEmpty();
            if (!SAY_SO.contains(finding.code())) {
                assertThat(moved(job, mended))
                        .as("%s: %s, mended by %s", name, finding.sentence(), fix)
                        .isLessThanOrEqualTo(MOST);
            }
        }
    }

    /** Errors that were not there before, by their kinds. */
    private static List<String> worse(List<Finding> before, List<Finding> after) {
        List<String> errors = new ArrayList<>(errors(after));
        errors(before).forEach(errors::remove);
        return errors;
    }

    private static List<String> errors(List<Finding> found) {
        return found.stream()
                .filter(f -> f.severity() == Severity.ERROR)
                .map(Finding::code)
                .toList();
    }

    private static List<Finding> check(Job job) {
        return Checks.of(checked(job));
    }

    private static Checked checked(Job job) {
        return new Checked(job, Fixtures.FONTS.get(), Limits.USUAL);
    }

    /** How far any place of a cut line lies from all cut lines afterwards, in mm. */
    private static double moved(Job before, Job after) {
        Geometry is = lines(checked(after));
        double most = 0;
        for (CutLine line : checked(before).cutLines()) {
            if (is.isEmpty()) {
                return Double.POSITIVE_INFINITY;
            }
            IndexedFacetDistance distance = new IndexedFacetDistance(is);
            for (Coordinate c : line.line().getCoordinates()) {
                most = Math.max(most, distance.distance(is.getFactory().createPoint(c)));
            }
        }
        return most;
    }

    private static Geometry lines(Checked job) {
        return new GeometryFactory()
                .createMultiLineString(
                        job.cutLines().stream().map(CutLine::line).toArray(LineString[]::new));
    }
}
