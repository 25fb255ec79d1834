package farglass.core.simulate.sheet;

import farglass.core.entry.Target;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;

/**
 * How one athlete plays.
 *
 * @param skill added to the log-odds of every success, at the start of 2026
 * @param drift added to that a year
 * @param options by "position role"
 * @param answers what she does when attacked with a technique, with weights
 * @param chains habits of more than one step
 * @param concedes added to the log-odds of the other's success, by technique
 * @param alone what no submission of hers is at, anywhere
 * @param known of each technique how she does it, in the first place where it is written
 */
public record GameSheet(
        String name,
        double skill,
        double drift,
        Map<String, List<Option>> options,
        Map<String, Map<String, Double>> answers,
        List<Chain> chains,
        Map<String, Double> concedes,
        Set<Target> alone,
        Map<String, Option> known) {
    GameSheet(
            String name,
            double skill,
            double drift,
            Map<String, List<Option>> options,
            Map<String, Map<String, Double>> answers,
            List<Chain> chains,
            Map<String, Double> concedes,
            Set<Target> alone) {
        this(name, skill, drift, options, answers, chains, concedes, alone, known(options));
    }

    private static Map<String, Option> known(Map<String, List<Option>> options) {
        Map<String, Option> known = new HashMap<>();
        options.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .flatMap(place -> place.getValue().stream())
                .forEach(option -> known.putIfAbsent(option.technique(), option));
        return Map.copyOf(known);
    }

    public List<Option> at(String position, String role) {
        return options.getOrDefault(position + " " + role, List.of());
    }

    public double skillIn(double year) {
        return skill + drift * (year - 2026);
    }

    /** {@return an ordinary athlete's own variation of this sheet} */
    public GameSheet varied(String newName, double newSkill, RandomGenerator random) {
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
                                        option.line(),
                                        option.only()))
                                .toList()));
        return new GameSheet(newName, newSkill, 0.06 * random.nextGaussian(), varied, answers, chains, concedes, alone);
    }

    public GameSheet named(String newName) {
        return new GameSheet(newName, skill, drift, options, answers, chains, concedes, alone);
    }
}
