/**
 * The questions a coach asks, one small file each, and the page they stand on: {@link farglass.core.catalogue.Catalogue}. A question says
 * what is counted and how its answer is worded; how counts become figures is {@code core.question}, how figures become sentences {@code
 * core.prose}.
 */
package farglass.core.catalogue;
