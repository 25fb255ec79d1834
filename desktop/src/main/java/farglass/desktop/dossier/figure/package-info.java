/** One figure of a dossier on the page: its words and its picture, or a point of the page of one minute, and with what it is held beside. */
package farglass.desktop.dossier.figure;
