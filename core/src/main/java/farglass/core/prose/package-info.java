/**
 * Figures as sentences: counts first, then what they likely mean, plurals, sides and claims, in one place for every question. {@link
 * farglass.core.prose.Page} is a whole dossier in words.
 */
package farglass.core.prose;
