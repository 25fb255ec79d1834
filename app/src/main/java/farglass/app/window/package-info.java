/** What opens a window, and takes its pictures. */
package farglass.app.window;
