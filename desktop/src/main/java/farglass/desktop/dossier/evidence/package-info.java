/** What stands behind a figure: each moment with its spot on the film, the film that shows it, and the reel cut from them. */
package farglass.desktop.dossier.evidence;
