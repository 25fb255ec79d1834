package farglass.desktop.tag.page;

import javafx.beans.property.ReadOnlyBooleanProperty;

/** What keys and commands ask of the page of Tag itself, with what it asks of the rest of the window. */
interface TagPage {
    /** The line takes the keys; without a bout, what to go on with. */
    void begin();

    /** {@return whether the line has the keys} */
    boolean isWriting();

    /** {@return whether the field has them by which moments are found} */
    boolean isFinding();

    /** Moments are found by their words. */
    void find();

    /** @param all whether every moment is to be shown again */
    void leaveFind(boolean all);

    /** Asks what the film is to be watched for. */
    void choosePass();

    /** Asks what the words in the line mean, if they name nothing. */
    void newWord();

    /** Asks what more is told of the chosen moment. */
    void tellMore();

    /** Cuts a reel of the chosen moments. */
    void reel();

    /** Another bout begins at the frame shown. */
    void cut();

    /** Takes the lag that the analyst's own corrections ask for. */
    void takeLag();

    /** The film fills the screen it is on, or stands in its place again. Beside it only the line remains, and what it says. */
    void turnLarge();

    /** The film goes to a window of its own, for another screen, or comes back from there. */
    void turnApart();

    /** {@return whether film and line fill the screen, and nothing else is shown} */
    ReadOnlyBooleanProperty largeProperty();

    /** {@return what parts the page, and can be moved} */
    Borders borders();
}
