package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.catalogue.SampleJob;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Place;
import rondel.formats.Fixtures;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class OperationJsonTest {

    private final OperationJson json = new OperationJson(MediaStore.inline());

    private Operation read(String text) throws Exception {
        return json.read(new ObjectMapper().readTree(text.replace('\'', '"')));
    }

    @Test
    void everyExampleGoesThroughJsonAndBack() {
        for (OperationKind kind : OperationCatalogue.kinds()) {
            JsonNode written = json.write(kind.example());
            assertThat(json.read(written)).as(kind.name()).isEqualTo(kind.example());
        }
    }

    @Test
    void theListNamesEveryOperationWithFieldsUnitsAndAnExample() {
        JsonNode list = json.catalogue();
        assertThat(list).hasSameSizeAs(OperationCatalogue.kinds());
        for (JsonNode o : list) {
            assertThat(o.get("summary").asText()).isNotBlank();
            assertThat(json.read(o.get("example")).apply(SampleJob.make())).isNotNull();
            o.get("fields").forEach(f -> assertThat(f.get("type").asText()).isNotBlank());
        }
        assertThat(list.get(1).at("/fields/1/unit").asText()).isEqualTo("mm");
    }

    @Test
    void lengthsMayCarryAUnit() throws Exception {
        assertThat(read("{'operation':'move','elements':['leaf'],'dx':'1/4 in','dy':2}"))
                .isEqualTo(new Move(List.of(new ElementId("leaf")), 6.35, 2));
    }

    @Test
    void aPaperALineAndAShadowMayBeNone() throws Exception {
        for (String none : List.of(
                "{'operation':'set-paper','sheet':'sheet-1'%s}",
                "{'operation':'set-stroke','elements':['leaf']%s}",
                "{'operation':'set-shadow','elements':['leaf']%s}")) {
            String field = none.contains("paper") ? "paper" : none.contains("stroke") ? "stroke" : "shadow";
            assertThat(read(none.formatted(",'" + field + "':'none'"))).isEqualTo(read(none.formatted("")));
        }
    }

    @Test
    void mistakesAreNamed() {
        assertThatThrownBy(() -> read("{'operation':'levitate'}"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("levitate");
        assertThatThrownBy(() -> read("{'operation':'move','elements':['a'],'dx':1}"))
                .hasMessageContaining("dy");
        assertThatThrownBy(() -> read("{'operation':'move','elements':'a','dx':1,'dy':1}"))
                .hasMessageContaining("elements");
        assertThatThrownBy(() -> read("{'operation':'move','elements':['a'],'dx':1,'dy':1,'dz':1}"))
                .hasMessageContaining("dz");
        assertThatThrownBy(() -> read("{'operation':'flip','elements':['a'],'axis':'sideways'}"))
                .hasMessageContaining("axis");
        assertThatThrownBy(() -> read("{'elements':['a']}")).hasMessageContaining("operation");
    }

    @Test
    void placedDrawingsAndPicturesTravelWhole() {
        Job job = Job.blank("x", LengthUnit.IN, 300, 300);
        for (String name : Fixtures.demoArtwork()) {
            Place place = ArtworkPlacement.CENTRED
                    .onto(job.sheets().getFirst(), Fixtures.demo(name))
                    .operation();
            assertThat(json.read(json.write(place)).apply(job)).isEqualTo(place.apply(job));
        }
    }
}
