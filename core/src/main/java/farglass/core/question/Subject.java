package farglass.core.question;

import farglass.core.fact.Layer;

/**
 * What a figure is of, whatever its option.
 *
 * @param id the same for ever, and of one ask alone; claims are made under it
 * @param layer what of a bout must have been looked through for it to count
 */
public record Subject(String id, Wording wording, Layer layer) {}
