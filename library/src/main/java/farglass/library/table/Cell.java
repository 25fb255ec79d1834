package farglass.library.table;

/**
 * Cells that a spreadsheet would take for a formula get an apostrophe in front on the way out, and exactly that apostrophe is
 * taken away on the way in; any other cell stays as it is.
 */
final class Cell {
    private static final String RISKY = "=+-@\t\r'";

    private Cell() {}

    static String out(String text) {
        return !text.isEmpty() && RISKY.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    static String in(String cell) {
        boolean guarded = cell.length() > 1 && cell.charAt(0) == '\'' && RISKY.indexOf(cell.charAt(1)) >= 0;
        return guarded ? cell.substring(1) : cell;
    }
}
