package farglass.desktop.tag;

import farglass.core.fact.Layer;
import farglass.core.pass.Aim;
import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;

/** What the film is watched for now, and whether the product asks and shows what it asks about. */
public final class Viewing {
    private final ReadOnlyObjectWrapper<Aim> aim = new ReadOnlyObjectWrapper<>(Aim.STORY);
    private final BooleanProperty asking = new SimpleBooleanProperty(false);
    private final List<Runnable> beginnings = new ArrayList<>();

    /** Watches for that from here on; whoever listens hears of it even if the aim was the same before. */
    public void begin(Aim wanted) {
        beginnings.forEach(Runnable::run);
        aim.set(wanted);
    }

    /** What else to put away whenever one begins to watch for something. */
    public void whenBegun(Runnable then) {
        beginnings.add(then);
    }

    /** {@return the layer that playing covers} */
    public Layer layer() {
        return aim.get().layer().orElse(Layer.STORY);
    }

    public ReadOnlyObjectProperty<Aim> aimProperty() {
        return aim.getReadOnlyProperty();
    }

    /** {@return whether a question stands: what is shown round it is looked at for that one thing} */
    public BooleanProperty askingProperty() {
        return asking;
    }
}
