/** Open formats in and out: bout files today. Imports are previewed and stand or fall together. */
package farglass.library.exchange;
