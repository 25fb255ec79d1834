package farglass.desktop.dossier.evidence;

import farglass.core.corpus.Evidence;

/** One moment of the evidence, in words. */
public record Sight(Evidence evidence, String when, String words) {}
