package farglass.core.prose;

import java.util.Map;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Fills the words of a question in: see {@link farglass.core.question.Wording}. */
final class Template {
    private static final Pattern BLANK = Pattern.compile("\\{([^{}]*)\\}");

    private Template() {}

    /**
     * {@return the words with every blank filled; what is filled in is never read as a blank itself}
     *
     * @param chances {@code {one|many}} is one word for one chance, and the other for any other number
     * @throws IllegalArgumentException if a blank has no value
     */
    static String fill(String words, int chances, Map<String, Supplier<String>> values) {
        Matcher blank = BLANK.matcher(words);
        StringBuilder filled = new StringBuilder();
        while (blank.find()) {
            String name = blank.group(1);
            int bar = name.indexOf('|');
            String value = bar < 0
                    ? value(name, words, values)
                    : chances == 1 ? name.substring(0, bar) : name.substring(bar + 1);
            blank.appendReplacement(filled, Matcher.quoteReplacement(value));
        }
        return blank.appendTail(filled).toString();
    }

    private static String value(String name, String words, Map<String, Supplier<String>> values) {
        Supplier<String> value = values.get(name);
        if (value == null) {
            throw new IllegalArgumentException("\"%s\" has a blank {%s}, and here only %s can be filled in."
                    .formatted(words, name, values.keySet()));
        }
        return value.get();
    }
}
