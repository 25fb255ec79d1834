/**
 * Bouts in and out: bout files and JSON documents are read with a preview, and all of them are taken or none
 * ({@link farglass.library.exchange.BoutImport}); written out as those, as tables or with nothing private in them
 * ({@link farglass.library.exchange.BoutExport}). Whatever is written goes to a {@link farglass.library.exchange.Destination}, which lets
 * nothing of worth be written over.
 */
package farglass.library.exchange;
