/**
 * The signature drawings. Each is a layout (geometry from data, tested) and a painter (strokes on a {@link
 * farglass.drawing.Brush}); the two hues are defined once, in {@link farglass.drawing.Palette}.
 */
package farglass.drawing;
