package farglass.core.plan;

/**
 * A place or exchange to keep away from.
 *
 * @param where in the analyst's words or a position's key
 * @param why the reason, in the analyst's words; may be empty
 */
public record StayOut(String id, String where, String why) {}
