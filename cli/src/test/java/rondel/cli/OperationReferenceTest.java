package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class OperationReferenceTest extends CommandLineFixture {

    @Test
    void thePageOfOperationsIsWhatTheCodeSays() throws Exception {
        assertThat(Files.readString(Path.of("../docs/operations.md")))
                .as("make it anew: rondel operations --markdown > docs/operations.md")
                .isEqualTo(rondel("operations", "--markdown").out());
    }

    @Test
    void nestedFieldsAreListedWithTheirUnitsAndChoices() throws Exception {
        JsonNode all =
                new ObjectMapper().readTree(rondel("operations", "--json").out());
        JsonNode halo = null;
        for (JsonNode operation : all) {
            halo = operation.get("name").asText().equals("make-halo") ? operation : halo;
        }
        JsonNode settings = halo.get("fields").get(1);
        assertThat(settings.get("name").asText()).isEqualTo("settings");
        assertThat(settings.at("/of/0/fields/0/unit").asText()).isEqualTo("mm");
        assertThat(settings.at("/of/0/fields/1/choices").toString()).contains("sharp");
    }
}
