package farglass.library.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.jdbi.v3.core.Handle;

/** Brings a library's tables up to this version: numbered SQL files, each in one transaction. */
final class Schema {
    /** The newest migration. */
    static final int VERSION = 3;
    /** From this one on every bout has its seal. */
    private static final int SEALED = 3;

    /** Marks the SQLite file as a library of ours: "FGLS". */
    static final int APPLICATION = 0x46474c53;

    private Schema() {}

    static int version(Handle handle) {
        return handle.createQuery("PRAGMA user_version").mapTo(Integer.class).one();
    }

    static int application(Handle handle) {
        return handle.createQuery("PRAGMA application_id").mapTo(Integer.class).one();
    }

    static void migrate(Handle handle) {
        for (int next = version(handle) + 1; next <= VERSION; next++) {
            int number = next;
            handle.useTransaction(in -> {
                in.createScript(script(number)).execute();
                if (number == SEALED) {
                    seal(in);
                }
                in.execute("PRAGMA application_id = " + APPLICATION);
                in.execute("PRAGMA user_version = " + number);
            });
        }
    }

    /** What is there is taken for right: nothing tells otherwise. */
    private static void seal(Handle handle) {
        Store store = new Store(handle);
        for (Row bout : store.all("bout", "key")) {
            handle.execute(
                    "INSERT INTO seal (key, digest) VALUES (?, ?)",
                    bout.key(),
                    Seal.of(bout, store.where("moment", "bout", bout.key(), "ord, key")));
        }
    }

    private static String script(int number) {
        String name = "%03d.sql".formatted(number);
        try (InputStream in = Schema.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own migration " + name + " cannot be read", e);
        }
    }
}
