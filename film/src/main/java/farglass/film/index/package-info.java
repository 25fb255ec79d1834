/** What is noted of a video file when it is opened: when each of its pictures is shown, and how it is found again. Nothing is decoded here. */
package farglass.film.index;
