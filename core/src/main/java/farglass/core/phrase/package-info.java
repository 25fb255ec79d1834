/** Moments said in words: what happened, by whom, where it led, and what stands round it. */
package farglass.core.phrase;
