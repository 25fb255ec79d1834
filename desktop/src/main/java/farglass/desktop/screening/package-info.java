/** A film on the screen: what is shown, when, and how fast. */
package farglass.desktop.screening;
