/**
 * Viewings of a bout for one layer: what each still has to ask, and when it has asked enough. Start at
 * {@link farglass.core.pass.Pass}. Nothing here knows a film; the desktop leads through it.
 */
package farglass.core.pass;
