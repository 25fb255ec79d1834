/** The tide of the bout across the foot. */
package farglass.desktop.tag.tide;
