/**
 * Moments as tables: CSV out, and foreign spreadsheets in by a mapping of their columns that is guessed, shown, changed and
 * kept. Start at {@link farglass.library.table.TableImport}.
 */
package farglass.library.table;
