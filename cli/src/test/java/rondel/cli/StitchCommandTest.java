package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalInt;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import rondel.devices.stitcher.standin.StandInStitcher;
import rondel.devices.stitcher.standin.StitcherBody;

class StitchCommandTest extends CommandLineFixture {

    @Test
    void aPatchIsWorkedOutWrittenAndReadAgain() throws Exception {
        Path job = folder.resolve("patch.rondel");
        rondel("new", "-o", job, "--sheet", "100x100mm", "--title", "Tide patch");
        apply(job, """
                [{"operation":"add-shape","sheet":1,"shape":{"kind":"oval","width":40,"height":40},"x":30,"y":30,
                  "name":"Patch","fill":"#1f6f6b","as":"patch"},
                 {"operation":"set-role","elements":"$patch","role":"stitch"},
                 {"operation":"set-stitch","elements":"$patch","stitch":{"kind":"fill","angle":30,"underlay":["edge","crossing"]}}]
                """);
        Path tape = folder.resolve("patch.dst");
        JsonNode told = new ObjectMapper()
                .readTree(rondel("stitch", job, "-o", tape, "--json").out());
        assertThat(told.get("stitches").asInt()).isBetween(1000, 2500);
        assertThat(told.get("width_mm").asDouble()).isBetween(40.0, 40.8);
        assertThat(Files.size(tape) % 3).isEqualTo(512 % 3);
        JsonNode read =
                new ObjectMapper().readTree(rondel("stitch", tape, "--json").out());
        assertThat(read.get("stitches")).isEqualTo(told.get("stitches"));
        assertThat(read.get("threads")).hasSize(1);
        rondel("stitch", job, "-o", folder.resolve("patch.csv"));
        assertThat(Files.readString(folder.resolve("patch.csv")))
                .startsWith("thread,colour,move,x_mm,y_mm\r\n1,#1f6f6b,jump,");
    }

    @Test
    void whatCannotBeStitchedIsASentence() throws Exception {
        Path job = folder.resolve("plain.rondel");
        rondel("new", "-o", job, "--sheet", "100x100mm");
        assertThat(rondel("stitch", job).err()).contains("nothing to stitch");
        Path broken = Files.writeString(folder.resolve("broken.dst"), "LA:nothing");
        assertThat(rondel("stitch", broken).err()).contains("broken.dst");
    }

    @Test
    void thePatchOfTheDemoIsHoopedSewnWithABreakAndPlacedAgain() throws Exception {
        Path job = demo("whale-patch.rondel");
        assertThat(rondel("passes", job).out()).contains("Cloth: stitch", "into the hoop 4 x 4 in", "3 threads");
        assertThat(rondel("check", job).out()).doesNotContain("error", "warning");
        Path picture = folder.resolve("patch.png");
        Path tape = folder.resolve("patch.dst");
        assertThat(rondel("stitch", job, "-o", picture).out()).contains("3 threads", "minutes on a small machine");
        assertThat(ImageIO.read(picture.toFile()).getWidth()).isBetween(1100, 1200);
        rondel("stitch", job, "-o", tape);

        try (StandInStitcher machine = new StandInStitcher(
                InetAddress.getLoopbackAddress(), 0, StitcherBody.USUAL.withBreakAt(OptionalInt.of(700)))) {
            String at = "localhost:" + machine.port();
            Run broken = rondel("stitch", tape, "--to", at);
            assertThat(broken.code()).isEqualTo(1);
            assertThat(broken.err()).contains("The thread broke after 700 of", "--mended tape-1");
            assertThat(rondel("stitch", tape, "--to", at, "--mended", "tape-1").out())
                    .contains("Sewn: ");
        }

        Path other = folder.resolve("other.rondel");
        rondel("new", "-o", other, "--sheet", "120x120mm");
        rondel("place", other, tape);
        assertThat(rondel("stitch", other, "--json").out())
                .contains("\"stitches\" : "
                        + new ObjectMapper()
                                .readTree(rondel("stitch", tape, "--json").out())
                                .get("stitches"));
    }

    @Test
    void threadsAreListedKeptAndTheNearestIsTold() throws Exception {
        Path list = folder.resolve("threads.json");
        assertThat(rondel("threads", "--list", list, "--nearest", "#1e6f6c").out())
                .contains("Sea green");
        rondel("threads", "--list", list, "--add", "Own teal", "--colour", "#1e6f6c");
        assertThat(rondel("threads", "--list", list, "--nearest", "#1e6f6c", "--json")
                        .out())
                .contains("Own teal");
        assertThat(rondel("threads", "--list", list, "--add", "Own teal", "--colour", "#1e6f6c")
                        .err())
                .contains("already");
        assertThat(rondel("threads", "--list", list, "--remove", "Sea green").err())
                .contains("comes with Rondel");
        assertThat(rondel("threads", "--list", list, "--add", "Bare").err()).contains("--colour");
    }
}
