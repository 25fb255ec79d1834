/**
 * The library file: one SQLite file with every bout, study and plan, and every edit ever made to them. Start at
 * {@link farglass.library.Library}. Not here: what the numbers mean (core) and how they look (desktop).
 */
package farglass.library;
