/**
 * Text to bout and back: the bout file, times, and the diagnostics for what cannot be read. Start at
 * {@link farglass.core.notation.BoutFile}; the grammar stands in docs/bout-file.md. Works on text only, never on files.
 */
package farglass.core.notation;
