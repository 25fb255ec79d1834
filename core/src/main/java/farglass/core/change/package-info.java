/**
 * The one door into a library: everything that can be changed in one, as values. A change says what somebody saw and what it is to be; it
 * is laid onto what is there by then, field by field, or refused in a sentence that names both versions. Nothing here knows a database.
 */
package farglass.core.change;
