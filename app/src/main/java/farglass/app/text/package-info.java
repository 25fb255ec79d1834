/** What is done with bouts as text, and with what the product knows, without a library. */
package farglass.app.text;
