package farglass.core;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How the values of an enum are written in files and on screen: {@code OFF_BALANCED} is "off-balanced". A single letter, such as that of a
 * seat, stays as it is.
 */
public final class Spelling {
    /** Asked for with every word of every file: worked out once for each enum. */
    private static final ClassValue<Map<String, Enum<?>>> VALUES = new ClassValue<>() {
        @Override
        protected Map<String, Enum<?>> computeValue(Class<?> type) {
            Map<String, Enum<?>> values = new LinkedHashMap<>();
            for (Object value : type.getEnumConstants()) {
                String name = ((Enum<?>) value).name();
                values.put(
                        name.length() == 1
                                ? name
                                : name.toLowerCase(Locale.ROOT).replace('_', '-'),
                        (Enum<?>) value);
            }
            return Collections.unmodifiableMap(values);
        }
    };

    private static final ClassValue<String[]> WORDS = new ClassValue<>() {
        @Override
        protected String[] computeValue(Class<?> type) {
            return VALUES.get(type).keySet().toArray(String[]::new);
        }
    };

    private Spelling() {}

    /** {@return the word for a value} */
    public static String of(Enum<?> value) {
        return WORDS.get(value.getDeclaringClass())[value.ordinal()];
    }

    /** {@return the values of an enum by the words for them, in their order} */
    public static Map<String, Enum<?>> all(Class<?> type) {
        return VALUES.get(type);
    }

    /** {@return the value for which a word stands} */
    public static <E extends Enum<E>> Optional<E> find(Class<E> type, String word) {
        return Optional.ofNullable(all(type).get(word)).map(type::cast);
    }
}
