/** Where the program keeps and finds what is a user's own, and files it is given to read. */
package farglass.app.home;
