package farglass.library.exchange;

import farglass.library.store.LibraryException;
import farglass.library.store.LibraryHeader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Collection;
import java.util.List;
import java.util.UUID;

/**
 * Where something is to be written for somebody. Never onto what it is made from, a library, or what is no ordinary file; onto another
 * file only where that is meant; and whole or not at all.
 *
 * @param over whether a file that is there may be replaced
 * @param inputs what the work reads
 */
public record Destination(Path path, boolean over, List<Path> inputs) {
    /** Fills a file. */
    public interface Filling {
        void fill(Path unfinished) throws IOException;
    }

    public Destination {
        inputs = List.copyOf(inputs);
    }

    /** {@return a file that somebody chose in a window, where replacing it was asked already} */
    public static Destination chosen(Path path) {
        return new Destination(path, true, List.of());
    }

    /** {@return the same, for what is made from these} */
    public Destination from(Collection<Path> more) {
        return new Destination(path, over, List.copyOf(more));
    }

    /**
     * Looks whether it may be written, before long work is begun.
     *
     * @throws LibraryException if it may not, with the reason and the way out
     */
    public void check() {
        if (Files.exists(path, LinkOption.NOFOLLOW_LINKS) && !Files.isRegularFile(path, LinkOption.NOFOLLOW_LINKS)) {
            throw refused(
                    Files.isSymbolicLink(path)
                            ? "is a link to another file; name that file, or another one"
                            : Files.isDirectory(path)
                                    ? "is a folder; name a file in it"
                                    : "is no ordinary file; choose another name");
        }
        if (!Files.exists(path)) {
            return;
        }
        for (Path input : inputs) {
            if (isSame(input)) {
                throw refused("is what this is made from; choose another name");
            }
        }
        if (LibraryHeader.isOurs(path)) {
            throw refused("is a library; choose another name");
        }
        if (!over) {
            throw refused("is there already. Choose another name, or write over it with --force");
        }
    }

    /** {@return a new file that nobody has, for what is not whole yet} It may be read by whom any new file may: a temporary file is its owner's alone. */
    public static Path unfinished(Path folder, String ending) throws IOException {
        return Files.createFile(folder.resolve(".unfinished-" + UUID.randomUUID() + ending));
    }

    private boolean isSame(Path input) {
        try {
            return Files.exists(input) && Files.isSameFile(input, path);
        } catch (IOException e) {
            throw refused("cannot be looked at (%s)".formatted(e.getMessage()));
        }
    }

    private LibraryException refused(String why) {
        return new LibraryException("Nothing was written: %s %s.".formatted(path, why));
    }

    /** Writes it: filled beside its place, under a name that nobody has, and put there when it is whole. */
    public void write(Filling filling) {
        check();
        String name = path.getFileName().toString();
        int dot = name.lastIndexOf('.');
        Path folder = path.toAbsolutePath().getParent();
        try {
            // The ending stays: some writers choose the format by it.
            Path unfinished = unfinished(folder, dot > 0 ? name.substring(dot) : "");
            try {
                filling.fill(unfinished);
                Files.move(unfinished, path, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(unfinished);
            }
        } catch (IOException e) {
            throw new LibraryException(
                    "Nothing was written: %s cannot be written. Check that its folder is there, may be written and has room."
                            .formatted(path),
                    e);
        }
    }
}
