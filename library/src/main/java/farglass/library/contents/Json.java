package farglass.library.contents;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import farglass.library.json.BoutMapper;
import java.util.Optional;

/** The JSON columns: read strictly, so that a damaged one is named and not passed over. */
final class Json {
    private Json() {}

    static JsonNode read(String text) {
        try {
            return BoutMapper.mapper().readTree(text);
        } catch (JsonProcessingException e) {
            throw new IllegalArgumentException("This is no JSON: " + text, e);
        }
    }

    static Optional<String> text(JsonNode node, String field) {
        return node.hasNonNull(field) ? Optional.of(node.get(field).asText()) : Optional.empty();
    }

    /** {@return a value of a bout that a column holds} */
    static <T> T as(JsonNode node, Class<T> type) {
        try {
            return BoutMapper.mapper().treeToValue(node, type);
        } catch (JsonProcessingException e) {
            throw new IllegalArgumentException("\u201c%s\u201d tells nothing that is known here".formatted(node), e);
        }
    }
}
