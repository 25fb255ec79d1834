package farglass.core.plan;

/**
 * What we do when the other stops our choice in one particular way.
 *
 * @param answer what the other does: a technique's key or plain words
 * @param then what we do next, in the analyst's words
 */
public record Fallback(String answer, String then) {}
