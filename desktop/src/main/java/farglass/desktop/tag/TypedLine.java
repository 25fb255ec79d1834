package farglass.desktop.tag;

import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.scribe.WrittenLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/** What stands in the line one types into, and which moment's words it changes, if not those of a new one. */
public final class TypedLine {
    private final OpenBout open;
    private final StringProperty text = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<Optional<Moment>> edited = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final List<Consumer<String>> tellings = new ArrayList<>();

    TypedLine(OpenBout open) {
        this.open = open;
        open.whenRefused(this::giveBack);
    }

    /** Puts the chosen moment's words back into the line, to be changed in their place. */
    public void editChosen() {
        open.selected().ifPresentOrElse(moment -> edit(moment, " "), () -> open.desk()
                .messages()
                .say("Choose a moment first, with the up and down arrows or by a click."));
    }

    /**
     * Puts a moment's words back to be changed.
     *
     * @param more the beginning of what is to be added to them; at least room for the next word, so that one can go on typing
     */
    public void edit(Moment moment, String more) {
        edited.set(Optional.of(moment));
        text.set(WrittenLine.of(moment) + more);
    }

    /** Empties the line; a moment that was being changed stays as it was. */
    public void clear() {
        edited.set(Optional.empty());
        text.set("");
    }

    /** Puts back what could not be saved, with its time, unless something else is being typed already. */
    private void giveBack(Moment moment) {
        if (text.get().isBlank()) {
            String time = moment.atMicros().isPresent()
                    ? "@" + Times.exact(moment.atMicros().getAsLong()) + " "
                    : "";
            text.set(time + WrittenLine.of(moment) + " ");
        }
    }

    /** Whom to tell, by its id, of a moment whose words were changed here. */
    public void whenTold(Consumer<String> then) {
        tellings.add(then);
    }

    /** The changed words of that moment were taken. */
    public void told(Moment moment) {
        tellings.forEach(each -> each.accept(moment.id()));
    }

    public StringProperty textProperty() {
        return text;
    }

    public boolean isEditing() {
        return edited.get().isPresent();
    }

    /** {@return the moment whose words are being changed, as it was when that began} */
    public ReadOnlyObjectProperty<Optional<Moment>> editedProperty() {
        return edited.getReadOnlyProperty();
    }
}
