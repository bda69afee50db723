package rondel.launcher.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.desktop.files.DemoJobs;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.PictureElement;
import rondel.job.Sheet;

class DemoJobsTest {

    private static final Map<String, Job> MADE = new ConcurrentHashMap<>();

    /** A demo job made anew, once for all tests. */
    private static Job made(String name) {
        return MADE.computeIfAbsent(name, n -> MakeDemoJobs.jobs().get(n).get());
    }

    static Set<String> names() {
        return MakeDemoJobs.jobs().keySet();
    }

    @ParameterizedTest
    @MethodSource("names")
    void whatShipsIsWhatItsOperationsMake(String name) {
        Job made = made(name);
        Job shipped = DemoJobs.all().stream()
                .filter(d -> d.name().equals(name))
                .findFirst()
                .orElseThrow()
                .read();
        assertThat(withoutHalos(shipped).sheets().equals(withoutHalos(made).sheets()))
                .as("regenerate the demo jobs with MakeDemoJobs")
                .isTrue();
    }

    @ParameterizedTest
    @MethodSource("names")
    void nothingLiesOffTheSheet(String name) {
        Sheet sheet = made(name).sheets().getFirst();
        Box room = sheet.trim().grown(sheet.bleed() + 1e-6);
        assertThat(sheet.elements()).allSatisfy(e -> assertThat(room.contains(
                        Extent.of(e, rondel.geometry.Affine.IDENTITY).orElseThrow()))
                .as(e.name())
                .isTrue());
    }

    /** The job but for its title, for cut-outs and for halos, whose curves are fitted: their last digits are the processor's. */
    private static Job withoutHalos(Job job) {
        return job.withTitle("")
                .withSheets(job.sheets().stream()
                        .map(s -> s.withElements(s.elements().stream()
                                .filter(e -> e.traits()
                                        .link()
                                        .filter(Link.Around.class::isInstance)
                                        .isEmpty())
                                .map(DemoJobsTest::wholePicture)
                                .toList()))
                        .toList());
    }

    /** A cut-out as its picture came: how its pixels are packed is the runtime's. */
    private static Element wholePicture(Element e) {
        return e instanceof PictureElement p ? new PictureElement(p.traits(), p.whole(), p.frame()) : e;
    }
}
