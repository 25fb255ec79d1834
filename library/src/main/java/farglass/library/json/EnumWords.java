package farglass.library.json;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializationConfig;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.module.SimpleDeserializers;
import com.fasterxml.jackson.databind.module.SimpleSerializers;
import com.fasterxml.jackson.databind.ser.std.StdScalarSerializer;
import farglass.core.Spelling;
import farglass.core.bout.Material;
import java.io.IOException;
import java.util.Locale;
import java.util.Map;

/** Enums as the words of the bout file: {@code off-balanced}, and single letters as they are. */
final class EnumWords {
    private EnumWords() {}

    /** {@return the name of a record as a word: TimeLeft is time-left} */
    static String lowered(String typeName) {
        return typeName.replaceAll("(?<!^)([A-Z])", "-$1").toLowerCase(Locale.ROOT);
    }

    static final class Writers extends SimpleSerializers {
        private static final long serialVersionUID = 1;

        @Override
        public JsonSerializer<?> findSerializer(
                SerializationConfig config, JavaType type, BeanDescription description) {
            return type.isEnumType() ? new Writer() : null;
        }
    }

    private static final class Writer extends StdScalarSerializer<Enum<?>> {
        private static final long serialVersionUID = 1;

        Writer() {
            super(Enum.class, false);
        }

        @Override
        public void serialize(Enum<?> value, JsonGenerator json, SerializerProvider provider) throws IOException {
            json.writeString(Spelling.of(value));
        }
    }

    static final class Readers extends SimpleDeserializers {
        private static final long serialVersionUID = 1;

        @Override
        public JsonDeserializer<?> findEnumDeserializer(
                Class<?> type, DeserializationConfig config, BeanDescription description) {
            return new Reader(type);
        }
    }

    private static final class Reader extends StdScalarDeserializer<Enum<?>> {
        private static final long serialVersionUID = 1;

        Reader(Class<?> type) {
            super(type);
        }

        @Override
        public Enum<?> deserialize(JsonParser json, DeserializationContext context) throws IOException {
            if (handledType() == Material.class && json.currentToken().isBoolean()) {
                return json.getBooleanValue() ? Material.BOUT : Material.CLIPS;
            }
            String word = json.getValueAsString("");
            Map<String, Enum<?>> values = Spelling.all(handledType());
            if (values.containsKey(word)) {
                return values.get(word);
            }
            String all = String.join(", ", values.keySet());
            return (Enum<?>) context.handleWeirdStringValue(handledType(), word, "write one of %s", all);
        }
    }
}
