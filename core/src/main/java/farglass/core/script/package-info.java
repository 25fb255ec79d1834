/**
 * What the puppet film acts out: poses in time, also such as nobody tagged. Made by the actor, read only by the film; no
 * path leads here from the moments of a bout.
 */
package farglass.core.script;
