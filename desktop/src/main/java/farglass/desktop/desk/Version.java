package farglass.desktop.desk;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Which Far Glass this is. The build writes its number into the product. */
public final class Version {
    private static final String NUMBER = read();

    private Version() {}

    /** {@return name and number, such as "Far Glass 0.1.0"} */
    public static String words() {
        return "Far Glass " + NUMBER;
    }

    private static String read() {
        try (InputStream in = Version.class.getResourceAsStream("version.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).strip();
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own version could not be read", e);
        }
    }
}
