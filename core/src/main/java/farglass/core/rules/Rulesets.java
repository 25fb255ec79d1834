package farglass.core.rules;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** The rulesets at hand, by name: the five that ship, and the user's own. Never changes. */
public final class Rulesets {
    private static final List<String> SHIPPED =
            List.of("points-with-advantages", "delayed-points", "submission-only", "mixed-rules", "training-round");

    private final Map<String, Ruleset> byName;

    private Rulesets(Map<String, Ruleset> byName) {
        this.byName = Collections.unmodifiableMap(byName);
    }

    /** {@return the rulesets that ship with the product} */
    public static Rulesets shipped() {
        return Shipped.ALL;
    }

    private static final class Shipped {
        private static final Rulesets ALL = load();

        private static Rulesets load() {
            Map<String, Ruleset> read = new LinkedHashMap<>();
            SHIPPED.forEach(name -> read.put(name, RulesetReader.read(text(name))));
            return new Rulesets(read);
        }
    }

    /** {@return the text of a shipped ruleset, to be copied and edited; empty for another name} */
    public static Optional<String> shippedText(String name) {
        return SHIPPED.contains(name) ? Optional.of(text(name)) : Optional.empty();
    }

    private static String text(String name) {
        try (InputStream in =
                Objects.requireNonNull(Rulesets.class.getResourceAsStream(name + ".rules"), name + ".rules")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own ruleset %s cannot be read".formatted(name), e);
        }
    }

    /**
     * {@return the ruleset of that text}
     *
     * @throws RulesetException if it cannot be read, with the line and what was expected
     */
    public static Ruleset read(String text) {
        return RulesetReader.read(text);
    }

    /** {@return these and one more; one of the same name gives way to it} */
    public Rulesets with(Ruleset own) {
        Map<String, Ruleset> more = new LinkedHashMap<>(byName);
        more.put(own.name(), own);
        return new Rulesets(more);
    }

    public Collection<Ruleset> all() {
        return byName.values();
    }

    public Optional<Ruleset> named(String name) {
        return Optional.ofNullable(byName.get(name));
    }
}
