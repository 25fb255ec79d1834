package farglass.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.side.Seat;
import farglass.core.side.Side;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What holds for every kind of fact there is, and so for one that is added: what it inherits would be wrong in silence. */
class FactsTest {
    private static final List<Class<?>> KINDS = kinds(Fact.class).toList();

    @Test
    void eachHasAKindOfItsOwn() {
        assertThat(KINDS).hasSize(FactKind.values().length);
    }

    @Test
    void whatHasASideTurnsInAMirror() {
        assertThat(KINDS).filteredOn(kind -> holds(kind, Side.class)).allSatisfy(kind -> assertThat(
                        says(kind, "mirrored"))
                .as(kind + " says what it is in a mirror")
                .isTrue());
    }

    @Test
    void whatTellsOfOneAthleteTurnsWhenTheyAreExchanged() {
        assertThat(KINDS).filteredOn(kind -> holds(kind, Seat.class)).allSatisfy(kind -> assertThat(
                        says(kind, "exchanged"))
                .as(kind + " says what it is of the other one")
                .isTrue());
    }

    @Test
    void whatIsTiedToAMomentFollowsItsNameAndCanBeUntied() {
        assertThat(KINDS).filteredOn(kind -> says(kind, "tied")).isNotEmpty().allSatisfy(kind -> assertThat(
                        List.of(says(kind, "retied"), says(kind, "untied")))
                .as(kind.toString())
                .containsOnly(true));
    }

    private static Stream<Class<?>> kinds(Class<?> family) {
        return family.isSealed()
                ? Stream.of(family.getPermittedSubclasses()).flatMap(FactsTest::kinds)
                : Stream.of(family);
    }

    private static boolean holds(Type type, Class<?> sought) {
        if (type instanceof ParameterizedType several) {
            return Stream.of(several.getActualTypeArguments()).anyMatch(one -> holds(one, sought));
        }
        return type == sought
                || type instanceof Class<?> one
                        && one.isRecord()
                        && Stream.of(one.getRecordComponents())
                                .map(RecordComponent::getGenericType)
                                .anyMatch(part -> holds(part, sought));
    }

    private static boolean says(Class<?> kind, String method) {
        return Stream.of(kind.getDeclaredMethods()).map(Method::getName).anyMatch(method::equals);
    }
}
