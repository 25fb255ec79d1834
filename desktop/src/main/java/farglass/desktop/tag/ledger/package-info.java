/** The conversation as rows, and the list that shows them. */
package farglass.desktop.tag.ledger;
