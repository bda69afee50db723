package rondel.formats.job;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.type.WritableTypeId;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.jsontype.TypeSerializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.function.Function;
import rondel.formats.svg.ColourWords;
import rondel.formats.svg.PathText;
import rondel.geometry.Outline;
import rondel.job.ElementId;
import rondel.job.MediaId;
import rondel.job.NameListId;
import rondel.job.PlanId;
import rondel.job.Rgba;
import rondel.job.SheetId;
import rondel.units.LengthUnit;

/** Values that are one text: ids, colours, units, and outlines as path data with every digit kept. */
final class TextForms {

    private TextForms() {}

    static void into(SimpleModule module) {
        read(module, String.class, s -> s);
        add(module, ElementId.class, ElementId::value, ElementId::new);
        add(module, SheetId.class, SheetId::value, SheetId::new);
        add(module, PlanId.class, PlanId::value, PlanId::new);
        add(module, NameListId.class, NameListId::value, NameListId::new);
        add(module, MediaId.class, MediaId::sha256, MediaId::new);
        add(module, Rgba.class, Rgba::hex, TextForms::colour);
        add(module, Outline.class, PathText::exact, PathText::parse);
        add(module, LengthUnit.class, LengthUnit::symbol, s -> LengthUnit.ofSymbol(s)
                .orElseThrow(() -> new IllegalArgumentException(s)));
    }

    /** {@code #rrggbb}, {@code #rrggbbaa}, or a colour as CSS has it: {@code seagreen}.
     *
     * @throws IllegalArgumentException if it is no colour */
    static Rgba colour(String text) {
        if (!text.matches("#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?")) {
            return ColourWords.colour(text).orElseThrow(() -> new IllegalArgumentException("no colour: " + text));
        }
        int rgb = Integer.parseInt(text.substring(1, 7), 16);
        int alpha = text.length() == 9 ? Integer.parseInt(text.substring(7), 16) : 255;
        return new Rgba(rgb >> 16, rgb >> 8 & 255, rgb & 255, alpha);
    }

    private static <T> void add(
            SimpleModule module, Class<T> type, Function<T, String> written, Function<String, T> read) {
        module.addSerializer(type, new StdSerializer<T>(type) {
            private static final long serialVersionUID = 1L;

            @Override
            public void serialize(T value, JsonGenerator g, SerializerProvider p) throws IOException {
                g.writeString(written.apply(value));
            }

            @Override
            public void serializeWithType(T value, JsonGenerator g, SerializerProvider p, TypeSerializer type)
                    throws IOException {
                WritableTypeId id = type.writeTypePrefix(g, type.typeId(value, JsonToken.VALUE_STRING));
                serialize(value, g, p);
                type.writeTypeSuffix(g, id);
            }
        });
        read(module, type, read);
    }

    private static <T> void read(SimpleModule module, Class<T> type, Function<String, T> read) {
        module.addDeserializer(type, new StdDeserializer<T>(type) {
            private static final long serialVersionUID = 1L;

            @Override
            public T deserialize(JsonParser p, DeserializationContext context) throws IOException {
                if (p.currentToken() != JsonToken.VALUE_STRING) {
                    context.reportInputMismatch(type, "no text: %s", p.currentToken());
                }
                try {
                    return read.apply(p.getText());
                } catch (IllegalArgumentException e) {
                    return context.reportInputMismatch(type, "%s", e.getMessage());
                }
            }
        });
    }
}
