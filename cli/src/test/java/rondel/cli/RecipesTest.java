package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A page made by recipes alone, measured as {@code info} tells it. */
class RecipesTest {

    private static final String THREE = "<svg xmlns='http://www.w3.org/2000/svg' width='%1$dmm' height='20mm'"
            + " viewBox='0 0 %1$d 20'><rect id='r' width='%1$d' height='20' fill='#1f6f6b'/></svg>";

    @TempDir
    private Path folder;

    private Path job;

    private String rondel(int code, Object... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        String[] words = java.util.Arrays.stream(args).map(Object::toString).toArray(String[]::new);
        PrintStream stream = new PrintStream(out, true, StandardCharsets.UTF_8);
        assertThat(RondelCommand.run(words, stream, stream, Map.of()))
                .as(() -> out.toString(StandardCharsets.UTF_8))
                .isEqualTo(code);
        return out.toString(StandardCharsets.UTF_8);
    }

    private String apply(int code, String recipe) throws IOException {
        Path file = Files.writeString(folder.resolve("recipe.json"), recipe.replace('\'', '"'));
        return rondel(code, "apply", job, file);
    }

    private JsonNode elements() throws IOException {
        return new ObjectMapper().readTree(rondel(0, "info", job, "--json")).at("/sheets/0/elements");
    }

    private String id(int index) throws IOException {
        return elements().get(index).get("id").asText();
    }

    @BeforeEach
    void threeStripsOnASheet() throws IOException {
        job = folder.resolve("page.rondel");
        rondel(0, "new", "-o", job, "--sheet", "200x100mm");
        for (int width : new int[] {10, 20, 30}) {
            Path file = Files.writeString(folder.resolve("w" + width + ".svg"), THREE.formatted(width));
            rondel(0, "place", job, file, "--at", width * 3 + "mm,10mm");
        }
    }

    @Test
    void exactGapsInUnitsAndEdges() throws IOException {
        String ids = "['" + id(0) + "','" + id(1) + "','" + id(2) + "']";
        apply(
                0,
                "[{'operation':'set-gaps','elements':" + ids + ",'axis':'horizontal','gap':'1/8 in'},"
                        + "{'operation':'set-edge-gap','elements':" + ids + ",'side':'left','gap':'0.5in'},"
                        + "{'operation':'align','elements':" + ids + ",'edge':'middle','to':'sheet'}]");
        JsonNode all = elements();
        assertThat(all.get(0).get("x_mm").asDouble()).isCloseTo(12.7, within(1e-9));
        assertThat(all.get(1).get("x_mm").asDouble()).isCloseTo(12.7 + 10 + 3.175, within(1e-9));
        assertThat(all.get(2).get("x_mm").asDouble()).isCloseTo(12.7 + 30 + 6.35, within(1e-9));
        assertThat(all.get(2).get("y_mm").asDouble()).isCloseTo(40, within(1e-9));
    }

    @Test
    void windowsTryOutsShadowsAndTextAreMadeByRecipeToo() throws IOException {
        apply(
                0,
                "[{'operation':'make-windows','elements':['" + id(0) + "'],'fit':'fill'},"
                        + "{'operation':'make-try-out','elements':['" + id(1) + "','" + id(2) + "'],'name':'Strips'},"
                        + "{'operation':'set-shadow','elements':['" + id(0) + "'],'shadow':"
                        + "{'distance':'1mm','angle':60,'softness':2,'colour':'#00000080'}},"
                        + "{'operation':'add-text','sheet':'sheet-1','x':100,'y':80,'fill':'#16403d','lettering':"
                        + "{'content':'Ebb','font':{'family':'Nunito'},'size':'10mm'}},"
                        + "{'operation':'add-guide','sheet':'sheet-1','axis':'horizontal','at':'1in'}]");
        JsonNode all = elements();
        assertThat(all.findValuesAsText("kind")).contains("window", "try-out", "text");
        JsonNode tryOut = all.get(1);
        assertThat(tryOut.get("children")).hasSize(2);
        assertThat(tryOut.at("/children/0/hidden").asBoolean()).isTrue();
        apply(0, "[{'operation':'flip-try-out','elements':['" + tryOut.get("id").asText() + "'],'by':1}]");
        assertThat(elements().get(1).at("/children/0/hidden").asBoolean()).isFalse();
        Path svg = folder.resolve("page.svg");
        rondel(0, "export", job, "-o", svg);
        assertThat(svg).content().contains("Ebb");
    }

    @Test
    void aStepThatCannotBeDoneLeavesTheJobAndNamesItsPlace() throws IOException {
        byte[] before = Files.readAllBytes(job);
        String said = apply(
                1,
                "[{'operation':'move','elements':['" + id(0) + "'],'dx':1,'dy':1},"
                        + "{'operation':'even-gaps','elements':['" + id(0) + "'],'axis':'horizontal'}]");
        assertThat(said).contains("3").doesNotContain("Exception");
        assertThat(Files.readAllBytes(job)).isEqualTo(before);
        assertThat(apply(1, "[{'operation':'restack','elements':['" + id(0) + "'],'behind':1.5}]"))
                .contains("behind");
        assertThat(apply(1, "[{'operation':'recolour','elements':[],'from':'#112233','to':'nothing','tolerance':0}]"))
                .contains("to");
        assertThat(Files.readAllBytes(job)).isEqualTo(before);
    }
}
