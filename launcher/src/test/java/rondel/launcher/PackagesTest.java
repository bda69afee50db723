package rondel.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A reader who opens a package finds what is in it, its words and its sources. */
class PackagesTest {

    @ParameterizedTest
    @ValueSource(strings = {"core", "formats", "cli", "desktop", "launcher"})
    void everyPackageSaysWhatIsInIt(String module) throws Exception {
        List<Path> packages;
        try (Stream<Path> all = Files.walk(Path.of("..", module, "src", "main", "java"))) {
            packages = all.filter(f -> f.toString().endsWith(".java"))
                    .map(Path::getParent)
                    .distinct()
                    .toList();
        }
        assertThat(packages).isNotEmpty().allSatisfy(p -> assertThat(p.resolve("package-info.java"))
                .exists());
    }
}
