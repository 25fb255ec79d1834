package farglass.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Docs go stale where names do: every class that is named in them exists, and is where they say. */
class DocsTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern SPAN = Pattern.compile("`([^`\\n]+)`");
    /** A class, perhaps with packages in front, and something of it behind: {@code core.bout.Bout}, {@code Library.change}. */
    private static final Pattern NAME =
            Pattern.compile("((?:[a-z]+\\.)*)([A-Z][a-z]\\w+)(?:\\.(\\w+))?(?:\\.\\w+)*(?:\\(.*\\))?");

    private static final Pattern DECLARED = Pattern.compile("\\b(?:class|record|interface|enum)\\s+([A-Z]\\w+)");
    /** What is written like a class and is a key, or another library's. */
    private static final Set<String> OTHERS = Set.of("Enter", "Space", "Tab", "Escape", "Locale");

    private final Map<String, Set<String>> packages = new HashMap<>();
    private final Map<String, String> sources = new HashMap<>();

    @Test
    void everyClassNamedInTheDocsExistsAndIsWhereTheySay() throws IOException {
        learn();
        List<String> wrong = new ArrayList<>();
        for (Path page : pages()) {
            for (String line : Files.readAllLines(page)) {
                for (Matcher span = SPAN.matcher(line); span.find(); ) {
                    Matcher name = NAME.matcher(span.group(1));
                    if (name.matches() && !OTHERS.contains(name.group(2))) {
                        wrong(name).stream()
                                .map(why -> page.getFileName() + ": " + span.group(1) + " " + why)
                                .forEach(wrong::add);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private List<String> wrong(Matcher name) {
        Set<String> known = packages.getOrDefault(name.group(2), Set.of());
        String in = name.group(1).replaceFirst("\\.$", "");
        if (known.isEmpty()) {
            return List.of("is no class");
        }
        if (!in.isEmpty() && known.stream().noneMatch(each -> ("." + each).endsWith("." + in))) {
            return List.of("is in " + known);
        }
        String member = name.group(3);
        return member == null || sources.get(name.group(2)).matches("(?s).*\\b" + member + "\\b.*")
                ? List.of()
                : List.of("has nothing of that name");
    }

    private void learn() throws IOException {
        try (Stream<Path> files = Files.walk(ROOT)) {
            for (Path file : files.filter(each -> each.toString().matches(".*/src/(main|test)/java/.*\\.java"))
                    .toList()) {
                String source = Files.readString(file);
                String in = source.replaceFirst("(?s).*?\\bpackage ([\\w.]+);.*", "$1");
                for (Matcher declared = DECLARED.matcher(source); declared.find(); ) {
                    packages.computeIfAbsent(declared.group(1), any -> new HashSet<>())
                            .add(in);
                    sources.merge(declared.group(1), source, String::concat);
                }
            }
        }
    }

    private static List<Path> pages() throws IOException {
        try (Stream<Path> docs = Files.list(ROOT.resolve("docs"))) {
            return Stream.concat(
                            docs.filter(each -> each.toString().endsWith(".md")),
                            Stream.of(ROOT.resolve("README.md"), ROOT.resolve("CONTRIBUTING.md")))
                    .toList();
        }
    }
}
