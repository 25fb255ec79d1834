package farglass.core.side;

import java.util.Locale;

/** Which foot an athlete usually leads with. */
public enum Stance {
    /** Left foot first. */
    ORTHODOX(Side.LEFT),
    /** Right foot first. */
    SOUTHPAW(Side.RIGHT);

    private final Side lead;

    Stance(Side lead) {
        this.lead = lead;
    }

    public Side lead() {
        return lead;
    }

    public Stance mirrored() {
        return this == ORTHODOX ? SOUTHPAW : ORTHODOX;
    }

    /** {@return the word for it in files and on screen} */
    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }
}
