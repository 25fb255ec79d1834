package farglass.core.naming;

import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * A word that is compared with thousands of others.
 *
 * @param occurring a bit for each letter that occurs, and another for one that occurs again; what shares a bit can only hide a difference,
 *     and never make one up
 */
record ComparedWord(String word, long occurring) {
    static ComparedWord of(String word) {
        long occurring = 0;
        for (int i = 0; i < word.length(); i++) {
            long once = 1L << (word.charAt(i) & 63);
            occurring |= (occurring & once) == 0 ? once : Long.rotateLeft(once, 32);
        }
        return new ComparedWord(word, occurring);
    }

    int length() {
        return word.length();
    }

    /**
     * {@return how many letters are to be put in, taken out or exchanged to make the one of the other; -1 if more than so many} Two neighbours
     * in the wrong order are one slip, where they are the only one.
     */
    int distance(ComparedWord other, int most) {
        // One change brings in one letter or takes one out: most words are told apart by that alone.
        boolean far = Long.bitCount(occurring & ~other.occurring) > most
                || Long.bitCount(other.occurring & ~occurring) > most
                || Math.abs(length() - other.length()) > most;
        if (far) {
            return -1;
        }
        if (occurring == other.occurring && word.equals(other.word)) {
            return 0;
        }
        return most > 0 && occurring == other.occurring && isSwapped(other.word)
                ? 1
                : new LevenshteinDistance(most).apply(word, other.word);
    }

    private boolean isSwapped(String other) {
        if (word.length() != other.length()) {
            return false;
        }
        int at = 0;
        while (word.charAt(at) == other.charAt(at)) {
            at++;
        }
        return at + 1 < word.length()
                && word.charAt(at) == other.charAt(at + 1)
                && word.charAt(at + 1) == other.charAt(at)
                && word.regionMatches(at + 2, other, at + 2, word.length() - at - 2);
    }
}
