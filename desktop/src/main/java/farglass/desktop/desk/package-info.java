/** What is open on the desk: the library, the study in force, long work, settings. Knows no node. */
package farglass.desktop.desk;
