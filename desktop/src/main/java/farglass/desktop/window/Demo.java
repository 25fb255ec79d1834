package farglass.desktop.window;

import java.nio.file.Path;

/**
 * Made-up matches to look round in.
 *
 * @param path where they are kept
 * @param lay lays them there; called off the interface thread, and only where nothing is
 */
public record Demo(Path path, Runnable lay) {}
