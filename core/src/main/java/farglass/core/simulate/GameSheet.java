package farglass.core.simulate;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How one athlete plays.
 *
 * @param skill added to the log-odds of every success
 * @param options by "position role"
 * @param answers what she does when attacked with a technique, with weights
 */
record GameSheet(
        String name, double skill, Map<String, List<Option>> options, Map<String, Map<String, Double>> answers) {
    List<Option> at(String position, String role) {
        return options.getOrDefault(position + " " + role, List.of());
    }

    /** {@return an ordinary athlete's own variation of this sheet} */
    GameSheet varied(String newName, double newSkill, java.util.random.RandomGenerator random) {
        Map<String, List<Option>> varied = new HashMap<>();
        // Sorted, so that the same seed gives the same athlete on every machine.
        options.keySet().stream()
                .sorted()
                .forEach(place -> varied.put(
                        place,
                        options.get(place).stream()
                                .map(option -> new Option(
                                        option.technique(),
                                        option.weight() * Math.exp(0.5 * random.nextGaussian()),
                                        option.success(),
                                        option.left().map(left -> Chance.shifted(left, 0.6 * random.nextGaussian())),
                                        option.line()))
                                .toList()));
        return new GameSheet(newName, newSkill, varied, answers);
    }
}
