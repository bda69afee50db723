package rondel.formats.job;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.cfg.MapperConfig;
import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.AnnotatedClass;
import com.fasterxml.jackson.databind.introspect.AnnotatedMember;
import com.fasterxml.jackson.databind.introspect.AnnotatedParameter;
import com.fasterxml.jackson.databind.introspect.NopAnnotationIntrospector;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import rondel.fields.LeftOut;

/** What Jackson has to know of our records beyond their components: what is optional says so by its type, and choices are
 *  spelled as {@link Enums} says. */
final class RecordConventions extends NopAnnotationIntrospector {

    private static final long serialVersionUID = 1L;

    /** What is optional by its type. */
    private static final Set<Class<?>> NOT_REQUIRED = Set.of(Optional.class, OptionalDouble.class, OptionalInt.class);

    @Override
    public Boolean hasRequiredMarker(AnnotatedMember m) {
        Class<?> type = m.getRawType();
        boolean optional = NOT_REQUIRED.contains(type);
        return m instanceof AnnotatedParameter ? !optional : null;
    }

    /** An empty list that is meant where nothing is said is not written. */
    @Override
    public JsonInclude.Value findPropertyInclusion(Annotated a) {
        LeftOut leftOut = a.getAnnotation(LeftOut.class);
        return leftOut != null && leftOut.value().equals("[]")
                ? JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.ALWAYS)
                : JsonInclude.Value.empty();
    }

    @Override
    public String[] findEnumValues(MapperConfig<?> config, AnnotatedClass type, Enum<?>[] values, String[] names) {
        for (int i = 0; i < values.length; i++) {
            names[i] = Enums.word(values[i]);
        }
        return names;
    }
}
