package farglass.library;

import farglass.core.rules.Ruleset;
import farglass.core.rules.RulesetException;
import farglass.core.rules.Rulesets;
import farglass.library.store.LibraryException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** A folder of the user's own rulesets, each a copy of a shipped one that was edited. */
public final class RulesetFolder {
    public static final String ENDING = ".rules";
    private static final long MOST_BYTES = 64 * 1024;

    private RulesetFolder() {}

    /**
     * What a folder holds beside the shipped rulesets.
     *
     * @param problems files that could not be used, in sentences
     */
    public record Found(Rulesets rulesets, List<String> problems) {
        public Found {
            problems = List.copyOf(problems);
        }
    }

    /** {@return the shipped rulesets and those of the folder; a missing folder holds none} */
    public static Found read(Path folder) {
        Rulesets all = Rulesets.shipped();
        List<String> problems = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return new Found(all, problems);
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(each -> each.toString().endsWith(ENDING))
                    .sorted()
                    .toList()) {
                try {
                    all = all.with(file(file));
                } catch (LibraryException e) {
                    problems.add(e.getMessage());
                }
            }
        } catch (IOException e) {
            problems.add("The folder %s cannot be read, so its rulesets are missing.".formatted(folder));
        }
        return new Found(all, problems);
    }

    /**
     * {@return the ruleset of a file}
     *
     * @throws LibraryException if it cannot be read, with file, line and what was expected
     */
    public static Ruleset file(Path file) {
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new LibraryException(String.format(
                        Locale.ROOT, "%s is %,d kB; no ruleset is larger than 64 kB.", file, Files.size(file) / 1024));
            }
            return Rulesets.read(Files.readString(file, StandardCharsets.UTF_8));
        } catch (RulesetException e) {
            throw new LibraryException("%s cannot be used: %s.".formatted(file, e.getMessage()), e);
        } catch (IOException e) {
            throw new LibraryException(
                    "%s cannot be read; check that it is there and is UTF-8 text.".formatted(file), e);
        }
    }

    /**
     * Copies a shipped ruleset into the folder, under a name of its own.
     *
     * @return the new file
     */
    public static Path copy(Path folder, String shipped, String name) throws IOException {
        String text = Rulesets.shippedText(shipped)
                .orElseThrow(() -> new LibraryException("There is no shipped ruleset \"%s\".".formatted(shipped)));
        if (!name.matches("[a-z0-9][a-z0-9-]{0,60}")) {
            throw new LibraryException(
                    "\"%s\" cannot be a ruleset's name: write lower-case letters, digits and hyphens.".formatted(name));
        }
        Files.createDirectories(folder);
        Path target = folder.resolve(name + ENDING);
        try {
            return Files.writeString(
                    target, text.replace("name: " + shipped, "name: " + name), StandardOpenOption.CREATE_NEW);
        } catch (FileAlreadyExistsException e) {
            throw new LibraryException("%s is there already; choose another name.".formatted(target), e);
        }
    }
}
