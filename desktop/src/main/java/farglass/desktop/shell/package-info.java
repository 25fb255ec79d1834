/** The window round the places: the study in force, the way between places, the library's own affairs. */
package farglass.desktop.shell;
