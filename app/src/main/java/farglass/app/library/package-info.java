/** What is asked of a library, and done to one, without a window. */
package farglass.app.library;
