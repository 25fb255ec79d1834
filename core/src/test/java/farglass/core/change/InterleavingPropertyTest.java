package farglass.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/**
 * Any interleaving of changes from two windows ends with every accepted change visible, or overwritten by one that had seen it. Held field
 * by field against what a naive reader of the bouts sees.
 */
class InterleavingPropertyTest {
    private int fresh;

    @Property(tries = 400)
    void nothingAcceptedIsLostUnseen(@ForAll long seed) {
        Random random = new Random(seed);
        InMemory library = new InMemory();
        Bout first =
                Bouts.parsed("", "0:10 A guard-pull", "0:20 B knee-cut", "0:22 A frame; answers m2", "0:40 B wait");
        library.lay(Change.added(first));
        Bout[] seen = {first, first};
        int accepted = 0;
        for (int i = 0; i < 40; i++) {
            int window = random.nextInt(2);
            if (random.nextInt(3) == 0) {
                seen[window] = library.bouts.get(first.id());
            }
            Bout saw = seen[window];
            Bout wanted = changed(saw, random);
            Bout before = library.bouts.get(first.id());
            Optional<String> refusal = library.lay(Change.of(saw, wanted));
            Bout after = library.bouts.get(first.id());
            if (refusal.isPresent()) {
                assertThat(after).isEqualTo(before);
                assertThat(refusal.get()).contains("meanwhile");
                continue;
            }
            accepted++;
            // The window shows its own change at once, as its writer will have it.
            seen[window] = random.nextBoolean() ? wanted : after;
            Map<String, String> had = fields(saw);
            Map<String, String> want = fields(wanted);
            Map<String, String> was = fields(before);
            Map<String, String> is = fields(after);
            TreeMap<String, String> all = new TreeMap<>(had);
            List.of(want, was, is).forEach(all::putAll);
            for (String field : all.keySet()) {
                boolean ours = !same(had, want, field);
                assertThat(is.get(field))
                        .as("%s after %s of seed %d", field, i, seed)
                        .isEqualTo(ours ? want.get(field) : was.get(field));
                if (ours && !same(was, want, field)) {
                    assertThat(was.get(field))
                            .as("%s was overwritten unseen after %s of seed %d", field, i, seed)
                            .isEqualTo(had.get(field));
                }
            }
        }
        assertThat(accepted).isPositive();
    }

    private static boolean same(Map<String, String> one, Map<String, String> other, String field) {
        return java.util.Objects.equals(one.get(field), other.get(field));
    }

    private Bout changed(Bout bout, Random random) {
        fresh++;
        List<Moment> moments = bout.moments();
        if (moments.isEmpty() || random.nextInt(5) == 0) {
            Moment read = Bouts.of("0:%02d A sprawl".formatted(random.nextInt(60)))
                    .moments()
                    .get(0);
            return bout.with(new Moment(
                    "new" + fresh, read.atMicros(), read.actor(), read.deed(), read.settled(), read.telling()));
        }
        Moment one = moments.get(random.nextInt(moments.size()));
        return switch (random.nextInt(5)) {
            case 0 -> bout.without(one.id());
            case 1 -> bout.with(one.at(random.nextInt(60) * 1_000_000L));
            case 2 -> bout.with(Bouts.parsed("event: Cup %d\n".formatted(fresh)).header());
            case 3 -> bout.with(one.exchanged());
            default -> bout.with(one.with(one.telling().withNote("note " + fresh)));
        };
    }

    /** By name, as they stand; of a moment that is not there none. */
    private static Map<String, String> fields(Bout bout) {
        Map<String, String> fields = new TreeMap<>();
        fields.put("event", bout.header().event().toString());
        for (Moment moment : bout.moments()) {
            fields.put(moment.id() + " at", moment.atMicros().toString());
            fields.put(moment.id() + " actor", moment.actor().toString());
            fields.put(moment.id() + " note", moment.telling().note().toString());
            fields.put(moment.id() + " deed", moment.deed().toString());
        }
        return fields;
    }
}
