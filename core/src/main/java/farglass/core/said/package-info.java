/** What a phrase says that somebody did: the one reader of names with what people say round them, for files and for the line one types into. */
package farglass.core.said;
