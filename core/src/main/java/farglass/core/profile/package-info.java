/**
 * One athlete as the questions a coach asks, each answered in a sentence with its figures and the moments behind every
 * number. Start at {@link farglass.core.profile.Dossier}.
 */
package farglass.core.profile;
