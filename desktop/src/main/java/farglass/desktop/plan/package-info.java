/** The Plan place: our steps with their fallbacks beside what the opponent usually does. */
package farglass.desktop.plan;
