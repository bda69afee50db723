package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.catalogue.SampleJob;
import rondel.colour.SetPalette;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.MoveTo;
import rondel.compose.arrange.Place;
import rondel.compose.arrange.Rotate;
import rondel.compose.arrange.SetStroke;
import rondel.formats.Fixtures;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.geometry.Anchor;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Stroke;
import rondel.lines.halo.MakeHalo;
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

    /** Defaults stand with the records: what an example of the catalogue says has nothing to do with them. */
    @Test
    void whatIsLeftOutIsWhatTheRecordSays() throws Exception {
        assertThat(read("{'operation':'move-to','elements':['leaf'],'x':1,'y':2}"))
                .isEqualTo(new MoveTo(List.of(new ElementId("leaf")), 1, 2, Anchor.TOP_LEFT));
        assertThat(read("{'operation':'rotate','elements':['leaf'],'angle':90}"))
                .isEqualTo(new Rotate(List.of(new ElementId("leaf")), 90, Anchor.CENTRE));
        assertThat(
                        read(
                                "{'operation':'make-halo','elements':['leaf'],'settings':{'distance':'1/8 in'},'spread':'each'}"))
                .isEqualTo(new MakeHalo(
                        List.of(new ElementId("leaf")),
                        HaloSettings.USUAL.withDistance(3.175),
                        OptionalDouble.empty(),
                        MakeHalo.Spread.EACH,
                        OptionalDouble.empty()));
        assertThat(read("{'operation':'set-stroke','elements':['leaf'],'stroke':{'paint':'#000000','width':'1/4 in'}}"))
                .isEqualTo(new SetStroke(List.of(new ElementId("leaf")), Optional.of(Stroke.plain(Rgba.BLACK, 6.35))));
        assertThat(read("{'operation':'set-palette','colours':[]}")).isEqualTo(new SetPalette(List.of()));
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
        assertThatThrownBy(() -> read("{'operation':'move','elements':['a'],'dx':1e999,'dy':1}"))
                .hasMessageContaining("dx");
        assertThatThrownBy(() -> read("{'operation':'move','elements':['a'],'dx':'3 parsecs','dy':1}"))
                .hasMessageContaining("3 parsecs");
        assertThatThrownBy(() ->
                        read("{'operation':'set-grid','elements':['a'],'columns':1.5,'column_gap':1,'row_gap':1}"))
                .hasMessageContaining("columns");
        assertThatThrownBy(() -> read("{'operation':'hide','elements':['a'],'hidden':'yes'}"))
                .hasMessageContaining("hidden");
        assertThatThrownBy(() -> read("{'operation':'set-fill','elements':['a'],'fill':'reddish'}"))
                .hasMessageContaining("fill");
        assertThatThrownBy(() ->
                        read("{'operation':'together','label':'x','steps':[{'operation':'rotate','elements':['a']}]}"))
                .hasMessageContaining("angle");
        assertThatThrownBy(() -> read("{'operation':'move','elements':['a'],'dx':1,'dy':null}"))
                .hasMessageContaining("dy");
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
