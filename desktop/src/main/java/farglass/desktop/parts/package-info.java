/** Parts that several places hold: canvases for the drawings, sheets with forms. */
package farglass.desktop.parts;
