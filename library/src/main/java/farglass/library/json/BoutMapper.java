package farglass.library.json;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import farglass.core.bout.Background;
import farglass.core.bout.Deed;
import farglass.core.bout.Footage;
import farglass.core.bout.Material;
import farglass.core.fact.Fact;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Reads and writes the values of a bout as JSON: records by their components, times in microseconds, words in lower case.
 * What is absent is left out; a field nobody knows, or one that has to be there and is not, is refused.
 */
public final class BoutMapper {
    private static final JsonInclude.Value EMPTY_LEFT_OUT =
            JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.NON_EMPTY);

    private static final ObjectMapper MAPPER = made();

    /** The kinds of a sealed family tell themselves apart by this field: {@code "is": "stopped"}. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    private interface Kinds {}

    /** Documents of the first version told whether a bout was whole, and nothing more of the material. */
    private abstract static class MaterialOrWhole {
        // Only its annotation is read, by the mapper.
        @SuppressWarnings("UnusedVariable")
        @JsonAlias("whole")
        private Material material;
    }

    private BoutMapper() {}

    /** {@return the one mapper; it is never changed} */
    public static ObjectMapper mapper() {
        return MAPPER;
    }

    /** A family may be parted into smaller ones. */
    private static Stream<Class<?>> kinds(Class<?> family) {
        return family.isInterface()
                ? Arrays.stream(family.getPermittedSubclasses()).flatMap(BoutMapper::kinds)
                : Stream.of(family);
    }

    private static ObjectMapper made() {
        SimpleModule words = new SimpleModule("far-glass");
        words.setSerializers(new EnumWords.Writers());
        words.setDeserializers(new EnumWords.Readers());
        words.setDeserializerModifier(new AbsentIsEmpty());
        ObjectMapper mapper = JsonMapper.builder()
                .addModules(new Jdk8Module(), new JavaTimeModule(), words)
                .defaultPropertyInclusion(
                        JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.NON_ABSENT))
                .withConfigOverride(List.class, list -> list.setInclude(EMPTY_LEFT_OUT))
                .withConfigOverride(Map.class, map -> map.setInclude(EMPTY_LEFT_OUT))
                .withConfigOverride(
                        Background.class,
                        told -> told.setInclude(JsonInclude.Value.construct(
                                JsonInclude.Include.CUSTOM,
                                JsonInclude.Include.ALWAYS,
                                AbsentIsEmpty.NothingTold.class,
                                Void.class)))
                .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .visibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY)
                .visibility(PropertyAccessor.GETTER, JsonAutoDetect.Visibility.NONE)
                .visibility(PropertyAccessor.IS_GETTER, JsonAutoDetect.Visibility.NONE)
                .addMixIn(Deed.class, Kinds.class)
                .addMixIn(Fact.class, Kinds.class)
                .addMixIn(Footage.class, MaterialOrWhole.class)
                .build();
        // No bout nests deeper than ten; noise that does must not fill the stack.
        mapper.getFactory()
                .setStreamReadConstraints(
                        StreamReadConstraints.builder().maxNestingDepth(50).build());
        Stream.of(Deed.class, Fact.class)
                .flatMap(BoutMapper::kinds)
                .forEach(kind -> mapper.registerSubtypes(new NamedType(kind, EnumWords.lowered(kind.getSimpleName()))));
        return mapper;
    }
}
