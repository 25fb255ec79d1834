package farglass.core.naming;

import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * A word that is compared with thousands of others.
 *
 * @param occurring a bit for each letter that occurs; letters that share a bit can only hide a difference, and never make one up
 */
record ComparedWord(String word, long occurring) {
    static ComparedWord of(String word) {
        long occurring = 0;
        for (int i = 0; i < word.length(); i++) {
            occurring |= 1L << (word.charAt(i) & 63);
        }
        return new ComparedWord(word, occurring);
    }

    int length() {
        return word.length();
    }

    /** {@return how many letters are to be put in, taken out or exchanged to make the one of the other; -1 if more than so many} */
    int distance(ComparedWord other, int most) {
        if (word.equals(other.word)) {
            return 0;
        }
        // One change brings in one letter or takes one out: most words are told apart by that alone.
        boolean far = Long.bitCount(occurring & ~other.occurring) > most
                || Long.bitCount(other.occurring & ~occurring) > most
                || Math.abs(length() - other.length()) > most;
        return far ? -1 : new LevenshteinDistance(most).apply(word, other.word);
    }
}
