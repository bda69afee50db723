package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

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
}
