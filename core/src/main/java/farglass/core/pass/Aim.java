package farglass.core.pass;

import farglass.core.fact.Layer;
import java.util.Optional;

/** What a viewing is for. */
public enum Aim {
    STORY(Layer.STORY, "Story"),
    ANSWERS(Layer.ANSWERS, "Answers"),
    GRIPS(Layer.GRIPS, "Grips"),
    ERRORS(Layer.ERRORS, "Errors"),
    /** What was unsure, hidden, unnamed or left open is looked at again. */
    REWATCH(null, "Rewatch");

    private final Layer layer;
    private final String label;

    Aim(Layer layer, String label) {
        this.layer = layer;
        this.label = label;
    }

    /** {@return the layer it covers; looking again at single moments covers none} */
    public Optional<Layer> layer() {
        return Optional.ofNullable(layer);
    }

    /** {@return the name people read} */
    public String label() {
        return label;
    }
}
