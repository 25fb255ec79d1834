/** The Shelf place: the bouts of the study, and how they come in. */
package farglass.desktop.shelf;
