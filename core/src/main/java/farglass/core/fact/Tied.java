package farglass.core.fact;

/**
 * Another moment of the same bout, and in what word it is tied to it.
 *
 * @param moment its id
 * @param word such as "answers" or "by", as files have it
 */
public record Tied(String moment, String word) {}
