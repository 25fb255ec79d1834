/** The windows of the program: how one is opened, what fills it while no library is open, and how it is put on the screen. */
package farglass.desktop.window;
