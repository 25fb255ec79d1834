/** The {@code far-glass} command: opens the desktop, and does the same work without a window. */
package farglass.app;
