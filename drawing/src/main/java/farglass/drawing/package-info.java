/**
 * The drawings that say most about a bout or a figure: the tide, and an estimate with its interval. Each is a layout, which is geometry
 * worked out from data, and a painter, which strokes it on a {@link farglass.drawing.Brush}: on a canvas, or into an SVG file. A
 * {@link farglass.drawing.Palette} gives each kind of ink its colour; what is no drawing takes its colours from the style sheet.
 */
package farglass.drawing;
