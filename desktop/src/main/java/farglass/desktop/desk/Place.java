package farglass.desktop.desk;

/** The places of the product, in working order; each is Ctrl and its number. */
public enum Place {
    SHELF("Shelf"),
    TAG("Tag"),
    DOSSIER("Dossier"),
    PLAN("Plan");

    private final String label;

    Place(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
