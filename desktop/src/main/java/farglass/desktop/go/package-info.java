/**
 * <i>Go to…</i>: one box for everything one can go to or do, ranked by the letters typed and by what this person uses most. What can be gone
 * to is gathered in {@link farglass.desktop.go.GoTo}; what is typed is weighed in {@link farglass.desktop.go.TypedLetters}.
 */
package farglass.desktop.go;
