package rondel.bench.soak;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A short run of {@code rondel soak}. */
class SoakTest {

    @Test
    void loadAndFaultEndInSentencesAndNothingIsLost() throws Exception {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        List<String> few = List.of("files=80", "edits=150", "kills=4", "programs=12", "places", "seed=7");
        int faults = Soak.run(few, new PrintStream(said, true));
        assertThat(faults).as(said.toString()).isZero();
    }
}
