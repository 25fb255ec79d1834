/** Ways to count: what a question can ask of chances and of what came of them, with the figure it gives. */
package farglass.core.measure;
