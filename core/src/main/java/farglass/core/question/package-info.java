/**
 * What a coach asks, as data, and what comes of it: figures, each with the moments behind it and what may be claimed of it, and not one
 * sentence. The sentences are {@code core.prose}; the questions themselves {@code core.catalogue}.
 */
package farglass.core.question;
