package rondel.formats.job;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.PropertyNamingStrategies;
import com.fasterxml.jackson.databind.introspect.AnnotationIntrospectorPair;
import com.fasterxml.jackson.databind.introspect.JacksonAnnotationIntrospector;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.util.TokenBuffer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.function.Function;
import rondel.job.Element;
import rondel.job.Media;
import rondel.job.Paint;

/** Binds records to JSON by their components: what is left out is completed, numbers and choices are read strictly, and what
 *  a nested object has beyond its record is passed over. */
final class JobMapper {

    private final ObjectMapper mapper;

    private JobMapper(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    /** For jobs and their parts.
     *
     * @param media where the bytes of pictures go and come from */
    static JobMapper ofJobs(MediaStore media) {
        return of(media, false);
    }

    /** For operations, which people type: what a nested object has beyond its record is a mistake.
     *
     * @param media where the bytes of pictures go and come from */
    static JobMapper ofOperations(MediaStore media) {
        return of(media, true);
    }

    private static JobMapper of(MediaStore media, boolean strict) {
        SimpleModule module = new SimpleModule("rondel");
        StrictFigures.into(module);
        TextForms.into(module);
        NumberArrays.into(module);
        JsonMapper.Builder builder = JsonMapper.builder()
                .propertyNamingStrategy(PropertyNamingStrategies.SNAKE_CASE)
                .annotationIntrospector(
                        AnnotationIntrospectorPair.pair(new JacksonAnnotationIntrospector(), new RecordConventions()))
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .configure(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES, strict)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .defaultPropertyInclusion(
                        JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.ALWAYS))
                .visibility(PropertyAccessor.IS_GETTER, JsonAutoDetect.Visibility.NONE)
                .visibility(PropertyAccessor.GETTER, JsonAutoDetect.Visibility.NONE)
                .visibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY)
                .addModule(new Jdk8Module());
        MixIns.into(builder);
        ObjectMapper mapper = builder.build();
        JobMapper made = new JobMapper(mapper);
        module.setDeserializerModifier(new Completion(mapper));
        HandWritten.add(module, Media.class, media::write, media::read);
        PaintJson paints = new PaintJson(made);
        HandWritten.add(module, Paint.class, paints::write, paints::read);
        mapper.registerModule(module);
        ElementJson elements = new ElementJson(made);
        made.add(Element.class, elements::write, elements::read);
        return made;
    }

    /** A further type that is written and read by hand. */
    <T> void add(Class<T> type, Function<T, JsonNode> written, Function<JsonNode, T> read) {
        SimpleModule own = new SimpleModule(type.getName());
        HandWritten.add(own, type, written, read);
        mapper.registerModule(own);
    }

    <N extends JsonNode> N write(Object value) {
        return mapper.valueToTree(value);
    }

    /** A value as its declared type says: what is in a list keeps the names of its kinds.
     *
     * @param type as a record declares it */
    JsonNode write(Object value, Type type) {
        try (TokenBuffer buffer = new TokenBuffer(mapper, false)) {
            mapper.writerFor(mapper.constructType(type)).writeValue(buffer, value);
            return mapper.readTree(buffer.asParser());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws BadJson naming the field that is missing or wrong
     *  @throws rondel.words.Refusal where there is a sentence for what is wrong */
    <T> T read(JsonNode node, Class<T> type) {
        try {
            return mapper.treeToValue(type.isRecord() && node instanceof ObjectNode o ? own(o, type) : node, type);
        } catch (JsonProcessingException e) {
            throw BadJson.of(e);
        }
    }

    /** Only the fields that a record has: an element's object holds those of other records too, and all that is in a group. */
    private static ObjectNode own(ObjectNode node, Class<?> type) {
        ObjectNode own = node.objectNode();
        for (RecordComponent c : type.getRecordComponents()) {
            JsonNode value = node.get(Components.field(c));
            if (value != null) {
                own.set(Components.field(c), value);
            }
        }
        return own;
    }

    /** A field of an object that is there.
     *
     * @throws BadJson naming it, or what is wrong inside it */
    <T> T field(JsonNode object, String name, Class<T> type) {
        try {
            return read(object.get(name), type);
        } catch (BadJson e) {
            throw e.under(name);
        }
    }
}
