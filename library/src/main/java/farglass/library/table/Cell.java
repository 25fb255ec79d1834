package farglass.library.table;

import java.util.regex.Pattern;

/**
 * Cells that a spreadsheet would take for a formula, a number, a time, a day or a truth get an apostrophe in front on the way out, and
 * exactly that apostrophe is taken away on the way in; any other cell stays as it is.
 */
final class Cell {
    private static final String FORMULA = "=+-@\t\r'";
    /** What begins with a digit, but for our own times, or with the name of a month, in the languages whose programs we know of, or is true or false. */
    private static final Pattern TAKEN = Pattern.compile(
            "(?![0-9]+m[0-9.]+s$)[0-9.,].*|(jan|fe[bv]|m[aä]r|apr|abr|avr|ma[iyg]|jun|jui|jul|giu|lug|aug|ago|ao[uû]|se[pt]|o[ck]t|out|ott|nov|de[czk]|d[eé]c|dic|gen|ene)"
                    + "[\\p{L}.]* ?-?[0-9].*|true|false|wahr|falsch|vrai|faux|verdadeiro|falso|verdadero|vero",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.DOTALL);

    private Cell() {}

    private static boolean isTaken(String text) {
        return FORMULA.indexOf(text.charAt(0)) >= 0 || TAKEN.matcher(text).matches();
    }

    static String out(String text) {
        return !text.isEmpty() && isTaken(text) ? "'" + text : text;
    }

    static String in(String cell) {
        boolean guarded = cell.length() > 1 && cell.charAt(0) == '\'' && isTaken(cell.substring(1));
        return guarded ? cell.substring(1) : cell;
    }
}
