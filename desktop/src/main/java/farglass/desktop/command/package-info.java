/**
 * What a person can do here, as data. A {@link farglass.desktop.command.Command} says in words what it does, where it applies, which keys it
 * hears, why it cannot be done now, and does it. Menus, buttons, keys, the page of keys and <i>Go to…</i> are drawn from
 * {@link farglass.desktop.command.Commands}, so that none of them can say anything else than the others. What a command does lives in the
 * models of the places; here nothing is decided.
 */
package farglass.desktop.command;
