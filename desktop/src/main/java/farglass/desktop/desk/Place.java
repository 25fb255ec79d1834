package farglass.desktop.desk;

/** The places of the product, in working order; each is one key away. */
public enum Place {
    SHELF("Shelf", "Ctrl+1"),
    TAG("Tag", "Ctrl+2"),
    DOSSIER("Dossier", "Ctrl+3"),
    PLAN("Plan", "Ctrl+4"),
    /** Beside the working order, reachable from everywhere. */
    LEXICON("Lexicon", "F3");

    private final String label;
    private final String key;

    Place(String label, String key) {
        this.label = label;
        this.key = key;
    }

    /** {@return the key that leads there, as people read it} */
    public String key() {
        return key;
    }

    public String label() {
        return label;
    }
}
