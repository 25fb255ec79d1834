/** The game plan of a camp: what we do where, what we do when it is stopped, and what to stay out of. People write it. */
package farglass.core.plan;
