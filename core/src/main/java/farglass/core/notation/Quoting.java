package farglass.core.notation;

/** Writes foreign words so that a reader finds them again whole. */
final class Quoting {
    private Quoting() {}

    /** {@return the words as they are if a reader finds them again whole, else quoted} */
    static String words(String words) {
        boolean plain = !words.isEmpty()
                && words.equals(words.strip())
                && words.chars()
                        .noneMatch(c -> c == '"'
                                || c == ';'
                                || c == ','
                                || Character.isISOControl(c)
                                || c == 0x2028
                                || c == 0x2029)
                && words.charAt(0) != '#'
                // Written so that the reader sees it, and says so.
                && !Cursor.hasHalf(words);
        return plain ? words : quoted(words);
    }

    static String quoted(String words) {
        StringBuilder out = new StringBuilder("\"");
        for (char c : words.toCharArray()) {
            switch (c) {
                case '"', '\\' -> out.append('\\').append(c);
                case '\n' -> out.append("\\n");
                case '\t' -> out.append("\\t");
                default -> {
                    boolean breaksLines =
                            Character.isISOControl(c) || c == 0x2028 || c == 0x2029 || Character.isSurrogate(c);
                    out.append(breaksLines ? "\\u%04x".formatted((int) c) : String.valueOf(c));
                }
            }
        }
        return out.append('"').toString();
    }
}
