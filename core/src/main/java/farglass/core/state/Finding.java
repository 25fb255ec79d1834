package farglass.core.state;

/**
 * A contradiction in what was told: reported, never guessed away.
 *
 * @param momentId the moment it shows at; empty for one of the bout as a whole
 * @param sentence what contradicts what, and how it may be mended
 */
public record Finding(String momentId, String sentence) {}
