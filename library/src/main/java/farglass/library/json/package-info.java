/**
 * The JSON form of what {@code core.bout} holds, for files and for the library's JSON columns. Start at
 * {@link farglass.library.json.BoutMapper}; the schema stands in docs/json.md.
 */
package farglass.library.json;
