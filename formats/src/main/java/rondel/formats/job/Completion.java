package rondel.formats.job;

import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.deser.BeanDeserializerModifier;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;

/** Puts in what records leave out, before Jackson binds them. */
final class Completion extends BeanDeserializerModifier {

    private static final long serialVersionUID = 1L;

    private final transient ObjectMapper mapper;

    Completion(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public JsonDeserializer<?> modifyDeserializer(
            DeserializationConfig config, BeanDescription bean, JsonDeserializer<?> itself) {
        Class<?> type = bean.getBeanClass();
        if (!type.isRecord()) {
            return itself;
        }
        Map<String, JsonNode> usual = new LinkedHashMap<>(Components.leftOut(type));
        Components.usual(type)
                .ifPresent(u -> mapper.valueToTree(u).properties().forEach(e -> usual.put(e.getKey(), e.getValue())));
        boolean plain =
                usual.isEmpty() && Arrays.stream(type.getRecordComponents()).noneMatch(Components::mayBeNone);
        return plain ? itself : new CompletingDeserializer(itself, type, usual);
    }
}
