package farglass.library.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Brings a library's tables up to this version: numbered SQL files, each in one transaction. */
final class Schema {
    /** The newest migration. */
    static final int VERSION = 3;
    /** From this one on every bout has its seal. */
    private static final int SEALED = 3;

    /** Marks the SQLite file as a library of ours: "FGLS". */
    static final int APPLICATION = 0x46474c53;

    private Schema() {}

    static int version(Database database) {
        return database.number("PRAGMA user_version");
    }

    static int application(Database database) {
        return database.number("PRAGMA application_id");
    }

    static void migrate(Database database) {
        for (int next = version(database) + 1; next <= VERSION; next++) {
            int number = next;
            database.whole(() -> {
                database.runAll(script(number));
                if (number == SEALED) {
                    seal(database);
                }
                database.runAll("PRAGMA application_id = " + APPLICATION);
                database.runAll("PRAGMA user_version = " + number);
                return number;
            });
        }
    }

    /** What is there is taken for right: nothing tells otherwise. */
    private static void seal(Database database) {
        Store store = new Store(database);
        for (Row bout : store.all("bout", "key")) {
            database.run(
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
