/** Viewings for one aim, led by questions. */
package farglass.desktop.tag.pass;
