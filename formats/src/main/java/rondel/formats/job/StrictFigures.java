package rondel.formats.job;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.BeanProperty;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.deser.ContextualDeserializer;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.DoubleFunction;
import rondel.fields.Mm;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;

/** Numbers as JSON numbers only, and finite; whole where they must be. A length may also be text with a unit. */
final class StrictFigures {

    private StrictFigures() {}

    static void into(SimpleModule module) {
        module.addDeserializer(double.class, new Figure<>(double.class, false, false, v -> v));
        module.addDeserializer(Double.class, new Figure<>(Double.class, false, false, v -> v));
        module.addDeserializer(
                OptionalDouble.class, new Figure<>(OptionalDouble.class, false, false, OptionalDouble::of));
        module.addDeserializer(int.class, new Figure<>(int.class, true, false, v -> (int) v));
        module.addDeserializer(Integer.class, new Figure<>(Integer.class, true, false, v -> (int) v));
        module.addDeserializer(
                OptionalInt.class, new Figure<>(OptionalInt.class, true, false, v -> OptionalInt.of((int) v)));
    }

    /** One kind of number.
     *
     * @param <T> what it becomes */
    private static final class Figure<T> extends StdDeserializer<T> implements ContextualDeserializer {

        private static final long serialVersionUID = 1L;

        private final boolean whole;
        private final boolean length;
        private final transient DoubleFunction<T> made;

        private Figure(Class<?> type, boolean whole, boolean length, DoubleFunction<T> made) {
            super(type);
            this.whole = whole;
            this.length = length;
            this.made = made;
        }

        @Override
        public JsonDeserializer<?> createContextual(DeserializationContext context, BeanProperty property) {
            return property != null && property.getAnnotation(Mm.class) != null
                    ? new Figure<>(handledType(), whole, true, made)
                    : this;
        }

        @Override
        public T deserialize(JsonParser p, DeserializationContext context) throws IOException {
            double value = value(p, context);
            if (whole && (value != Math.rint(value) || Math.abs(value) > Integer.MAX_VALUE)) {
                context.reportInputMismatch(this, "not whole: %s", value);
            }
            return made.apply(value);
        }

        private double value(JsonParser p, DeserializationContext context) throws IOException {
            if (length && p.currentToken() == JsonToken.VALUE_STRING) {
                return LengthParser.mm(p.getText(), LengthUnit.MM);
            }
            if (!p.currentToken().isNumeric() || !Double.isFinite(p.getDoubleValue())) {
                context.reportInputMismatch(this, "no finite number: %s", p.getText());
            }
            return p.getDoubleValue();
        }

        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return getEmptyValue(context);
        }

        @Override
        public T getNullValue(DeserializationContext context) {
            return null;
        }

        @Override
        public Object getEmptyValue(DeserializationContext context) {
            if (handledType() == OptionalDouble.class) {
                return OptionalDouble.empty();
            }
            return handledType() == OptionalInt.class ? OptionalInt.empty() : null;
        }
    }
}
