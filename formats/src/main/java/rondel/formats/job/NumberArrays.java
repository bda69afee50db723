package rondel.formats.job;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.function.Function;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;

/** Values that are a few numbers in an array: points, boxes (x, y, width, height; lengths may carry a unit) and maps. */
final class NumberArrays {

    private NumberArrays() {}

    static void into(SimpleModule module) {
        add(module, Point.class, 2, p -> new double[] {p.x(), p.y()}, v -> new Point(v[0], v[1]));
        add(
                module,
                Box.class,
                4,
                b -> new double[] {b.x(), b.y(), b.width(), b.height()},
                v -> v[2] < 0 || v[3] < 0 ? null : new Box(v[0], v[1], v[2], v[3]));
        add(
                module,
                Affine.class,
                6,
                a -> new double[] {a.a(), a.b(), a.c(), a.d(), a.e(), a.f()},
                v -> new Affine(v[0], v[1], v[2], v[3], v[4], v[5]));
    }

    private static <T> void add(
            SimpleModule module, Class<T> type, int count, Function<T, double[]> written, Function<double[], T> read) {
        module.addSerializer(type, new StdSerializer<T>(type) {
            private static final long serialVersionUID = 1L;

            @Override
            public void serialize(T value, JsonGenerator g, SerializerProvider p) throws IOException {
                g.writeStartArray();
                for (double v : written.apply(value)) {
                    g.writeNumber(v);
                }
                g.writeEndArray();
            }
        });
        module.addDeserializer(type, new StdDeserializer<T>(type) {
            private static final long serialVersionUID = 1L;

            @Override
            public T deserialize(JsonParser p, DeserializationContext context) throws IOException {
                JsonNode list = context.readTree(p);
                if (!list.isArray() || list.size() != count) {
                    return context.reportInputMismatch(type, "not %s numbers", count);
                }
                double[] values = new double[count];
                for (int i = 0; i < count; i++) {
                    values[i] = value(list.get(i), type == Box.class, context);
                }
                T made = read.apply(values);
                return made == null ? context.reportInputMismatch(type, "a negative size") : made;
            }
        });
    }

    private static double value(JsonNode n, boolean length, DeserializationContext context) throws IOException {
        if (length && n.isTextual()) {
            return LengthParser.mm(n.asText(), LengthUnit.MM);
        }
        if (!n.isNumber() || !Double.isFinite(n.doubleValue())) {
            context.reportInputMismatch(double.class, "no finite number: %s", n);
        }
        return n.doubleValue();
    }
}
