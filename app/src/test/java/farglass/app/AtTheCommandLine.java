package farglass.app;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** Runs commands as a person would, and hears what they print. */
abstract class AtTheCommandLine {
    private final PrintStream out = System.out;
    private final PrintStream err = System.err;
    private final ByteArrayOutputStream told = new ByteArrayOutputStream();

    @BeforeEach
    void listen() {
        PrintStream both = new PrintStream(told, true, StandardCharsets.UTF_8);
        System.setOut(both);
        System.setErr(both);
    }

    @AfterEach
    void stopListening() {
        System.setOut(out);
        System.setErr(err);
    }

    int run(Object... arguments) {
        told.reset();
        return FarGlass.execute(Arrays.stream(arguments).map(Object::toString).toArray(String[]::new));
    }

    String words() {
        return told.toString(StandardCharsets.UTF_8);
    }
}
