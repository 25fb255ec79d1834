/** The film, what is drawn on it, and what is said of the film itself: where the bout begins, what is not live. */
package farglass.desktop.tag.screen;
