package farglass.library.store;

import java.nio.file.Path;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Says what a database error means to the user, and what to do about it. */
final class Trouble {
    private Trouble() {}

    static LibraryException of(Path library, RuntimeException error) {
        if (error instanceof LibraryException known) {
            return known;
        }
        SQLiteException cause = cause(error);
        if (cause == null) {
            throw error;
        }
        SQLiteErrorCode code = cause.getResultCode();
        // Extended codes carry the plain one in their lowest byte.
        return switch (code.code & 0xff) {
            case 13 ->
                new LibraryException(
                        "Nothing was changed: there is no room left on the disk that holds %s. Free some space, then do it again."
                                .formatted(library),
                        error);
            case 5, 6 ->
                new LibraryException(
                        "Nothing was changed: another program is using %s at this moment. Try again in a while."
                                .formatted(library),
                        error);
            case 8 -> new LibraryException("Nothing was changed: %s may not be written.".formatted(library), error);
            case 11, 26 ->
                new LibraryException.Damaged(
                        "The library %s is damaged. Recover what is whole into a new file (the damaged one is kept aside), or restore a backup."
                                .formatted(library),
                        error);
            case 14 ->
                new LibraryException(
                        "%s cannot be opened, or its folder not be written while it is used. Check that you may read and write both."
                                .formatted(library),
                        error);
            case 10 ->
                new LibraryException(
                        "The disk did not answer while %s was used. Nothing half-done was kept. Check the disk, then open the library again."
                                .formatted(library),
                        error);
            case 19 ->
                new LibraryException(
                        "Nothing was changed: something else in the library still depends on it, or the name is taken (%s)."
                                .formatted(cause.getMessage()),
                        error);
            default ->
                new LibraryException("Nothing was changed in %s: %s".formatted(library, cause.getMessage()), error);
        };
    }

    private static SQLiteException cause(Throwable error) {
        for (Throwable at = error; at != null; at = at.getCause()) {
            if (at instanceof SQLiteException found) {
                return found;
            }
        }
        return null;
    }
}
