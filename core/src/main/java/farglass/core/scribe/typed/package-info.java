/**
 * The words of a typed line that tell something besides a name: who acts, what became of it, sides, stages, what it answers, and the fields
 * behind a semicolon. Whatever reads lines begins by parting these off.
 */
package farglass.core.scribe.typed;
