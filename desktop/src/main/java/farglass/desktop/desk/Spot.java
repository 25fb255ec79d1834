package farglass.desktop.desk;

import java.util.Optional;

/**
 * A place in a bout to be looked at.
 *
 * @param bout the bout's id
 * @param moment the moment's id; empty for the beginning
 */
public record Spot(String bout, Optional<String> moment) {}
