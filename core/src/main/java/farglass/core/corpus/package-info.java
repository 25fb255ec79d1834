/** All bouts of a library, each worked out once: what was watched, what was tried, what was counted of it. */
package farglass.core.corpus;
