package farglass.library.json;

import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.KeyDeserializer;
import com.fasterxml.jackson.databind.deser.BeanDeserializerModifier;
import com.fasterxml.jackson.databind.deser.NullValueProvider;
import com.fasterxml.jackson.databind.deser.std.CollectionDeserializer;
import com.fasterxml.jackson.databind.deser.std.DelegatingDeserializer;
import com.fasterxml.jackson.databind.deser.std.MapDeserializer;
import com.fasterxml.jackson.databind.deser.std.StringCollectionDeserializer;
import com.fasterxml.jackson.databind.jsontype.TypeDeserializer;
import com.fasterxml.jackson.databind.type.CollectionType;
import com.fasterxml.jackson.databind.type.MapType;
import farglass.core.bout.Background;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A list or map that is left out is an empty one, and so is what was known before a bout. */
final class AbsentIsEmpty extends BeanDeserializerModifier {
    private static final long serialVersionUID = 1;

    @Override
    public JsonDeserializer<?> modifyCollectionDeserializer(
            DeserializationConfig config,
            CollectionType type,
            BeanDescription description,
            JsonDeserializer<?> deserializer) {
        if (deserializer instanceof StringCollectionDeserializer strings) {
            return new Lists(new CollectionDeserializer(type, null, null, strings.getValueInstantiator()));
        }
        return deserializer instanceof CollectionDeserializer lists ? new Lists(lists) : deserializer;
    }

    @Override
    public JsonDeserializer<?> modifyMapDeserializer(
            DeserializationConfig config, MapType type, BeanDescription description, JsonDeserializer<?> deserializer) {
        return deserializer instanceof MapDeserializer maps ? new Maps(maps) : deserializer;
    }

    @Override
    public JsonDeserializer<?> modifyDeserializer(
            DeserializationConfig config, BeanDescription description, JsonDeserializer<?> deserializer) {
        return description.getBeanClass() == Background.class ? new Backgrounds(deserializer) : deserializer;
    }

    /** Documents from before there was any told none. */
    private static final class Backgrounds extends DelegatingDeserializer {
        private static final long serialVersionUID = 1;

        Backgrounds(JsonDeserializer<?> plain) {
            super(plain);
        }

        @Override
        protected JsonDeserializer<?> newDelegatingInstance(JsonDeserializer<?> resolved) {
            return new Backgrounds(resolved);
        }

        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return Background.NONE;
        }
    }

    /** Equals what need not be written. */
    static final class NothingTold {
        @Override
        public boolean equals(Object other) {
            return other == null || other.equals(Background.NONE);
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }

    private static final class Lists extends CollectionDeserializer {
        private static final long serialVersionUID = 1;

        Lists(CollectionDeserializer plain) {
            super(plain);
        }

        @Override
        protected CollectionDeserializer withResolved(
                JsonDeserializer<?> delegate,
                JsonDeserializer<?> values,
                TypeDeserializer types,
                NullValueProvider nulls,
                Boolean unwrapSingle) {
            return new Lists(super.withResolved(delegate, values, types, nulls, unwrapSingle));
        }

        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return List.of();
        }
    }

    private static final class Maps extends MapDeserializer {
        private static final long serialVersionUID = 1;

        Maps(MapDeserializer plain) {
            super(plain);
        }

        @Override
        protected MapDeserializer withResolved(
                KeyDeserializer keys,
                TypeDeserializer types,
                JsonDeserializer<?> values,
                NullValueProvider nulls,
                Set<String> ignored,
                Set<String> included) {
            return new Maps(super.withResolved(keys, types, values, nulls, ignored, included));
        }

        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return Map.of();
        }
    }
}
