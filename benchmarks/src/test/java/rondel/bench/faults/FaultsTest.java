package rondel.bench.faults;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A short run of {@code rondel bench faults}. */
class FaultsTest {

    @Test
    void damageKillsAndFullDisksEndInSentences() throws Exception {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        int faults = FaultBench.run(List.of("400", "40", "7"), new PrintStream(said, true));
        assertThat(faults).as(said.toString()).isZero();
    }
}
