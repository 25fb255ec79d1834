package farglass.core.notation;

import farglass.core.Spelling;
import farglass.core.bout.Became;
import farglass.core.naming.Naming;
import java.util.Arrays;
import java.util.Optional;

/** What the fields behind a phrase say of it: a word for several things is clear once it is told what became of it. */
public final class FieldHints {
    private FieldHints() {}

    /** {@return what became of it, as told in fields that are still to be read} */
    static Optional<Became> became(String fields) {
        return Arrays.stream(fields.split(";"))
                .map(String::strip)
                .flatMap(field -> Spelling.find(Became.class, field).stream())
                .findFirst();
    }

    static Naming.Hint hint(String fields) {
        boolean line = Arrays.stream(fields.split(";")).map(String::strip).anyMatch(field -> field.startsWith("line "));
        return of(became(fields), line);
    }

    /**
     * {@return what sort of thing is meant}
     *
     * @param line whether a line of the legs is told
     */
    public static Naming.Hint of(Optional<Became> became, boolean line) {
        if (line) {
            return Naming.Hint.PASS;
        }
        if (became.isEmpty()) {
            return Naming.Hint.NONE;
        }
        return switch (became.get()) {
            case TAKEN, DENIED, LOST -> Naming.Hint.GRIP;
            case WORKED, PARTLY, FAILED -> Naming.Hint.DEFENCE;
            case HELD -> Naming.Hint.HELD;
            default -> Naming.Hint.NONE;
        };
    }
}
