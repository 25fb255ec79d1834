/** Pages to print or to send: HTML and PDF from the same source. */
package farglass.library.report;
