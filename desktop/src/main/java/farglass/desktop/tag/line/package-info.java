/** The line one types into: what it means, what is likely to come next, and what became of what was taken. */
package farglass.desktop.tag.line;
