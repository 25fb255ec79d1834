package farglass.core.fact;

/** Words of the analyst's own within a fact are never empty. */
final class NeedsWords {
    private NeedsWords() {}

    /**
     * Looks at such words.
     *
     * @param what they tell, as a sentence begins with it
     * @throws IllegalArgumentException with a sentence, if they are empty
     */
    static void check(String what, String words) {
        if (words.isBlank()) {
            throw new IllegalArgumentException(what + " needs words.");
        }
    }
}
