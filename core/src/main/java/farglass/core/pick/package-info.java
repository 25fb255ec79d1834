/** What is likely to come next, offered for one key: who acts and what, and what became of it. */
package farglass.core.pick;
