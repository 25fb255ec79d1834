/** Through what one looks: which bouts, which part of each, and how much an old one weighs. */
package farglass.core.scope;
