/** The Dossier place: an athlete as a coach's questions, every number one click from the film that proves it. */
package farglass.desktop.dossier;
