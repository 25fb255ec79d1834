/** What can be told of a moment beyond its story, one kind of fact each. */
package farglass.core.fact;
