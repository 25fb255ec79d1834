/** What is asked of a pile of bouts, and what may be claimed from the answers. */
package farglass.core.question;
