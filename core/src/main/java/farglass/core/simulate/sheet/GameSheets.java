package farglass.core.simulate.sheet;

import farglass.core.bout.Uniform;
import farglass.core.entry.Target;
import farglass.core.side.Line;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads the written game sheets. */
public final class GameSheets {
    private final Map<String, GameSheet> sheets = new LinkedHashMap<>();
    private String name;
    private double skill;
    private Map<String, List<Option>> options = new HashMap<>();
    private Map<String, Map<String, Double>> answers = new HashMap<>();
    private double drift;
    private List<Chain> chains = new ArrayList<>();
    private Map<String, Double> concedes = new HashMap<>();
    private Set<Target> alone = EnumSet.noneOf(Target.class);
    private Set<String> replaced = new HashSet<>();

    private GameSheets() {}

    /** {@return the sheets that come with the product, by name} */
    public static Map<String, GameSheet> shipped() {
        GameSheets reader = new GameSheets();
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(GameSheets.class.getResourceAsStream("sheets.txt"), StandardCharsets.UTF_8))) {
            int number = 0;
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                reader.line(line.strip(), ++number);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own game sheets cannot be read", e);
        }
        reader.close();
        return reader.sheets;
    }

    private void line(String line, int number) {
        if (line.isEmpty() || line.startsWith("#")) {
            return;
        }
        String[] words = line.split(" +");
        try {
            switch (words[0]) {
                case "sheet" -> begin(line.substring(6));
                case "skill" -> skill = Double.parseDouble(words[1]);
                case "drift" -> drift = Double.parseDouble(words[1]);
                case "concede" -> concedes.put(words[1], Double.valueOf(words[2]));
                case "alone" -> alone.add(Target.valueOf(words[1].toUpperCase(Locale.ROOT)));
                case "chain" -> chains.add(new Chain(words[1], words[2], words[3], Double.parseDouble(words[4])));
                case "answer" ->
                    answers.computeIfAbsent(words[1], attack -> new LinkedHashMap<>())
                            .put(words[2], Double.valueOf(words[3]));
                default -> option(words);
            }
        } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
            throw new IllegalStateException("The program's own game sheets, line %d: %s".formatted(number, line), e);
        }
    }

    private void begin(String heading) {
        close();
        String[] parts = heading.split(" : ");
        name = parts[0];
        skill = 0;
        options = new HashMap<>();
        answers = new HashMap<>();
        replaced = new HashSet<>();
        drift = 0;
        chains = new ArrayList<>();
        concedes = new HashMap<>();
        alone = EnumSet.noneOf(Target.class);
        if (parts.length > 1) {
            GameSheet parent = sheets.get(parts[1]);
            options.putAll(parent.options());
            chains.addAll(parent.chains());
            concedes.putAll(parent.concedes());
            alone.addAll(parent.alone());
            parent.answers().forEach((attack, replies) -> answers.put(attack, new LinkedHashMap<>(replies)));
        }
    }

    private void close() {
        if (name != null) {
            sheets.put(
                    name,
                    new GameSheet(
                            name,
                            skill,
                            drift,
                            Map.copyOf(options),
                            Map.copyOf(answers),
                            List.copyOf(chains),
                            Map.copyOf(concedes),
                            Set.copyOf(alone)));
        }
    }

    private void option(String[] words) {
        String place = words[0] + " " + words[1];
        if (replaced.add(place)) {
            options.put(place, new ArrayList<>());
        }
        Optional<Double> left = Optional.empty();
        Optional<Line> line = Optional.empty();
        Optional<Uniform> only = Optional.empty();
        for (int i = 5; i < words.length; i++) {
            if (words[i].equals("gi")) {
                only = Optional.of(Uniform.GI);
            } else if (words[i].equals("no-gi")) {
                only = Optional.of(Uniform.NO_GI);
            } else if (words[i].startsWith("left=")) {
                left = Optional.of(Double.valueOf(words[i].substring(5)));
            } else {
                line = Optional.of(Line.valueOf(words[i].substring(5).toUpperCase(Locale.ROOT)));
            }
        }
        options.get(place)
                .add(new Option(
                        words[2], Double.parseDouble(words[3]), Double.parseDouble(words[4]), left, line, only));
    }
}
