/** Every visit to a position and every try of a technique, one by one and in order: what a page of a position or technique lists. */
package farglass.core.listing;
