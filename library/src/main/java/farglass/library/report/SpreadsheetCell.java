package farglass.library.report;

/** Words as a spreadsheet may read them. */
final class SpreadsheetCell {
    private SpreadsheetCell() {}

    /** {@return the words, kept from being taken for a formula: a spreadsheet takes what begins with = + - or @ for one} */
    static String of(String words) {
        return words.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + words : words;
    }
}
