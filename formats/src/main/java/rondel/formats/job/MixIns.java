package rondel.formats.job;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.util.List;
import rondel.job.ElementId;
import rondel.job.FillingSettings;
import rondel.job.HaloSettings;
import rondel.job.Link;

/** Where the file's words differ from the records'. */
final class MixIns {

    private MixIns() {}

    static void into(JsonMapper.Builder mapper) {
        mapper.addMixIn(Link.class, OneField.class)
                .addMixIn(Link.Alike.class, Alike.class)
                .addMixIn(Link.Union.class, Union.class)
                .addMixIn(Link.Around.class, Around.class)
                .addMixIn(Link.Filling.class, Filling.class);
    }

    /** A link is an object with one field that says which it is. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, include = JsonTypeInfo.As.WRAPPER_OBJECT)
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Link.Alike.class, name = "alike"),
        @JsonSubTypes.Type(value = Link.Around.class, name = "around"),
        @JsonSubTypes.Type(value = Link.Filling.class, name = "filling"),
        @JsonSubTypes.Type(value = Link.Copy.class, name = "copy"),
        @JsonSubTypes.Type(value = Link.Union.class, name = "unites")
    })
    private interface OneField {}

    private abstract static class Alike {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        Alike(String set) {}

        @JsonValue
        abstract String set();
    }

    private abstract static class Union {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        Union(List<ElementId> elements) {}

        @JsonValue
        abstract List<ElementId> elements();
    }

    private interface Around {
        @JsonProperty("halo")
        HaloSettings settings();
    }

    private interface Filling {
        @JsonProperty("figures")
        FillingSettings settings();
    }
}
