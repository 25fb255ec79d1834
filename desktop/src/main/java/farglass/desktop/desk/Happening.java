package farglass.desktop.desk;

/** What the log tells of. */
public enum Happening {
    STARTED("the window starts, with so many processors and MB of memory at most"),
    OPENED("a library stands open, with so many bouts and moments"),
    DAMAGED("so many damaged entries were found in it"),
    NOT_OPENED("a library could not be opened"),
    CLOSED("the library is closed"),
    TOLD("the window told that something failed"),
    NOT_SAVED("a change could not be saved"),
    NOT_DONE("a long work failed"),
    NOT_DONE_AHEAD("a work that nobody waited for failed"),
    NO_PICTURE("a picture of a film could not be read, at so many microseconds"),
    UNEXPECTED("something unexpected happened");

    private final String words;

    Happening(String words) {
        this.words = words;
    }

    @Override
    public String toString() {
        return words;
    }
}
